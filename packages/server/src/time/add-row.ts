import { SheetRow, Timesheet } from '@yellowwood/contracts';
import { addSheetRows } from '../generated/time/own-sheet.queries';
import { projectsKnown } from '../generated/work/known-work.queries';
import { Dates } from '@yellowwood/core';
import { Context } from '../platform/context';
import { json } from '../platform/json';
import { problem } from '../platform/problem';
import { openSheet } from './own-sheet';
import { readTimesheet } from './read-timesheet';

/** Adds an empty row to one's own period. */
export async function addRow(context: Context, period: Dates, row: SheetRow): Promise<Timesheet> {
  const sheet = await openSheet(context, period);
  const of = { reach: 'own', asker: context.actor.personId, others: false, projects: [row.projectId] };
  const [project] = await projectsKnown.run(of, context.tx);
  if (!project?.takesTime) throw problem('project-unknown');
  await addSheetRows.run({ firm: context.firm.id, sheet: sheet.id, rows: json([row]) }, context.tx);
  return readTimesheet(context, period, undefined);
}
