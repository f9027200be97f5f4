import { inject } from '@angular/core';
import { toObservable } from '@angular/core/rxjs-interop';
import { Router } from '@angular/router';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import {
  EMPTY,
  MonoTypeOperatorFunction,
  Observable,
  catchError,
  combineLatest,
  concat,
  debounceTime,
  defer,
  distinctUntilChanged,
  exhaustMap,
  filter,
  from,
  map,
  merge,
  of,
  retry,
  skip,
  switchMap,
  take,
  throwError,
} from 'rxjs';
import type { Me } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { codeOf, sentenceOf } from '../api/problem-error';
import { Address } from './address';
import { Refresh } from './refresh';
import { sessionActions, sessionFeature } from './session';
import { timerActions } from './timers';
import { workActions } from './work';

/** How long somebody pauses before what they changed is read again, in milliseconds. */
const PAUSE = 1000;

/** Who is signed in. */
export const readSession = createEffect(
  (actions = inject(Actions), api = inject(Api)) =>
    actions.pipe(
      ofType(sessionActions.read),
      exhaustMap(() =>
        from(api.call('readSession')).pipe(
          map((session) => sessionActions.known({ session })),
          catchError((error: unknown) => of(sessionActions.unreachable({ sentence: sentenceOf(error) }))),
        ),
      ),
    ),
  { functional: true },
);

/** What recording begins with, when a firm is opened; what could not be read is read at the next refresh. */
export const readWork = createEffect(
  (actions = inject(Actions), api = inject(Api), address = inject(Address), refresh = inject(Refresh), store = inject(Store)) => {
    const read = defer(() => api.call('readWork')).pipe(
      map((work) => workActions.workKnown({ work })),
      catchError((error: unknown) =>
        concat(
          of(workActions.workUnreadable({ sentence: sentenceOf(error) })),
          throwError(() => error),
        ),
      ),
      atNextRefresh(refresh),
    );
    // Whoever changes an outline does it line by line: it is read again once they pause.
    const outdated = actions.pipe(ofType(workActions.workOutdated), debounceTime(PAUSE));
    let before = '';
    return openedFirm(address, store).pipe(
      switchMap(({ firm: { slug } }) => {
        const opened = before === slug ? EMPTY : of(workActions.firmOpened());
        before = slug;
        return concat(opened, merge(of(null), outdated).pipe(switchMap(() => read)));
      }),
    );
  },
  { functional: true },
);

/** The figures of the steps, for every scope and at every refresh. */
export const readOverview = createEffect(
  (api = inject(Api), address = inject(Address), refresh = inject(Refresh), store = inject(Store), router = inject(Router)) =>
    combineLatest([toObservable(address.scope), toObservable(refresh.tick), openedFirm(address, store)]).pipe(
      switchMap(([scope]) =>
        from(api.call('readOverview', { query: { scope } })).pipe(
          map((overview) => workActions.overviewKnown({ overview })),
          catchError((error: unknown) => {
            // The firm began to ask for it while the page was open.
            if (codeOf(error) === 'second-factor-needed')
              void router.navigate(['/second-factor'], { queryParams: { back: router.url } });
            return EMPTY;
          }),
        ),
      ),
    ),
  { functional: true },
);

/** Own timers, for people who record. */
export const readTimers = createEffect(
  (actions = inject(Actions), api = inject(Api), refresh = inject(Refresh), store = inject(Store), address = inject(Address)) =>
    merge(
      actions.pipe(ofType(timerActions.read)),
      combineLatest([toObservable(refresh.tick), openedFirm(address, store)]).pipe(
        filter(([, me]) => !!me.rights['time.record']),
      ),
    ).pipe(
      switchMap(() =>
        from(api.call('readTimers')).pipe(
          map((timers) => timerActions.known({ timers, readAt: Date.now() })),
          catchError(() => EMPTY),
        ),
      ),
    ),
  { functional: true },
);

/** What could not be read is read again at the next refresh. Use in an injection context. */
function atNextRefresh<T>(refresh: Refresh): MonoTypeOperatorFunction<T> {
  const ticks = toObservable(refresh.tick);
  return retry<T>({ delay: () => ticks.pipe(skip(1), take(1)) });
}

/** Oneself in the firm of the address, once both are known and belong together. */
function openedFirm(address: Address, store: Store): Observable<Me> {
  return combineLatest([toObservable(address.firm), store.select(sessionFeature.selectMe)]).pipe(
    filter((pair): pair is [string, Me] => pair[1] !== null && pair[0] === pair[1].firm.slug),
    map(([, me]) => me),
    distinctUntilChanged(),
  );
}
