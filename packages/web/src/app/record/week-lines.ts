import { Injectable, computed, inject } from '@angular/core';
import { Address } from '../state/address';
import { ABSENCE_WORDS } from '../state/words';
import { WorkNames } from '../ui/work-names';
import { GridRow, rowKey } from './week-model';
import { WeekStore } from './week-store';
import { WhoseWeek } from './whose-week';

/** The rows of a week as they stand in its grid: within the scope, in words, with their sums. */
@Injectable()
export class WeekLines {
  private readonly store = inject(WeekStore);
  private readonly whose = inject(WhoseWeek);
  private readonly names = inject(WorkNames);
  private readonly address = inject(Address);
  readonly rows = computed(() => this.store.rows().filter((row) => this.inScope(row)));
  /** What stands in the rows, in words: made when the week changes, not at every key. */
  readonly all = computed(() =>
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
  readonly dates = computed(() => (this.store.week()?.days ?? []).map((day) => day.date));
  readonly totals = computed(() =>
    (this.store.week()?.days ?? []).map((_, index) => this.rows().reduce((sum, row) => sum + row.cells[index]!.total, 0)),
  );
  readonly weekTotal = computed(() => this.totals().reduce((sum, total) => sum + total, 0));
  readonly planned = computed(() => (this.store.week()?.days ?? []).reduce((sum, day) => sum + day.planned, 0));
  readonly absences = computed(
    () =>
      new Map(
        (this.store.week()?.entries ?? [])
          .filter((entry) => entry.kind === 'absence')
          .map((entry) => [entry.date, ABSENCE_WORDS[entry.absenceCode ?? ''] ?? 'absent']),
      ),
  );
  private inScope(row: GridRow): boolean {
    const [kind, id] = this.address.scope().split(':');
    // Somebody's scope narrows what others see of them; the own week stays whole.
    if (kind === 'all' || kind === 'person' || row.projectId === null) return true;
    const project = this.names.projectOf(row.projectId);
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

  private removable(row: GridRow): boolean {
    const week = this.store.week();
    if (row.total > 0 || row.projectId === null || row.serviceId === null || week?.state !== 'open') return false;
    // Rows that somebody else keeps are theirs.
    return !this.whose.looked() || !week.rows.some((one) => rowKey(one) === row.key);
  }
}
