import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { MatCalendar } from '@angular/material/datepicker';
import { MAT_LUXON_DATE_ADAPTER_OPTIONS, provideLuxonDateAdapter } from '@angular/material-luxon-adapter';
import { DateTime } from 'luxon';

/** A month to pick a day from. Loaded when it is opened for the first time. */
@Component({
  selector: 'yw-calendar',
  imports: [MatCalendar],
  providers: [
    provideLuxonDateAdapter(),
    { provide: MAT_LUXON_DATE_ADAPTER_OPTIONS, useValue: { useUtc: false, firstDayOfWeek: 1, defaultOutputCalendar: 'gregory' } },
  ],
  template: ` <mat-calendar [startAt]="at()" [selected]="at()" [maxDate]="last()" (selectedChange)="pick($event)" /> `,
  styles: ':host { display: block; width: 290px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Calendar {
  /** An ISO date. */
  readonly date = input.required<string>();
  readonly max = input<string | null>(null);
  readonly picked = output<string>();
  protected readonly at = computed(() => DateTime.fromISO(this.date()));
  protected readonly last = computed(() => (this.max() ? DateTime.fromISO(this.max()!) : null));

  protected pick(date: DateTime | null): void {
    if (date) this.picked.emit(date.toISODate()!);
  }
}
