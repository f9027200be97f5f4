import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { MatAutocomplete, MatAutocompleteTrigger, MatOption } from '@angular/material/autocomplete';
import { Store } from '@ngrx/store';
import { v7 as newId } from 'uuid';
import { workFeature } from '../../state/work';
import { FieldWords } from './field-words';
import { FindField, Findable } from './find-field';
import { SayPipe } from '../../state/own-words';
import { OwnWords } from '../../state/own-words';

/** A client that is there, or by its name one that is to be made. */
export interface MeantClient {
  readonly id: string;
  readonly name?: string;
}

/** Finds a client by its name, or takes what was typed for a new one. */
@Component({
  selector: 'yw-client-field',
  imports: [FieldWords, MatAutocomplete, MatAutocompleteTrigger, MatOption, SayPipe],
  templateUrl: './find-field.html',
  styleUrls: ['./field.scss', './find-field.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ClientField extends FindField<MeantClient> {
  override readonly placeholder = input('Type a client');
  protected readonly nothing = inject(OwnWords).say('No client yet. Type a name.');
  private readonly say = inject(OwnWords).say;
  private readonly clients = inject(Store).selectSignal(workFeature.selectClients);
  private readonly made = signal<Required<MeantClient> | null>(null);
  protected readonly all = computed(() => {
    const there = this.clients().map(({ id, name }) => ({ name, context: '', value: { id } as MeantClient }));
    // One that was to be made is there once it is.
    const made = there.some(({ value }) => value.id === this.made()?.id) ? null : this.made();
    const all = made ? [...there, { name: made.name, context: 'new', value: made as MeantClient }] : there;
    return all.map((one): Findable<MeantClient> => ({
      ...{ ...one, key: one.value.id, shown: one.name, words: one.name },
    }));
  });
  protected override readonly offer = computed(() => {
    const typed = (this.typed() ?? '').trim();
    const there = this.all().some(({ name }) => name.toLowerCase() === typed.toLowerCase());
    return typed && !there ? `${this.say('New client')} “${typed}”` : '';
  });

  protected override make(name: string): void {
    const client = { id: newId(), name };
    this.made.set(client);
    this.take(client);
  }

  protected keyOf({ id }: MeantClient): string {
    return id;
  }
}
