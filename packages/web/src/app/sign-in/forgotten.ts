import { ChangeDetectionStrategy, Component, afterRenderEffect, computed, inject, signal, viewChild } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { Api } from '../api/api';
import { sessionActions, sessionFeature } from '../state/session';
import { Brand } from '../ui/brand';
import { command } from '../ui/command';
import { Failure } from '../ui/failure';
import { SendsForm } from '../ui/form/drafts';
import { TextField } from '../ui/form/text-field';
import { handleLike } from '../ui/form/field';

/** Asks for a message with a link to a new password; whether the address has an account is told to nobody. */
@Component({
  selector: 'yw-forgotten',
  imports: [Brand, Failure, MatButton, ReactiveFormsModule, RouterLink, SendsForm, TextField],
  templateUrl: './forgotten.html',
  styleUrl: './sign-in.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Forgotten {
  private readonly store = inject(Store);
  private readonly api = inject(Api);
  protected readonly form = new FormGroup({ email: new FormControl('', { nonNullable: true, validators: handleLike() }) });
  protected readonly command = command();
  private readonly field = viewChild(TextField);
  /** The address that was asked for. */
  protected readonly asked = signal('');
  private readonly session = this.store.selectSignal(sessionFeature.selectSession);
  protected readonly mailPage = computed(() => this.session()?.mailPage ?? null);

  constructor() {
    this.store.dispatch(sessionActions.read());
    afterRenderEffect({ read: () => this.field()?.focus() });
  }

  protected async ask(): Promise<void> {
    const email = this.form.getRawValue().email.trim();
    await this.command.run(async () => {
      await this.api.call('forgotPassword', { body: { email } });
      this.asked.set(email);
    });
  }

  protected again(): void {
    this.asked.set('');
  }
}
