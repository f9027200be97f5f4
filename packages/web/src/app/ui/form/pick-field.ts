import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { MatAutocomplete, MatAutocompleteTrigger, MatOption } from '@angular/material/autocomplete';
import type { Choice } from './choice-field';
import { FieldWords } from './field-words';
import { FindField, Findable } from './find-field';
import { SayPipe } from '../../state/own-words';

/** A choice of one of very many by any part of its words: a country, a currency, a time zone. */
@Component({
  selector: 'yw-pick-field',
  imports: [FieldWords, MatAutocomplete, MatAutocompleteTrigger, MatOption, SayPipe],
  templateUrl: './find-field.html',
  styleUrls: ['./field.scss', './find-field.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PickField extends FindField<string> {
  readonly choices = input.required<readonly Choice[]>();
  protected readonly nothing = 'Nothing of that name. Type another part of it.';
  protected readonly all = computed(() =>
    this.choices().map(({ value, word }): Findable<string> => ({
      ...{ key: value, name: word, context: '', shown: word, words: `${word} ${value}`, value },
    })),
  );

  protected keyOf(value: string): string {
    return value;
  }
}
