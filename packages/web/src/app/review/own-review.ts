import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { addDays, periodText, weekNumber, weekOf } from '@yellowwood/core';
import { Api } from '../api/api';
import { Address } from '../state/address';
import { sessionFeature } from '../state/session';
import { DayPipe, HoursPipe, MomentPipe } from '../ui/formats';
import { loaded } from '../ui/loaded';

/** What has become of the own weeks, for people who review nobody. */
@Component({
  selector: 'yw-own-review',
  imports: [RouterLink, DayPipe, HoursPipe, MomentPipe],
  templateUrl: './own-review.html',
  styles: 'h1 { margin-bottom: 12px; } td span { display: block; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OwnReview {
  private readonly api = inject(Api);
  protected readonly address = inject(Address);
  private readonly today = inject(Store).selectSignal(sessionFeature.selectToday);
  private readonly mondays = computed(() => {
    const monday = this.today() ? weekOf(this.today()).from : '';
    return monday ? Array.from({ length: 6 }, (_, index) => addDays(monday, -7 * index)) : undefined;
  });
  protected readonly weeks = loaded(
    () => this.mondays(),
    (mondays) => Promise.all(mondays.map((from) => this.api.call('readTimesheet', { params: { from } }))),
  );

  protected number(date: string): number {
    return weekNumber(date).week;
  }

  protected period(date: string): string {
    return periodText(weekOf(date));
  }

  protected sum(entries: readonly { kind: string; stage: string; quantity: number }[], stages: readonly string[]): number {
    return entries
      .filter((entry) => entry.kind === 'time' && stages.includes(entry.stage))
      .reduce((total, entry) => total + entry.quantity, 0);
  }

  protected returned<T extends { returned: unknown }>(entries: readonly T[]): T[] {
    return entries.filter((entry) => entry.returned !== null);
  }
}
