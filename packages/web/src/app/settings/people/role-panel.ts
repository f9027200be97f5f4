import { ChangeDetectionStrategy, Component, afterRenderEffect, computed, effect, inject, input, output } from '@angular/core';
import { linkedSignal, untracked, viewChild } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import type { OwnRole } from '@yellowwood/contracts';
import { Exceptions, PERMISSIONS, Rights, mayGiveRights } from '@yellowwood/core';
import { Api } from '../../api/api';
import { Ask } from '../../ui/ask';
import { command } from '../../ui/command';
import { Failure } from '../../ui/failure';
import { SendsForm, fillFor } from '../../ui/form/drafts';
import { needed } from '../../ui/form/field';
import { TextField } from '../../ui/form/text-field';
import { History } from '../../ui/history';
import { RIGHT_WORDS, reachWords } from '../../words/rights';
import { RightsField } from './rights-field';
import { RoleChoice } from './roles';
import { OwnWords } from '../../state/own-words';

/** One role: what it may, and, of the firm's own, its name and rights to change; one that is being made, too. */
@Component({
  selector: 'yw-role-panel',
  imports: [Failure, History, MatButton, ReactiveFormsModule, RightsField, SendsForm, TextField],
  templateUrl: './role-panel.html',
  styleUrls: ['./person-panel.scss', './rights.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RolePanel {
  private readonly api = inject(Api);
  private readonly ask = inject(Ask);
  /** None where a new one is made, or one that every firm has is looked at. */
  readonly role = input.required<OwnRole | null>();
  readonly builtIn = input.required<RoleChoice | null>();
  /** The rights that a new one begins with. */
  readonly like = input.required<Rights>();
  readonly mine = input.required<Rights>();
  readonly made = output<string>();
  /** Another one is wanted, with these rights to begin with. */
  readonly begun = output<Rights>();
  private readonly say = inject(OwnWords).say;
  readonly closed = output();
  protected readonly command = command();
  protected readonly form = new FormGroup({
    name: new FormControl('', { nonNullable: true, validators: needed('Type the name of the role.') }),
  });
  /** The rights as they are chosen; they follow what is stored until one chooses others. */
  protected readonly rights = linkedSignal<string, Exceptions>({
    source: () => this.key(),
    computation: () => untracked(() => this.role()?.rights ?? this.given()),
  });
  private readonly nameField = viewChild(TextField);
  /** What of the rights to begin with one may give. */
  private readonly given = computed(() =>
    Object.fromEntries(
      Object.entries(this.like()).filter(([permission, reach]) => mayGiveRights(this.mine(), { [permission]: reach })),
    ),
  );
  private readonly key = computed(() =>
    this.role() ? `${this.role()!.id} ${this.role()!.version}` : JSON.stringify(this.like()),
  );
  protected readonly may = computed(() => !this.role() || mayGiveRights(this.mine(), this.role()!.rights));
  protected readonly listed = computed(() => {
    const rights = this.builtIn()?.rights ?? {};
    return PERMISSIONS.filter((one) => rights[one]).map((one) => ({
      word: this.say(RIGHT_WORDS[one]),
      reach: this.say(reachWords(one, rights[one])),
    }));
  });
  /** Whom a change meets, before it is saved. */
  protected readonly effect = computed(() => {
    const count = this.role()?.people ?? 0;
    if (count === 0) return 'Nobody has it.';
    return `${count} ${count === 1 ? 'person has' : 'people have'} it, and ${count === 1 ? 'has' : 'have'} the change at the next step.`;
  });

  constructor() {
    fillFor(
      this.form,
      () => this.key(),
      () => ({ name: this.role()?.name ?? '' }),
    );
    afterRenderEffect({ read: () => this.role() === null && this.builtIn() === null && this.nameField()?.focus() });
    effect(() => (this.key(), this.command.forget()));
  }

  protected async save(): Promise<void> {
    const body = { name: this.form.getRawValue().name, rights: this.rights() as Rights };
    const role = this.role();
    const id = await this.command.run(
      async (key) => {
        if (role) await this.api.call('changeRole', { params: { id: role.id }, version: role.version, body });
        else await this.api.call('createRole', { body: { id: key, ...body } });
        return role?.id ?? key;
      },
      { done: 'Saved', about: JSON.stringify(body) },
    );
    if (id && !role) this.made.emit(id);
  }

  protected async end(): Promise<void> {
    const { id, name, version } = this.role()!;
    const sure = await this.ask.ask({
      title: `End ${name}?`,
      text: 'A role that somebody has stays until they have others.',
      button: `End ${name}`,
    });
    if (sure === undefined) return;
    const done = await this.command.run(
      async () => {
        await this.api.call('endRole', { params: { id }, version, body: {} });
        return true;
      },
      { done: `${name} is ended` },
    );
    if (done) this.closed.emit();
  }
}
