import { ChangeDetectionStrategy, Component, ElementRef, computed, inject, input } from '@angular/core';
import { SomeField } from '../form/some-field';
import { valuesOf } from './only';
import type { Table } from './table';

/** Has a table show some of its rows: those with the chosen values, column by column. */
@Component({
  selector: 'yw-table-only',
  imports: [SomeField],
  template: `
    @for (one of fields(); track one.id) {
      <yw-some-field
        [label]="one.head"
        placeholder="any"
        [choices]="one.choices"
        [value]="one.chosen"
        (chosen)="of().show(one.id, $event)"
      />
    }
    @if (of().only().size > 0) {
      <button class="link" type="button" (click)="showAll()">Show all</button>
    }
  `,
  styles: `
    :host {
      display: flex;
      flex-wrap: wrap;
      align-items: end;
      gap: 8px 12px;
      margin-bottom: 10px;
    }
    yw-some-field {
      width: 168px;
    }
    .link {
      min-height: 34px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TableOnly<T> {
  readonly of = input.required<Table<T>>();
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  /** The columns by which rows are chosen, with what stands in them and how often. */
  protected readonly fields = computed(() =>
    this.of()
      .worded()
      .filter(({ groups }) => groups)
      .map((column) => {
        const chosen = this.of().only().get(column.id) ?? [];
        const there = valuesOf(column, this.of().rows() ?? []);
        const gone = chosen.filter((value) => !there.some((one) => one.value === value));
        return {
          id: column.id,
          head: column.head,
          chosen,
          choices: [...there, ...gone.map((value) => ({ value, count: 0 }))].map(({ value, count }) => ({
            value,
            word: `${value || 'none'} (${count})`,
          })),
        };
      }),
  );

  /** Shows all again; its button goes with that, and the focus to the first field. */
  protected showAll(): void {
    this.host.nativeElement.querySelector<HTMLElement>('mat-select')?.focus();
    this.of().showAll();
  }
}
