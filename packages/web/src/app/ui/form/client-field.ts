import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { MatAutocomplete, MatAutocompleteTrigger, MatOption } from '@angular/material/autocomplete';
import { Store } from '@ngrx/store';
import { v7 as newId } from 'uuid';
import { workFeature } from '../../state/work';
import { workFinder } from '../work-finder';
import { AskingField } from './asking-field';
import { FieldWords } from './field-words';
import { Findable } from './find-field';
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
export class ClientField extends AskingField<MeantClient> {
  override readonly placeholder = input('Type a client');
  private readonly say = inject(OwnWords).say;
  protected readonly nothing = this.say('No client yet. Type a name.');
  protected readonly finder = workFinder('client');
  private readonly clients = inject(Store).selectSignal(workFeature.selectClientList);
  private readonly made = signal<Required<MeantClient> | null>(null);
  protected readonly all = computed(() =>
    this.withMade(
      this.clients()
        .filter(({ archived }) => !archived)
        .map(({ id, name }) => clientFound({ id }, name)),
    ),
  );

  /** One that was to be made is there once it is. */
  private withMade(list: readonly Findable<MeantClient>[]): readonly Findable<MeantClient>[] {
    const made = this.made();
    return made && !list.some(({ key }) => key === made.id) ? [...list, clientFound(made, made.name, 'new')] : list;
  }

  protected findable(scope: string): Findable<MeantClient> | null {
    const id = scope.split(':')[1]!;
    const client = this.names.clientOf(id);
    return client ? clientFound({ id }, client.name) : null;
  }

  protected override shownOf({ id, name }: MeantClient): string {
    return name ?? this.names.clientOf(id)?.name ?? '';
  }

  protected override offers(typed: string, found: readonly Findable<MeantClient>[]): string {
    const there = [...found, ...this.all()].some(({ name }) => name.toLowerCase() === typed.toLowerCase());
    return there ? '' : `${this.say('New client')} “${typed}”`;
  }

  protected override make(name: string): void {
    const client = { id: newId(), name };
    this.made.set(client);
    this.take(client);
  }

  protected keyOf({ id }: MeantClient): string {
    return id;
  }
}

function clientFound(value: MeantClient, name: string, context = ''): Findable<MeantClient> {
  return { key: value.id, name, context, shown: name, words: name, value };
}
