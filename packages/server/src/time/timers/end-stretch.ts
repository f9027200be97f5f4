import { Entry } from '@yellowwood/contracts';
import { partsOfTimer } from '@yellowwood/core';
import { v7 as newId } from 'uuid';
import { closeSegment } from '../../generated/time/timers/end-stretch.queries';
import { deleteTimer, setRunning } from '../../generated/time/timers/own-timers.queries';
import { Context } from '../../platform/context';
import { writeEntries } from '../write-entries';
import { OwnTimer } from './own-timers';

/** Ends the stretch of the timer that runs: paused, or stopped and made an entry. */
export async function yieldRunning(
  context: Context,
  timers: readonly OwnTimer[],
  how: 'pause' | 'stop',
  at: string,
): Promise<void> {
  const running = timers.find((timer) => timer.running);
  if (!running) return;
  if (how === 'stop') await finish(context, running, at);
  else await pause(context, running, at);
}

export async function pause(context: Context, timer: OwnTimer, at: string): Promise<void> {
  await closeSegment.run({ timer: timer.id, at }, context.tx);
  await setRunning.run({ id: timer.id, running: false }, context.tx);
}

/** Turns what a timer ran into entries, one a date, and ends it. Never fails for what is not filled in. */
export async function finish(context: Context, timer: OwnTimer, at: string): Promise<Entry[]> {
  const segments = timer.segments.map((segment) => ({ startAt: segment.startAt, endAt: segment.endAt ?? at }));
  const parts = partsOfTimer(segments, context.actor.zone);
  const { projectId, taskId, serviceId, note } = timer;
  await deleteTimer.run({ id: timer.id }, context.tx);
  if (parts.length === 0) return [];
  return writeEntries(context, {
    create: parts.map((part, index) => ({
      origin: 'timer' as const,
      timed: part,
      // The first entry takes over the timer's id: its history goes on without a break.
      entry: {
        id: index === 0 ? timer.id : newId(),
        personId: context.actor.personId,
        date: part.date,
        projectId,
        taskId,
        serviceId,
        note,
        ...(timer.billable === null ? {} : { billable: timer.billable }),
      },
    })),
    change: [],
    remove: [],
    action: 'timer stopped',
    stale: 'version-stale',
  });
}
