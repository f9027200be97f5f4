import { minor, plainAmountText } from '@yellowwood/core';
import type { Formats } from '../../state/formats';
import type { Line } from './arrange';
import { Cell, Column, amountsOf } from './column';

/** A cell of a file: what is written, and for a spreadsheet its number and how it is shown there. */
export interface SheetCell {
  readonly text: string;
  readonly number?: number;
  readonly format?: string;
}

/** What is shown, as a file has it: one column a currency, figures that other programs read. */
export interface Sheet {
  readonly heads: readonly string[];
  readonly rows: readonly (readonly SheetCell[])[];
}

/** A column of the file: a column of the table, or one currency of it. */
interface Part<T> {
  readonly column: Column<T>;
  readonly currency: string | null;
}

const NOTHING: SheetCell = { text: '' };

function fileCell(kind: Column<never>['kind'], cell: Cell, currency: string | null, formats: Formats): SheetCell {
  if (kind === 'money') {
    const amount = amountsOf(cell).find((one) => one.currency === currency);
    if (!amount) return NOTHING;
    const text = plainAmountText(minor(amount.minor), amount.currency);
    const decimals = text.split('.')[1]?.length ?? 0;
    return { text, number: Number(text), format: `#,##0${decimals > 0 ? `.${'0'.repeat(decimals)}` : ''}` };
  }
  if (cell === null || cell === '') return NOTHING;
  if (kind === 'hours' && typeof cell === 'number') {
    const text = formats.hours(cell);
    return text.includes(':')
      ? { text, number: cell / 86_400, format: '[h]:mm' }
      : { text: (cell / 3600).toFixed(2), number: cell / 3600, format: '0.00' };
  }
  if (kind === 'rate' && typeof cell === 'number')
    return { text: (cell / 10_000).toFixed(4), number: cell / 10_000, format: '0.00##' };
  if (kind === 'percent' && typeof cell === 'number')
    return { text: (cell / 10_000).toFixed(1), number: cell / 1_000_000, format: '0.0%' };
  return typeof cell === 'number' ? { text: String(cell), number: cell, format: '0' } : { text: String(cell) };
}

/** The file of what a table shows: the same rows in the same order, the same columns, groups and totals too. */
export function sheetOf<T>(
  columns: readonly Column<T>[],
  lines: readonly Line<T>[],
  totals: ReadonlyMap<string, Cell>,
  totalWords: string,
  formats: Formats,
): Sheet {
  const parts = columns.flatMap((column): Part<T>[] => {
    if (column.kind !== 'money') return [{ column, currency: null }];
    const currencies = new Set(
      lines.flatMap((line) => (line.kind === 'row' ? amountsOf(column.value(line.row)).map((one) => one.currency) : [])),
    );
    return [...currencies].sort().map((currency) => ({ column, currency }));
  });
  const summed = (name: string, of: ReadonlyMap<string, Cell>) =>
    parts.map(({ column, currency }, index) =>
      index === 0 ? { text: name } : fileCell(column.kind, of.get(column.id) ?? null, currency, formats),
    );
  const rows = lines.map((line) =>
    line.kind === 'group'
      ? summed(`${line.name}, ${line.count}`, line.totals)
      : parts.map(({ column, currency }) => {
          const cell = fileCell(column.kind, column.value(line.row), currency, formats);
          const small = column.small?.(line.row);
          return small && column.kind === 'text' ? { text: [cell.text, small].filter(Boolean).join(', ') } : cell;
        }),
  );
  return {
    heads: parts.map(({ column, currency }) => (currency ? `${column.head}, ${currency}` : column.head)),
    rows: totals.size > 0 && lines.length > 0 ? [...rows, summed(totalWords, totals)] : rows,
  };
}

/** A text that a spreadsheet would run begins with a mark that makes it a text (OWASP, CSV injection). */
function harmless({ text, number }: SheetCell): string {
  return number === undefined && /^[=+\-@\t\r]/.test(text) ? `'${text}` : text;
}

/** RFC 4180, with a mark that says UTF-8 to spreadsheets. */
export function csvOf({ heads, rows }: Sheet): string {
  const quoted = (text: string) => (/[",\r\n]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text);
  return `\uFEFF${[heads.map((text) => ({ text })), ...rows]
    .map((row) => row.map((cell) => quoted(harmless(cell))).join(','))
    .join('\r\n')}\r\n`;
}
