import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { MatAutocomplete, MatAutocompleteTrigger, MatOption } from '@angular/material/autocomplete';
import { FieldWords } from './field-words';
import { FindField, Findable } from './find-field';
import { SayPipe } from '../../state/own-words';

/** Somebody who can be found. */
export interface FoundPerson {
  readonly id: string;
  readonly name: string;
  readonly position: string | null;
}

/** Finds a person by name or position; its value is the person's id. */
@Component({
  selector: 'yw-person-field',
  imports: [FieldWords, MatAutocomplete, MatAutocompleteTrigger, MatOption, SayPipe],
  templateUrl: './find-field.html',
  styleUrls: ['./field.scss', './find-field.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PersonField extends FindField<string> {
  override readonly placeholder = input('Type a name');
  readonly people = input.required<readonly FoundPerson[]>();
  protected readonly nothing = 'Nobody of that name. Type another part of it.';
  protected readonly all = computed(() =>
    this.people().map(({ id, name, position }): Findable<string> => {
      const context = position ?? '';
      return { key: id, name, context, shown: name, words: `${name} ${context}`, value: id };
    }),
  );

  protected keyOf(id: string): string {
    return id;
  }
}
