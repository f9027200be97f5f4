import { ChangeDetectionStrategy, Component, DOCUMENT, inject, signal } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { ActivatedRoute, RouterLink } from '@angular/router';
import { Api } from '../api/api';
import { Brand } from '../ui/brand';
import { command } from '../ui/command';
import { Failure } from '../ui/failure';
import { SendsForm } from '../ui/form/drafts';
import { TextField } from '../ui/form/text-field';
import { longEnough } from '../ui/form/account-rules';

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
  protected readonly token = inject(ActivatedRoute).snapshot.fragment ?? '';
  protected readonly form = new FormGroup({
    password: new FormControl('', { nonNullable: true, validators: longEnough }),
  });
  protected readonly command = command();
  protected readonly done = signal(false);

  constructor() {
    // The address stays in the history of the browser, its token not.
    inject(DOCUMENT).defaultView!.history.replaceState(null, '', '/reset');
  }

  protected async change(): Promise<void> {
    const { password } = this.form.getRawValue();
    await this.command.run(async () => {
      await this.api.call('resetPassword', { body: { token: this.token, password } });
      this.done.set(true);
    });
  }
}
