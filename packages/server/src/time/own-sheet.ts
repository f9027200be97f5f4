import { Dates } from '@yellowwood/core';
import { HeldSheet, lockTimesheets } from '../ledger/locks';
import { Context } from '../platform/context';
import { problem } from '../platform/problem';

/** Somebody's timesheet of a period, as a rule one's own, made when it is not there yet, held. */
export async function ownSheet(context: Context, period: Dates, personId = context.actor.personId): Promise<HeldSheet> {
  const [sheet] = await lockTimesheets(context, [{ personId, date: period.from }]);
  return sheet!;
}

export async function openSheet(context: Context, period: Dates): Promise<HeldSheet> {
  const sheet = await ownSheet(context, period);
  if (sheet.state === 'submitted') throw problem('period-submitted');
  return sheet;
}
