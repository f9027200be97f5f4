import { secondsBetween, weekOf } from '@yellowwood/core';
import { lockPeople } from '../../generated/people/people-facts.queries';
import { timersOf } from '../../generated/time/timers/own-timers.queries';
import { Context } from '../../platform/context';
import { problem } from '../../platform/problem';

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

export async function ownTimers(context: Context): Promise<OwnTimer[]> {
  const rows = await timersOf.run({ person: context.actor.personId }, context.tx);
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
  await lockPeople.run({ people: [context.actor.personId] }, context.tx);
  return ownTimers(context);
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

/** Whether a timer of this week still runs or waits, which would come too late after a submission. */
export async function timerInWeek(context: Context, from: string): Promise<boolean> {
  const timers = await ownTimers(context);
  return timers.some((timer) => weekOf(timer.segments[0]!.startAt.slice(0, 10)).from === from);
}
