import { ChangeDetectionStrategy, Component, DOCUMENT, computed, inject, input } from '@angular/core';
import { MatDivider } from '@angular/material/divider';
import { MatMenu, MatMenuItem, MatMenuTrigger } from '@angular/material/menu';
import { Store } from '@ngrx/store';
import { sessionFeature } from '../../state/session';
import { command } from '../command';
import { download } from '../download';
import { Column } from './column';
import { printSheet } from './print';
import { Sheet, csvOf, sheetOf } from './sheet';
import type { Table } from './table';

/** Which columns, in which groups, and taking away what is shown: as a file or on paper. */
@Component({
  selector: 'yw-table-menu',
  imports: [MatDivider, MatMenu, MatMenuItem, MatMenuTrigger],
  templateUrl: './table-menu.html',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TableMenu<T> {
  private readonly document = inject(DOCUMENT);
  private readonly today = inject(Store).selectSignal(sessionFeature.selectToday);
  private readonly command = command();
  readonly of = input.required<Table<T>>();
  protected readonly chosen = computed(() =>
    this.of()
      .worded()
      .filter(({ choice }) => choice)
      .map((column) => ({ column, on: this.of().ids().includes(column.id) })),
  );
  protected readonly groups = computed(() =>
    this.of()
      .worded()
      .filter(({ groups }) => groups),
  );
  protected readonly group = computed(() => this.of().choice().group);

  protected toggle(event: Event, column: Column<T>): void {
    // It stays open: one chooses several.
    event.stopPropagation();
    const on = this.of()
      .worded()
      .filter(({ id, choice: optional }) => optional && this.of().ids().includes(id) !== (id === column.id))
      .map(({ id }) => id);
    this.of().choose({ columns: on });
  }

  protected groupBy(id: string | null): void {
    this.of().choose({ group: id });
  }

  private sheet(): Sheet {
    const { shown, lines, totals, totalWords, formats } = this.of();
    return sheetOf(shown(), lines(), totals(), totalWords(), formats);
  }

  private fileName(ending: string): string {
    return `${this.of()
      .title()
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')}-${this.today()}.${ending}`;
  }

  protected saveCsv(): void {
    download(new Blob([csvOf(this.sheet())], { type: 'text/csv;charset=utf-8' }), this.fileName('csv'));
  }

  /** Written beside the page, by what is only loaded for it. */
  protected saveXlsx(): Promise<unknown> {
    return this.command.run(async () => {
      const worker = new Worker(new URL('../../workers/xlsx.worker', import.meta.url), { type: 'module' });
      try {
        const bytes = await new Promise<ArrayBuffer>((resolve, reject) => {
          worker.onmessage = ({ data }: MessageEvent<ArrayBuffer>) => resolve(data);
          worker.onerror = () => reject(new Error('The file could not be written. Save it as CSV instead.'));
          worker.postMessage({ name: this.of().title(), sheet: this.sheet() });
        });
        const type = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet';
        download(new Blob([bytes], { type }), this.fileName('xlsx'));
      } finally {
        worker.terminate();
      }
    });
  }

  protected print(): void {
    const { title, shown, lines, totals, totalWords, words } = this.of();
    printSheet(this.document, title(), {
      heads: shown().map((column) => words.headOf(column)),
      figures: shown().map((column) => column.kind !== 'text' && column.kind !== 'date'),
      rows: [
        ...lines().map((line) =>
          shown().map((column, index) => {
            if (line.kind === 'row') return [...words.of(column, column.value(line.row)), column.small?.(line.row) ?? ''];
            return index === 0 ? [line.name] : words.of(column, line.totals.get(column.id) ?? null);
          }),
        ),
        ...(totals().size > 0
          ? [shown().map((column, index) => (index === 0 ? [totalWords()] : words.of(column, totals().get(column.id) ?? null)))]
          : []),
      ],
    });
  }
}
