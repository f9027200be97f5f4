import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatDialogActions, MatDialogClose, MatDialogContent, MatDialogRef, MatDialogTitle } from '@angular/material/dialog';
import { Api } from '../api/api';
import { command } from '../ui/command';
import { Failure } from '../ui/failure';
import { TextField } from '../ui/form/text-field';

/** Changes the own password; other sessions of the account end. */
@Component({
  selector: 'yw-password-dialog',
  imports: [Failure, MatButton, MatDialogActions, MatDialogClose, MatDialogContent, MatDialogTitle, TextField],
  template: `
    <h2 mat-dialog-title>Change password</h2>
    <mat-dialog-content class="fields">
      <yw-text-field label="Present password" type="password" autocomplete="current-password" [(value)]="current" />
      <yw-text-field label="New password, at least 12 characters" type="password" autocomplete="new-password" [(value)]="next" />
      <yw-failure [of]="command" />
    </mat-dialog-content>
    <mat-dialog-actions align="end">
      <button mat-button mat-dialog-close>Cancel</button>
      <button mat-flat-button (click)="change()">Change password</button>
    </mat-dialog-actions>
  `,
  styles: '.fields { display: grid; gap: 12px; min-width: min(360px, 80vw); }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PasswordDialog {
  private readonly api = inject(Api);
  private readonly dialog = inject(MatDialogRef);
  protected readonly current = signal('');
  protected readonly next = signal('');
  protected readonly command = command();

  protected async change(): Promise<void> {
    if (this.next().length < 12) return this.command.refuse('The new password needs at least 12 characters.');
    await this.command.run(
      async () => {
        await this.api.call('changePassword', { body: { current: this.current(), next: this.next() } });
        this.dialog.close();
      },
      { done: 'Password changed. Other windows and devices are signed out' },
    );
  }
}
