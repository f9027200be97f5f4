import { Timers } from '@yellowwood/contracts';
import { moveSegmentStart, updateTimer } from '../../generated/time/timers/change-timer.queries';
import { audit } from '../../platform/audit';
import { Context } from '../../platform/context';
import { problem } from '../../platform/problem';
import { byId, lockedTimers } from './own-timers';
import { readTimers } from './read-timers';
import { Body, refuseForeignTarget, refuseWrongStart } from './refuse';

/** Classifies a timer, notes something on it, or sets its start back. */
export async function changeTimer(context: Context, id: string, version: number, body: Body<'changeTimer'>): Promise<Timers> {
  const timers = await lockedTimers(context);
  const timer = byId(timers, id);
  if (timer.version !== version) throw problem('version-stale', {}, { current: await readTimers(context) });
  const project = body.projectId === undefined ? timer.projectId : body.projectId;
  const task = body.taskId !== undefined ? body.taskId : project === timer.projectId ? timer.taskId : null;
  await refuseForeignTarget(context, project);
  if (body.startedAt) {
    refuseWrongStart(
      context,
      body.startedAt,
      timers.filter((one) => one !== timer),
      timer,
    );
    await moveSegmentStart.run({ timer: id, place: timer.segments[0]!.place, startAt: body.startedAt }, context.tx);
  }
  const after = {
    project,
    task,
    service: body.serviceId === undefined ? timer.serviceId : body.serviceId,
    billable: body.billable ?? timer.billable,
    note: body.note ?? timer.note,
  };
  await updateTimer.run({ id, ...after }, context.tx);
  const before = {
    project: timer.projectId,
    task: timer.taskId,
    service: timer.serviceId,
    billable: timer.billable,
    note: timer.note,
    startAt: timer.segments[0]!.startAt,
  };
  await audit(context, 'timer changed', [
    { kind: 'timer', id, before, after: { ...after, startAt: body.startedAt ?? before.startAt } },
  ]);
  return readTimers(context);
}
