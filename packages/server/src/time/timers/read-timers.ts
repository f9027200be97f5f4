import { Timers } from '@yellowwood/contracts';
import { recordedOn } from '../../generated/time/timers/read-timers.queries';
import { plannedTime } from '../../people/planned-time';
import { Context, recordingOf, today } from '../../platform/context';
import { ownTimers, toldTimers } from './own-timers';

/** Own timers with today's total: time comes from the stored starts, not from a counter. */
export async function readTimers(context: Context): Promise<Timers> {
  const timers = await ownTimers(context);
  const person = context.actor.personId;
  const date = today(context);
  const [recorded] = await recordedOn.run({ person, date }, context.tx);
  const planned = await plannedTime(context.tx, [person], date, date);
  return {
    timers: toldTimers(timers),
    now: context.now,
    today: {
      date,
      recorded: recorded!.seconds,
      maximum: recordingOf(context.firm, context.actor.recording).dayMaximum,
      planned: planned(person, date).seconds,
    },
  };
}
