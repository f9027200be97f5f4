import { Entry, Timers } from '@yellowwood/contracts';
import { Context } from '../../platform/context';
import { finish } from './end-stretch';
import { byId, timersToStop } from './own-timers';
import { readTimers } from './read-timers';

/** Stops a timer. What it ran is kept whatever is still open about it. */
export async function stopTimer(context: Context, id: string): Promise<{ timers: Timers; entries: Entry[] }> {
  const timer = byId(await timersToStop(context), id);
  const entries = await finish(context, timer, context.now);
  return { timers: await readTimers(context), entries };
}
