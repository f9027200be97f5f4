import { ChangeDetectionStrategy, Component, model } from '@angular/core';
import { Field } from './field';
import { FieldWords } from './field-words';
import { SayPipe } from '../../state/own-words';

/** Something that is so or not: a box to tick, with its words beside it. */
@Component({
  selector: 'yw-tick-field',
  imports: [FieldWords, SayPipe],
  template: `
    <span class="tick">
      <input
        #box
        type="checkbox"
        [id]="id"
        [checked]="value()"
        [attr.aria-invalid]="wrong() !== ''"
        [attr.aria-describedby]="describedBy()"
        (change)="give(box.checked)"
      />
      <label [for]="id">{{ label() | say }}</label>
    </span>
    <yw-field-words [of]="id" [hint]="hint()" [wrong]="wrong()" />
  `,
  styleUrl: './field.scss',
  styles: `
    .tick {
      display: flex;
      gap: 10px;
      align-items: flex-start;
    }
    .tick label {
      font-size: 15px;
      color: var(--ink);
    }
    input {
      width: 18px;
      height: 18px;
      margin: 2px 0 0;
      accent-color: var(--heart);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TickField extends Field<boolean> {
  readonly value = model(false);
  protected readonly empty = false;
}
