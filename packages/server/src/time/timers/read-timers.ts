import { Timer, Timers } from '@yellowwood/contracts';
import { recordedOn } from '../../generated/time/timers/read-timers.queries';
import { plannedTime } from '../../people/planned-time';
import { Context, today } from '../../platform/context';
import { elapsed, ownTimers } from './own-timers';

/** Own timers with today's total: time comes from the stored starts, not from a counter. */
export async function readTimers(context: Context): Promise<Timers> {
  const timers = await ownTimers(context);
  const person = context.actor.personId;
  const date = today(context);
  const [recorded] = await recordedOn.run({ person, date }, context.tx);
  const planned = await plannedTime(context.tx, [person], date, date);
  return {
    timers: timers.map((timer): Timer => {
      const { segments, ...rest } = timer;
      return {
        ...rest,
        startedAt: segments[0]!.startAt,
        elapsed: elapsed(timer),
        since: segments.at(-1)!.endAt ? null : segments.at(-1)!.startAt,
      };
    }),
    now: context.now,
    today: { date, recorded: recorded!.seconds, maximum: context.firm.dayMaximum, planned: planned(person, date).seconds },
  };
}
