import { Timers } from '@yellowwood/contracts';
import { audit } from '../../platform/audit';
import { Context } from '../../platform/context';
import { problem } from '../../platform/problem';
import { pause } from './end-stretch';
import { byId, lockedTimers } from './own-timers';
import { readTimers } from './read-timers';

export async function pauseTimer(context: Context, id: string): Promise<Timers> {
  const timer = byId(await lockedTimers(context), id);
  if (!timer.running) throw problem('timer-not-running');
  await pause(context, timer, context.now);
  await audit(context, 'timer paused', [{ kind: 'timer', id }]);
  return readTimers(context);
}
