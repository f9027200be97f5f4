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
  signal,
  viewChild,
} from '@angular/core';
import { Store } from '@ngrx/store';
import type { SheetRow } from '@yellowwood/contracts';
import { seconds } from '@yellowwood/core';
import { Address } from '../state/address';
import { workFeature } from '../state/work';
import { ABSENCE_WORDS } from '../state/words';
import { DayPipe, HoursPipe } from '../ui/formats';
import { GrowthMark } from '../ui/growth-mark';
import { WorkNames } from '../ui/work-names';
import { readCell } from '../words/record';
import { AddRow } from './add-row';
import { GridCaret, Position } from './grid-caret';
import { GridRow, Place, Seen, cellKey, copyText, rowKey } from './week-model';
import { WeekStore } from './week-store';

interface Editing extends Place {
  readonly text: string;
  /** What stood there when typing began. */
  readonly seen: Seen | null;
}

/**
 * The week as a grid, by keyboard alone: arrows move, typing replaces, F2 edits, Enter and Tab go on,
 * Escape leaves, ranges are copied from and to a spreadsheet, Ctrl+Z undoes. Each cell is saved by itself.
 * Caret, block and what is typed belong to a row and a date, never to where they stand.
 */
@Component({
  selector: 'yw-week-grid',
  imports: [AddRow, DayPipe, HoursPipe, GrowthMark],
  templateUrl: './week-grid.html',
  styleUrl: './week-grid.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WeekGrid {
  protected readonly store = inject(WeekStore);
  protected readonly names = inject(WorkNames);
  private readonly address = inject(Address);
  private readonly view = inject(ChangeDetectorRef);
  private readonly injector = inject(Injector);
  private readonly projects = inject(Store).selectSignal(workFeature.selectProjectEntities);
  readonly day = input.required<string>();
  readonly dayChosen = output<string>();
  readonly entryOpened = output<{ date: string; id: string }>();
  private readonly table = viewChild<ElementRef<HTMLTableElement>>('table');

  protected readonly rows = computed(() => this.store.rows().filter((row) => this.inScope(row)));
  /** What stands in the rows, in words: made when the week changes, not at every key. */
  protected readonly lines = computed(() =>
    this.rows().map((row) => ({
      row,
      tone: `var(--tone-${this.names.tone(row.projectId)})`,
      name: this.names.project(row.projectId),
      detail: `${this.names.detail(row.taskId, row.serviceId) || 'say what it was, in the day below'}${row.billable ? '' : ', not billable'}`,
      removable: this.removable(row),
      sum: row.total > 0 ? this.store.text(row.total) : '',
      cells: row.cells.map((cell, column) => ({
        cell,
        label: this.labelOf(row, column),
        text: cell.total > 0 ? this.store.text(cell.total) : '',
        marked: cell.total > 0 && (cell.stage !== 'recorded' || cell.returned),
        typed: cell.draft !== null && (cell.draft.state === 'unread' || cell.draft.state === 'refused') ? cell.draft.text : null,
      })),
    })),
  );
  private readonly dates = computed(() => (this.store.week()?.days ?? []).map((day) => day.date));
  protected readonly caret = new GridCaret(this.rows, this.dates, this.store.today);
  protected readonly editing = signal<Editing | null>(null);
  protected readonly invalid = signal('');
  protected readonly totals = computed(() =>
    (this.store.week()?.days ?? []).map((_, index) => this.rows().reduce((sum, row) => sum + row.cells[index]!.total, 0)),
  );
  protected readonly weekTotal = computed(() => this.totals().reduce((sum, total) => sum + total, 0));
  protected readonly planned = computed(() => (this.store.week()?.days ?? []).reduce((sum, day) => sum + day.planned, 0));
  protected readonly absences = computed(
    () =>
      new Map(
        (this.store.week()?.entries ?? [])
          .filter((entry) => entry.kind === 'absence')
          .map((entry) => [entry.date, ABSENCE_WORDS[entry.absenceCode ?? ''] ?? 'absent']),
      ),
  );
  /** What a duration being typed is read as, shown at once. */
  protected readonly reading = computed(() => {
    const read = readCell(this.editing()?.text ?? '');
    return 'quantity' in read && read.quantity > 0 ? this.store.text(read.quantity) : '';
  });
  /** What is wrong with the cell under the caret. */
  protected readonly wrong = computed(() => this.invalid() || (this.editing() ? '' : (this.caret.cell()?.draft?.sentence ?? '')));

  private inScope(row: GridRow): boolean {
    const [kind, id] = this.address.scope().split(':');
    // Somebody's scope narrows what others see of them; the own week stays whole.
    if (kind === 'all' || kind === 'person' || row.projectId === null) return true;
    const project = this.projects()[row.projectId];
    if (kind === 'project') return row.projectId === id;
    if (kind === 'client') return project?.clientId === id;
    if (kind === 'department') return project?.departmentId === id;
    return row.taskId === id;
  }

  private labelOf(row: GridRow, column: number): string {
    const cell = row.cells[column]!;
    const about = `${this.names.project(row.projectId)}, ${this.names.detail(row.taskId, row.serviceId)}, ${cell.date}`;
    const said = cell.draft?.sentence ? `, typed ${cell.draft.text}: ${cell.draft.sentence}` : '';
    if (cell.total === 0) return `${about}, empty${said}`;
    return `${about}, ${this.store.text(cell.total)}${cell.returned ? ', returned' : (cell.stage ?? 'recorded') === 'recorded' ? '' : `, ${cell.stage}`}${cell.noted ? ', with a note' : ''}${cell.problems ? ', with a problem' : ''}${said}`;
  }

  protected choose(row: number, column: number, event: MouseEvent): void {
    if (this.editing()) this.commit(false);
    this.move({ row, column }, event.shiftKey);
    this.select();
  }

  private move(to: Position, marking = false): void {
    const place = this.caret.goTo(to, marking);
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
    const last = this.dates().length - 1;
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
    else if (key === 'Delete' || key === 'Backspace') this.empty();
    else if (key.length === 1 && key !== ' ' && key !== '?') this.begin(key);
    else return false;
    return true;
  }

  /** Begins to edit: with what was typed, or with what is there. A cell of several entries opens them. */
  protected begin(typed: string | null): void {
    const [cell, place] = [this.caret.cell(), this.caret.place()];
    if (!cell || !place) return;
    const [entry] = cell.entries;
    if (!cell.typeable) {
      if (entry) this.entryOpened.emit({ date: cell.date, id: entry.id });
      return;
    }
    this.invalid.set('');
    const there = cell.draft?.text ?? (cell.total > 0 ? this.store.text(cell.total) : '');
    const seen = entry ? { id: entry.id, quantity: entry.quantity } : null;
    this.caret.follow(place);
    this.editing.set({ ...place, text: typed ?? there, seen });
    // At once: the key is in the next frame, and the keys after it find the box.
    this.view.detectChanges();
    const box = this.table()?.nativeElement.querySelector<HTMLInputElement>('input.cell-edit');
    if (!box) return;
    // Where the cell that was left is typed into again before it was drawn, its box still holds the text before.
    box.value = typed ?? there;
    box.focus();
    if (typed === null) box.select();
    else box.setSelectionRange(box.value.length, box.value.length);
  }

  protected typed(text: string): void {
    const editing = this.editing();
    if (editing) this.editing.set({ ...editing, text });
    this.invalid.set('');
  }

  /** @returns whether it is a key that leaves the box */
  private editKey({ key, shiftKey }: KeyboardEvent): boolean {
    if (key === 'Escape') {
      this.editing.set(null);
      this.invalid.set('');
      this.focusActive();
      return true;
    }
    if (!['Enter', 'Tab', 'ArrowDown', 'ArrowUp'].includes(key)) return false;
    const down = key === 'ArrowUp' || (key === 'Enter' && shiftKey) ? -1 : key === 'Tab' ? 0 : 1;
    const across = key === 'Tab' ? (shiftKey ? -1 : 1) : 0;
    if (!this.commit(true)) return true;
    const { row, column } = this.caret.position();
    this.move({ row: row + down, column: column + across });
    return true;
  }

  /**
   * Leaves the editor with what was typed. What cannot be read stays in its cell, with a sentence.
   * @param stay whether typing goes on there until it can be read
   * @returns whether the cell was left
   */
  protected commit(stay: boolean): boolean {
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
    this.editing.set(null);
    this.invalid.set('');
    if (!row || !cell) return true;
    // Unchanged text is no change: a timer's seconds are not lost by looking at them.
    if (text === (cell.draft?.text ?? (cell.total > 0 ? this.store.text(cell.total) : ''))) return true;
    // The next cell does not wait for the answer.
    this.store.cells.type({ row, date: cell.date }, text, seen);
    return true;
  }

  /** Empties the cell, or all of the block in one step; what is more than one entry is left, and named. */
  private empty(): void {
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

  protected copy(event: ClipboardEvent): void {
    if (this.editing()) return;
    event.preventDefault();
    event.clipboardData?.setData(
      'text/plain',
      copyText(this.rows(), this.caret.range(), (value) => this.store.text(seconds(value))),
    );
  }

  protected pasted(event: ClipboardEvent): void {
    if (this.editing()) return;
    event.preventDefault();
    const skipped = this.store.cells.paste(this.rows(), this.caret.range(), event.clipboardData?.getData('text/plain') ?? '');
    if (skipped > 0) this.skipped(skipped, 'skipped');
  }

  /** Goes on in a row that was added, on the chosen day. */
  protected goOn(added: SheetRow): void {
    const row = this.rows().findIndex((one) => one.key === rowKey(added));
    if (row >= 0) this.move({ row, column: Math.max(0, this.dates().indexOf(this.day())) });
  }

  private removable(row: GridRow): boolean {
    return row.total === 0 && row.projectId !== null && row.serviceId !== null && this.store.week()?.state === 'open';
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
