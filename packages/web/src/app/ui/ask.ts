import { ChangeDetectionStrategy, Component, Injectable, inject } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import {
  MAT_DIALOG_DATA,
  MatDialog,
  MatDialogActions,
  MatDialogClose,
  MatDialogContent,
  MatDialogRef,
  MatDialogTitle,
} from '@angular/material/dialog';
import { firstValueFrom } from 'rxjs';
import { SendsForm } from './form/drafts';
import { needed } from './form/field';
import { TextField } from './form/text-field';

export interface Question {
  readonly title: string;
  readonly text?: string;
  /** What is asked for in words, if anything; a needed one cannot be left empty. */
  readonly field?: { readonly label: string; readonly needed: boolean; readonly value?: string };
  readonly button: string;
}

/** Asks before something that cannot be undone, or for a reason. */
@Component({
  selector: 'yw-ask',
  imports: [
    MatButton,
    MatDialogActions,
    MatDialogClose,
    MatDialogContent,
    MatDialogTitle,
    ReactiveFormsModule,
    SendsForm,
    TextField,
  ],
  templateUrl: './ask.html',
  styles: '.text { margin-bottom: 12px; max-width: 46ch; white-space: pre-line; } textarea { min-width: min(420px, 70vw); }',
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

@Injectable({ providedIn: 'root' })
export class Ask {
  private readonly dialog = inject(MatDialog);

  /** @returns the words, or an empty text where none were asked for; undefined when the person cancels */
  ask(question: Question): Promise<string | undefined> {
    return firstValueFrom(this.dialog.open<AskDialog, Question, string>(AskDialog, { data: question }).afterClosed());
  }
}
