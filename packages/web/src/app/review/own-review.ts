import { TitleCasePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { Api } from '../api/api';
import { Address } from '../state/address';
import { Periods } from '../state/periods';
import { sessionFeature } from '../state/session';
import { DayPipe, HoursPipe, MomentPipe } from '../ui/formats';
import { loaded } from '../ui/loaded';

/** What has become of the own periods, for people who review nobody. */
@Component({
  selector: 'yw-own-review',
  imports: [RouterLink, DayPipe, HoursPipe, MomentPipe, TitleCasePipe],
  templateUrl: './own-review.html',
  styles: 'h1 { margin-bottom: 12px; } td span { display: block; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OwnReview {
  private readonly api = inject(Api);
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

  protected sum(entries: readonly { kind: string; stage: string; quantity: number }[], stages: readonly string[]): number {
    return entries
      .filter((entry) => entry.kind === 'time' && stages.includes(entry.stage))
      .reduce((total, entry) => total + entry.quantity, 0);
  }

  protected returned<T extends { returned: unknown }>(entries: readonly T[]): T[] {
    return entries.filter((entry) => entry.returned !== null);
  }
}
