import { ChangeDetectionStrategy, Component, input, model, output, viewChild } from '@angular/core';
import { MatOption, MatSelect } from '@angular/material/select';
import { Field } from './field';
import { FieldWords } from './field-words';
import { SayPipe } from '../../state/own-words';

/** One of the things that a choice offers; an empty value stands for none of them. */
export interface Choice {
  readonly value: string;
  readonly word: string;
}

/** A choice of one from a list: opened by arrows or Enter, letters lead to words. */
@Component({
  selector: 'yw-choice-field',
  imports: [FieldWords, MatOption, MatSelect, SayPipe],
  template: `
    <label [class.cdk-visually-hidden]="bare()" [id]="id">{{ label() | say }}</label>
    <mat-select
      class="plain-field"
      [value]="value()"
      [placeholder]="placeholder() | say"
      [aria-labelledby]="id"
      [hideSingleSelectionIndicator]="true"
      [attr.aria-invalid]="wrong() !== ''"
      (selectionChange)="choose($event.value)"
    >
      @for (one of choices(); track one.value) {
        <mat-option [value]="one.value">{{ one.word }}</mat-option>
      }
    </mat-select>
    <yw-field-words [of]="id" [hint]="hint()" [wrong]="wrong()" />
  `,
  styleUrl: './field.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ChoiceField extends Field<string> {
  readonly value = model('');
  protected readonly empty = '';
  readonly choices = input.required<readonly Choice[]>();
  readonly placeholder = input('');
  readonly chosen = output<string>();
  private readonly list = viewChild.required(MatSelect);

  protected choose(value: string): void {
    this.give(value);
    this.chosen.emit(value);
  }

  /** Shows what there is to choose from, with the focus in it. */
  open(): void {
    this.list().focus();
    this.list().open();
  }
}
