import { ChangeDetectionStrategy, Component, input, model, output } from '@angular/core';
import { DateField } from './date-field';
import { Field } from './field';

/** A period as the head of a screen: what it is called, the one before and after it, and any other by one of its days. */
@Component({
  selector: 'yw-period-field',
  imports: [DateField],
  template: `
    <button class="arrow" type="button" (click)="moved.emit(-1)" [attr.aria-label]="word() + ' before'">‹</button>
    <h1>{{ title() }}</h1>
    <button class="arrow" type="button" (click)="moved.emit(1)" [attr.aria-label]="word() + ' after'">›</button>
    <yw-date-field bare [label]="label()" [value]="value()" (changed)="choose($event)" />
  `,
  styles: ':host { display: contents; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PeriodField extends Field<string> {
  /** The period's first day, or the one day that is looked at. */
  readonly value = model('');
  protected readonly empty = '';
  readonly title = input.required<string>();
  /** What a period is called: `Week`. */
  readonly word = input.required<string>();
  readonly moved = output<1 | -1>();
  /** A day of the period to go to. */
  readonly chosen = output<string>();

  protected choose(date: string): void {
    this.give(date);
    this.chosen.emit(date);
  }
}
