import type { View } from '@yellowwood/contracts';
import { Cell, Column, compareCells, isEmpty, totalOf } from './column';

/** A line of a table: a row, or the head of a group with what its rows come to. */
export type Line<T> =
  | { readonly kind: 'row'; readonly key: string; readonly row: T }
  | {
      readonly kind: 'group';
      readonly key: string;
      readonly name: string;
      readonly count: number;
      readonly totals: ReadonlyMap<string, Cell>;
    };

/** The columns that stand in a table, as its reader has chosen. */
export function shownColumns<T>(columns: readonly Column<T>[], view: View): Column<T>[] {
  return columns.filter(({ id, choice }) => !choice || (view.columns ? view.columns.includes(id) : choice === 'shown'));
}

/** What the columns come to, each where it has a total. */
export function totalsOf<T>(columns: readonly Column<T>[], rows: readonly T[]): Map<string, Cell> {
  return new Map(columns.filter(({ total }) => total).map((column) => [column.id, totalOf(column, rows)]));
}

/** Rows of a tree, whatever their order: each after the one it is part of, those beside each other as they come. */
export function inTree<T>(
  rows: readonly T[],
  keyOf: (row: T) => string,
  parentOf: (row: T) => string | null,
): { readonly row: T; readonly depth: number }[] {
  const keys = new Set(rows.map(keyOf));
  const below = new Map<string | null, T[]>();
  for (const row of rows) {
    const parent = parentOf(row);
    const under = parent !== null && keys.has(parent) ? parent : null;
    below.set(under, [...(below.get(under) ?? []), row]);
  }
  const from = (parent: string | null, depth: number): { row: T; depth: number }[] =>
    (below.get(parent) ?? []).flatMap((row) => [{ row, depth }, ...from(keyOf(row), depth + 1)]);
  return from(null, 0);
}

/** Rows in the chosen order; where nothing stands comes last, whichever way. Equal ones keep their order. */
export function sortRows<T>(rows: readonly T[], columns: readonly Column<T>[], { sort }: View): readonly T[] {
  const column = columns.find(({ id }) => id === sort?.column);
  if (!sort || !column) return rows;
  const way = sort.order === 'up' ? 1 : -1;
  return rows
    .map((row) => ({ row, cell: column.value(row) }))
    .sort((a, b) => {
      const [none, other] = [isEmpty(a.cell), isEmpty(b.cell)];
      if (none || other) return Number(none) - Number(other);
      return way * compareCells(a.cell, b.cell);
    })
    .map(({ row }) => row);
}

/** The lines of a table: sorted (in a tree, those beside each other), then put together where a group is chosen, groups in the order in which they first come. */
export function arrange<T>(
  rows: readonly T[],
  columns: readonly Column<T>[],
  view: View,
  keyOf: (row: T) => string,
  parentOf: ((row: T) => string | null) | null = null,
): Line<T>[] {
  const flat = sortRows(rows, columns, view);
  const sorted = parentOf && view.sort ? inTree(flat, keyOf, parentOf).map(({ row }) => row) : flat;
  const lineOf = (row: T): Line<T> => ({ kind: 'row', key: keyOf(row), row });
  const by = columns.find(({ id, groups }) => groups && id === view.group);
  if (!by) return sorted.map(lineOf);
  const groups = new Map<string, T[]>();
  for (const row of sorted) {
    const name = String(by.value(row) ?? '');
    const found = groups.get(name);
    if (found) found.push(row);
    else groups.set(name, [row]);
  }
  return [...groups].flatMap(([name, own]) => [
    { kind: 'group' as const, key: `group ${name}`, name: name || 'None', count: own.length, totals: totalsOf(columns, own) },
    ...own.map(lineOf),
  ]);
}
