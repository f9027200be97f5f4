import { Seconds, minor, seconds } from '../firm/units';
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

/**
 * Rounds several entries of one person, task and day together and hands the sum back to them by exact
 * split over their minutes, so that every entry still holds whole minutes.
 * @returns billable seconds, one per entry, in order; their sum is the rounded sum
 */
export function roundTogether(recorded: readonly Seconds[], rule: RoundingRule): Seconds[] {
  const sum = seconds(recorded.reduce((all, one) => all + one, 0));
  const rounded = roundTime(sum, rule).seconds;
  if (sum === 0) return recorded.map(() => seconds(0));
  const minutes = expectOk(split(minor(rounded / 60), recorded.map(Math.abs)));
  return minutes.map((share) => seconds(share * 60));
}
