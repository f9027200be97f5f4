import { Dates } from '@yellowwood/core';
import { HeldSheet, lockTimesheets } from '../ledger/locks';
import { Context } from '../platform/context';
import { problem } from '../platform/problem';

/** One's own timesheet of a period, made when it is not there yet, held. */
export async function ownSheet(context: Context, period: Dates): Promise<HeldSheet> {
  const [sheet] = await lockTimesheets(context, [{ personId: context.actor.personId, date: period.from }]);
  return sheet!;
}

export async function openSheet(context: Context, period: Dates): Promise<HeldSheet> {
  const sheet = await ownSheet(context, period);
  if (sheet.state === 'submitted') throw problem('period-submitted');
  return sheet;
}
