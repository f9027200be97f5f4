import { Pipe, PipeTransform, inject } from '@angular/core';
import { DateForm, Formats } from '../state/formats';

/** Hours as the person likes to see them: `4:30` or `4.50`. */
@Pipe({ name: 'hours', pure: false })
export class HoursPipe implements PipeTransform {
  private readonly formats = inject(Formats);
  transform(value: number | null | undefined): string {
    return value === null || value === undefined ? '' : this.formats.hours(value);
  }
}

/** An amount with its currency: `£3,683.34`. */
@Pipe({ name: 'money' })
export class MoneyPipe implements PipeTransform {
  private readonly formats = inject(Formats);
  transform(value: number | null | undefined, currency: string): string {
    return value === null || value === undefined ? '' : this.formats.money(value, currency);
  }
}

/** An amount whose currency stands elsewhere: `3,683.34`. */
@Pipe({ name: 'amount' })
export class AmountPipe implements PipeTransform {
  private readonly formats = inject(Formats);
  transform(value: number | null | undefined, currency: string): string {
    return value === null || value === undefined ? '' : this.formats.amount(value, currency);
  }
}

/** A rate per hour: `92.00`. */
@Pipe({ name: 'rate' })
export class RatePipe implements PipeTransform {
  private readonly formats = inject(Formats);
  transform(value: number | null | undefined, currency: string): string {
    return value === null || value === undefined ? '' : this.formats.rate(value, currency);
  }
}

/** A ratio in millionths as a percentage; what is not defined says so. */
@Pipe({ name: 'percent' })
export class PercentPipe implements PipeTransform {
  private readonly formats = inject(Formats);
  transform(value: number | null | undefined): string {
    return value === null || value === undefined ? 'not defined' : this.formats.percent(value);
  }
}

/** A date, short (`9 Jun`), by weekday (`Tue 9`), in full (`Tue, 9 Jun`) or its weekday alone. */
@Pipe({ name: 'day' })
export class DayPipe implements PipeTransform {
  private readonly formats = inject(Formats);
  transform(value: string | null | undefined, form: DateForm = 'short'): string {
    return value ? this.formats.day(value, form) : '';
  }
}

/** When something happened, by the person's clock. */
@Pipe({ name: 'moment' })
export class MomentPipe implements PipeTransform {
  private readonly formats = inject(Formats);
  transform(value: string | null | undefined): string {
    return value ? this.formats.moment(value) : '';
  }
}

/** A time of the clock, as it is kept, in the form that is chosen. */
@Pipe({ name: 'clock', pure: false })
export class ClockPipe implements PipeTransform {
  private readonly formats = inject(Formats);
  transform(value: string | null): string {
    return this.formats.time(value);
  }
}
