import { Stage, datesFrom, seconds, sumSeconds } from '@yellowwood/core';
import type { Entry, Timesheet } from '@yellowwood/contracts';

/** What a row of the grid stands for. */
export interface RowTarget {
  readonly projectId: string | null;
  readonly taskId: string | null;
  readonly serviceId: string | null;
  readonly billable: boolean;
}

export interface Cell {
  readonly date: string;
  readonly entries: readonly Entry[];
  readonly total: number;
  /** The earliest stage of its entries; null for an empty cell. */
  readonly stage: Stage | null;
  readonly returned: boolean;
  readonly noted: boolean;
  readonly problems: boolean;
  /** Whether typing changes it: one entry without a span, or none, that may still be changed. */
  readonly typeable: boolean;
}

export interface GridRow extends RowTarget {
  readonly key: string;
  readonly cells: readonly Cell[];
  readonly total: number;
}

const ORDER: readonly Stage[] = ['recorded', 'submitted', 'approved', 'billed', 'paid'];

/** The key of the row in which an entry stands. */
export function rowKey(target: RowTarget): string {
  return [target.projectId ?? '', target.taskId ?? '', target.serviceId ?? '', target.billable ? 'b' : 'n'].join('|');
}

/** Rows and cells of a week: the sum of the entries of a row and day. */
export function gridOf(week: Timesheet, extra: readonly RowTarget[] = []): GridRow[] {
  const targets = new Map<string, RowTarget>();
  const entries = week.entries.filter((entry) => entry.kind === 'time');
  for (const { projectId, taskId, serviceId, billable } of entries)
    targets.set(rowKey({ projectId, taskId, serviceId, billable }), { projectId, taskId, serviceId, billable });
  for (const row of [...week.rows, ...extra]) if (!targets.has(rowKey(row))) targets.set(rowKey(row), row);
  const dates = datesFrom(week.from, week.to);
  return [...targets].map(([key, target]) => {
    const own = entries.filter((entry) => rowKey(entry) === key);
    const cells = dates.map((date) =>
      cellOf(
        date,
        own.filter((entry) => entry.date === date),
        week,
      ),
    );
    return { ...target, key, cells, total: cells.reduce((sum, cell) => sum + cell.total, 0) };
  });
}

function cellOf(date: string, entries: readonly Entry[], week: Timesheet): Cell {
  const stages = entries.map((entry) => entry.stage).sort((a, b) => ORDER.indexOf(a) - ORDER.indexOf(b));
  const single = entries.length === 1 ? entries[0]! : null;
  const open = week.may.record && week.state === 'open';
  return {
    date,
    entries,
    total: sumSeconds(entries.map((entry) => seconds(entry.quantity))),
    stage: stages[0] ?? null,
    returned: entries.some((entry) => entry.returned !== null),
    noted: entries.some((entry) => entry.note !== '' && entry.note !== undefined),
    problems: entries.some((entry) => entry.problems.some((problem) => problem !== 'no-rate')),
    typeable: entries.length === 0 ? open : !!single && !single.startAt && single.stage === 'recorded' && week.may.record,
  };
}

/** A block of cells, both corners included. */
export interface Range {
  readonly row: number;
  readonly column: number;
  readonly toRow: number;
  readonly toColumn: number;
}

/** The cells of a range as a spreadsheet takes them: tabs between cells, a line a row. */
export function copyText(rows: readonly GridRow[], range: Range, text: (value: number) => string): string {
  const lines: string[] = [];
  for (let row = range.row; row <= range.toRow; row += 1) {
    const cells: string[] = [];
    for (let column = range.column; column <= range.toColumn; column += 1) {
      const total = rows[row]?.cells[column]?.total ?? 0;
      cells.push(total === 0 ? '' : text(total));
    }
    lines.push(cells.join('\t'));
  }
  return lines.join('\n');
}

/** What was copied from a spreadsheet, as cells. */
export function pastedCells(text: string): string[][] {
  return text
    .replace(/\r\n?/g, '\n')
    .replace(/\n$/, '')
    .split('\n')
    .map((line) => line.split('\t').map((cell) => cell.trim()));
}
