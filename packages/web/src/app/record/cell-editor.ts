import { computed, signal } from '@angular/core';
import { readCell } from '../words/record';
import { Cell, GridRow, Place, Seen } from './week-model';
import { WeekStore } from './week-store';

interface Editing extends Place {
  readonly text: string;
  /** What stood there when typing began. */
  readonly seen: Seen | null;
}

/** The one cell of a grid that is typed into: it belongs to a row and a date, never to where they stand. */
export class CellEditor {
  readonly editing = signal<Editing | null>(null);
  /** What is wrong with what is typed, said when one wants to leave it. */
  readonly invalid = signal('');
  /** What a duration being typed is read as, shown at once. */
  readonly reading = computed(() => {
    const read = readCell(this.editing()?.text ?? '');
    return 'quantity' in read && read.quantity > 0 ? this.store.text(read.quantity) : '';
  });

  constructor(
    private readonly store: InstanceType<typeof WeekStore>,
    private readonly rows: () => readonly GridRow[],
  ) {}

  /**
   * Begins to edit a cell.
   * @param typed what replaces it; null to go on with what is there
   * @returns the text with which the box begins
   */
  begin(place: Place, cell: Cell, typed: string | null): string {
    const [entry] = cell.entries;
    const text = typed ?? this.textOf(cell);
    this.invalid.set('');
    this.editing.set({ ...place, text, seen: entry ? { id: entry.id, quantity: entry.quantity } : null });
    return text;
  }

  typed(text: string): void {
    const editing = this.editing();
    if (editing) this.editing.set({ ...editing, text });
    this.invalid.set('');
  }

  /** Leaves the cell as it was. */
  leave(): void {
    this.editing.set(null);
    this.invalid.set('');
  }

  /**
   * Leaves the cell with what was typed. What cannot be read stays in its cell, with a sentence.
   * @param stay whether typing goes on there until it can be read
   * @returns whether the cell was left
   */
  commit(stay: boolean): boolean {
    const editing = this.editing();
    if (!editing) return true;
    const row = this.rows().find((one) => one.key === editing.key);
    const cell = row?.cells.find((one) => one.date === editing.date);
    const { text, seen } = editing;
    const read = readCell(text);
    if (stay && 'sentence' in read) {
      this.invalid.set(read.sentence);
      return false;
    }
    this.leave();
    // Unchanged text is no change: a timer's seconds are not lost by looking at them.
    if (!row || !cell || text === this.textOf(cell)) return true;
    // The next cell does not wait for the answer.
    this.store.cells.type({ row, date: cell.date }, text, seen);
    return true;
  }

  private textOf(cell: Cell): string {
    return cell.draft?.text ?? (cell.total > 0 ? this.store.text(cell.total) : '');
  }
}
