import { ChangeDetectionStrategy, Component, computed, effect, inject, signal, untracked } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import type { AnswerOf, BodyOf, Endpoints } from '@yellowwood/contracts';
import { readHandle } from '@yellowwood/core';
import { Api } from '../api/api';
import { tokenOfLink } from '../sign-in/token-of-link';
import { Brand } from '../ui/brand';
import { command } from '../ui/command';
import { Failure } from '../ui/failure';
import { SendsForm } from '../ui/form/drafts';
import { longEnough, needed, says } from '../ui/form/field';
import { TextField } from '../ui/form/text-field';
import { AgreeField } from './agree-field';
import { ROLE_WORDS } from '../settings/people/roles';
import { agreed, consentsOf } from './consents';
import { joining } from './joining';

/** Joins a firm by a link that was copied: as who is signed in, or with a new account by a telephone number. */
@Component({
  selector: 'yw-join-by-link',
  imports: [AgreeField, Brand, Failure, MatButton, ReactiveFormsModule, RouterLink, SendsForm, TextField],
  templateUrl: './join-by-link.html',
  styleUrl: '../sign-in/sign-in.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class JoinByLink {
  private readonly api = inject(Api);
  protected readonly joining = joining();
  protected readonly token = tokenOfLink('/link');
  protected readonly link = signal<AnswerOf<Endpoints['readLink']> | null>(null);
  protected readonly account = this.joining.account;
  protected readonly reading = command();
  protected readonly command = this.joining.command;
  protected readonly form = new FormGroup({
    name: new FormControl('', { nonNullable: true, validators: needed('Type your name.') }),
    number: new FormControl('', {
      nonNullable: true,
      validators: ({ value }) => {
        const read = readHandle(String(value));
        return read.ok && read.value.startsWith('+')
          ? null
          : says('Type your telephone number with its country, such as +44 7700 900123.');
      },
    }),
    password: new FormControl('', { nonNullable: true, validators: longEnough }),
    agrees: new FormControl(false, { nonNullable: true, validators: agreed }),
  });
  protected readonly role = computed(() => {
    const link = this.link();
    return link?.role ? ROLE_WORDS[link.role].word : (link?.ownRole ?? '');
  });
  protected readonly into = computed(() => {
    const link = this.link();
    return link?.team ? `${link.firm}, in the team ${link.team}` : (link?.firm ?? '');
  });

  constructor() {
    effect(() => {
      const token = this.token();
      if (token) untracked(() => void this.read(token));
    });
  }

  private async read(token: string): Promise<void> {
    this.link.set(null);
    this.link.set((await this.reading.run(() => this.api.call('readLink', { body: { token } }))) ?? null);
  }

  protected async makeAccount(): Promise<void> {
    const { name, number, password } = this.form.getRawValue();
    await this.join(async () => ({ name, number: number.trim(), password, consents: await consentsOf(this.api) }));
  }

  protected async joinAsOneself(): Promise<void> {
    await this.join(() => Promise.resolve(null));
  }

  private async join(account: () => Promise<BodyOf<Endpoints['joinByLink']>['account']>): Promise<void> {
    await this.joining.join(async () => this.api.call('joinByLink', { body: { token: this.token(), account: await account() } }));
  }
}
