import { ChangeDetectionStrategy, Component, booleanAttribute, input, output, viewChild } from '@angular/core';
import { MatOption, MatSelect } from '@angular/material/select';

/** One of the things that a choice offers; an empty value stands for none of them. */
export interface Choice {
  readonly value: string;
  readonly word: string;
}

let count = 0;

/** A choice of one from a list: opened by arrows or Enter, letters lead to words. */
@Component({
  selector: 'yw-choice-field',
  imports: [MatOption, MatSelect],
  template: `
    <label [class.cdk-visually-hidden]="bare()" [id]="id">{{ label() }}</label>
    <mat-select
      class="plain-field"
      [value]="value()"
      [placeholder]="placeholder()"
      [aria-labelledby]="id"
      [hideSingleSelectionIndicator]="true"
      (selectionChange)="chosen.emit($event.value)"
    >
      @for (one of choices(); track one.value) {
        <mat-option [value]="one.value">{{ one.word }}</mat-option>
      }
    </mat-select>
  `,
  styles: `
    :host {
      display: grid;
      gap: 3px;
      align-content: start;
      min-width: 0;
    }
    label {
      font-size: 13px;
      color: var(--field-label, var(--ink-2));
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ChoiceField {
  protected readonly id = `choice-${(count += 1)}`;
  readonly label = input.required<string>();
  /** Whether the label is for those alone who do not see the field. */
  readonly bare = input(false, { transform: booleanAttribute });
  readonly choices = input.required<readonly Choice[]>();
  readonly value = input.required<string>();
  readonly placeholder = input('');
  readonly chosen = output<string>();
  private readonly select = viewChild.required(MatSelect);

  /** Shows what there is to choose from, with the focus in it. */
  open(): void {
    this.select().focus();
    this.select().open();
  }
}
