import { sumByCurrency, sumSeconds, seconds } from '@yellowwood/core';
import type { MoneyFigure } from '@yellowwood/contracts';
import { sum } from 'd3-array';

/** What a cell holds: words, an ISO date, seconds, millionths, a count; or amounts, one a currency. Null is nothing. */
export type Cell = string | number | null | readonly MoneyFigure[];

/** How a column is written, sorted, summed and exported. */
export type ColumnKind = 'text' | 'date' | 'hours' | 'money' | 'rate' | 'percent' | 'count';

/** A column of a table, as data. */
export interface Column<T> {
  readonly id: string;
  readonly head: string;
  readonly kind: ColumnKind;
  readonly value: (row: T) => Cell;
  /** The currency of a column of rates. */
  readonly currency?: string;
  /** A second line under it. */
  readonly small?: (row: T) => string;
  readonly tone?: (row: T) => 'wrong' | 'good' | 'quiet' | 'strong' | '';
  /** Summed at the foot: hours, amounts by currency, counts. */
  readonly total?: true;
  /** Rows may be put together by what stands here, and those with some of it shown alone. */
  readonly groups?: true;
  /** The values in a cell, one by one, where several stand in it or it says more than what it is found by. */
  readonly values?: (row: T) => readonly string[];
  /** May be chosen away, or is only there when chosen; a column without it is always there. */
  readonly choice?: 'shown' | 'hidden';
  /** What stands here has no order. */
  readonly unsorted?: true;
  /** How wide it is in a table whose columns do not follow what is in them, in pixels; the rest is shared. */
  readonly width?: number;
}

/** Whether figures or words stand in it. */
export function isFigure({ kind }: Pick<Column<never>, 'kind'>): boolean {
  return kind !== 'text' && kind !== 'date';
}

function isAmounts(cell: Cell): cell is readonly MoneyFigure[] {
  return typeof cell === 'object' && cell !== null;
}

/** The amounts of a cell; none where it holds something else. */
export function amountsOf(cell: Cell): readonly MoneyFigure[] {
  return isAmounts(cell) ? cell : [];
}

export function isEmpty(cell: Cell): boolean {
  return cell === null || cell === '' || (isAmounts(cell) && cell.length === 0);
}

const words = new Intl.Collator('en', { numeric: true, sensitivity: 'base' });

/** The order of two cells; amounts of different currencies by currency, since they cannot be compared. Nothing is neither. */
export function compareCells(a: Cell, b: Cell): number {
  if (isAmounts(a) && isAmounts(b)) {
    const [left, right] = [a[0]!, b[0]!];
    return left.currency === right.currency ? left.minor - right.minor : words.compare(left.currency, right.currency);
  }
  if (typeof a === 'number' && typeof b === 'number') return a - b;
  return words.compare(String(a), String(b));
}

/** What a column comes to over rows. */
export function totalOf<T>(column: Column<T>, rows: readonly T[]): Cell {
  if (!column.total) return null;
  const cells = rows.map((row) => column.value(row));
  if (column.kind === 'money') return sumByCurrency(cells.flatMap((cell) => [...amountsOf(cell)]));
  const figures = cells.filter((cell) => typeof cell === 'number');
  // Of nothing the sum is nothing, and not zero.
  if (figures.length === 0) return null;
  return column.kind === 'hours' ? sumSeconds(figures.map(seconds)) : sum(figures);
}
