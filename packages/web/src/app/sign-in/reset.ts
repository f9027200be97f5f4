import { ChangeDetectionStrategy, Component, DOCUMENT, afterRenderEffect, inject, signal, viewChild } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { ActivatedRoute, RouterLink } from '@angular/router';
import { filter } from 'rxjs';
import { Api } from '../api/api';
import { Brand } from '../ui/brand';
import { command } from '../ui/command';
import { Failure } from '../ui/failure';
import { SendsForm } from '../ui/form/drafts';
import { TextField } from '../ui/form/text-field';
import { longEnough } from '../ui/form/field';

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
  protected readonly token = signal('');
  protected readonly form = new FormGroup({
    password: new FormControl('', { nonNullable: true, validators: longEnough }),
  });
  protected readonly command = command();
  protected readonly done = signal(false);
  private readonly field = viewChild(TextField);

  constructor() {
    afterRenderEffect({ read: () => this.field()?.focus() });
    const { history } = inject(DOCUMENT).defaultView!;
    // Also where a whole link follows one that was cut off, which moves only within the page.
    inject(ActivatedRoute)
      .fragment.pipe(
        filter((fragment) => fragment !== null),
        takeUntilDestroyed(),
      )
      .subscribe((token) => {
        this.token.set(token);
        this.done.set(false);
        // The address stays in the history of the browser, its token not.
        history.replaceState(null, '', '/reset');
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
