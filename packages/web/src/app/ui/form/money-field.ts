import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import { readAmount } from '@yellowwood/core';
import { Formats } from '../../state/formats';
import { FieldWords } from './field-words';
import { ReadField } from './read-field';
import { SayPipe } from '../../state/own-words';

/** An amount in minor units of its currency, which its label names. */
@Component({
  selector: 'yw-money-field',
  imports: [FieldWords, SayPipe],
  templateUrl: './read-field.html',
  styleUrl: './field.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MoneyField extends ReadField {
  private readonly formats = inject(Formats);
  readonly currency = input.required<string>();
  protected get unreadable(): string {
    return `Type an amount such as ${this.write(this.given || 125_000)}.`;
  }
  protected readonly read = (text: string) => readAmount(text, this.currency());
  protected readonly write = (value: number) => this.formats.amount(value, this.currency());
}
