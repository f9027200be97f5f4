import { ChangeDetectionStrategy, Component, afterNextRender, inject, input, output, viewChild } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { Api } from '../../api/api';
import { command } from '../../ui/command';
import { Failure } from '../../ui/failure';
import { ChoiceField } from '../../ui/form/choice-field';
import { SendsForm, valuesOf } from '../../ui/form/drafts';
import { handleLike, needed } from '../../ui/form/field';
import { TextField } from '../../ui/form/text-field';
import { RoleChoice, oneRole } from './roles';

/** Invites one person after the other. */
@Component({
  selector: 'yw-invite-form',
  imports: [ChoiceField, Failure, MatButton, ReactiveFormsModule, SendsForm, TextField],
  template: `
    <form [formGroup]="form" (ywSend)="invite()">
      <yw-text-field label="Name" [longest]="100" formControlName="name" />
      <yw-text-field
        label="E-mail address or number"
        hint="A number, with its country, gets a text message."
        formControlName="email"
      />
      <yw-choice-field label="Role" [choices]="role.choices()" formControlName="role" />
      <div class="send"><button mat-flat-button type="submit">Invite</button></div>
      <p class="quiet may" role="status">{{ role.may() }}</p>
      <yw-failure [of]="command" />
    </form>
  `,
  styles: `
    form {
      display: grid;
      grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
      gap: 12px;
      align-items: start;
    }
    .may,
    yw-failure {
      grid-column: 1 / -1;
    }
    .send {
      align-self: end;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class InviteForm {
  private readonly api = inject(Api);
  readonly firm = input.required<string>();
  /** The roles that one may give. */
  readonly roles = input.required<readonly RoleChoice[]>();
  /** The name of whoever was invited. */
  readonly invited = output<string>();
  protected readonly form = new FormGroup({
    name: new FormControl('', { nonNullable: true, validators: needed('Type the name of whom you invite.') }),
    email: new FormControl('', { nonNullable: true, validators: handleLike('their') }),
    role: new FormControl('staff', { nonNullable: true }),
  });
  protected readonly command = command();
  private readonly first = viewChild.required(TextField);
  private readonly values = valuesOf(this.form);
  protected readonly role = oneRole(this.roles, () => this.values().role);

  constructor() {
    afterNextRender({ read: () => this.first().focus() });
  }

  protected async invite(): Promise<void> {
    const { name, email, role } = this.form.getRawValue();
    const body = { name, email: email.trim(), role };
    const done = await this.command.run(
      async (id) => {
        await this.api.call('invitePerson', { params: { firm: this.firm() }, body: { id, ...body } });
        return true;
      },
      { about: JSON.stringify(body) },
    );
    if (!done) return;
    // The focus first: what is left empty is wrong, what is emptied is not.
    this.first().focus();
    this.form.reset({ name: '', email: '', role });
    this.invited.emit(name.trim());
  }
}
