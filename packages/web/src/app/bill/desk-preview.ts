import { Signal, inject, signal } from '@angular/core';
import { takeUntilDestroyed, toObservable } from '@angular/core/rxjs-interop';
import type { DraftWish, DraftPreview } from '@yellowwood/contracts';
import { catchError, defer, map, of, switchMap, timer } from 'rxjs';
import { Api } from '../api/api';
import { sentenceOf } from '../api/problem-error';

/** The document that the choices make, as the server draws it up. */
export interface DeskPreview {
  readonly value: Signal<DraftPreview | null>;
  readonly sentence: Signal<string>;
  clear(): void;
}

/**
 * Draws the document up anew whenever the choices change; several ticks in a row make one question, and a late answer to
 * an old one is dropped. What cannot be drawn up leaves the last one there, and says why. Use in an injection context.
 * @param wish null for no choice: then there is no document
 */
export function deskPreview(wish: Signal<DraftWish | null>): DeskPreview {
  const api = inject(Api);
  const value = signal<DraftPreview | null>(null);
  const sentence = signal('');
  toObservable(wish)
    .pipe(
      switchMap((body) =>
        body === null
          ? of({ value: null, sentence: '' })
          : timer(120).pipe(
              switchMap(() => defer(() => api.call('previewInvoice', { body }))),
              map((preview) => ({ value: preview, sentence: '' })),
              catchError((error: unknown) => of({ value: undefined, sentence: sentenceOf(error) })),
            ),
      ),
      takeUntilDestroyed(),
    )
    .subscribe((next) => {
      if (next.value !== undefined) value.set(next.value);
      sentence.set(next.sentence);
    });
  return { value, sentence, clear: () => value.set(null) };
}
