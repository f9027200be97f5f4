import { ChangeDetectionStrategy, Component, computed, effect, inject, signal, untracked } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import type { BodyOf, Endpoints, Invitation } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { tokenOfLink } from '../sign-in/token-of-link';
import { sessionActions } from '../state/session';
import { Brand } from '../ui/brand';
import { command } from '../ui/command';
import { Failure } from '../ui/failure';
import { SendsForm } from '../ui/form/drafts';
import { longEnough, needed } from '../ui/form/field';
import { TextField } from '../ui/form/text-field';
import { AgreeField } from './agree-field';
import { agreed, consentsOf } from './consents';
import { joining } from './joining';

/** Joins a firm by the link of an invitation: with a new account, by signing in, or as who is signed in. */
@Component({
  selector: 'yw-join',
  imports: [AgreeField, Brand, Failure, MatButton, ReactiveFormsModule, RouterLink, SendsForm, TextField],
  templateUrl: './join.html',
  styleUrl: '../sign-in/sign-in.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Join {
  private readonly api = inject(Api);
  private readonly store = inject(Store);
  protected readonly joining = joining();
  protected readonly token = tokenOfLink('/join');
  protected readonly invitation = signal<Invitation | null>(null);
  protected readonly account = this.joining.account;
  /** How one joins: what is asked for depends on it. */
  protected readonly how = computed(() => {
    if (this.account()) return 'as-oneself';
    return this.invitation()?.known ? 'sign-in' : 'new-account';
  });
  protected readonly reading = command();
  protected readonly command = this.joining.command;
  protected readonly signIn = new FormGroup({
    password: new FormControl('', { nonNullable: true, validators: needed('Type your password.') }),
  });
  protected readonly form = new FormGroup({
    name: new FormControl('', { nonNullable: true, validators: needed('Type your name.') }),
    password: new FormControl('', { nonNullable: true, validators: longEnough }),
    agrees: new FormControl(false, { nonNullable: true, validators: agreed }),
  });

  constructor() {
    effect(() => {
      const token = this.token();
      if (token) untracked(() => void this.read(token));
    });
  }

  private async read(token: string): Promise<void> {
    this.invitation.set(null);
    const invitation = await this.reading.run(() => this.api.call('readInvitation', { body: { token } }));
    if (!invitation) return;
    this.form.reset({ name: invitation.name, password: '', agrees: false });
    this.invitation.set(invitation);
  }

  protected async makeAccount(): Promise<void> {
    const { name, password } = this.form.getRawValue();
    await this.join(async () => ({ name, password, consents: await consentsOf(this.api) }));
  }

  protected async signInAndJoin(): Promise<void> {
    const { email } = this.invitation()!;
    const session = await this.command.run(() => this.api.call('signIn', { body: { email, ...this.signIn.getRawValue() } }));
    if (!session) return;
    this.store.dispatch(sessionActions.known({ session }));
    await this.join(() => Promise.resolve(null));
  }

  protected async joinAsOneself(): Promise<void> {
    await this.join(() => Promise.resolve(null));
  }

  private async join(account: () => Promise<BodyOf<Endpoints['joinFirm']>['account']>): Promise<void> {
    await this.joining.join(async () => this.api.call('joinFirm', { body: { token: this.token(), account: await account() } }));
  }
}
