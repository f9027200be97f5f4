import { ChangeDetectionStrategy, Component, model } from '@angular/core';
import { SayPipe } from '../../state/own-words';
import { Field } from './field';
import { FieldWords } from './field-words';

/** What the twelve tones are called, by woods and leaves, for those who do not see them and those who speak of them. */
export const TONES = [
  ...['oak', 'spruce', 'ochre', 'moss', 'plum', 'slate', 'straw', 'heather', 'willow', 'brick', 'holly', 'damson'],
] as const;

/** One of the twelve tones: all of them stand there, one stop of Tab, arrows inside. */
@Component({
  selector: 'yw-tone-field',
  imports: [FieldWords, SayPipe],
  template: `
    <span class="label" [id]="id">{{ label() | say }}</span>
    <span class="tones" role="radiogroup" [attr.aria-labelledby]="id" [attr.aria-describedby]="describedBy()">
      @for (name of tones; track name) {
        <input
          type="radio"
          [name]="id"
          [style.--tone]="'var(--tone-' + ($index + 1) + ')'"
          [checked]="value() === $index + 1"
          [title]="name"
          [attr.aria-label]="name"
          (change)="give($index + 1)"
        />
      }
    </span>
    <yw-field-words [of]="id" [hint]="hintShown()" [wrong]="wrong()" />
  `,
  styleUrls: ['./field.scss', './tone-field.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ToneField extends Field<number> {
  readonly value = model(1);
  protected readonly empty = 1;
  protected readonly tones = TONES;

  protected override hintShown(): string {
    return this.tones[this.value() - 1] ?? '';
  }
}
