import { ChangeDetectionStrategy, Component, model } from '@angular/core';
import { Field } from './field';
import { SayPipe } from '../../state/own-words';

/** Something that is used or not: its name and what it is for, and a switch at the end of the row. */
@Component({
  selector: 'yw-switch-field',
  imports: [SayPipe],
  template: `
    <label [for]="id"
      ><b>{{ label() | say }}</b>
      @if (hint()) {
        <span>{{ hint() | say }}</span>
      }
    </label>
    <button
      type="button"
      role="switch"
      [id]="id"
      [attr.aria-checked]="value()"
      [attr.aria-label]="label() | say"
      [class.on]="value()"
      (click)="give(!value())"
    >
      <i></i>
    </button>
    <em aria-hidden="true">{{ value() ? 'on' : 'off' }}</em>
  `,
  styleUrl: './switch-field.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SwitchField extends Field<boolean> {
  readonly value = model(false);
  protected readonly empty = false;
}
