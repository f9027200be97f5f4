import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import type { Forms, Sessions } from '@yellowwood/contracts';
import { Api } from '../../api/api';
import { sessionActions, sessionFeature } from '../../state/session';
import { command } from '../../ui/command';
import { Dialogs } from '../../ui/dialogs';
import { Failure } from '../../ui/failure';
import { SendsForm, fillFor } from '../../ui/form/drafts';
import { needed } from '../../ui/form/field';
import { TextField } from '../../ui/form/text-field';
import { MomentPipe } from '../../ui/formats';
import { loaded } from '../../ui/loaded';
import { Loading } from '../../ui/loading';
import { Ask } from '../../ui/ask';
import { FormsField } from '../forms-field';
import { browserOf } from './browser-of';
import { SecondFactorSetting } from './second-factor';

/** One's own account: its name, how one signs in, where one is signed in, and leaving the firm. */
@Component({
  selector: 'yw-account',
  imports: [Failure, FormsField, Loading, MatButton, MomentPipe, ReactiveFormsModule, SecondFactorSetting, SendsForm, TextField],
  templateUrl: './account.html',
  styleUrl: '../setting.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AccountScreen {
  private readonly api = inject(Api);
  private readonly store = inject(Store);
  private readonly dialogs = inject(Dialogs);
  protected readonly account = this.store.selectSignal(sessionFeature.selectAccount);
  protected readonly command = command();
  protected readonly ending = command();
  protected readonly choosing = command();
  protected readonly writing = new FormGroup({
    forms: new FormControl<Forms>({ dates: null, clock: null, numbers: null }, { nonNullable: true }),
  });
  protected readonly leaving = command();
  private readonly ask = inject(Ask);
  private readonly router = inject(Router);
  private readonly me = this.store.selectSignal(sessionFeature.selectMe);
  protected readonly firm = computed(() => this.me()?.firm.name ?? '');
  protected readonly browserOf = browserOf;
  protected readonly sessions = loaded(
    () => true,
    (): Promise<Sessions> => this.api.call('listSessions'),
  );
  protected readonly form = new FormGroup({
    name: new FormControl('', { nonNullable: true, validators: needed('Type your name.') }),
  });

  constructor() {
    fillFor(
      this.form,
      () => this.account()?.id,
      () => ({ name: this.account()!.name }),
    );
    fillFor(
      this.writing,
      () => this.account()?.id,
      () => ({ forms: this.account()!.forms }),
    );
  }

  protected async save(): Promise<void> {
    const session = await this.command.run(() => this.api.call('changeName', { body: this.form.getRawValue() }), {
      ...{ done: 'Saved', apart: true },
    });
    if (session) this.store.dispatch(sessionActions.known({ session }));
  }

  protected async saveForms(): Promise<void> {
    const { theme, durationForm } = this.account()!;
    const body = { theme, durationForm, ...this.writing.getRawValue() };
    const session = await this.choosing.run(() => this.api.call('changePreferences', { body }), { done: 'Saved', apart: true });
    if (session) this.store.dispatch(sessionActions.known({ session }));
  }

  protected async signOutElsewhere(): Promise<void> {
    const left = await this.ending.run(() => this.api.call('endSessions'), { done: 'Signed out everywhere else', apart: true });
    if (left) this.sessions.set(left);
  }

  protected async changePassword(): Promise<void> {
    await this.dialogs.open(() => import('../../shell/password-dialog').then(({ PasswordDialog }) => PasswordDialog));
  }

  protected async changeAddress(): Promise<void> {
    await this.dialogs.open(() => import('./address-dialog').then(({ AddressDialog }) => AddressDialog));
  }

  /** Leaves the firm; another one follows, or founding. */
  protected async leave(): Promise<void> {
    const sure = await this.ask.ask({
      title: `Leave ${this.firm()}?`,
      text: 'Your access ends at once, a running timer is stopped and kept, and what you recorded stays. Coming back needs somebody there.',
      button: `Leave ${this.firm()}`,
    });
    if (sure === undefined) return;
    const { version } = this.me()!.person;
    const session = await this.leaving.run(
      async () => {
        await this.api.call('leaveFirm', { version });
        return this.api.call('readSession');
      },
      { apart: true },
    );
    if (!session) return;
    this.store.dispatch(sessionActions.known({ session }));
    await this.router.navigateByUrl('/');
  }
}
