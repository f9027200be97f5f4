import { rollup } from 'd3-array';
import { Cell, Column, compareCells } from './column';

/** What rows must show to stand in a table: of each column that is named, one of these values. */
export type Only = ReadonlyMap<string, readonly string[]>;

/** What a cell is found by: the values in it, one by one. */
export function valuesIn<T>(column: Column<T>, row: T): readonly string[] {
  const cell: Cell = column.value(row);
  const found = column.values ? column.values(row) : [typeof cell === 'object' ? '' : String(cell)];
  return found.length > 0 ? found : [''];
}

/** The values that stand in a column, each with how many rows show it, in the order of the column; nothing comes last. */
export function valuesOf<T>(column: Column<T>, rows: readonly T[]): { readonly value: string; readonly count: number }[] {
  const counts = rollup(
    rows.flatMap((row) => valuesIn(column, row)),
    (all) => all.length,
    (value) => value,
  );
  return [...counts]
    .map(([value, count]) => ({ value, count }))
    .sort((a, b) => Number(a.value === '') - Number(b.value === '') || compareCells(a.value, b.value));
}

/** The rows that show what is chosen, in every column in which something is. */
export function onlyRows<T>(rows: readonly T[], columns: readonly Column<T>[], only: Only): readonly T[] {
  const named = columns.filter(({ id }) => only.has(id));
  if (named.length === 0) return rows;
  return rows.filter((row) =>
    named.every((column) => valuesIn(column, row).some((value) => only.get(column.id)!.includes(value))),
  );
}

/** The parts of an address that are of the tables of a page, each by the name of its table. */
function partsOf(text: string | null): Map<string, string> {
  const parts = (text ?? '').split(',').filter(Boolean);
  return new Map(parts.map((part) => [part.split(';')[0]!, part]));
}

/**
 * What is chosen of a table in a part of the address, beside what is chosen of others there:
 * `people;teams=Masons|Bench%20and%20lime`, apart by commas.
 */
export function onlyText(view: string, only: Only, before: string | null): string | null {
  const parts = partsOf(before);
  parts.delete(view);
  const columns = [...only].map(([id, values]) => [id, values.map(encodeURIComponent).join('|')].join('='));
  if (only.size > 0) parts.set(view, [view, ...columns].join(';'));
  return [...parts.values()].join(',') || null;
}

/** Reads what is chosen of one table; what is of another, or of a column that is not there, chooses nothing. */
export function readOnly(view: string, columns: readonly Pick<Column<never>, 'id' | 'groups'>[], text: string | null): Only {
  const [, ...parts] = (partsOf(text).get(view) ?? '').split(';');
  return new Map(
    parts.flatMap((part) => {
      const [id, values] = part.split('=');
      const known = columns.some((column) => column.groups && column.id === id);
      return known && values !== undefined ? [[id!, values.split('|').map(decoded)] as const] : [];
    }),
  );
}

/** What somebody typed into the address by hand may be no code at all. */
function decoded(text: string): string {
  try {
    return decodeURIComponent(text);
  } catch {
    return text;
  }
}
