import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogRef, MatDialogModule } from '@angular/material/dialog';
import type { Question } from './ask';
import { SendsForm } from './form/drafts';
import { needed } from './form/field';
import { TextField } from './form/text-field';

/** Asks before something that cannot be undone, or for a reason. */
@Component({
  selector: 'yw-ask',
  imports: [MatButton, MatDialogModule, ReactiveFormsModule, SendsForm, TextField],
  templateUrl: './ask-dialog.html',
  styles: '.text { margin-bottom: 12px; max-width: 46ch; white-space: pre-line; } yw-text-field { min-width: min(420px, 70vw); }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AskDialog {
  protected readonly question = inject<Question>(MAT_DIALOG_DATA);
  private readonly dialog = inject<MatDialogRef<AskDialog, string>>(MatDialogRef);
  protected readonly form = new FormGroup({
    words: new FormControl(this.question.field?.value ?? '', {
      nonNullable: true,
      validators: this.question.field?.needed ? needed('Write a few words; they are kept in the history.') : null,
    }),
  });

  protected answer(): void {
    this.dialog.close(this.form.controls.words.value.trim());
  }
}
