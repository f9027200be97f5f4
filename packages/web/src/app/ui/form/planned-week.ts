import { ChangeDetectionStrategy, Component, computed, inject, model } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import type { PlannedWeek } from '@yellowwood/contracts';
import { Formats } from '../../state/formats';
import { DurationField } from './duration-field';
import { Field } from './field';
import { FieldWords } from './field-words';
import { TextField } from './text-field';
import { SayPipe } from '../../state/own-words';

const DAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];
const CLOCK = /^([01]\d|2[0-3]):[0-5]\d$/;

/** What is planned of a week, day by day, and between which times of the clock. */
@Component({
  selector: 'yw-planned-week',
  imports: [DurationField, FieldWords, ReactiveFormsModule, TextField, SayPipe],
  template: `
    <div [formGroup]="form">
      <div class="days" role="group" [attr.aria-label]="label() | say">
        @for (day of days; track day) {
          <yw-duration-field [label]="day" placeholder="free" [formControlName]="day" />
        }
      </div>
      <div class="clock">
        <yw-text-field label="The day begins" formControlName="dayStart" />
        <yw-text-field label="and ends" formControlName="dayEnd" />
        <span class="sum">{{ sum() }} a week</span>
      </div>
    </div>
    <yw-field-words [of]="id" [hint]="hint()" [wrong]="wrong()" />
  `,
  styleUrl: './field.scss',
  styles: `
    .days,
    .clock {
      display: flex;
      flex-wrap: wrap;
      gap: 6px 8px;
      align-items: end;
      margin-bottom: 6px;
    }
    yw-duration-field,
    .clock yw-text-field {
      width: 92px;
    }
    .sum {
      padding-bottom: 9px;
      color: var(--ink-2);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PlannedWeekField extends Field<PlannedWeek> {
  private readonly formats = inject(Formats);
  protected readonly empty: PlannedWeek = { hours: [0, 0, 0, 0, 0, 0, 0], dayStart: '09:00', dayEnd: '17:30' };
  readonly value = model<PlannedWeek>(this.empty);
  protected readonly days = DAYS;
  protected readonly form = new FormGroup<Record<string, FormControl<number | string | null>>>({
    ...Object.fromEntries(DAYS.map((day) => [day, new FormControl<number | null>(null)])),
    dayStart: new FormControl('', { nonNullable: true }),
    dayEnd: new FormControl('', { nonNullable: true }),
  });
  protected readonly sum = computed(() => this.formats.hours(this.value().hours.reduce((all, one) => all + one, 0)));

  constructor() {
    super();
    this.form.valueChanges.pipe(takeUntilDestroyed()).subscribe((typed) => {
      const hours = DAYS.map((day) => (typed[day] as number | null) ?? 0);
      this.give({ hours, dayStart: clockText(String(typed['dayStart'])), dayEnd: clockText(String(typed['dayEnd'])) });
      this.check();
    });
  }

  override writeValue(value: PlannedWeek | null): void {
    super.writeValue(value);
    const { hours, dayStart, dayEnd } = this.value();
    const days = Object.fromEntries(DAYS.map((day, i) => [day, hours[i] || null]));
    this.form.setValue({ ...days, dayStart, dayEnd }, { emitEvent: false });
  }

  protected override unread(): string {
    const { dayStart, dayEnd, hours } = this.value();
    if (!CLOCK.test(dayStart) || !CLOCK.test(dayEnd)) return 'Type times of the clock, such as 8:30 and 17:00.';
    if (dayStart >= dayEnd) return 'The day ends after it begins: type a later end.';
    return hours.some((one) => one > 86_400) ? 'A day has 24 hours at most.' : '';
  }
}

/** A time of the clock as it is kept: `8` and `8.30` are meant as `08:00` and `08:30`. */
function clockText(text: string): string {
  const [, hour, minute] = /^\s*(\d{1,2})[:.]?(\d{2})?\s*$/.exec(text) ?? [];
  return hour ? `${hour.padStart(2, '0')}:${minute ?? '00'}` : text;
}
