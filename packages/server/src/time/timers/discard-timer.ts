import { Timers } from '@yellowwood/contracts';
import { deleteTimer } from '../../generated/time/timers/own-timers.queries';
import { audit } from '../../platform/audit';
import { Context } from '../../platform/context';
import { byId, elapsed, lockedTimers } from './own-timers';
import { readTimers } from './read-timers';

/** Throws a timer away without an entry; the history keeps what it had. */
export async function discardTimer(context: Context, id: string): Promise<Timers> {
  const timer = byId(await lockedTimers(context), id);
  await deleteTimer.run({ id }, context.tx);
  await audit(context, 'timer discarded', [{ kind: 'timer', id, before: { ...timer, elapsed: elapsed(timer) } }]);
  return readTimers(context);
}
