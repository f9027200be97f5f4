import { Injectable, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  Dates,
  PeriodRule,
  WEEKS,
  besidePeriod,
  daysBetween,
  monthOf,
  periodRuleOn,
  periodText,
  submissionPeriod,
  weekNumber,
} from '@yellowwood/core';
import { Address } from './address';
import { Formats } from './formats';
import { sessionFeature } from './session';

/** The firm's periods of submission, as the page shows them and as they stand in the address. */
@Injectable({ providedIn: 'root' })
export class Periods {
  private readonly me = inject(Store).selectSignal(sessionFeature.selectMe);
  private readonly address = inject(Address);
  private readonly formats = inject(Formats);
  private readonly rule = computed((): PeriodRule => this.me()?.firm.period ?? WEEKS);
  private readonly today = computed(() => this.named()?.from ?? this.me()?.today ?? '');
  /** What a period is called. */
  readonly word = computed(
    () =>
      ({ week: 'week', month: 'month', 'half-month': 'period', days: 'period' })[periodRuleOn(this.today(), this.rule()).kind],
  );
  /** The period that the address names; null where it names none. */
  readonly named = computed(() => {
    const period = this.address.period();
    return period && this.of(period.from);
  });

  /** The period that holds a date. */
  of(date: string): Dates {
    return submissionPeriod(date, this.rule());
  }

  /** The period before or after the one that holds a date. */
  beside(date: string, by: 1 | -1): Dates {
    return besidePeriod(this.of(date), this.rule(), by);
  }

  /** How the period that holds a date stands in the address. */
  text(date: string): string {
    return periodText({ ...this.of(date), kind: this.isWeek(date) ? 'week' : this.isMonth(date) ? 'month' : 'range' });
  }

  /** What the period that holds a date is called: `week 24`, `May 2026`, `1 Jun to 15 Jun`. */
  name(date: string): string {
    const { from, to } = this.of(date);
    if (this.isWeek(date)) return `week ${weekNumber(from).week}`;
    if (this.isMonth(date)) return this.formats.day(monthOf(from).from, 'month');
    return `${this.formats.day(from)} to ${this.formats.day(to)}`;
  }

  /** The same at the beginning of a line. */
  title(date: string): string {
    const name = this.name(date);
    return name.charAt(0).toUpperCase() + name.slice(1);
  }

  /** Whether it is a whole week from Monday: one that was cut by other periods is not. */
  private isWeek(date: string): boolean {
    const { kind, weekStart } = periodRuleOn(date, this.rule());
    const { from, to } = this.of(date);
    return kind === 'week' && weekStart === 1 && daysBetween(from, to) === 6;
  }

  private isMonth(date: string): boolean {
    const { from, to } = monthOf(date);
    return periodRuleOn(date, this.rule()).kind === 'month' && this.of(date).from === from && this.of(date).to === to;
  }
}
