import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { EMPTY, catchError, switchMap, timer } from 'rxjs';

/** How long the first screen has the connection to itself, in milliseconds. */
const AFTER = 3000;

/** What is fetched once and at hand from then on; what could not be fetched is tried again by the next who wants it. */
export function once<T>(load: () => Promise<T>): () => Promise<T> {
  let fetched: Promise<T> | undefined;
  return () => {
    fetched ??= load().catch((error: unknown) => {
      fetched = undefined;
      throw error;
    });
    return fetched;
  };
}

/**
 * Fetches what the first screen does without, once that stands, so that it is at hand when it is wanted, with or without a
 * connection. Use in an injection context.
 */
export function fetchAhead(load: () => Promise<unknown>): void {
  timer(AFTER)
    .pipe(
      switchMap(load),
      catchError(() => EMPTY),
      takeUntilDestroyed(),
    )
    .subscribe();
}
