import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatDialogActions, MatDialogClose, MatDialogContent, MatDialogRef, MatDialogTitle } from '@angular/material/dialog';
import { Api } from '../api/api';
import { sentenceOf } from '../api/problem-error';
import { Notices } from '../ui/notices';

/** Changes the own password; other sessions of the account end. */
@Component({
  selector: 'yw-password-dialog',
  imports: [MatButton, MatDialogActions, MatDialogClose, MatDialogContent, MatDialogTitle],
  template: `
    <h2 mat-dialog-title>Change password</h2>
    <mat-dialog-content class="fields">
      <label class="field"
        >Present password
        <input
          class="plain-field"
          type="password"
          autocomplete="current-password"
          (input)="current.set($any($event.target).value)"
      /></label>
      <label class="field"
        >New password, at least 12 characters
        <input class="plain-field" type="password" autocomplete="new-password" (input)="next.set($any($event.target).value)"
      /></label>
      @if (sentence()) {
        <p class="field-error" role="alert">{{ sentence() }}</p>
      }
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
  private readonly notices = inject(Notices);
  private readonly dialog = inject(MatDialogRef);
  protected readonly current = signal('');
  protected readonly next = signal('');
  protected readonly sentence = signal('');

  protected async change(): Promise<void> {
    if (this.next().length < 12) return this.sentence.set('The new password needs at least 12 characters.');
    try {
      await this.api.call('changePassword', { body: { current: this.current(), next: this.next() } });
      this.dialog.close();
      this.notices.done('Password changed. Other windows and devices are signed out.');
    } catch (error) {
      this.sentence.set(sentenceOf(error));
    }
  }
}
