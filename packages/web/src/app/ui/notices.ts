import { Injectable, inject } from '@angular/core';
import { MatSnackBar } from '@angular/material/snack-bar';
import { sentenceOf } from '../api/problem-error';

/** What was done, with a way to undo it for ten seconds; and what went wrong, in a sentence. */
@Injectable({ providedIn: 'root' })
export class Notices {
  private readonly bar = inject(MatSnackBar);

  done(text: string, undo?: () => unknown): void {
    const shown = this.bar.open(text, undo ? 'Undo' : undefined, { duration: undo ? 10_000 : 4000 });
    if (undo) shown.onAction().subscribe(() => undo());
  }

  failed(error: unknown): void {
    this.bar.open(sentenceOf(error), 'Close', { duration: 12_000 });
  }
}
