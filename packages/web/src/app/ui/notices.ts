import { Injectable, inject } from '@angular/core';
import { MatSnackBar } from '@angular/material/snack-bar';
import { sentenceOf } from '../api/problem-error';

/** What was done, with a way to undo it for ten seconds; and what went wrong, in a sentence. */
@Injectable({ providedIn: 'root' })
export class Notices {
  private readonly bar = inject(MatSnackBar);

  /** @param undo takes it back; one that is refused says why and can be tried again */
  done(text: string, undo?: () => Promise<unknown>): void {
    this.tell(text, text, undo);
  }

  private tell(what: string, text: string, undo?: () => Promise<unknown>): void {
    const shown = this.bar.open(text, undo ? 'Undo' : undefined, { duration: undo ? 10_000 : 4000 });
    if (undo) shown.onAction().subscribe(() => void this.takeBack(what, undo));
  }

  private async takeBack(what: string, undo: () => Promise<unknown>): Promise<void> {
    try {
      await undo();
      this.done(`Undone: ${what}`);
    } catch (error) {
      this.tell(what, `${what}, and not undone. ${sentenceOf(error)}`, undo);
    }
  }

  failed(error: unknown): void {
    this.bar.open(sentenceOf(error), 'Close', { duration: 12_000 });
  }
}
