import { SheetRow, Timesheet } from '@yellowwood/contracts';
import { addSheetRows } from '../generated/time/own-sheet.queries';
import { projectsSeen } from '../generated/work/read-work.queries';
import { Dates } from '@yellowwood/core';
import { Context } from '../platform/context';
import { json } from '../platform/json';
import { problem } from '../platform/problem';
import { openSheet } from './own-sheet';
import { readTimesheet } from './read-timesheet';

/** Adds an empty row to one's own period. */
export async function addRow(context: Context, period: Dates, row: SheetRow): Promise<Timesheet> {
  const sheet = await openSheet(context, period);
  const seen = await projectsSeen.run({ reach: 'own', asker: context.actor.personId }, context.tx);
  if (!seen.some((project) => project.id === row.projectId && project.open)) throw problem('project-unknown');
  await addSheetRows.run({ firm: context.firm.id, sheet: sheet.id, rows: json([row]) }, context.tx);
  return readTimesheet(context, period, undefined);
}
