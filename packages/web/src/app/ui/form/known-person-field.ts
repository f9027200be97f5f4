import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatAutocomplete, MatAutocompleteTrigger, MatOption } from '@angular/material/autocomplete';
import { Store } from '@ngrx/store';
import { SayPipe } from '../../state/own-words';
import { KnownPerson, workFeature } from '../../state/work';
import { workFinder } from '../work-finder';
import { AskingField } from './asking-field';
import { FieldWords } from './field-words';
import { Findable } from './find-field';

/** Finds somebody to name beside work, whether or not one may read their time; its value is the person's id. */
@Component({
  selector: 'yw-known-person-field',
  imports: [FieldWords, MatAutocomplete, MatAutocompleteTrigger, MatOption, SayPipe],
  templateUrl: './find-field.html',
  styleUrls: ['./field.scss', './find-field.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class KnownPersonField extends AskingField<string> {
  override readonly placeholder = input('Type a name');
  protected readonly nothing = 'Nobody of that name. Type another part of it.';
  protected readonly finder = workFinder('colleague');
  private readonly people = inject(Store).selectSignal(workFeature.selectPersonList);
  protected readonly all = computed(() => this.people().map((person) => this.made(person)));

  private made({ id, name, position }: KnownPerson): Findable<string> {
    const context = position ?? '';
    return { key: id, name, context, shown: name, words: `${name} ${context}`, value: id };
  }

  protected findable(scope: string): Findable<string> | null {
    const person = this.names.personOf(scope.split(':')[1]);
    return person ? this.made(person) : null;
  }

  protected keyOf(id: string): string {
    return id;
  }

  protected override shownOf(id: string): string {
    return this.findable(`person:${id}`)?.shown ?? '';
  }
}
