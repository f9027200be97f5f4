import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { MatDialogRef, MatDialogModule } from '@angular/material/dialog';
import { Api } from '../api/api';
import { command } from '../ui/command';
import { Failure } from '../ui/failure';
import { SendsForm } from '../ui/form/drafts';
import { longEnough, needed } from '../ui/form/field';
import { TextField } from '../ui/form/text-field';

/** Changes the own password; other sessions of the account end. */
@Component({
  selector: 'yw-password-dialog',
  imports: [Failure, MatButton, MatDialogModule, ReactiveFormsModule, SendsForm, TextField],
  template: `
    <h2 mat-dialog-title>Change password</h2>
    <form [formGroup]="form" (ywSend)="change()">
      <mat-dialog-content class="fields">
        <yw-text-field label="Present password" type="password" autocomplete="current-password" formControlName="current" />
        <yw-text-field
          label="New password, at least 12 characters"
          type="password"
          autocomplete="new-password"
          formControlName="next"
        />
        <yw-failure [of]="command" />
      </mat-dialog-content>
      <mat-dialog-actions align="end">
        <button mat-button type="button" mat-dialog-close>Cancel</button>
        <button mat-flat-button type="submit">Change password</button>
      </mat-dialog-actions>
    </form>
  `,
  styles: '.fields { display: grid; gap: 12px; min-width: min(360px, 80vw); }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PasswordDialog {
  private readonly api = inject(Api);
  private readonly dialog = inject(MatDialogRef);
  protected readonly form = new FormGroup({
    current: new FormControl('', { nonNullable: true, validators: needed('Type the password that you have now.') }),
    next: new FormControl('', { nonNullable: true, validators: longEnough }),
  });
  protected readonly command = command();

  protected async change(): Promise<void> {
    await this.command.run(
      async () => {
        await this.api.call('changePassword', { body: this.form.getRawValue() });
        this.dialog.close();
      },
      { done: 'Password changed. Other windows and devices are signed out' },
    );
  }
}
