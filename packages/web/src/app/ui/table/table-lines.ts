import { NgTemplateOutlet } from '@angular/common';
import { CdkVirtualScrollViewport } from '@angular/cdk/scrolling';
import { ChangeDetectionStrategy, Component, computed, effect, inject, input, untracked } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { MatTableModule } from '@angular/material/table';
import { sum } from 'd3-array';
import { NEVER, Subject } from 'rxjs';
import type { Line } from './arrange';
import { isFigure } from './column';
import type { Table } from './table';

/**
 * Heads, lines and totals of a table: the same where the page scrolls and, within a scrolling viewport, where the table
 * does; there only the lines in sight are drawn, and heads and totals keep their place.
 */
@Component({
  selector: 'yw-table-lines',
  imports: [MatTableModule, NgTemplateOutlet],
  templateUrl: './table-lines.html',
  styleUrl: './table-lines.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TableLines<T> {
  private readonly viewport = inject(CdkVirtualScrollViewport, { optional: true });
  private readonly range = toSignal(this.viewport?.renderedRangeStream ?? NEVER, { initialValue: { start: 0, end: 0 } });
  readonly of = input.required<Table<T>>();
  protected readonly fixed = this.viewport !== null;
  protected readonly drawn = computed(() => {
    const lines = this.of().lines();
    return this.fixed ? lines.slice(this.range().start, this.range().end) : lines;
  });
  /** How far what is drawn is moved down; what keeps its place is moved back by as much. */
  protected readonly offset = toSignal(this.viewport?.renderedContentOffset ?? NEVER, { initialValue: 0 });
  /** The least width in pixels at which names still have room beside the figures. */
  protected readonly least = computed(() => sum(this.of().shown(), ({ width }) => width ?? 120));
  protected readonly isFigure = isFigure;
  protected readonly keyOf = (_index: number, line: Line<T>) => line.key;

  constructor() {
    const { viewport } = this;
    if (!viewport) return;
    const all = new Subject<readonly Line<T>[]>();
    viewport.attach({ dataStream: all, measureRangeSize: ({ start, end }) => (end - start) * untracked(this.of).rowHeight() });
    effect(() => {
      const lines = this.of().lines();
      untracked(() => all.next(lines));
    });
  }
}
