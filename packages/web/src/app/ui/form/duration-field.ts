import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { readDuration } from '@yellowwood/core';
import { Formats } from '../../state/formats';
import { FieldWords } from './field-words';
import { ReadField } from './read-field';
import { SayPipe } from '../../state/own-words';

/** A length of time in seconds: `4:30`, `4.5` or `270m`, read back as the person has hours. */
@Component({
  selector: 'yw-duration-field',
  imports: [FieldWords, SayPipe],
  templateUrl: './read-field.html',
  styleUrl: './field.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DurationField extends ReadField {
  private readonly formats = inject(Formats);
  protected readonly unreadable = 'Type a length such as 4:30, 4.5 or 270m.';
  // Colons and letters belong to it.
  protected override readonly keys = null;
  protected readonly read = readDuration;
  protected readonly write = (value: number) => this.formats.hours(value);

  protected override hintShown(): string {
    const value = this.value();
    return value !== null && this.text().trim() !== this.write(value) ? `read as ${this.write(value)}` : this.hint();
  }
}
