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
  viewChild,
} from '@angular/core';
import type { View } from '@yellowwood/contracts';
import { Address } from '../../state/address';
import { Formats } from '../../state/formats';
import { Views } from '../../state/views';
import { command } from '../command';
import { NotFetched } from '../not-fetched';
import { Line, arrange, inTree, shownColumns, totalsOf } from './arrange';
import { CellContext, CellTemplate } from './cell-template';
import { CellWords } from './cell-words';
import { Cell, Column } from './column';
import { Only, onlyRows, onlyText, readOnly } from './only';
import { RowFocus } from './row-focus';
import { TableLines } from './table-lines';
import { TableMenu } from './table-menu';
import { TableOnly } from './table-only';
import { OwnWords } from '../../state/own-words';

/** Above so many rows only those in sight are drawn. */
const MANY = 200;

/**
 * A table: columns as data, sorted, grouped and chosen as its reader likes and kept for them; totals that say what they
 * total; one stop of Tab with arrows inside, by the rows' identity; all that is shown to take away as a file or on paper.
 */
@Component({
  selector: 'yw-table',
  imports: [CdkFixedSizeVirtualScroll, CdkVirtualScrollViewport, NotFetched, TableLines, TableMenu, TableOnly],
  templateUrl: './table.html',
  styleUrl: './table.scss',
  host: { '[style.--mat-table-row-item-container-height.px]': 'rowHeight()' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Table<T> {
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  private readonly injector = inject(Injector);
  readonly formats = inject(Formats);
  private readonly address = inject(Address);
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
  /** Whether what lies below a row of a tree is shown; null for what has nothing below. With it, rows are folded and unfolded. */
  readonly unfolded = input<((row: T) => boolean | null) | null>(null);
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
  /** A row that is to be folded, or unfolded. */
  readonly turned = output<T>();

  private readonly cellTemplates = contentChildren<CellTemplate<T>>(CellTemplate);
  readonly templates = computed(
    () => new Map<string, TemplateRef<CellContext<T>>>(this.cellTemplates().map((one) => [one.ywCell(), one.template])),
  );
  private readonly say = inject(OwnWords).say;
  /** Its name and heads in the words of the firm. */
  readonly title = computed(() => this.say(this.name()));
  readonly worded = computed(() => this.columns().map((column) => ({ ...column, head: this.say(column.head) })));
  readonly choice = this.views.of(() => this.view());
  readonly shown = computed(() => shownColumns(this.worded(), this.choice()));
  readonly ids = computed(() => this.shown().map(({ id }) => id));
  /** Whether some of its rows may be shown alone. */
  protected readonly chooses = computed(() => this.worded().some(({ groups }) => groups));
  readonly only = computed(() => readOnly(this.view(), this.columns(), this.address.only()));
  /** Whether that is being chosen: by the button, and wherever some rows are shown alone already. */
  protected readonly choosing = linkedSignal<boolean, boolean>({
    source: () => this.only().size > 0,
    computation: (some, before) => some || (before?.value ?? false),
  });
  /** The rows that are shown. */
  readonly kept = computed(() => onlyRows(this.rows() ?? [], this.worded(), this.only()));
  readonly lines = computed(() => arrange(this.kept(), this.worded(), this.choice(), this.keyOf(), this.parent()));
  /** How deep each row of a tree lies, from 1. */
  readonly levels = computed((): ReadonlyMap<string, number> => {
    const [parent, keyOf] = [this.parent(), this.keyOf()];
    if (!parent || !this.unfolded()) return new Map();
    return new Map(inTree(this.kept(), keyOf, parent).map(({ row, depth }) => [keyOf(row), depth + 1]));
  });
  readonly totals = computed((): ReadonlyMap<string, Cell> => {
    const rows = this.kept();
    if (rows.length === 0) return new Map();
    return (this.only().size === 0 ? this.knownTotals() : null) ?? totalsOf(this.shown(), rows);
  });
  protected readonly virtual = computed(() => this.lines().length > MANY);
  readonly focus = new RowFocus<T>(this.host.nativeElement, this.lines, this.chosen, this.viewport);
  readonly words = new CellWords<T>(this.formats, this.shown, this.rows);
  readonly totalWords = computed(() => {
    if (this.totals().size === 0) return '';
    if (this.totalName() && this.only().size === 0) return this.totalName()!;
    return `Total of ${this.counted()}`;
  });
  /** How many rows are shown, of how many. */
  protected readonly counted = computed(() => {
    const [count, shown] = [(this.rows() ?? []).length, this.kept().length];
    const [one, many] = this.things().map(this.say);
    const all = `${this.more() ? 'the first ' : ''}${count} ${count === 1 ? one : many}`;
    return this.only().size === 0 ? all : `${shown} of ${all}`;
  });

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

  /** Shows the rows alone that have one of these values in a column, until something else is said; all of them for none. */
  show(column: string, values: readonly string[]): void {
    const only = new Map(this.only());
    if (values.length > 0) only.set(column, values);
    else only.delete(column);
    this.keepOnly(only);
  }

  showAll(): void {
    this.keepOnly(new Map());
  }

  private keepOnly(only: Only): void {
    void this.address.set({ only: onlyText(this.view(), only, this.address.only()) }, true);
  }

  visit(line: Line<T>): void {
    if (line.kind === 'row') this.focus.current.set(line.key);
  }

  pressed(event: Event, line: Line<T>): void {
    if (line.kind !== 'row' || !this.opens() || (event.target as Element).closest('button, a, input')) return;
    this.opened.emit(line.row);
  }

  key(event: KeyboardEvent, line: Line<T>): void {
    if (line.kind !== 'row') return;
    const index = this.focus.rows().findIndex(({ key }) => key === line.key);
    this.pressedOn.emit({ event, row: line.row, index });
    if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey) return;
    const inside = event.target !== event.currentTarget;
    if (event.key === 'Enter' && this.opens() && !inside) this.opened.emit(line.row);
    else if (this.foldKey(event.key, line.row, index)) event.preventDefault();
    else if (!this.focus.move(event.key, index)) return;
    event.preventDefault();
  }

  /** To the right a row unfolds, then leads to the first below it; to the left it folds, then leads to what it lies below. */
  private foldKey(key: string, row: T, index: number): boolean {
    const unfolded = this.unfolded()?.(row);
    if (unfolded === undefined || (key !== 'ArrowRight' && key !== 'ArrowLeft')) return false;
    if (unfolded === (key === 'ArrowLeft')) this.turned.emit(row);
    else if (key === 'ArrowLeft') this.focus.to(this.parent()?.(row) ?? null);
    else if (unfolded) this.focus.to(this.focus.rows()[index + 1]?.key ?? null);
    return true;
  }

  /** Shows where the list goes on, once it does. */
  protected goOn(): void {
    const before = this.focus.rows().length;
    this.moreAsked.emit();
    const look = () => {
      const next = this.focus.rows()[before];
      if (next) this.focus.to(next.key);
      else if (this.more()) afterNextRender(look, { injector: this.injector });
    };
    afterNextRender(look, { injector: this.injector });
  }
}
