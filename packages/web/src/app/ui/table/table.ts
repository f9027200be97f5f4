import { CdkFixedSizeVirtualScroll, CdkVirtualScrollViewport } from '@angular/cdk/scrolling';
import {
  ChangeDetectionStrategy,
  Component,
  ElementRef,
  Injector,
  TemplateRef,
  afterNextRender,
  booleanAttribute,
  computed,
  contentChildren,
  inject,
  input,
  linkedSignal,
  output,
  signal,
  viewChild,
} from '@angular/core';
import type { View } from '@yellowwood/contracts';
import { Formats } from '../../state/formats';
import { Views } from '../../state/views';
import { command } from '../command';
import { focusWhenThere } from '../focus-when-there';
import { Line, arrange, shownColumns, totalsOf } from './arrange';
import { CellContext, CellTemplate } from './cell-template';
import { Cell, Column, amountsOf } from './column';
import { TableLines } from './table-lines';
import { TableMenu } from './table-menu';

/** Above so many rows only those in sight are drawn. */
const MANY = 200;

/**
 * A table: columns as data, sorted, grouped and chosen as its reader likes and kept for them; totals that say what they
 * total; one stop of Tab with arrows inside, by the rows' identity; all that is shown to take away as a file or on paper.
 */
@Component({
  selector: 'yw-table',
  imports: [CdkFixedSizeVirtualScroll, CdkVirtualScrollViewport, TableLines, TableMenu],
  templateUrl: './table.html',
  styleUrl: './table.scss',
  host: { '[style.--mat-table-row-item-container-height.px]': 'rowHeight()' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Table<T> {
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  private readonly injector = inject(Injector);
  readonly formats = inject(Formats);
  private readonly views = inject(Views);
  private readonly keeping = command({ inTurn: true });
  private readonly viewport = viewChild(CdkVirtualScrollViewport);

  /** What it shows; also the name of its file. */
  readonly name = input.required<string>();
  /** The name under which the person's choices are kept. */
  readonly view = input.required<string>();
  readonly columns = input.required<readonly Column<T>[]>();
  /** Null while they are read. */
  readonly rows = input.required<readonly T[] | null>();
  readonly keyOf = input.required<(row: T) => string>();
  /** What one row is, and what many are: `invoice`, `invoices`. */
  readonly things = input.required<readonly [string, string]>();
  /** What stands there when there is nothing. */
  readonly empty = input.required<string>();
  /** Whether there are more rows than these. */
  readonly more = input(false);
  /** The key of the row that stands beside or below it opened. */
  readonly chosen = input<string | null>(null);
  /** Rows that are done with. */
  readonly dimmed = input<(row: T) => boolean>(() => false);
  /** Whether a row leads somewhere. */
  readonly opens = input(false, { transform: booleanAttribute });
  /** What a row is part of, where the rows are a tree: they are sorted among those beside them. */
  readonly parent = input<((row: T) => string | null) | null>(null);
  /** Totals that are known otherwise than by summing the rows. */
  readonly knownTotals = input<ReadonlyMap<string, Cell> | null>(null);
  /** What the totals are of, where that is more than these rows. */
  readonly totalName = input<string | null>(null);
  /** The height of a row that only stands there when it is in sight, in pixels. */
  readonly rowHeight = input(40);
  readonly opened = output<T>();
  /** A key pressed on a row, before the table takes it; a handler that takes it prevents its default. */
  readonly pressedOn = output<{ event: KeyboardEvent; row: T; index: number }>();
  readonly moreAsked = output();

  private readonly cellTemplates = contentChildren<CellTemplate<T>>(CellTemplate);
  readonly templates = computed(
    () => new Map<string, TemplateRef<CellContext<T>>>(this.cellTemplates().map((one) => [one.ywCell(), one.template])),
  );
  readonly choice = this.views.of(() => this.view());
  readonly shown = computed(() => shownColumns(this.columns(), this.choice()));
  readonly ids = computed(() => this.shown().map(({ id }) => id));
  readonly lines = computed(() => arrange(this.rows() ?? [], this.columns(), this.choice(), this.keyOf(), this.parent()));
  readonly totals = computed((): ReadonlyMap<string, Cell> => {
    const rows = this.rows() ?? [];
    return rows.length === 0 ? new Map() : (this.knownTotals() ?? totalsOf(this.shown(), rows));
  });
  protected readonly virtual = computed(() => this.lines().length > MANY);
  private readonly inRows = computed(() => this.lines().flatMap((line) => (line.kind === 'row' ? [line] : [])));
  /** The row that Tab comes to: it keeps its place by its key; where that is gone, by its number. */
  readonly current = linkedSignal<{ rows: readonly { key: string }[]; chosen: string | null }, string | null>({
    source: () => ({ rows: this.inRows(), chosen: this.chosen() }),
    computation: ({ rows, chosen }, previous) => {
      const has = (key: string | null | undefined) => !!key && rows.some((row) => row.key === key);
      if (chosen !== previous?.source.chosen && has(chosen)) return chosen;
      if (has(previous?.value)) return previous!.value;
      const before = previous?.source.rows.findIndex((row) => row.key === previous.value) ?? 0;
      return rows[Math.max(0, Math.min(before, rows.length - 1))]?.key ?? null;
    },
  });
  /** The one currency of a table without others: it stands in the heads, not at each figure. */
  private readonly currency = computed(() => {
    const money = this.shown().filter(({ kind }) => kind === 'money');
    const found = new Set(
      (this.rows() ?? []).flatMap((row) => money.flatMap((one) => amountsOf(one.value(row)).map((a) => a.currency))),
    );
    return found.size === 1 ? [...found][0]! : null;
  });
  readonly totalWords = computed(() => {
    if (this.totals().size === 0) return '';
    if (this.totalName()) return this.totalName()!;
    const count = (this.rows() ?? []).length;
    const [one, many] = this.things();
    return `Total of ${this.more() ? 'the first ' : ''}${count} ${count === 1 ? one : many}`;
  });

  headOf(column: Column<T>): string {
    return column.kind === 'money' && this.currency() ? `${column.head}, ${this.currency()}` : column.head;
  }

  /** What a cell says, a line each. */
  textsOf({ kind, currency }: Column<T>, cell: Cell): string[] {
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

  sortOf({ id }: Column<T>): 'ascending' | 'descending' | null {
    const { sort } = this.choice();
    return sort?.column === id ? (sort.order === 'up' ? 'ascending' : 'descending') : null;
  }

  arrowOf(column: Column<T>): string {
    const sort = this.sortOf(column);
    return sort === null ? '' : sort === 'ascending' ? '▲' : '▼';
  }

  /** Shows the table so from now on, and keeps it; where it cannot be kept, that is told, and it is shown so all the same. */
  choose(change: Partial<View>): void {
    const view = { ...this.choice(), ...change };
    this.views.show(this.view(), view);
    void this.keeping.run(() => this.views.keep(this.view(), view), { apart: true });
  }

  /** Up, then down, then as it comes. */
  sortBy({ id }: Column<T>): void {
    const { sort } = this.choice();
    const order = sort?.column !== id ? 'up' : sort.order === 'up' ? 'down' : null;
    this.choose({ sort: order && { column: id, order } });
  }

  visit(line: Line<T>): void {
    if (line.kind === 'row') this.current.set(line.key);
  }

  pressed(event: Event, line: Line<T>): void {
    if (line.kind !== 'row' || !this.opens() || (event.target as Element).closest('button, a, input')) return;
    this.opened.emit(line.row);
  }

  key(event: KeyboardEvent, line: Line<T>): void {
    if (line.kind !== 'row') return;
    const rows = this.inRows();
    const index = rows.findIndex(({ key }) => key === line.key);
    this.pressedOn.emit({ event, row: line.row, index });
    if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey) return;
    const inside = event.target !== event.currentTarget;
    const moves: Readonly<Record<string, number>> = {
      ArrowDown: index + 1,
      ArrowUp: index - 1,
      PageDown: index + 10,
      PageUp: index - 10,
      Home: 0,
      End: rows.length - 1,
    };
    const to = moves[event.key];
    if (to !== undefined) {
      if (to < 0 && index === 0) this.heads()[0]?.focus();
      else this.focusRow(rows[Math.max(0, Math.min(to, rows.length - 1))]!.key);
    } else if (event.key === 'Enter' && this.opens() && !inside) this.opened.emit(line.row);
    else return;
    event.preventDefault();
  }

  /** Whether the row that Tab comes to is drawn; where it is not, what scrolls takes the stop. */
  protected readonly inSight = signal(true);

  protected scrolled(): void {
    const { start, end } = this.viewport()!.getRenderedRange();
    const index = this.lines().findIndex(({ key }) => key === this.current());
    this.inSight.set(index >= start && index < end);
  }

  /** From what scrolls, arrows lead back to the row that had the focus. */
  protected scrollerKey(event: KeyboardEvent): void {
    if (event.target !== event.currentTarget || !['ArrowDown', 'ArrowUp', 'Enter'].includes(event.key)) return;
    event.preventDefault();
    this.focusRow(this.current());
  }

  headKey(event: KeyboardEvent): void {
    const heads = this.heads();
    const at = heads.indexOf(event.currentTarget as HTMLElement);
    if (event.key === 'ArrowRight' || event.key === 'ArrowLeft') heads[at + (event.key === 'ArrowRight' ? 1 : -1)]?.focus();
    else if (/^\p{L}$/u.test(event.key) && !event.ctrlKey && !event.metaKey && !event.altKey) {
      const begins = (head: HTMLElement) => head.textContent!.trim().toLowerCase().startsWith(event.key.toLowerCase());
      [...heads.slice(at + 1), ...heads.slice(0, at + 1)].find(begins)?.focus();
    } else if (event.key === 'ArrowDown') this.focusRow(this.inRows()[0]?.key ?? null);
    else return;
    event.preventDefault();
  }

  /** Puts the focus on a row, bringing it into sight first. */
  focusRow(key: string | null): void {
    if (key === null) return;
    this.current.set(key);
    const row = () => this.host.nativeElement.querySelector<HTMLElement>(`tr[data-key="${CSS.escape(key)}"]`);
    const viewport = this.viewport();
    if (row() || !viewport) return row()?.focus();
    // The row that has the focus goes out of sight.
    viewport.elementRef.nativeElement.focus({ preventScroll: true });
    viewport.scrollToIndex(this.lines().findIndex((line) => line.key === key));
    // Drawn some frames after it has scrolled.
    focusWhenThere(row).subscribe();
  }

  /** Shows where the list goes on, once it does. */
  protected goOn(): void {
    const before = this.inRows().length;
    this.moreAsked.emit();
    const look = () => {
      const next = this.inRows()[before];
      if (next) this.focusRow(next.key);
      else if (this.more()) afterNextRender(look, { injector: this.injector });
    };
    afterNextRender(look, { injector: this.injector });
  }

  private heads(): HTMLElement[] {
    return [...this.host.nativeElement.querySelectorAll<HTMLElement>('th .sort')];
  }
}
