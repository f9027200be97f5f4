import { ChangeDetectionStrategy, Component, afterRenderEffect, computed, inject, input, output, viewChild } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import type { Team, Teams } from '@yellowwood/contracts';
import { Api } from '../../api/api';
import { Ask } from '../../ui/ask';
import { command } from '../../ui/command';
import { Failure } from '../../ui/failure';
import { ChoiceField } from '../../ui/form/choice-field';
import { SendsForm, fillFor, valuesOf } from '../../ui/form/drafts';
import { needed } from '../../ui/form/field';
import { NamesList } from '../../ui/form/names-list';
import { PersonField } from '../../ui/form/person-field';
import { TextField } from '../../ui/form/text-field';
import { History } from '../../ui/history';

/** One team: its name, who leads it, who belongs to it; one that is being made, too. */
@Component({
  selector: 'yw-team-panel',
  imports: [ChoiceField, Failure, History, MatButton, NamesList, PersonField, ReactiveFormsModule, SendsForm, TextField],
  templateUrl: './team-panel.html',
  styleUrl: './person-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TeamPanel {
  private readonly api = inject(Api);
  private readonly ask = inject(Ask);
  /** None where a new one is made. */
  readonly team = input.required<Team | null>();
  readonly teams = input.required<readonly Team[]>();
  readonly people = input.required<Teams['people']>();
  /** The id of the team that was made. */
  readonly made = output<string>();
  readonly closed = output();
  protected readonly command = command();
  protected readonly ending = command();
  protected readonly form = new FormGroup({
    name: new FormControl('', { nonNullable: true, validators: needed('Type the name of the team.') }),
    leadId: new FormControl<string | null>(null, { validators: needed('Choose who leads it.') }),
    people: new FormControl<readonly string[]>([], { nonNullable: true }),
    /** Where its people go when it ends. */
    into: new FormControl('', { nonNullable: true }),
  });
  private readonly values = valuesOf(this.form);
  private readonly nameField = viewChild.required(TextField);
  private readonly finder = viewChild<PersonField>('finder');
  private readonly names = computed(() => new Map(this.people().map(({ id, name }) => [id, name])));
  /** Those in it, by name. */
  protected readonly within = computed(() =>
    this.values()
      .people.map((id) => ({ id, name: this.names().get(id) ?? '' }))
      .sort((a, b) => a.name.localeCompare(b.name)),
  );
  protected readonly others = computed(() => this.people().filter(({ id }) => !this.values().people.includes(id)));
  protected readonly mine = computed(() => this.team()?.mine ?? true);
  protected readonly places = computed(() => [
    { value: '', word: 'to no other team' },
    ...this.teams()
      .filter(({ id, mine }) => mine && id !== this.team()?.id)
      .map(({ id, name }) => ({ value: id, word: `to ${name}` })),
  ]);

  constructor() {
    fillFor(
      this.form,
      () => (this.team() ? `${this.team()!.id} ${this.team()!.version}` : 'new'),
      () => {
        const { name, leadId, people } = this.team() ?? { name: '', leadId: null, people: [] };
        return { name, leadId, people, into: '' };
      },
    );
    afterRenderEffect({ read: () => this.team() === null && this.nameField().focus() });
  }

  protected put(id: string): void {
    this.form.controls.people.setValue([...this.values().people, id]);
    this.finder()?.clear();
  }

  protected take(id: string): void {
    this.form.controls.people.setValue(this.values().people.filter((one) => one !== id));
    this.finder()?.focus();
  }

  protected async save(): Promise<void> {
    const { name, leadId, people } = this.form.getRawValue();
    const body = { name, leadId: leadId!, people: [...people] };
    const team = this.team();
    const id = await this.command.run(
      async (key) => {
        if (team) await this.api.call('changeTeam', { params: { id: team.id }, version: team.version, body });
        else await this.api.call('createTeam', { body: { id: key, ...body } });
        return team?.id ?? key;
      },
      { done: 'Saved', about: JSON.stringify(body) },
    );
    if (id && !team) this.made.emit(id);
  }

  protected async end(): Promise<void> {
    const { id, name, version } = this.team()!;
    const into = this.form.getRawValue().into || null;
    const other = this.teams().find((one) => one.id === into)?.name;
    const sure = await this.ask.ask({
      title: `End ${name}?`,
      text: other
        ? `Its people join ${other}, and whoever leads that one sees them from then on.`
        : 'Its lead sees its people no longer by it. The people stay.',
      button: `End ${name}`,
    });
    if (sure === undefined) return;
    const done = await this.ending.run(
      async () => {
        await this.api.call('endTeam', { params: { id }, version, body: { into } });
        return true;
      },
      { done: other ? `${name} went into ${other}` : `${name} is ended` },
    );
    if (done) this.closed.emit();
  }
}
