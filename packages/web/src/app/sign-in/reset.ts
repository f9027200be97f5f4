import {
  ChangeDetectionStrategy,
  Component,
  afterRenderEffect,
  effect,
  inject,
  signal,
  untracked,
  viewChild,
} from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { Api } from '../api/api';
import { Brand } from '../ui/brand';
import { command } from '../ui/command';
import { Failure } from '../ui/failure';
import { SendsForm } from '../ui/form/drafts';
import { TextField } from '../ui/form/text-field';
import { longEnough } from '../ui/form/field';
import { tokenOfLink } from './token-of-link';

/** Sets a new password by the link of a message. */
@Component({
  selector: 'yw-reset',
  imports: [Brand, Failure, MatButton, ReactiveFormsModule, RouterLink, SendsForm, TextField],
  templateUrl: './reset.html',
  styleUrl: './sign-in.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Reset {
  private readonly api = inject(Api);
  protected readonly token = tokenOfLink('/reset');
  protected readonly form = new FormGroup({
    password: new FormControl('', { nonNullable: true, validators: longEnough }),
  });
  protected readonly command = command();
  protected readonly done = signal(false);
  private readonly field = viewChild(TextField);

  constructor() {
    afterRenderEffect({ read: () => this.field()?.focus() });
    // Another link is another try.
    effect(() => {
      this.token();
      untracked(() => this.done.set(false));
    });
  }

  protected async change(): Promise<void> {
    const { password } = this.form.getRawValue();
    await this.command.run(async () => {
      await this.api.call('resetPassword', { body: { token: this.token(), password } });
      this.done.set(true);
    });
  }
}
