import {
  Observable,
  animationFrameScheduler,
  first,
  fromEvent,
  interval,
  map,
  merge,
  pairwise,
  startWith,
  switchMap,
  take,
} from 'rxjs';

/**
 * Puts the focus where it belongs once that is drawn, within some frames. Nothing happens where it never comes, or where the
 * person has gone elsewhere meanwhile: nobody is called back from where he works.
 * @param frames how many frames it may take; a screen waits for its answer, a row only for being drawn
 * @returns what has the focus then; null for nothing
 */
export function focusWhenThere(find: () => HTMLElement | null | undefined, frames = 30): Observable<HTMLElement | null> {
  const from = document.activeElement;
  // What was pressed when this was asked for is no going elsewhere: from there the focus has not moved yet.
  // What is dictated or put in by a keeper of passwords comes without a key.
  const acted = merge(...['keydown', 'pointerdown', 'input'].map((one) => fromEvent(document, one, { capture: true }))).pipe(
    map(() => true),
    startWith(false),
  );
  return acted.pipe(
    switchMap((has) => interval(0, animationFrameScheduler).pipe(map(() => has))),
    take(frames),
    map((has) => (has && isElsewhere(from) ? 'elsewhere' : (find() ?? null))),
    // A part that was fetched is drawn before its bindings are: only what stood there before is whole.
    startWith(find() ?? null),
    pairwise(),
    map(([before, now]) => (now === 'elsewhere' || now === before ? now : null)),
    first((found) => found !== null, null),
    map((found) => {
      if (found === 'elsewhere') return null;
      found?.focus();
      return found;
    }),
  );
}

function isElsewhere(from: Element | null): boolean {
  const now = document.activeElement;
  return now !== from && now !== null && now !== document.body;
}
