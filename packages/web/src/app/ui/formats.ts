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
const moment = new Intl.DateTimeFormat(navigator.language, {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  hour: '2-digit',
  minute: '2-digit',
});

/** A date, short (`9 Jun`), by weekday (`Tue 9`) or in full. */
@Pipe({ name: 'day' })
export class DayPipe implements PipeTransform {
  transform(value: string | null | undefined, form: 'short' | 'weekday' | 'full' = 'short'): string {
    if (!value) return '';
    if (form === 'short') return shortDate(value, new Date().toISOString());
    return (form === 'weekday' ? days : long).format(new Date(`${value}T00:00:00Z`));
  }
}

/** When something happened: `Tue 9 Jun, 17:40`. */
@Pipe({ name: 'moment' })
export class MomentPipe implements PipeTransform {
  transform(value: string | null | undefined): string {
    return value ? moment.format(new Date(value)) : '';
  }
}
