import { Timers } from '@yellowwood/contracts';
import { insertSegment } from '../../generated/time/timers/own-timers.queries';
import { insertTimer } from '../../generated/time/timers/start-timer.queries';
import { audit } from '../../platform/audit';
import { Context } from '../../platform/context';
import { problem } from '../../platform/problem';
import { yieldRunning } from './end-stretch';
import { lockedTimers, timersToStop } from './own-timers';
import { refuseWay } from '../ways';
import { readTimers } from './read-timers';
import { Body, refuseForeignTarget, refuseWrongStart } from './refuse';

/** Starts a timer; one that runs is paused or stopped at the same moment. */
export async function startTimer(context: Context, body: Body<'startTimer'>): Promise<Timers> {
  const timers = body.others === 'stop' ? await timersToStop(context) : await lockedTimers(context);
  refuseWay(context, 'timer');
  await refuseForeignTarget(context, body.projectId);
  const startAt = body.startedAt ?? context.now;
  const running = timers.find((timer) => timer.running);
  // The running timer ends where the new one begins, so switching leaves neither gap nor overlap.
  const others = timers.filter((timer) => timer !== running);
  refuseWrongStart(context, startAt, others);
  if (running && Date.parse(startAt) <= Date.parse(running.segments.at(-1)!.startAt))
    throw problem('timer-start-overlaps', { until: context.now });
  await yieldRunning(context, timers, body.others, startAt);
  const { id, projectId: project, taskId: task, serviceId: service, note } = body;
  await insertTimer.run(
    {
      firm: context.firm.id,
      id,
      person: context.actor.personId,
      project,
      task,
      service,
      billable: body.billable ?? null,
      note,
      now: context.now,
    },
    context.tx,
  );
  await insertSegment.run({ firm: context.firm.id, timer: id, place: 1, startAt }, context.tx);
  await audit(context, 'timer started', [{ kind: 'timer', id, after: { project, task, service, note, startAt } }]);
  return readTimers(context);
}
