import { ChangeDetectionStrategy, Component, computed, input, model } from '@angular/core';
import type { Forms } from '@yellowwood/contracts';
import { ChoiceField } from '../ui/form/choice-field';
import { Field } from '../ui/form/field';

const DATES = [
  { value: 'day first', word: '9 Jun 2026' },
  { value: 'month first', word: 'Jun 9, 2026' },
  { value: 'year first', word: '2026-06-09' },
];
const CLOCKS = [
  { value: '24 hours', word: '17:40' },
  { value: '12 hours', word: '5:40 pm' },
];
const NUMBERS = [
  { value: 'comma point', word: '1,234.50' },
  { value: 'point comma', word: '1.234,50' },
  { value: 'space comma', word: '1 234,50' },
  { value: 'apostrophe point', word: '1’234.50' },
];

/** How dates, times of the clock and figures are written; what is not chosen is as somebody else has it. */
@Component({
  selector: 'yw-forms-field',
  imports: [ChoiceField],
  template: `
    <div role="group" [attr.aria-label]="label()">
      <yw-choice-field label="Dates" [choices]="dates()" [value]="value().dates ?? ''" (chosen)="choose('dates', $event)" />
      <yw-choice-field label="Times" [choices]="clocks()" [value]="value().clock ?? ''" (chosen)="choose('clock', $event)" />
      <yw-choice-field
        label="Figures"
        [choices]="numbers()"
        [value]="value().numbers ?? ''"
        (chosen)="choose('numbers', $event)"
      />
    </div>
  `,
  styles: `
    div {
      display: grid;
      grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
      gap: 10px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FormsField extends Field<Forms> {
  protected readonly empty: Forms = { dates: null, clock: null, numbers: null };
  readonly value = model<Forms>(this.empty);
  /** What holds where nothing is chosen. */
  readonly otherwise = input.required<string>();
  private readonly none = computed(() => ({ value: '', word: this.otherwise() }));
  protected readonly dates = computed(() => [this.none(), ...DATES]);
  protected readonly clocks = computed(() => [this.none(), ...CLOCKS]);
  protected readonly numbers = computed(() => [this.none(), ...NUMBERS]);

  protected choose(part: keyof Forms, chosen: string): void {
    this.give({ ...this.value(), [part]: chosen || null });
  }
}
