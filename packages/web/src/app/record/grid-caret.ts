import { Signal, computed, signal } from '@angular/core';
import { Cell, GridRow, Place, Range } from './week-model';

/** Where a cell stands in the grid as it is shown now. */
export interface Position {
  readonly row: number;
  readonly column: number;
}

/**
 * Caret and marked block of a grid. Both belong to a row and a date, never to where these stand: whatever comes and goes
 * meanwhile, what is done is done to what was chosen.
 */
export class GridCaret {
  private readonly caret = signal<Place | null>(null);
  private readonly anchor = signal<Place | null>(null);
  /** The date on which going on by Tab began. */
  private run: string | null = null;
  readonly isBlock = computed(() => this.anchor() !== null);
  /** Where the caret stands now. */
  readonly position = computed(() => this.positionOf(this.caret()) ?? this.beginning());
  readonly place = computed(() => this.placeAt(this.position()));
  readonly cell = computed((): Cell | undefined => this.rows()[this.position().row]?.cells[this.position().column]);
  readonly range = computed((): Range => {
    const a = this.position();
    const b = this.positionOf(this.anchor()) ?? a;
    return {
      row: Math.min(a.row, b.row),
      toRow: Math.max(a.row, b.row),
      column: Math.min(a.column, b.column),
      toColumn: Math.max(a.column, b.column),
    };
  });

  constructor(
    private readonly rows: Signal<readonly GridRow[]>,
    private readonly dates: Signal<readonly string[]>,
    private readonly today: Signal<string>,
  ) {}

  /** Goes to a cell; what lies outside is the last one before it. */
  goTo({ row, column }: Position, marking = false): Place | null {
    this.run = null;
    this.anchor.set(marking ? (this.anchor() ?? this.place()) : null);
    const within = (value: number, count: number) => Math.max(0, Math.min(value, count - 1));
    const place = this.placeAt({ row: within(row, this.rows().length), column: within(column, this.dates().length) });
    this.caret.set(place);
    return place;
  }

  /** To the cell beside. */
  goAcross(by: 1 | -1): Place | null {
    const { row, column } = this.position();
    const run = this.run ?? this.dates()[column] ?? null;
    const place = this.goTo({ row, column: column + by });
    this.run = run;
    return place;
  }

  /** To the row below or above; from a row that was filled by Tab, to the column in which that began. */
  goDown(by: 1 | -1): Place | null {
    const { row, column } = this.position();
    const began = this.run === null ? column : this.dates().indexOf(this.run);
    return this.goTo({ row: row + by, column: began });
  }

  /** Follows the focus, whatever brought it there. */
  follow(place: Place): void {
    const now = this.caret();
    if (now?.key === place.key && now.date === place.date) return;
    this.run = null;
    this.caret.set(place);
  }

  holds(row: number, column: number): boolean {
    const range = this.range();
    return row >= range.row && row <= range.toRow && column >= range.column && column <= range.toColumn;
  }

  is(row: number, column: number): boolean {
    return this.position().row === row && this.position().column === column;
  }

  private positionOf(place: Place | null): Position | null {
    if (!place) return null;
    const row = this.rows().findIndex((one) => one.key === place.key);
    const column = this.dates().indexOf(place.date);
    return row < 0 || column < 0 ? null : { row, column };
  }

  private placeAt({ row, column }: Position): Place | null {
    const [key, date] = [this.rows()[row]?.key, this.dates()[column]];
    return key && date ? { key, date } : null;
  }

  /** On what was returned, or else on today. */
  private beginning(): Position {
    const returned = (row: GridRow) => row.cells.findIndex((cell) => cell.returned);
    const row = this.rows().findIndex((one) => returned(one) >= 0);
    if (row >= 0) return { row, column: returned(this.rows()[row]!) };
    return { row: 0, column: Math.max(0, this.dates().indexOf(this.today())) };
  }
}
