import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { Role, ROLES } from '@yellowwood/core';
import type { Staff } from '@yellowwood/contracts';
import { Api } from '../../api/api';
import { Ask } from '../../ui/ask';
import { command } from '../../ui/command';
import { Failure } from '../../ui/failure';
import { SendsForm, fillFor } from '../../ui/form/drafts';
import { emailLike, needed } from '../../ui/form/field';
import { TextField } from '../../ui/form/text-field';
import { DayPipe } from '../../ui/formats';
import { History } from '../../ui/history';
import { ROLE_WORDS } from './roles';

type Person = Staff['people'][number];

/** One person of the firm: facts, roles, leaving and coming back, and what became of all that. */
@Component({
  selector: 'yw-person-panel',
  imports: [DayPipe, Failure, History, MatButton, ReactiveFormsModule, SendsForm, TextField],
  templateUrl: './person-panel.html',
  styleUrl: './person-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PersonPanel {
  private readonly api = inject(Api);
  private readonly ask = inject(Ask);
  readonly person = input.required<Person>();
  /** The roles that one may give. */
  readonly roles = input.required<readonly Role[]>();
  /** Whether it is oneself. */
  readonly own = input.required<boolean>();
  readonly closed = output();
  protected readonly command = command();
  protected readonly giving = command({ inTurn: true });
  protected readonly form = new FormGroup({
    name: new FormControl('', { nonNullable: true, validators: needed('Type the name.') }),
    email: new FormControl('', { nonNullable: true, validators: emailLike('their') }),
    staffNumber: new FormControl('', { nonNullable: true, validators: needed('Type the staff number.') }),
  });
  /** Every role, whether they have it, and whether one may give and take it. */
  protected readonly choices = computed(() =>
    ROLES.map((role) => ({
      ...{ role, ...ROLE_WORDS[role], has: this.person().roles.includes(role) },
      mine: this.roles().includes(role),
    })),
  );
  /** Whether all that they hold is one's own to give: only then is anything of it changed. */
  protected readonly may = computed(() => this.person().roles.every((role) => this.roles().includes(role)));

  constructor() {
    fillFor(
      this.form,
      () => `${this.person().id} ${this.person().version}`,
      () => {
        const { name, email, staffNumber } = this.person();
        return { name, email, staffNumber };
      },
    );
  }

  private seen() {
    const { id, version } = this.person();
    return { params: { id }, version };
  }

  protected async save(): Promise<void> {
    await this.command.run(() => this.api.call('changePerson', { ...this.seen(), body: this.form.getRawValue() }), {
      done: 'Saved',
    });
  }

  /** Gives a role or takes it; where that is refused, the box is as it was. */
  protected async turn(role: Role, box: HTMLInputElement): Promise<void> {
    if (!(await this.give(role, box.checked))) box.checked = !box.checked;
  }

  private async give(role: Role, on: boolean): Promise<boolean> {
    const { name, roles } = this.person();
    const next = on ? [...roles, role] : roles.filter((one) => one !== role);
    if (next.length === 0) {
      this.giving.refuse('Everybody has at least one role. Give another first.');
      return false;
    }
    const words = next.map((one) => ROLE_WORDS[one].word.toLowerCase()).join(' and ');
    const given = this.giving.run(
      async () => {
        await this.api.call('changeRoles', { ...this.seen(), body: { roles: next } });
        return true;
      },
      { done: `${name} is ${words} from now on` },
    );
    return (await given) ?? false;
  }

  protected async leave(): Promise<void> {
    const { name } = this.person();
    const sure = await this.ask.ask({
      title: `${name} leaves?`,
      text: 'Access ends at once, a running timer is stopped and kept. What was recorded stays, and coming back restores all of it.',
      button: `End the access of ${name}`,
    });
    if (sure === undefined) return;
    await this.giving.run(() => this.api.call('personLeaves', this.seen()), { done: `${name} has left` });
  }

  protected async comeBack(): Promise<void> {
    const { name } = this.person();
    await this.giving.run(() => this.api.call('personReturns', this.seen()), { done: `${name} is back` });
  }
}
