import { ChangeDetectionStrategy, Component, effect, inject, signal, untracked, viewChild } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { Api } from '../api/api';
import { ProblemError } from '../api/problem-error';
import { tokenOfLink } from '../sign-in/token-of-link';
import { sessionActions } from '../state/session';
import { Brand } from '../ui/brand';
import { command } from '../ui/command';
import { Failure } from '../ui/failure';
import { SendsForm } from '../ui/form/drafts';
import { needed } from '../ui/form/field';
import { TextField } from '../ui/form/text-field';

/** Shows by the link of a message that an address is one's own, and goes on to founding. */
@Component({
  selector: 'yw-verify',
  imports: [Brand, Failure, MatButton, ReactiveFormsModule, RouterLink, SendsForm, TextField],
  templateUrl: './verify.html',
  styleUrl: '../sign-in/sign-in.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Verify {
  private readonly api = inject(Api);
  private readonly store = inject(Store);
  private readonly router = inject(Router);
  protected readonly token = tokenOfLink('/verify');
  protected readonly form = new FormGroup({
    password: new FormControl('', { nonNullable: true, validators: needed('Type the password that you chose.') }),
  });
  protected readonly command = command();
  /** Whether this is another browser than the one that asked. */
  protected readonly elsewhere = signal(false);
  private readonly field = viewChild(TextField);

  constructor() {
    effect(() => {
      if (this.token()) untracked(() => void this.verify());
    });
    effect(() => this.field()?.focus());
  }

  protected async verify(): Promise<void> {
    const { password } = this.form.getRawValue();
    const body = { token: this.token(), ...(password ? { password } : {}) };
    const session = await this.command.run(() =>
      this.api.call('verifyAddress', { body }).catch((error: unknown) => {
        // The first time that is a question, and no refusal.
        const asks = error instanceof ProblemError && error.code === 'password-needed' && !this.elsewhere();
        if (!asks) throw error;
        this.elsewhere.set(true);
        return undefined;
      }),
    );
    if (!session) return;
    this.store.dispatch(sessionActions.known({ session }));
    await this.router.navigateByUrl('/found', { replaceUrl: true });
  }
}
