import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { seconds, sumSeconds } from '@yellowwood/core';
import type { Timesheet } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { Address } from '../state/address';
import { Formats } from '../state/formats';
import { Periods } from '../state/periods';
import { sessionFeature } from '../state/session';
import { MomentPipe } from '../ui/formats';
import { loaded } from '../ui/loaded';
import { Loading } from '../ui/loading';
import { CellTemplate } from '../ui/table/cell-template';
import { Column } from '../ui/table/column';
import { Table } from '../ui/table/table';

/** What has become of the own periods, for people who review nobody. */
@Component({
  selector: 'yw-own-review',
  imports: [CellTemplate, MomentPipe, Table, Loading],
  templateUrl: './own-review.html',
  styles: 'h1 { margin-bottom: 12px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OwnReview {
  private readonly api = inject(Api);
  private readonly formats = inject(Formats);
  protected readonly address = inject(Address);
  private readonly today = inject(Store).selectSignal(sessionFeature.selectToday);
  protected readonly periods = inject(Periods);
  /** Of the last six periods, the newest first. */
  private readonly begins = computed(() => {
    if (!this.today()) return undefined;
    const begins = [this.periods.of(this.today()).from];
    while (begins.length < 6) begins.push(this.periods.beside(begins.at(-1)!, -1).from);
    return begins;
  });
  protected readonly weeks = loaded(
    () => this.begins(),
    (begins) => Promise.all(begins.map((from) => this.api.call('readTimesheet', { params: { from } }))),
  );

  protected readonly keyOf = ({ from }: Timesheet) => from;
  protected readonly columns = computed((): readonly Column<Timesheet>[] => [
    {
      id: 'period',
      head: this.periods.word().charAt(0).toUpperCase() + this.periods.word().slice(1),
      kind: 'text',
      value: (one) => this.periods.title(one.from),
      small: (one) => `${this.formats.day(one.from)} to ${this.formats.day(one.to)}`,
      unsorted: true,
    },
    {
      id: 'recorded',
      head: 'Recorded',
      kind: 'hours',
      value: (one) => hoursIn(one, ['recorded', 'submitted', 'approved', 'billed', 'paid']),
      total: true,
    },
    { id: 'waiting', head: 'Waiting', kind: 'hours', value: (one) => hoursIn(one, ['submitted']), total: true },
    {
      id: 'approved',
      head: 'Approved',
      kind: 'hours',
      value: (one) => hoursIn(one, ['approved', 'billed', 'paid']),
      total: true,
    },
    { id: 'state', head: 'State', kind: 'text', value: (one) => one.state },
  ]);

  protected returned({ entries }: Timesheet): Timesheet['entries'] {
    return entries.filter((entry) => entry.returned !== null);
  }

  protected open(from: string): void {
    void this.address.go('record', { period: this.periods.text(from) });
  }
}

function hoursIn({ entries }: Timesheet, stages: readonly string[]): number {
  return sumSeconds(
    entries.filter((entry) => entry.kind === 'time' && stages.includes(entry.stage)).map((entry) => seconds(entry.quantity)),
  );
}
