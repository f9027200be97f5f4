import { ChangeDetectionStrategy, Component, afterNextRender, computed, inject, input, output, viewChild } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { v7 as newId } from 'uuid';
import { Api } from '../../api/api';
import { command } from '../../ui/command';
import { Failure } from '../../ui/failure';
import { ChoiceField } from '../../ui/form/choice-field';
import { SendsForm, valuesOf } from '../../ui/form/drafts';
import { needed } from '../../ui/form/field';
import { TextField } from '../../ui/form/text-field';
import { readPeople } from './read-people';
import { RoleChoice, oneRole } from './roles';

/** Invites the people of a pasted list with one role: all of them, or none. */
@Component({
  selector: 'yw-invite-several',
  imports: [ChoiceField, Failure, MatButton, ReactiveFormsModule, SendsForm, TextField],
  template: `
    <form [formGroup]="form" (ywSend)="invite()">
      <yw-text-field
        label="A person a line: name, and address or number"
        [lines]="4"
        [longest]="20000"
        placeholder="Piers Stell, piers@firm.example"
        formControlName="text"
      />
      <yw-choice-field label="Role" [choices]="role.choices()" formControlName="role" />
      <div class="read" role="status">
        @if (read().people.length > 0) {
          <p>{{ told() }}</p>
        }
        @for (one of read().unread; track one.line) {
          <p class="wrong">Line {{ one.line }} has neither address nor number: “{{ one.text }}”</p>
        }
      </div>
      <yw-failure [of]="command" />
      <div>
        <button mat-flat-button type="submit">
          Invite {{ read().people.length }} {{ read().people.length === 1 ? 'person' : 'people' }}
        </button>
      </div>
    </form>
  `,
  styles: `
    form {
      display: grid;
      gap: 12px;
    }
    p {
      margin: 0;
      overflow-wrap: anywhere;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class InviteSeveral {
  private readonly api = inject(Api);
  /** The roles that one may give. */
  readonly roles = input.required<readonly RoleChoice[]>();
  /** How many were invited. */
  readonly invited = output<number>();
  protected readonly form = new FormGroup({
    text: new FormControl('', { nonNullable: true, validators: needed('Type or paste a person a line.') }),
    role: new FormControl('staff', { nonNullable: true }),
  });
  protected readonly command = command();
  private readonly first = viewChild.required(TextField);
  private readonly values = valuesOf(this.form);
  protected readonly role = oneRole(this.roles, () => this.values().role);
  protected readonly read = computed(() => readPeople(this.values().text));
  /** Who was read, so that a name that came out wrong is seen before. */
  protected readonly told = computed(() =>
    this.read()
      .people.map(({ name, email }) => `${name} (${email})`)
      .join(', '),
  );
  /** The ids of the list as it was sent: sent again, it is the same list. */
  private sent: { readonly text: string; readonly ids: readonly string[] } = { text: '', ids: [] };

  constructor() {
    afterNextRender({ read: () => this.first().focus() });
  }

  protected async invite(): Promise<void> {
    const { text, role } = this.form.getRawValue();
    const { people, unread } = this.read();
    if (unread.length > 0) return this.command.refuse('Mend the lines without an address or number, or take them out.');
    if (people.length > 200) return this.command.refuse('That is more than 200 at once. Invite them in parts.');
    if (this.sent.text !== text) this.sent = { text, ids: people.map(() => newId()) };
    const body = { people: people.map((one, index) => ({ id: this.sent.ids[index]!, ...one })), role };
    const done = await this.command.run(
      async (key) => {
        await this.api.call('invitePeople', { body, key });
        return true;
      },
      { about: JSON.stringify(body) },
    );
    if (!done) return;
    this.first().focus();
    this.form.reset({ text: '', role });
    this.invited.emit(people.length);
  }
}
