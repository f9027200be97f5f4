import { createActionGroup, createFeature, createReducer, createSelector, emptyProps, on, props } from '@ngrx/store';
import type { Permission, Reach } from '@yellowwood/core';
import type { Me, Session, View } from '@yellowwood/contracts';
import { workActions } from './work';

export const sessionActions = createActionGroup({
  source: 'session',
  events: {
    read: emptyProps(),
    known: props<{ session: Session }>(),
    'me read': props<{ me: Me }>(),
    'view kept': props<{ name: string; view: View }>(),
    'signed out': props<{ session: Session }>(),
    unreachable: props<{ sentence: string }>(),
  },
});

interface SessionState {
  readonly session: Session | null;
  readonly me: Me | null;
  readonly sentence: string;
}

const initial: SessionState = { session: null, me: null, sentence: '' };

/** Who is signed in, and who they are in this firm. */
export const sessionFeature = createFeature({
  name: 'session',
  reducer: createReducer(
    initial,
    on(sessionActions.known, (state, { session }) => ({ ...state, session, sentence: '' })),
    on(sessionActions.meRead, (state, { me }) => ({ ...state, me, sentence: '' })),
    on(sessionActions.viewKept, (state, { name, view }) =>
      state.me ? { ...state, me: { ...state.me, views: { ...state.me.views, [name]: view } } } : state,
    ),
    // The day goes on while the page stays open.
    on(workActions.overviewKnown, (state, { overview: { today } }) =>
      state.me && state.me.today !== today ? { ...state, me: { ...state.me, today } } : state,
    ),
    on(sessionActions.signedOut, (_state, { session }) => ({ ...initial, session })),
    on(sessionActions.unreachable, (state, { sentence }) => ({ ...state, sentence })),
  ),
  extraSelectors: ({ selectSession, selectMe }) => ({
    selectAccount: createSelector(selectSession, (session) => session?.account ?? null),
    selectDurationForm: createSelector(selectSession, (session) => session?.account?.durationForm ?? 'clock'),
    selectForms: createSelector(selectSession, (session) => session?.account?.forms ?? null),
    selectRights: createSelector(selectMe, (me): Partial<Record<Permission, Reach>> => me?.rights ?? {}),
    /** The firm's own currency. */
    selectCurrency: createSelector(selectMe, (me) => me?.firm.currency ?? ''),
    selectToday: createSelector(selectMe, (me) => me?.today ?? ''),
  }),
});
