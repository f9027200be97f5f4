import { Stage, datesFrom, seconds, sumSeconds } from '@yellowwood/core';
import type { Entry, Timesheet } from '@yellowwood/contracts';

/** What a row of the grid stands for. */
export interface RowTarget {
  readonly projectId: string | null;
  readonly taskId: string | null;
  readonly serviceId: string | null;
  readonly billable: boolean;
}

/** A cell by what it is, not by where it stands: its row and its date. */
export interface Place {
  readonly key: string;
  readonly date: string;
}

/** A row and a date to write to. */
export interface Target {
  readonly row: RowTarget;
  readonly date: string;
}

export function placeOf({ row, date }: Target): Place {
  return { key: rowKey(row), date };
}

/** What was typed into a cell and is not stored yet. */
export interface CellDraft {
  readonly target: Target;
  readonly text: string;
  /** What it is read as; 0 empties the cell, null cannot be read. */
  readonly quantity: number | null;
  readonly state: 'unread' | 'saving' | 'unsent' | 'refused';
  /** What is wrong with it, and what to do. */
  readonly sentence: string;
  /** The id of the entry that it makes, the same at every try. */
  readonly id: string;
  /** The entry that somebody saw when typing began; null for an empty cell. */
  readonly seen: Seen | null;
  /** When it was typed, among all that is taken back. */
  readonly order: number;
}

/** An entry as somebody saw it in its cell. Its version moves with its neighbours' problems, what stands there does not. */
export interface Seen {
  readonly id: string;
  readonly quantity: number;
}

export interface Cell {
  readonly date: string;
  readonly entries: readonly Entry[];
  /** What stands there, what is on its way included. */
  readonly total: number;
  /** The earliest stage of its entries; null for an empty cell. */
  readonly stage: Stage | null;
  readonly returned: boolean;
  readonly noted: boolean;
  readonly problems: boolean;
  /** Whether typing changes it: one entry without a span, or none, that may still be changed. */
  readonly typeable: boolean;
  readonly draft: CellDraft | null;
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

/** The name of a cell among all weeks. */
export function cellKey({ key, date }: Place): string {
  return `${key} ${date}`;
}

/**
 * The rows of a week: those that stood there keep their place, whatever has gone from them, and new ones follow.
 * @param before the rows as they stand
 */
export function targetsOf(week: Timesheet, before: readonly RowTarget[] = []): RowTarget[] {
  const targets = new Map(before.map((target) => [rowKey(target), target]));
  const entries = week.entries.filter((entry) => entry.kind === 'time');
  for (const { projectId, taskId, serviceId, billable } of [...entries, ...week.rows]) {
    const target = { projectId, taskId, serviceId, billable };
    if (!targets.has(rowKey(target))) targets.set(rowKey(target), target);
  }
  return [...targets.values()];
}

/** Rows and cells of a week: the sum of the entries of a row and day, with what was typed and is not stored yet. */
export function gridOf(
  week: Timesheet,
  targets: readonly RowTarget[] = targetsOf(week),
  drafts: ReadonlyMap<string, CellDraft> = new Map(),
): GridRow[] {
  const dates = datesFrom(week.from, week.to);
  return targets.map((target) => {
    const key = rowKey(target);
    const cells = dates.map((date) => cellOf(week, { key, date }, drafts.get(cellKey({ key, date })) ?? null));
    return { ...target, key, cells, total: cells.reduce((sum, cell) => sum + cell.total, 0) };
  });
}

/** Whether the firm has locked a day. */
export function isLocked({ lockedUntil }: Pick<Timesheet, 'lockedUntil'>, date: string): boolean {
  return lockedUntil !== null && date <= lockedUntil;
}

/** One cell of a week. */
export function cellOf(week: Timesheet, { key, date }: Place, draft: CellDraft | null = null): Cell {
  const entries = week.entries.filter((entry) => entry.kind === 'time' && entry.date === date && rowKey(entry) === key);
  const stages = entries.map((entry) => entry.stage).sort((a, b) => ORDER.indexOf(a) - ORDER.indexOf(b));
  const single = entries.length === 1 ? entries[0]! : null;
  const mine = week.may.record && week.ways.includes('length') && !isLocked(week, date);
  const open = mine && week.state === 'open';
  const stored = sumSeconds(entries.map((entry) => seconds(entry.quantity)));
  const coming = draft !== null && (draft.state === 'saving' || draft.state === 'unsent');
  return {
    date,
    entries,
    total: coming ? (draft.quantity ?? stored) : stored,
    stage: stages[0] ?? null,
    returned: entries.some((entry) => entry.returned !== null),
    noted: entries.some((entry) => entry.note !== '' && entry.note !== undefined),
    problems: entries.some((entry) => entry.problems.some((problem) => problem !== 'no-rate')),
    typeable: entries.length === 0 ? open : !!single && !single.startAt && single.stage === 'recorded' && mine,
    draft,
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
