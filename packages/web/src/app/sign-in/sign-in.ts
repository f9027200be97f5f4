import { ChangeDetectionStrategy, Component, afterRenderEffect, computed, inject, signal, viewChild } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { ActivatedRoute, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { Api } from '../api/api';
import { codeOf, sentenceOf } from '../api/problem-error';
import { sessionActions, sessionFeature } from '../state/session';
import { Brand } from '../ui/brand';
import { SendsForm } from '../ui/form/drafts';
import { handleLike, needed } from '../ui/form/field';
import { TextField } from '../ui/form/text-field';
import { toTheWork } from './to-the-work';

/** Signing in; in demo mode with the demo firm's sign-ins beside it. */
@Component({
  selector: 'yw-sign-in',
  imports: [MatButton, ReactiveFormsModule, RouterLink, Brand, SendsForm, TextField],
  templateUrl: './sign-in.html',
  styleUrl: './sign-in.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SignIn {
  private readonly store = inject(Store);
  private readonly api = inject(Api);
  private readonly toTheWork = toTheWork();
  private readonly route = inject(ActivatedRoute);
  protected readonly form = new FormGroup({
    email: new FormControl('', { nonNullable: true, validators: handleLike() }),
    password: new FormControl('', { nonNullable: true, validators: needed('Type your password.') }),
    code: new FormControl('', { nonNullable: true }),
  });
  /** Whether the account signs in with a second factor, and a code of it is wanted. */
  protected readonly asksCode = signal(false);
  private readonly code = viewChild<TextField>('code');
  protected readonly busy = signal(false);
  private readonly session = this.store.selectSignal(sessionFeature.selectSession);
  protected readonly unreachable = this.store.selectSignal(sessionFeature.selectSentence);
  protected readonly demo = computed(() => this.session()?.demo ?? []);
  protected readonly founding = computed(() => (this.session()?.founding ?? 'closed') !== 'closed');
  protected readonly mailPage = computed(() => this.session()?.mailPage ?? null);
  protected readonly sentence = signal(
    this.route.snapshot.queryParamMap.has('unknown') ? 'There is no firm of this name that you belong to.' : '',
  );

  constructor() {
    this.store.dispatch(sessionActions.read());
    afterRenderEffect({ read: () => this.code()?.focus() });
  }

  protected take(one: { email: string; password: string }): void {
    this.asksCode.set(false);
    this.form.setValue({ email: one.email, password: one.password, code: '' });
    void this.submit();
  }

  protected async submit(): Promise<void> {
    this.busy.set(true);
    this.sentence.set('');
    try {
      const { code, email, password } = this.form.getRawValue();
      const body = { email: email.trim(), password };
      const asked = this.asksCode() && code.trim() !== '';
      const session = await this.api.call('signIn', { body: asked ? { ...body, code } : body });
      this.store.dispatch(sessionActions.known({ session }));
      const back = this.route.snapshot.queryParamMap.get('back');
      // Only a way within this page is followed.
      await this.toTheWork(back?.startsWith('/f/') ? back : '/');
    } catch (error) {
      // The first time that is a question, and no refusal.
      if (codeOf(error) === 'code-needed' && !this.asksCode()) this.asksCode.set(true);
      else this.sentence.set(sentenceOf(error));
    } finally {
      this.busy.set(false);
    }
  }
}
