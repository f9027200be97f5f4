import { Timer } from '@yellowwood/contracts';
import { Dates, dateIn, secondsBetween } from '@yellowwood/core';
import { timersOf } from '../../generated/time/timers/own-timers.queries';
import { holdRules, lockTimers, lockTimesheets } from '../../ledger/locks';
import { Context } from '../../platform/context';
import { StartOver } from '../../platform/database';
import { problem } from '../../platform/problem';
import type { Whose } from '../on-behalf';

interface Segment {
  readonly place: number;
  readonly startAt: string;
  readonly endAt: string | null;
}

export interface OwnTimer {
  readonly id: string;
  readonly projectId: string | null;
  readonly taskId: string | null;
  readonly serviceId: string | null;
  readonly billable: boolean | null;
  readonly note: string;
  readonly running: boolean;
  readonly version: number;
  readonly segments: Segment[];
}

/** Somebody's timers, as a rule one's own. */
export async function ownTimers(context: Context, person = context.actor.personId): Promise<OwnTimer[]> {
  const rows = await timersOf.run({ person }, context.tx);
  const timers = new Map<string, OwnTimer>();
  for (const { place, startAt, endAt, ...timer } of rows) {
    const found = timers.get(timer.id) ?? { ...timer, segments: [] };
    found.segments.push({ place, startAt, endAt });
    timers.set(timer.id, found);
  }
  return [...timers.values()];
}

/** Own timers, one writer at a time. */
export async function lockedTimers(context: Context): Promise<OwnTimer[]> {
  await lockTimers(context, context.actor.personId);
  return ownTimers(context);
}

/** Dates in the person's zone on which the entries of their timers would lie, were they stopped now. */
function datesOf(context: Context, timers: readonly OwnTimer[]): string[] {
  return timers.flatMap((timer) => timer.segments.map((segment) => dateIn(context.actor.zone, segment.startAt)));
}

/**
 * Own timers, of which some may be stopped: what an entry needs is held first. Where a timer was moved to
 * other days in between, the transaction starts over.
 */
export async function timersToStop(context: Context): Promise<OwnTimer[]> {
  const { personId } = context.actor;
  await holdRules(context);
  const seen = new Set(datesOf(context, await ownTimers(context)));
  await lockTimesheets(
    context,
    [...seen].map((date) => ({ personId, date })),
  );
  const timers = await lockedTimers(context);
  if (datesOf(context, timers).some((date) => !seen.has(date))) throw new StartOver();
  return timers;
}

/** Timers as they are told. */
export function toldTimers(timers: readonly OwnTimer[]): Timer[] {
  return timers.map((timer) => {
    const { segments, ...rest } = timer;
    const since = segments.at(-1)!.endAt ? null : segments.at(-1)!.startAt;
    return { ...rest, startedAt: segments[0]!.startAt, elapsed: elapsed(timer), since };
  });
}

/** What ran, as far as it has ended. */
export function elapsed(timer: OwnTimer): number {
  return timer.segments.reduce((sum, segment) => sum + (segment.endAt ? secondsBetween(segment.startAt, segment.endAt) : 0), 0);
}

export function byId(timers: readonly OwnTimer[], id: string): OwnTimer {
  const found = timers.find((timer) => timer.id === id);
  if (!found) throw problem('timer-unknown');
  return found;
}

/** Whether a timer of a period, by its start in the person's zone, still runs or waits. */
export async function timerInPeriod(context: Context, period: Dates, { id, zone }: Whose): Promise<boolean> {
  const starts = (await ownTimers(context, id)).map((timer) => dateIn(zone, timer.segments[0]!.startAt));
  return starts.some((date) => period.from <= date && date <= period.to);
}
