import { CdkVirtualScrollViewport } from '@angular/cdk/scrolling';
import { Signal, computed, linkedSignal, signal } from '@angular/core';
import { focusWhenThere } from '../focus-when-there';
import { Line } from './arrange';

/**
 * The one stop of Tab in a table, and the arrows from it: by the rows' identity, whatever comes and goes meanwhile, and
 * through rows that are not drawn.
 */
export class RowFocus<T> {
  readonly rows = computed(() => this.lines().flatMap((line) => (line.kind === 'row' ? [line] : [])));
  /** The row that Tab comes to: it keeps its place by its key; where that is gone, by its number. */
  readonly current = linkedSignal<{ rows: readonly { key: string }[]; chosen: string | null }, string | null>({
    source: () => ({ rows: this.rows(), chosen: this.chosen() }),
    computation: ({ rows, chosen }, previous) => {
      const has = (key: string | null | undefined) => !!key && rows.some((row) => row.key === key);
      if (chosen !== previous?.source.chosen && has(chosen)) return chosen;
      if (has(previous?.value)) return previous!.value;
      const before = previous?.source.rows.findIndex((row) => row.key === previous.value) ?? 0;
      return rows[Math.max(0, Math.min(before, rows.length - 1))]?.key ?? null;
    },
  });
  /** Whether the row that Tab comes to is drawn; where it is not, what scrolls takes the stop. */
  readonly inSight = signal(true);

  constructor(
    private readonly host: HTMLElement,
    private readonly lines: Signal<readonly Line<T>[]>,
    private readonly chosen: Signal<string | null>,
    private readonly viewport: Signal<CdkVirtualScrollViewport | undefined>,
  ) {}

  scrolled(): void {
    const { start, end } = this.viewport()!.getRenderedRange();
    const index = this.lines().findIndex(({ key }) => key === this.current());
    this.inSight.set(index >= start && index < end);
  }

  /** Puts the focus on a row, bringing it into sight first. */
  to(key: string | null): void {
    if (key === null) return;
    this.current.set(key);
    const row = () => this.host.querySelector<HTMLElement>(`tr[data-key="${CSS.escape(key)}"]`);
    const viewport = this.viewport();
    if (row() || !viewport) return row()?.focus();
    // The row that has the focus goes out of sight.
    viewport.elementRef.nativeElement.focus({ preventScroll: true });
    viewport.scrollToIndex(this.lines().findIndex((line) => line.key === key));
    // Drawn some frames after it has scrolled.
    focusWhenThere(row).subscribe();
  }

  /** @returns whether it is a key that moves through the rows */
  move(key: string, index: number): boolean {
    const rows = this.rows();
    const moves: Readonly<Record<string, number>> = {
      ArrowDown: index + 1,
      ArrowUp: index - 1,
      PageDown: index + 10,
      PageUp: index - 10,
      Home: 0,
      End: rows.length - 1,
    };
    const to = moves[key];
    if (to === undefined) return false;
    if (to < 0 && index === 0) this.heads()[0]?.focus();
    else this.to(rows[Math.max(0, Math.min(to, rows.length - 1))]!.key);
    return true;
  }

  /** From what scrolls, arrows lead back to the row that had the focus. */
  fromScroller(event: KeyboardEvent): void {
    if (event.target !== event.currentTarget || !['ArrowDown', 'ArrowUp', 'Enter'].includes(event.key)) return;
    event.preventDefault();
    this.to(this.current());
  }

  /** Along the heads by arrows and letters, and down into the rows. */
  fromHead(event: KeyboardEvent): void {
    const heads = this.heads();
    const at = heads.indexOf(event.currentTarget as HTMLElement);
    if (event.key === 'ArrowRight' || event.key === 'ArrowLeft') heads[at + (event.key === 'ArrowRight' ? 1 : -1)]?.focus();
    else if (/^\p{L}$/u.test(event.key) && !event.ctrlKey && !event.metaKey && !event.altKey) {
      const begins = (head: HTMLElement) => head.textContent!.trim().toLowerCase().startsWith(event.key.toLowerCase());
      [...heads.slice(at + 1), ...heads.slice(0, at + 1)].find(begins)?.focus();
    } else if (event.key === 'ArrowDown') this.to(this.rows()[0]?.key ?? null);
    else return;
    event.preventDefault();
  }

  private heads(): HTMLElement[] {
    return [...this.host.querySelectorAll<HTMLElement>('th .sort')];
  }
}
