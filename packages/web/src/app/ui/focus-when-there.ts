import { Observable, animationFrameScheduler, first, interval, map, take } from 'rxjs';

/**
 * Puts the focus where it belongs once that is drawn, within some frames. Nothing happens where it never comes.
 * @param frames how many frames it may take; a screen waits for its answer, a row only for being drawn
 * @returns what has the focus then; null for nothing
 */
export function focusWhenThere(find: () => HTMLElement | null | undefined, frames = 30): Observable<HTMLElement | null> {
  return interval(0, animationFrameScheduler).pipe(
    take(frames),
    map(() => find() ?? null),
    first((found) => found !== null, null),
    map((found) => {
      found?.focus();
      return found;
    }),
  );
}
