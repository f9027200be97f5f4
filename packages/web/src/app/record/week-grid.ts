import {
  ChangeDetectionStrategy,
  ChangeDetectorRef,
  Component,
  ElementRef,
  computed,
  inject,
  input,
  output,
  signal,
  viewChild,
} from '@angular/core';
import { Store } from '@ngrx/store';
import { readDuration, seconds } from '@yellowwood/core';
import { Address } from '../state/address';
import { workFeature } from '../state/work';
import { ABSENCE_WORDS } from '../state/words';
import { DayPipe, HoursPipe } from '../ui/formats';
import { GrowthMark } from '../ui/growth-mark';
import { PickedWork, WorkPicker } from '../ui/work-picker';
import { WorkNames } from '../ui/work-names';
import { GridRow, Range, copyText } from './week-model';
import { WeekStore } from './week-store';

interface Editing {
  readonly row: number;
  readonly column: number;
  readonly text: string;
}

/**
 * The week as a grid, by keyboard alone: arrows move, typing replaces, F2 edits, Enter and Tab go on,
 * Escape leaves, ranges are copied from and to a spreadsheet, Ctrl+Z undoes. Each cell is saved by itself.
 */
@Component({
  selector: 'yw-week-grid',
  imports: [DayPipe, HoursPipe, GrowthMark, WorkPicker],
  templateUrl: './week-grid.html',
  styleUrl: './week-grid.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WeekGrid {
  protected readonly store = inject(WeekStore);
  protected readonly names = inject(WorkNames);
  private readonly address = inject(Address);
  private readonly view = inject(ChangeDetectorRef);
  protected readonly services = inject(Store).selectSignal(workFeature.selectServiceList);
  private readonly projects = inject(Store).selectSignal(workFeature.selectProjectEntities);
  readonly day = input.required<string>();
  readonly dayChosen = output<string>();
  readonly entryOpened = output<{ date: string; id: string }>();
  private readonly table = viewChild<ElementRef<HTMLTableElement>>('table');
  private readonly picker = viewChild(WorkPicker);

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
      })),
    })),
  );
  private readonly lastColumn = computed(() => Math.max(0, (this.store.week()?.days.length ?? 1) - 1));
  protected readonly active = signal({ row: 0, column: 0 });
  private readonly anchor = signal<{ row: number; column: number } | null>(null);
  protected readonly editing = signal<Editing | null>(null);
  protected readonly invalid = signal('');
  /** Work that was picked for a new row and still wants its service. */
  protected readonly adding = signal<PickedWork | null>(null);
  protected readonly range = computed((): Range => {
    const a = this.active();
    const b = this.anchor() ?? a;
    return {
      row: Math.min(a.row, b.row),
      toRow: Math.max(a.row, b.row),
      column: Math.min(a.column, b.column),
      toColumn: Math.max(a.column, b.column),
    };
  });
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
    const text = this.editing()?.text ?? '';
    const read = readDuration(text);
    return text && read.ok && read.value > 0 ? this.store.text(read.value) : '';
  });

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

  protected inRange(row: number, column: number): boolean {
    const range = this.range();
    return this.anchor() !== null && row >= range.row && row <= range.toRow && column >= range.column && column <= range.toColumn;
  }

  private labelOf(row: GridRow, column: number): string {
    const cell = row.cells[column]!;
    const about = `${this.names.project(row.projectId)}, ${this.names.detail(row.taskId, row.serviceId)}, ${cell.date}`;
    if (cell.total === 0) return `${about}, empty`;
    return `${about}, ${this.store.text(cell.total)}${cell.returned ? ', returned' : cell.stage === 'recorded' ? '' : `, ${cell.stage}`}${cell.noted ? ', with a note' : ''}${cell.problems ? ', with a problem' : ''}`;
  }

  protected choose(row: number, column: number, event: MouseEvent): void {
    if (this.editing()) void this.commit(false);
    this.anchor.set(event.shiftKey ? (this.anchor() ?? this.active()) : null);
    this.move(row, column, event.shiftKey);
    this.select();
  }

  private move(row: number, column: number, keepAnchor = false): void {
    if (!keepAnchor) this.anchor.set(null);
    this.active.set({
      row: Math.max(0, Math.min(row, this.rows().length - 1)),
      column: Math.max(0, Math.min(column, this.lastColumn())),
    });
    const date = this.store.week()?.days[this.active().column]?.date;
    if (date) this.dayChosen.emit(date);
    this.focusActive();
  }

  private focusActive(): void {
    const { row, column } = this.active();
    const cell = () => this.table()?.nativeElement.querySelector<HTMLElement>(`[data-cell="${row}-${column}"]`);
    // At once, so that a key that follows finds the cell and not the box that is going; a new row's cell
    // is there only after it has been drawn.
    if (cell()) cell()!.focus();
    else setTimeout(() => cell()?.focus());
  }

  /** Selecting a cell with one entry asks why of it. */
  private select(): void {
    const cell = this.rows()[this.active().row]?.cells[this.active().column];
    const first = cell?.entries[0];
    void this.address.set({ sel: first ? `entry:${first.id}` : null }, true);
  }

  protected key(event: KeyboardEvent): void {
    if (this.editing()) return this.editKey(event);
    const { row, column } = this.active();
    const control = event.ctrlKey || event.metaKey;
    const arrows: Record<string, [number, number]> = {
      ArrowUp: [-1, 0],
      ArrowDown: [1, 0],
      ArrowLeft: [0, -1],
      ArrowRight: [0, 1],
    };
    const step = arrows[event.key];
    if (step && !event.altKey) {
      event.preventDefault();
      if (event.shiftKey) this.anchor.set(this.anchor() ?? this.active());
      this.move(row + step[0], column + step[1], event.shiftKey);
      if (!event.shiftKey) this.select();
    } else if (control && event.key === 'z') {
      event.preventDefault();
      void this.store.undo();
    } else if (event.key === 'F2' || event.key === 'Enter') {
      event.preventDefault();
      this.begin(event.key === 'F2' || event.key === 'Enter' ? null : '');
    } else if (event.key === 'Delete' || event.key === 'Backspace') {
      event.preventDefault();
      void this.empty();
    } else if (event.key === 'Home' || event.key === 'End') {
      event.preventDefault();
      this.move(row, event.key === 'Home' ? 0 : this.lastColumn());
    } else if (!control && !event.altKey && event.key.length === 1 && event.key !== ' ') {
      event.preventDefault();
      this.begin(event.key);
    }
  }

  /** Begins to edit: with what was typed, or with what is there. A cell of several entries opens them. */
  protected begin(typed: string | null): void {
    const { row, column } = this.active();
    const cell = this.rows()[row]?.cells[column];
    if (!cell) return;
    if (!cell.typeable) {
      const first = cell.entries[0];
      if (first) this.entryOpened.emit({ date: cell.date, id: first.id });
      return;
    }
    this.invalid.set('');
    this.editing.set({ row, column, text: typed ?? (cell.total > 0 ? this.store.text(cell.total) : '') });
    // At once: the key is in the next frame, and the keys after it find the box.
    this.view.detectChanges();
    const box = this.table()?.nativeElement.querySelector<HTMLInputElement>('input.cell-edit');
    box?.focus();
    if (typed === null) box?.select();
    else box?.setSelectionRange(box.value.length, box.value.length);
  }

  protected typed(text: string): void {
    const editing = this.editing();
    if (editing) this.editing.set({ ...editing, text });
    this.invalid.set('');
  }

  private editKey(event: KeyboardEvent): void {
    const { row, column } = this.active();
    if (event.key === 'Escape') {
      event.preventDefault();
      this.editing.set(null);
      this.invalid.set('');
      this.focusActive();
    } else if (event.key === 'Enter' || event.key === 'Tab' || event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      event.preventDefault();
      const down = event.key === 'ArrowUp' || (event.key === 'Enter' && event.shiftKey) ? -1 : event.key === 'Tab' ? 0 : 1;
      const across = event.key === 'Tab' ? (event.shiftKey ? -1 : 1) : 0;
      void this.commit(true).then((ok) => ok && this.move(row + down, column + across));
    }
  }

  /** Leaves the editor with what was typed. What cannot be read stays, with a sentence. */
  protected async commit(stay: boolean): Promise<boolean> {
    const editing = this.editing();
    if (!editing) return true;
    const row = this.rows()[editing.row]!;
    const before = row.cells[editing.column]!.total;
    const read = readDuration(editing.text);
    if (editing.text.trim() !== '' && (!read.ok || read.value === 0)) {
      this.invalid.set(read.ok ? 'Type more than zero, or empty the cell.' : sentenceOfDuration(read.error.code));
      if (!stay) this.editing.set(null);
      return false;
    }
    this.editing.set(null);
    this.invalid.set('');
    // Unchanged text is no change: a timer's seconds are not lost by looking at them.
    if (editing.text === (before > 0 ? this.store.text(before) : '')) return true;
    // The next cell does not wait for the answer.
    void this.store.typeCell(row, editing.column, editing.text);
    return true;
  }

  private async empty(): Promise<void> {
    const { row, toRow, column, toColumn } = this.range();
    for (let r = row; r <= toRow; r += 1) {
      for (let c = column; c <= toColumn; c += 1) {
        const target = this.rows()[r]!;
        if (target.cells[c]!.typeable && target.cells[c]!.total > 0) await this.store.typeCell(target, c, '');
      }
    }
  }

  protected copy(event: ClipboardEvent): void {
    if (this.editing()) return;
    event.preventDefault();
    event.clipboardData?.setData(
      'text/plain',
      copyText(this.rows(), this.range(), (value) => this.store.text(seconds(value))),
    );
  }

  protected pasted(event: ClipboardEvent): void {
    if (this.editing()) return;
    event.preventDefault();
    const { row, column } = this.range();
    void this.store.paste(this.rows(), row, column, event.clipboardData?.getData('text/plain') ?? '');
  }

  /** A row needs a service before hours can stand in it. */
  protected pickWork(work: PickedWork): void {
    this.adding.set(work);
    setTimeout(() => document.getElementById('new-row-service')?.focus());
  }

  protected async addRow(serviceId: string): Promise<void> {
    const work = this.adding();
    if (!work || !serviceId) return;
    const service = this.services().find((one) => one.id === serviceId)!;
    const billable = (this.projects()[work.projectId]?.billable ?? true) && service.billable;
    this.adding.set(null);
    this.picker()?.clear();
    await this.store.addRow({ ...work, serviceId, billable });
    const index = this.rows().findIndex(
      (row) => row.projectId === work.projectId && row.taskId === work.taskId && row.serviceId === serviceId,
    );
    if (index >= 0)
      this.move(
        index,
        Math.max(
          0,
          (this.store.week()?.days ?? []).findIndex((day) => day.date === this.day()),
        ),
      );
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

const SENTENCES: Readonly<Record<string, string>> = {
  'duration-not-hours': 'More than 24 is not read as hours. Type 4:30, 4.5 or 270m.',
  'duration-minutes': 'Minutes go to 59. Type 4:30, 4.5 or 270m.',
};

function sentenceOfDuration(code: string): string {
  return SENTENCES[code] ?? 'This cannot be read as a duration. Type 4:30, 4.5 or 4h30.';
}
