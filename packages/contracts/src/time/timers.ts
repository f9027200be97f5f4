import { Day, Duration, Instant, strict } from '../platform/fields';
import { Static, Type } from 'typebox';
import { Timer } from './timer';

export const Timers = strict({
  timers: Type.Array(Timer),
  now: Instant,
  /** Today's recorded time without the timers, and the most the person should work in a day. */
  today: strict({ date: Day, recorded: Duration, maximum: Duration, planned: Duration }),
});
export type Timers = Static<typeof Timers>;
