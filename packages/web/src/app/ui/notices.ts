import { Injectable, Injector, inject } from '@angular/core';
import type { MatSnackBar } from '@angular/material/snack-bar';
import { sentenceOf } from '../api/problem-error';
import { fetchAhead, once } from './fetch-ahead';

export const loadBar = once(() => import('@angular/material/snack-bar'));

/** What was done, with a way to undo it for ten seconds; and what went wrong, in a sentence. */
@Injectable({ providedIn: 'root' })
export class Notices {
  private readonly injector = inject(Injector);

  constructor() {
    fetchAhead(loadBar);
  }

  /** @param undo takes it back; one that is refused says why and can be tried again */
  done(text: string, undo?: () => Promise<unknown>): void {
    void this.tell(text, text, undo);
  }

  private async tell(what: string, text: string, undo?: () => Promise<unknown>): Promise<void> {
    const shown = (await this.bar()).open(text, undo ? 'Undo' : undefined, { duration: undo ? 10_000 : 4000 });
    if (undo) shown.onAction().subscribe(() => void this.takeBack(what, undo));
  }

  private async takeBack(what: string, undo: () => Promise<unknown>): Promise<void> {
    try {
      await undo();
      this.done(`Undone: ${what}`);
    } catch (error) {
      void this.tell(what, `${what}, and not undone. ${sentenceOf(error)}`, undo);
    }
  }

  failed(error: unknown): void {
    void this.bar().then((bar) => bar.open(sentenceOf(error), 'Close', { duration: 12_000 }));
  }

  private async bar(): Promise<MatSnackBar> {
    const { MatSnackBar } = await loadBar();
    return this.injector.get(MatSnackBar);
  }
}
