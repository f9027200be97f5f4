import { Timers } from '@yellowwood/contracts';
import { insertSegment, setRunning } from '../../generated/time/timers/own-timers.queries';
import { audit } from '../../platform/audit';
import { Context } from '../../platform/context';
import { problem } from '../../platform/problem';
import { yieldRunning } from './end-stretch';
import { byId, lockedTimers, timersToStop } from './own-timers';
import { readTimers } from './read-timers';

export async function resumeTimer(context: Context, id: string, others: 'pause' | 'stop'): Promise<Timers> {
  const timers = others === 'stop' ? await timersToStop(context) : await lockedTimers(context);
  const timer = byId(timers, id);
  if (timer.running) throw problem('timer-running');
  await yieldRunning(context, timers, others, context.now);
  await insertSegment.run(
    { firm: context.firm.id, timer: id, place: timer.segments.at(-1)!.place + 1, startAt: context.now },
    context.tx,
  );
  await setRunning.run({ id, running: true }, context.tx);
  await audit(context, 'timer resumed', [{ kind: 'timer', id }]);
  return readTimers(context);
}
