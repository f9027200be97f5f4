import { ChangeDetectionStrategy, Component, booleanAttribute, input, model, output } from '@angular/core';
import { Field } from './field';
import { FieldWords } from './field-words';
import { SayPipe } from '../../state/own-words';

/** Words, or a time of the clock, typed as one likes and kept as they are typed. */
@Component({
  selector: 'yw-text-field',
  imports: [FieldWords, SayPipe],
  templateUrl: './text-field.html',
  styleUrl: './field.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TextField extends Field<string> {
  readonly value = model('');
  protected readonly empty = '';
  readonly type = input<'text' | 'email' | 'password'>('text');
  readonly name = input('');
  readonly autocomplete = input('off');
  readonly longest = input<number | null>(null);
  /** How many lines it shows at least; it grows with what is typed. */
  readonly lines = input(1);
  readonly placeholder = input('');
  /** Whether a dialog that holds it begins here. */
  readonly initial = input(false, { transform: booleanAttribute });
  /** What was typed, once one goes elsewhere. */
  readonly settled = output<string>();
  readonly entered = output<Event>();
}
