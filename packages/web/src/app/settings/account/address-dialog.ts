import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { MatDialogModule, MatDialogRef } from '@angular/material/dialog';
import { Api } from '../../api/api';
import { command } from '../../ui/command';
import { Failure } from '../../ui/failure';
import { SendsForm } from '../../ui/form/drafts';
import { emailLike, needed } from '../../ui/form/field';
import { TextField } from '../../ui/form/text-field';

/** Asks to sign in with another address; a message goes there, and until its link is followed all is as it was. */
@Component({
  selector: 'yw-address-dialog',
  imports: [Failure, MatButton, MatDialogModule, ReactiveFormsModule, SendsForm, TextField],
  template: `
    <h2 mat-dialog-title>Sign in with another address</h2>
    <form [formGroup]="form" (ywSend)="ask()">
      <mat-dialog-content class="fields">
        <yw-text-field
          label="New e-mail address"
          type="email"
          autocomplete="email"
          hint="A message goes there. Once you follow its link, you sign in with it, and the old one is told."
          formControlName="email"
        />
        <yw-text-field label="Your password" type="password" autocomplete="current-password" formControlName="password" />
        <yw-failure [of]="command" />
      </mat-dialog-content>
      <mat-dialog-actions align="end">
        <button mat-button type="button" mat-dialog-close>Cancel</button>
        <button mat-flat-button type="submit">Send the message</button>
      </mat-dialog-actions>
    </form>
  `,
  styles: '.fields { display: grid; gap: 12px; width: min(380px, 80vw); }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AddressDialog {
  private readonly api = inject(Api);
  private readonly dialog = inject(MatDialogRef);
  protected readonly form = new FormGroup({
    email: new FormControl('', { nonNullable: true, validators: emailLike() }),
    password: new FormControl('', { nonNullable: true, validators: needed('Type the password that you sign in with.') }),
  });
  protected readonly command = command();

  protected async ask(): Promise<void> {
    const body = this.form.getRawValue();
    await this.command.run(
      async () => {
        await this.api.call('changeAddress', { body });
        this.dialog.close();
      },
      { done: `A message goes to ${body.email}. Follow its link in this browser`, apart: true },
    );
  }
}
