import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import { readRate } from '@yellowwood/core';
import { Formats } from '../../state/formats';
import { FieldWords } from './field-words';
import { ReadField } from './read-field';
import { SayPipe } from '../../state/own-words';

/** A rate an hour, in ten-thousandths of the currency's unit. A rate of zero must be typed on purpose. */
@Component({
  selector: 'yw-rate-field',
  imports: [FieldWords, SayPipe],
  templateUrl: './read-field.html',
  styleUrl: './field.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RateField extends ReadField {
  private readonly formats = inject(Formats);
  readonly currency = input.required<string>();
  protected readonly unreadable = 'Type a rate an hour such as 92.00.';
  protected readonly read = readRate;
  protected readonly write = (value: number) => this.formats.rate(value, this.currency());
}
