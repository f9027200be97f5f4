import { Signal, computed } from '@angular/core';
import { Formats } from '../../state/formats';
import { Cell, Column, amountsOf } from './column';

/** What heads and cells of a table say. */
export class CellWords<T> {
  /** The one currency of a table without others: it stands in the heads, not at each figure. */
  private readonly currency = computed(() => {
    const money = this.shown().filter(({ kind }) => kind === 'money');
    const found = new Set(
      (this.rows() ?? []).flatMap((row) => money.flatMap((one) => amountsOf(one.value(row)).map((a) => a.currency))),
    );
    return found.size === 1 ? [...found][0]! : null;
  });

  constructor(
    private readonly formats: Formats,
    private readonly shown: Signal<readonly Column<T>[]>,
    private readonly rows: Signal<readonly T[] | null>,
  ) {}

  headOf(column: Column<T>): string {
    return column.kind === 'money' && this.currency() ? `${column.head}, ${this.currency()}` : column.head;
  }

  /** What a cell says, a line each. */
  of({ kind, currency }: Column<T>, cell: Cell): string[] {
    if (cell === null || cell === '') return [];
    if (typeof cell === 'object') {
      const one = this.currency();
      return cell.map(({ minor, currency }) =>
        one ? this.formats.amount(minor, currency) : this.formats.money(minor, currency),
      );
    }
    if (kind === 'hours') return [this.formats.hours(Number(cell))];
    if (kind === 'rate') return [this.formats.rate(Number(cell), currency!)];
    if (kind === 'percent') return [this.formats.percent(Number(cell))];
    if (kind === 'date') return [this.formats.day(String(cell))];
    return [String(cell)];
  }
}
