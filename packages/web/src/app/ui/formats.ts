import { Pipe, PipeTransform, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  DurationForm,
  amountText,
  durationText,
  minor,
  moneyText,
  percentText,
  rate,
  rateText,
  seconds,
  shortDate,
} from '@yellowwood/core';
import { sessionFeature } from '../state/session';

/** Hours as the person likes to see them: `4:30` or `4.50`. */
@Pipe({ name: 'hours', pure: false })
export class HoursPipe implements PipeTransform {
  private readonly form = inject(Store).selectSignal(sessionFeature.selectDurationForm);
  transform(value: number | null | undefined): string {
    return value === null || value === undefined
      ? ''
      : durationText(seconds(value), this.form() as DurationForm, navigator.language);
  }
}

/** An amount with its currency: `£3,683.34`. */
@Pipe({ name: 'money' })
export class MoneyPipe implements PipeTransform {
  transform(value: number | null | undefined, currency: string): string {
    return value === null || value === undefined ? '' : moneyText(minor(value), currency, navigator.language);
  }
}

/** An amount whose currency stands elsewhere: `3,683.34`. */
@Pipe({ name: 'amount' })
export class AmountPipe implements PipeTransform {
  transform(value: number | null | undefined, currency: string): string {
    return value === null || value === undefined ? '' : amountText(minor(value), currency, navigator.language);
  }
}

/** A rate per hour: `92.00`. */
@Pipe({ name: 'rate' })
export class RatePipe implements PipeTransform {
  transform(value: number | null | undefined, currency: string): string {
    return value === null || value === undefined ? '' : rateText(rate(value), currency, navigator.language);
  }
}

/** A ratio in millionths as a percentage; what is not defined says so. */
@Pipe({ name: 'percent' })
export class PercentPipe implements PipeTransform {
  transform(value: number | null | undefined): string {
    return value === null || value === undefined ? 'not defined' : percentText(value, navigator.language);
  }
}

const days = new Intl.DateTimeFormat(navigator.language, { weekday: 'short', day: 'numeric', timeZone: 'UTC' });
const long = new Intl.DateTimeFormat(navigator.language, { weekday: 'long', day: 'numeric', month: 'long', timeZone: 'UTC' });

const full = new Intl.DateTimeFormat(navigator.language, {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  year: 'numeric',
  timeZone: 'UTC',
});

/** A date with its weekday and year, as fields show it: `Tue, 9 Jun 2026`. */
export function fullDate(date: string): string {
  return full.format(new Date(`${date}T00:00:00Z`));
}

/** A date, short (`9 Jun`), by weekday (`Tue 9`) or in full. */
@Pipe({ name: 'day' })
export class DayPipe implements PipeTransform {
  transform(value: string | null | undefined, form: 'short' | 'weekday' | 'full' = 'short'): string {
    if (!value) return '';
    if (form === 'short') return shortDate(value, new Date().toISOString());
    return (form === 'weekday' ? days : long).format(new Date(`${value}T00:00:00Z`));
  }
}

/**
 * When something happened, where the person is: `Tue 9 Jun, 17:40`; with its year where that is another one, and with
 * the place of the clock where the firm's goes otherwise.
 */
export function momentText(instant: string, zone: string, firmZone: string, now: Date = new Date()): string {
  const at = new Date(instant);
  const year = (date: Date) => new Intl.DateTimeFormat('en', { year: 'numeric', timeZone: zone }).format(date);
  const text = new Intl.DateTimeFormat(navigator.language, {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    ...(year(at) === year(now) ? {} : { year: 'numeric' }),
    hour: '2-digit',
    minute: '2-digit',
    timeZone: zone,
  }).format(at);
  return zone === firmZone ? text : `${text} (${zone.split('/').at(-1)!.replaceAll('_', ' ')})`;
}

@Pipe({ name: 'moment', pure: false })
export class MomentPipe implements PipeTransform {
  private readonly me = inject(Store).selectSignal(sessionFeature.selectMe);
  transform(value: string | null | undefined): string {
    const me = this.me();
    return value && me ? momentText(value, me.person.zone, me.firm.zone) : '';
  }
}
