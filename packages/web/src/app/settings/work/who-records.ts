import { ChangeDetectionStrategy, Component, computed, inject, input, viewChild } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import { Api } from '../../api/api';
import { SayPipe } from '../../state/own-words';
import { workActions } from '../../state/work';
import { command } from '../../ui/command';
import { Failure } from '../../ui/failure';
import { SendsForm, fillFor, valuesOf } from '../../ui/form/drafts';
import { KnownPersonField } from '../../ui/form/known-person-field';
import { NamesList } from '../../ui/form/names-list';
import { SomeField } from '../../ui/form/some-field';
import { ToggleField } from '../../ui/form/toggle-field';
import { loaded } from '../../ui/loaded';
import { Loading } from '../../ui/loading';
import { WorkNames } from '../../ui/work-names';
import { seenOf } from './seen';

/** Who records on a project: everyone, or teams and people that are named, who alone see it. */
@Component({
  selector: 'yw-who-records',
  imports: [
    ...[Failure, KnownPersonField, Loading, MatButton, NamesList, ReactiveFormsModule, SayPipe, SendsForm, SomeField],
    ToggleField,
  ],
  templateUrl: './who-records.html',
  styleUrl: './task-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WhoRecordsSection {
  private readonly api = inject(Api);
  private readonly store = inject(Store);
  private readonly names = inject(WorkNames);
  /** The project. */
  readonly id = input.required<string>();
  /** How the project is now: what is said of it elsewhere makes it another one. */
  readonly version = input.required<number>();
  protected readonly command = command();
  protected readonly known = loaded(
    () => ({ id: this.id(), version: this.version() }),
    ({ id }) => this.api.call('readWhoRecords', { params: { id } }),
  );
  protected readonly ways = [
    { value: 'everyone', word: 'everyone' },
    { value: 'named', word: 'those named' },
  ];
  protected readonly form = new FormGroup({
    way: new FormControl('everyone', { nonNullable: true }),
    teams: new FormControl<readonly string[]>([], { nonNullable: true }),
    people: new FormControl<readonly string[]>([], { nonNullable: true }),
  });
  protected readonly values = valuesOf(this.form);
  private readonly finder = viewChild(KnownPersonField);
  protected readonly teams = computed(() =>
    (this.known.value()?.offered ?? []).map(({ id, name, people }) => ({ value: id, word: `${name}, ${people}` })),
  );
  protected readonly people = computed(() => {
    const named = new Map(this.known.value()?.people.map(({ id, name }) => [id, name]));
    return this.values()
      .people.map((id) => ({ id, name: named.get(id) ?? this.names.person(id) }))
      .sort((a, b) => a.name.localeCompare(b.name));
  });

  constructor() {
    fillFor(
      this.form,
      () => seenOf(this.known.value()),
      () => {
        const { everyone, teams, people } = this.known.value()!;
        return { way: everyone ? 'everyone' : 'named', teams, people: people.map(({ id }) => id) };
      },
    );
  }

  protected put(id: string): void {
    this.form.controls.people.setValue([...new Set([...this.values().people, id])]);
    this.finder()?.clear();
  }

  protected take(id: string): void {
    this.form.controls.people.setValue(this.values().people.filter((one) => one !== id));
    this.finder()?.focus();
  }

  protected async save(): Promise<void> {
    const { id, version } = this.known.value()!;
    const { way, teams, people } = this.form.getRawValue();
    const body = { everyone: way === 'everyone', teams: [...teams], people: [...people] };
    const saved = await this.command.run(() => this.api.call('changeWhoRecords', { params: { id }, version, body }), {
      done: 'Saved',
    });
    // The project is read again with all else, and tells its history and its next version.
    if (saved) this.store.dispatch(workActions.workOutdated());
  }
}
