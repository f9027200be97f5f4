import { SheetRow, Timesheet } from '@yellowwood/contracts';
import { removeSheetRow } from '../generated/time/remove-row.queries';
import { Dates } from '@yellowwood/core';
import { Context } from '../platform/context';
import { ownSheet } from './own-sheet';
import { readTimesheet } from './read-timesheet';

/** Takes an empty row out; a row with hours stays, since its hours are entries. */
export async function removeRow(context: Context, period: Dates, row: SheetRow): Promise<Timesheet> {
  const sheet = await ownSheet(context, period);
  await removeSheetRow.run(
    { sheet: sheet.id, project: row.projectId, task: row.taskId, service: row.serviceId, billable: row.billable },
    context.tx,
  );
  return readTimesheet(context, period, undefined);
}
