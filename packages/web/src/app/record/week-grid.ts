import {
  ChangeDetectionStrategy,
  ChangeDetectorRef,
  Component,
  ElementRef,
  Injector,
  afterNextRender,
  computed,
  inject,
  input,
  output,
  viewChild,
} from '@angular/core';
import type { SheetRow } from '@yellowwood/contracts';
import { Address } from '../state/address';
import { DayPipe, HoursPipe } from '../ui/formats';
import { GrowthMark } from '../ui/growth-mark';
import { AddRow } from './add-row';
import { CellEditor } from './cell-editor';
import { GridCaret, Position } from './grid-caret';
import { GridBlock } from './grid-block';
import { WeekLines } from './week-lines';
import { GridRow, Place, cellKey, rowKey } from './week-model';
import { WeekStore } from './week-store';
import { SayPipe } from '../state/own-words';

/**
 * The week as a grid, by keyboard alone: arrows move, typing replaces, F2 edits, Enter and Tab go on,
 * Escape leaves, ranges are copied from and to a spreadsheet, Ctrl+Z undoes. Each cell is saved by itself.
 * Caret, block and what is typed belong to a row and a date, never to where they stand.
 */
@Component({
  selector: 'yw-week-grid',
  imports: [AddRow, DayPipe, HoursPipe, GrowthMark, SayPipe],
  templateUrl: './week-grid.html',
  styleUrl: './week-grid.scss',
  providers: [WeekLines],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WeekGrid {
  protected readonly store = inject(WeekStore);
  private readonly address = inject(Address);
  private readonly view = inject(ChangeDetectorRef);
  private readonly injector = inject(Injector);
  readonly day = input.required<string>();
  readonly dayChosen = output<string>();
  readonly entryOpened = output<{ date: string; id: string }>();
  private readonly table = viewChild<ElementRef<HTMLTableElement>>('table');

  protected readonly lines = inject(WeekLines);
  private readonly rows = this.lines.rows;
  protected readonly caret = new GridCaret(this.rows, this.lines.dates, this.store.today);
  private readonly block = new GridBlock(this.store, this.rows, this.caret);
  protected readonly editor = new CellEditor(this.store, this.rows);
  protected readonly editing = this.editor.editing;
  /** What is wrong with the cell under the caret. */
  protected readonly wrong = computed(
    () => this.editor.invalid() || (this.editing() ? '' : (this.caret.cell()?.draft?.sentence ?? '')),
  );

  protected choose(row: number, column: number, event: MouseEvent): void {
    if (this.editing()) this.editor.commit(false);
    this.move({ row, column }, event.shiftKey);
    this.select();
  }

  private move(to: Position, marking = false): void {
    this.went(this.caret.goTo(to, marking));
  }

  private went(place: Place | null): void {
    if (place) this.dayChosen.emit(place.date);
    this.focusActive();
  }

  private focusActive(): void {
    const cell = () => this.cellElement(this.caret.place());
    // At once, so that a key that follows finds the cell and not the box that is going; a new row's cell
    // is there only after it has been drawn.
    if (cell()) cell()!.focus();
    else afterNextRender({ read: () => cell()?.focus() }, { injector: this.injector });
  }

  private cellElement(place: Place | null): HTMLElement | null {
    if (!place) return null;
    return this.table()?.nativeElement.querySelector<HTMLElement>(`[data-place="${CSS.escape(cellKey(place))}"]`) ?? null;
  }

  /** Selecting a cell with one entry asks why of it. */
  private select(): void {
    const first = this.caret.cell()?.entries[0];
    void this.address.set({ sel: first ? `entry:${first.id}` : null }, true);
  }

  protected key(event: KeyboardEvent): void {
    if (!inCell(event)) return;
    const control = event.ctrlKey || event.metaKey;
    const done = this.editing()
      ? this.editKey(event)
      : control
        ? event.key === 'z' && this.undo()
        : !event.altKey && (this.moveBy(event) || this.actOn(event.key));
    if (done) event.preventDefault();
  }

  private undo(): boolean {
    void this.store.undo();
    return true;
  }

  /** @returns whether it is a key that moves the caret */
  private moveBy({ key, shiftKey }: KeyboardEvent): boolean {
    const { row, column } = this.caret.position();
    const last = this.lines.dates().length - 1;
    const ways: Readonly<Record<string, Position>> = {
      ArrowUp: { row: row - 1, column },
      ArrowDown: { row: row + 1, column },
      ArrowLeft: { row, column: column - 1 },
      ArrowRight: { row, column: column + 1 },
      Home: { row, column: 0 },
      End: { row, column: last },
    };
    const way = ways[key];
    if (!way) return false;
    this.move(way, shiftKey);
    if (!shiftKey) this.select();
    return true;
  }

  /** @returns whether it is a key that does something to the cell */
  private actOn(key: string): boolean {
    const place = this.caret.place();
    if (!place) return false;
    if (key === 'Escape') this.store.cells.forget(place);
    else if (key === 'Enter' && this.caret.cell()?.draft?.state === 'refused') this.store.cells.insist(place);
    else if (key === 'F2' || key === 'Enter') this.begin(null);
    else if (key === 'Delete' || key === 'Backspace') this.block.empty();
    else if (key.length === 1 && key !== ' ' && key !== '?') this.begin(key);
    else return false;
    return true;
  }

  /** Begins to edit: with what was typed, or with what is there. A cell of several entries opens them. */
  protected begin(typed: string | null): void {
    const [cell, place] = [this.caret.cell(), this.caret.place()];
    if (!cell || !place) return;
    if (!cell.typeable) {
      const [entry] = cell.entries;
      if (entry) this.entryOpened.emit({ date: cell.date, id: entry.id });
      return;
    }
    this.caret.follow(place);
    const text = this.editor.begin(place, cell, typed);
    // At once: the key is in the next frame, and the keys after it find the box.
    this.view.detectChanges();
    const box = this.table()?.nativeElement.querySelector<HTMLInputElement>('input.cell-edit');
    if (!box) return;
    // Where the cell that was left is typed into again before it was drawn, its box still holds the text before.
    box.value = text;
    box.focus();
    if (typed === null) box.select();
    else box.setSelectionRange(box.value.length, box.value.length);
  }

  /** @returns whether it is a key that leaves the box */
  private editKey({ key, shiftKey }: KeyboardEvent): boolean {
    if (key === 'Escape') {
      this.editor.leave();
      this.focusActive();
      return true;
    }
    if (!['Enter', 'Tab', 'ArrowDown', 'ArrowUp'].includes(key)) return false;
    if (!this.editor.commit(true)) return true;
    const back = shiftKey || key === 'ArrowUp' ? -1 : 1;
    if (key === 'Tab') this.went(this.caret.goAcross(back));
    else if (key === 'Enter') this.went(this.caret.goDown(back));
    else this.move({ ...this.caret.position(), row: this.caret.position().row + back });
    return true;
  }

  protected copy(event: ClipboardEvent): void {
    if (inCell(event) && !this.editing()) this.block.copy(event);
  }

  protected pasted(event: ClipboardEvent): void {
    if (inCell(event) && !this.editing()) this.block.paste(event);
  }

  /** Goes on in a row that was added, on the chosen day. */
  protected goOn(added: SheetRow): void {
    const row = this.rows().findIndex((one) => one.key === rowKey(added));
    if (row >= 0) this.move({ row, column: Math.max(0, this.lines.dates().indexOf(this.day())) });
  }

  protected remove(row: GridRow): void {
    void this.store.removeRow({
      projectId: row.projectId!,
      taskId: row.taskId,
      serviceId: row.serviceId!,
      billable: row.billable,
    });
  }
}

/** The field that adds a row, and the buttons of rows and heads, keep their keys and what is pasted into them. */
function inCell({ target }: Event): boolean {
  return (target as Element).closest('[role="gridcell"]') !== null;
}
