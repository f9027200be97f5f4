import { Seconds, minor, seconds, sumSeconds } from '../firm/units';
import { split } from '../firm/split';
import { expectOk } from '../firm/result';

export type RoundingMode = 'nearest' | 'up' | 'down';

/** How recorded seconds become billable ones. */
export interface RoundingRule {
  /** Minutes: 1, 5, 6, 10, 15, 30 or 60. */
  readonly increment: number;
  readonly mode: RoundingMode;
  /** What is rounded: each entry, or all of one person's time on one task and day together. */
  readonly unit: 'entry' | 'day';
  /** The least that is charged for what is rounded, in minutes; zero for none. */
  readonly minimum: number;
}

/** Where no rule applies: the nearest whole minute of each entry. */
export const NEAREST_MINUTE: RoundingRule = { increment: 1, mode: 'nearest', unit: 'entry', minimum: 0 };

/** A figure with the way it came about, for whoever asks why. */
export interface Rounded {
  readonly seconds: Seconds;
  readonly recorded: Seconds;
  readonly rule: RoundingRule;
  /** Whether the minimum charge, not the increment, decided. */
  readonly byMinimum: boolean;
}

/**
 * Rounds a recorded duration by a rule. Recorded seconds are not altered; this is a second figure.
 * Nearest turns at the half: to the quarter hour, 7 min 30 s is 0:15 and 7 min 29 s is 0:00.
 * Negative durations (correction pairs) round as their magnitude does.
 */
export function roundTime(recorded: Seconds, rule: RoundingRule): Rounded {
  const step = rule.increment * 60;
  const magnitude = Math.abs(recorded);
  const steps =
    rule.mode === 'up'
      ? Math.ceil(magnitude / step)
      : rule.mode === 'down'
        ? Math.floor(magnitude / step)
        : Math.floor((2 * magnitude + step) / (2 * step));
  const minimum = magnitude === 0 ? 0 : rule.minimum * 60;
  const rounded = Math.max(steps * step, minimum);
  return {
    seconds: seconds(recorded < 0 ? -rounded : rounded),
    recorded,
    rule,
    byMinimum: rounded > steps * step,
  };
}

/** One entry of a person's day on one task, as the rounding of that day needs it. */
export interface RoundedInDay {
  readonly id: string;
  readonly recorded: Seconds;
  /** What it was billed at, or is held at by a draft: it keeps that. Null where it is free. */
  readonly kept: Seconds | null;
}

/** A day's time on one task, rounded together. */
export interface RoundedDay {
  /** The sum of the whole day, rounded. */
  readonly day: Rounded;
  /** Billable seconds of each entry that is free to move. */
  readonly parts: ReadonlyMap<string, Seconds>;
}

/**
 * Rounds all billable entries of one person, task and day together and hands the sum back to them by exact
 * split over their time, so that every entry still holds whole minutes. What is billed or stands in a draft
 * keeps its part; the others share the rounded day less those parts, never under zero.
 */
export function roundDay(entries: readonly RoundedInDay[], rule: RoundingRule): RoundedDay {
  // By id, so that the parts do not depend on the order in which the entries were read.
  const ordered = [...entries].sort((a, b) => (a.id < b.id ? -1 : 1));
  const day = roundTime(sumSeconds(ordered.map((entry) => entry.recorded)), rule);
  const free = ordered.filter((entry) => entry.kept === null);
  const kept = sumSeconds(ordered.map((entry) => entry.kept ?? seconds(0)));
  const left = Math.max(0, day.seconds - kept);
  const weights = free.map((entry) => Math.abs(entry.recorded));
  const minutes = weights.some((weight) => weight > 0)
    ? expectOk(split(minor(Math.floor(left / 60)), weights))
    : free.map(() => minor(0));
  return { day, parts: new Map(free.map((entry, index) => [entry.id, seconds(minutes[index]! * 60)])) };
}
