import { Directive, TemplateRef, inject, input } from '@angular/core';
import type { Column } from './column';

/** What a template of a cell is given: the row, and whether the row is the one that has the table's stop of Tab. */
export interface CellContext<T> {
  readonly $implicit: T;
  readonly current: boolean;
}

/**
 * How the cells of one column are drawn, where words and figures alone are not enough:
 * `<ng-template ywCell="state" [ywCellOf]="columns" let-row>…</ng-template>`. Buttons in it take
 * `[tabindex]="current ? 0 : -1"`, so that a table stays one stop of Tab.
 */
@Directive({ selector: 'ng-template[ywCell]' })
export class CellTemplate<T> {
  /** The column's id. */
  readonly ywCell = input.required<string>();
  /** Only says what a row is. */
  readonly ywCellOf = input.required<readonly Column<T>[]>();
  readonly template = inject<TemplateRef<CellContext<T>>>(TemplateRef);

  static ngTemplateContextGuard<T>(_directive: CellTemplate<T>, context: unknown): context is CellContext<T> {
    return context !== undefined;
  }
}
