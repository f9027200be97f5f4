import { addDays } from '@yellowwood/core';
import { v7 as newId } from 'uuid';
import { lockSheet, makeSheet } from '../generated/time/own-sheet.queries';
import { Context } from '../platform/context';
import { problem } from '../platform/problem';

/** The timesheet of one's own week, made when it is not there yet, locked. */
export async function ownSheet(context: Context, from: string) {
  const person = context.actor.personId;
  await makeSheet.run({ firm: context.firm.id, id: newId(), person, from, to: addDays(from, 6) }, context.tx);
  const [sheet] = await lockSheet.run({ person, from }, context.tx);
  return sheet!;
}

export async function openSheet(context: Context, from: string) {
  const sheet = await ownSheet(context, from);
  if (sheet.state === 'submitted') throw problem('period-submitted');
  return sheet;
}
