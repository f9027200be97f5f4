import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { seconds, sumSeconds } from '@yellowwood/core';
import type { Entry } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { Address } from '../state/address';
import { Formats } from '../state/formats';
import { Periods } from '../state/periods';
import { sessionFeature } from '../state/session';
import { DayPipe, HoursPipe } from '../ui/formats';
import { loaded } from '../ui/loaded';
import { WorkNames } from '../ui/work-names';
import { WhoseWeek } from './whose-week';
import { blockingText, emptyDays, isBlocking } from './week-state';
import { SayPipe } from '../state/own-words';

/** Beside the week while nothing is chosen: what stands in its way, and how today and the period stand. */
@Component({
  selector: 'yw-week-needs',
  imports: [DayPipe, HoursPipe, SayPipe],
  templateUrl: './week-needs.html',
  styleUrls: ['../shell/why.scss'],
  styles: 'small { display: block; } .gap { margin-top: 14px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WeekNeeds {
  private readonly api = inject(Api);
  private readonly address = inject(Address);
  private readonly formats = inject(Formats);
  private readonly names = inject(WorkNames);
  protected readonly periods = inject(Periods);
  protected readonly whose = inject(WhoseWeek);
  private readonly today = inject(Store).selectSignal(sessionFeature.selectToday);
  private readonly from = computed(() => this.periods.named()?.from ?? (this.today() ? this.periods.of(this.today()).from : ''));
  protected readonly week = loaded(
    () => (this.from() ? { from: this.from(), query: this.whose.query() } : undefined),
    ({ from, query }) => this.api.call('readTimesheet', { params: { from }, query }),
  );
  private readonly time = computed(() => (this.week.value()?.entries ?? []).filter((entry) => entry.kind === 'time'));
  protected readonly recorded = computed(() => sumSeconds(this.time().map(({ quantity }) => seconds(quantity))));
  protected readonly planned = computed(() => sumSeconds((this.week.value()?.days ?? []).map(({ planned }) => seconds(planned))));
  /** The day of today, where it lies in the period. */
  protected readonly day = computed(() => this.week.value()?.days.find(({ date }) => date === this.today()) ?? null);
  protected readonly blocking = computed(() => this.time().filter(isBlocking));
  protected readonly returned = computed(() => this.time().filter((entry) => entry.returned));
  protected readonly empty = computed(() => {
    const week = this.week.value();
    // Today is not over yet.
    return week ? emptyDays(week, this.today()).filter((date) => date < this.today()) : [];
  });
  protected readonly title = computed(() => this.periods.title(this.from()));

  protected why(entry: Entry): string {
    return blockingText(entry);
  }

  protected nameOf(entry: Entry): string {
    const work = this.names.task(entry.taskId) || this.names.project(entry.projectId) || 'Not classified yet';
    return `${this.formats.day(entry.date, 'weekday')}, ${work}`;
  }

  protected open(entry: Entry): void {
    void this.address.set({ day: entry.date, sel: `entry:${entry.id}` }, true);
  }

  protected goTo(day: string): void {
    void this.address.set({ day }, true);
  }
}
