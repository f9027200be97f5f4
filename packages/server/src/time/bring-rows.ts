import { SheetRow, Timesheet } from '@yellowwood/contracts';
import { Dates, addDays, besidePeriod, dateIn, daysBetween } from '@yellowwood/core';
import { v7 as newId } from 'uuid';
import { addSheetRows } from '../generated/time/own-sheet.queries';
import { projectsKnown } from '../generated/work/known-work.queries';
import { holdRules } from '../ledger/locks';
import { entriesOfPeople } from '../ledger/read-entries';
import { Context } from '../platform/context';
import { json } from '../platform/json';
import { problem } from '../platform/problem';
import { openSheet } from './own-sheet';
import { readTimesheet } from './read-timesheet';
import { Creation, writeEntries } from './write-entries';

function rowKey(row: SheetRow): string {
  return [row.projectId, row.taskId, row.serviceId, row.billable].join(' ');
}

/**
 * Brings the rows of the period before into a period. With hours, every total of a row and day comes along
 * as a length without a span, on the same day of the period, but never onto a day that is still ahead.
 */
export async function bringRows(context: Context, period: Dates, withHours: boolean): Promise<Timesheet> {
  if (withHours) await holdRules(context);
  const sheet = await openSheet(context, period);
  const earlier = besidePeriod(period, context.firm.period, -1);
  const before = await readTimesheet(context, earlier, undefined);
  const worked = before.entries.filter((entry) => entry.kind === 'time' && entry.projectId && entry.serviceId);
  const rows = new Map<string, SheetRow>();
  for (const entry of worked) {
    const row = { projectId: entry.projectId!, taskId: entry.taskId, serviceId: entry.serviceId!, billable: entry.billable };
    rows.set(rowKey(row), row);
  }
  for (const row of before.rows) rows.set(rowKey(row), row);
  const projects = [...rows.values()].map(({ projectId }) => projectId);
  const usable = new Set(
    (await projectsKnown.run({ reach: 'own', asker: context.actor.personId, others: false, projects }, context.tx))
      .filter((project) => project.takesTime)
      .map((project) => project.id),
  );
  const brought = [...rows.values()].filter((row) => usable.has(row.projectId));
  if (brought.length === 0) throw problem('nothing-to-bring');
  await addSheetRows.run({ firm: context.firm.id, sheet: sheet.id, rows: json(brought) }, context.tx);
  if (withHours)
    await bringHours(
      context,
      { period, earlier },
      worked.filter((entry) => usable.has(entry.projectId!)),
    );
  return readTimesheet(context, period, undefined);
}

/** Two periods, one after the other. */
interface Both {
  readonly earlier: Dates;
  readonly period: Dates;
}

async function bringHours(context: Context, { period, earlier }: Both, worked: Timesheet['entries']): Promise<void> {
  const today = dateIn(context.actor.zone, context.now);
  const there = await entriesOfPeople(context, [context.actor.personId], period.from, period.to);
  const cellKey = (date: string, entry: Timesheet['entries'][number]) =>
    [date, entry.projectId, entry.taskId, entry.serviceId, entry.billable].join(' ');
  const taken = new Set(there.map((entry) => cellKey(entry.date, entry)));
  const cells = new Map<string, Creation>();
  for (const entry of worked) {
    // The same day of the period; one that the new period does not have is left out.
    const date = addDays(entry.date, daysBetween(earlier.from, period.from));
    const key = cellKey(date, entry);
    if (date > today || date > period.to || taken.has(key)) continue;
    const quantity = (cells.get(key)?.entry.quantity ?? 0) + entry.quantity;
    const { projectId, taskId, serviceId, billable } = entry;
    cells.set(key, {
      origin: 'grid',
      entry: { id: newId(), personId: context.actor.personId, date, projectId, taskId, serviceId, billable, quantity, note: '' },
    });
  }
  if (cells.size === 0) return;
  await writeEntries(context, {
    create: [...cells.values()],
    change: [],
    remove: [],
    action: 'entries brought',
    stale: 'entries-stale',
  });
}
