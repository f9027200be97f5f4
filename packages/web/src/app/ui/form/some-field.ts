import { ChangeDetectionStrategy, Component, input, model, output } from '@angular/core';
import { MatOption, MatSelect } from '@angular/material/select';
import { SayPipe } from '../../state/own-words';
import type { Choice } from './choice-field';
import { Field } from './field';

/** A choice of some from a list, or of none. */
@Component({
  selector: 'yw-some-field',
  imports: [MatOption, MatSelect, SayPipe],
  template: `
    <label [class.cdk-visually-hidden]="bare()" [id]="id">{{ label() | say }}</label>
    <mat-select
      class="plain-field"
      multiple
      [value]="value()"
      [placeholder]="placeholder() | say"
      [aria-labelledby]="id"
      (selectionChange)="choose($event.value)"
    >
      @for (one of choices(); track one.value) {
        <mat-option [value]="one.value">{{ one.word }}</mat-option>
      }
    </mat-select>
  `,
  styleUrl: './field.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SomeField extends Field<readonly string[]> {
  readonly value = model<readonly string[]>([]);
  protected readonly empty = [];
  readonly choices = input.required<readonly Choice[]>();
  readonly placeholder = input('');
  readonly chosen = output<readonly string[]>();

  protected choose(value: readonly string[]): void {
    this.give(value);
    this.chosen.emit(value);
  }
}
