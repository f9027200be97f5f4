import { Injectable, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  amountText,
  dateIn,
  durationText,
  minor,
  moneyText,
  percentText,
  rate,
  rateText,
  seconds,
  wholeMoneyText,
  writingFor,
} from '@yellowwood/core';
import type { Forms } from '@yellowwood/contracts';
import { sessionFeature } from './session';

/** How a date is told: `9 Jun`, `Tue 9`, `Tue, 9 Jun`, `Tuesday`, `June 2026`, `Jun`; a year where it is not this year. */
export type DateForm = 'short' | 'weekday' | 'full' | 'name' | 'month' | 'mon';

const FORMS: Readonly<Record<DateForm, Intl.DateTimeFormatOptions>> = {
  short: { day: 'numeric', month: 'short' },
  weekday: { weekday: 'short', day: 'numeric' },
  full: { weekday: 'short', day: 'numeric', month: 'short' },
  name: { weekday: 'long' },
  month: { month: 'long', year: 'numeric' },
  mon: { month: 'short' },
};

/**
 * Every figure, date and time of the page in one form: figures as the firm's country writes them, dates in English words
 * and the country's order, durations as the person likes them, moments by the person's clock.
 */
@Injectable({ providedIn: 'root' })
export class Formats {
  private readonly store = inject(Store);
  private readonly me = this.store.selectSignal(sessionFeature.selectMe);
  private readonly form = this.store.selectSignal(sessionFeature.selectDurationForm);
  private readonly country = computed(() => this.me()?.firm.country ?? 'GB');
  private readonly own = this.store.selectSignal(sessionFeature.selectForms);
  /** What is chosen: by the person, else by the firm; null as in the firm's country. */
  private readonly forms = computed((): Forms => {
    const [own, firm] = [this.own(), this.me()?.firm.forms];
    const of = <K extends keyof Forms>(key: K): Forms[K] => own?.[key] ?? firm?.[key] ?? (null as Forms[K]);
    return { dates: of('dates'), clock: of('clock'), numbers: of('numbers') };
  });
  private readonly writing = computed(() => writingFor(this.forms(), this.country()));
  /** BCP 47 tags. */
  readonly numbers = computed(() => this.writing().numbers);
  readonly dates = computed(() => this.writing().dates);
  private readonly yearFirst = computed(() => this.writing().yearFirst);
  private readonly hours12 = computed(() => this.forms().clock === '12 hours');
  private readonly writers = new Map<string, Intl.DateTimeFormat>();

  /** Seconds as hours: `4:30` or `4.50`. */
  hours(value: number): string {
    return durationText(seconds(value), this.form(), this.numbers());
  }

  /** Minor units with their currency: `£3,683.34`. */
  money(value: number, currency: string): string {
    return moneyText(minor(value), currency, this.numbers());
  }

  /** The same to the whole unit, for figures that only show where something is: `£3,683`. */
  about(value: number, currency: string): string {
    return wholeMoneyText(minor(value), currency, this.numbers());
  }

  /** An amount whose currency stands elsewhere: `3,683.34`. */
  amount(value: number, currency: string): string {
    return amountText(minor(value), currency, this.numbers());
  }

  /** A rate per hour: `92.00`. */
  rate(value: number, currency: string): string {
    return rateText(rate(value), currency, this.numbers());
  }

  /** Millionths as a percentage: `95.3%`. */
  percent(value: number, digits = 1): string {
    return percentText(value, this.numbers(), digits);
  }

  /**
   * A date. Its year stands there where it is another than this one, except beside a day of the week.
   * @param date an ISO date
   */
  day(date: string, form: DateForm = 'short'): string {
    if (this.yearFirst() && form === 'short') return date;
    if (this.yearFirst() && form === 'full') return `${this.named(date)} ${date}`;
    const thisYear = this.me()?.today.slice(0, 4);
    const year =
      (form === 'short' || form === 'full' || form === 'mon') && thisYear !== undefined && date.slice(0, 4) !== thisYear;
    return this.write(`${date}T00:00:00Z`, { ...FORMS[form], ...(year ? { year: 'numeric' } : {}), timeZone: 'UTC' });
  }

  /** A date with its weekday and its year, as fields show it: `Tue, 9 Jun 2026`. */
  whole(date: string): string {
    if (this.yearFirst()) return `${this.named(date)} ${date}`;
    return this.write(`${date}T00:00:00Z`, { ...FORMS.full, year: 'numeric', timeZone: 'UTC' });
  }

  private named(date: string): string {
    return this.write(`${date}T00:00:00Z`, { weekday: 'short', timeZone: 'UTC' });
  }

  /**
   * When something happened, where the person is: `Tue 9 Jun, 17:40`; with its year where that is another one, and with
   * the place of the clock where the firm's goes otherwise.
   */
  moment(instant: string): string {
    const me = this.me();
    if (!me) return '';
    const { zone } = me.person;
    const year = (at: string) => this.write(at, { year: 'numeric', timeZone: zone });
    const other = year(instant) !== me.today.slice(0, 4);
    const text = this.yearFirst()
      ? `${this.day(dateIn(zone, instant), 'full')}, ${this.clock(instant)}`
      : this.write(instant, {
          ...FORMS.full,
          ...(other ? { year: 'numeric' } : {}),
          ...this.clockForm(),
          timeZone: zone,
        });
    return zone === me.firm.zone ? text : `${text} (${zone.split('/').at(-1)!.replaceAll('_', ' ')})`;
  }

  /** The clock of the person: `17:40`. */
  clock(instant: string): string {
    const timeZone = this.me()?.person.zone ?? 'UTC';
    return this.write(instant, { ...this.clockForm(), timeZone });
  }

  /** A time of the clock, as it is kept: `17:40` or `17:40:30`, as `5:40 pm` where that is chosen. */
  time(clock: string | null): string {
    if (!clock || !this.hours12()) return clock ?? '';
    const [hour = 0, ...rest] = clock.split(':').map(Number);
    const minutes = rest.map((one) => String(one).padStart(2, '0')).join(':');
    return `${hour % 12 || 12}:${minutes} ${hour < 12 ? 'am' : 'pm'}`;
  }

  private clockForm(): Intl.DateTimeFormatOptions {
    return this.hours12()
      ? { hour: 'numeric', minute: '2-digit', hourCycle: 'h12' }
      : { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' };
  }

  private write(instant: string, options: Intl.DateTimeFormatOptions): string {
    const key = this.dates() + JSON.stringify(options);
    let writer = this.writers.get(key);
    if (!writer) this.writers.set(key, (writer = new Intl.DateTimeFormat(this.dates(), options)));
    return writer.format(new Date(instant));
  }
}
