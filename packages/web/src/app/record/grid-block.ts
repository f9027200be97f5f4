import { Signal } from '@angular/core';
import { seconds } from '@yellowwood/core';
import { GridCaret } from './grid-caret';
import { GridRow, copyText } from './week-model';
import { WeekStore } from './week-store';

/** What is done to the marked block of the grid: emptied, copied, pasted into, each in one step. */
export class GridBlock {
  constructor(
    private readonly store: InstanceType<typeof WeekStore>,
    private readonly rows: Signal<readonly GridRow[]>,
    private readonly caret: GridCaret,
  ) {}

  /** Empties the cell, or all of the block in one step; what is more than one entry is left, and named. */
  empty(): void {
    const { row, toRow, column, toColumn } = this.caret.range();
    const filled = this.rows()
      .slice(row, toRow + 1)
      .flatMap((one) => one.cells.slice(column, toColumn + 1).map((cell) => ({ row: one, cell })))
      .filter(({ cell }) => cell.total > 0 || cell.draft);
    const mine = filled.filter(({ cell }) => cell.typeable);
    const targets = mine.map(({ row: one, cell }) => ({ row: one, date: cell.date }));
    if (targets.length === 1) {
      const [entry] = mine[0]!.cell.entries;
      this.store.cells.type(targets[0]!, '', entry ? { id: entry.id, quantity: entry.quantity } : null);
    } else if (targets.length > 0) void this.store.cells.empty(targets);
    if (filled.length > mine.length) this.skipped(filled.length - mine.length, 'left');
  }

  private skipped(count: number, how: string): void {
    this.store.saved.set(
      `${count} ${count === 1 ? 'cell was' : 'cells were'} ${how}: not a duration, or more than one entry or a span stands there.`,
    );
  }

  copy(event: ClipboardEvent): void {
    event.preventDefault();
    event.clipboardData?.setData(
      'text/plain',
      copyText(this.rows(), this.caret.range(), (value) => this.store.text(seconds(value))),
    );
  }

  paste(event: ClipboardEvent): void {
    event.preventDefault();
    const skipped = this.store.cells.paste(this.rows(), this.caret.range(), event.clipboardData?.getData('text/plain') ?? '');
    if (skipped > 0) this.skipped(skipped, 'skipped');
  }
}
