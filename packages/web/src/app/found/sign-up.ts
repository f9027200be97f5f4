import { ChangeDetectionStrategy, Component, afterRenderEffect, computed, inject, signal, viewChild } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { Api } from '../api/api';
import { sessionFeature } from '../state/session';
import { command } from '../ui/command';
import { Failure } from '../ui/failure';
import { SendsForm } from '../ui/form/drafts';
import { emailLike, longEnough, needed } from '../ui/form/field';
import { TextField } from '../ui/form/text-field';
import { AgreeField } from './agree-field';
import { agreed, consentsOf } from './consents';

/** Asks for an account, and then for a look into the mailbox. */
@Component({
  selector: 'yw-sign-up',
  imports: [AgreeField, Failure, MatButton, ReactiveFormsModule, RouterLink, SendsForm, TextField],
  templateUrl: './sign-up.html',
  styleUrl: './step.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SignUp {
  private readonly api = inject(Api);
  private readonly session = inject(Store).selectSignal(sessionFeature.selectSession);
  protected readonly mailPage = computed(() => this.session()?.mailPage ?? null);
  protected readonly form = new FormGroup({
    name: new FormControl('', { nonNullable: true, validators: needed('Type your name.') }),
    email: new FormControl('', { nonNullable: true, validators: emailLike() }),
    password: new FormControl('', { nonNullable: true, validators: longEnough }),
    agrees: new FormControl(false, { nonNullable: true, validators: agreed }),
  });
  protected readonly command = command();
  private readonly first = viewChild(TextField);
  /** Where the message went. */
  protected readonly asked = signal('');

  constructor() {
    afterRenderEffect({ read: () => this.first()?.focus() });
  }

  protected async ask(): Promise<void> {
    const { name, email, password } = this.form.getRawValue();
    await this.command.run(async () => {
      const consents = await consentsOf(this.api);
      await this.api.call('signUp', { body: { name, email: email.trim(), password, consents } });
      this.asked.set(email.trim());
    });
  }

  protected again(): void {
    this.asked.set('');
  }
}
