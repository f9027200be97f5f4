import { createActionGroup, createFeature, createReducer, createSelector, emptyProps, on, props } from '@ngrx/store';
import type { Timers } from '@yellowwood/contracts';

export const timerActions = createActionGroup({
  source: 'timers',
  events: { read: emptyProps(), known: props<{ timers: Timers; readAt: number }>() },
});

interface TimersState {
  readonly timers: Timers['timers'];
  readonly today: Timers['today'] | null;
  /** The server's clock less this machine's, in milliseconds. */
  readonly offset: number;
}

const initial: TimersState = { timers: [], today: null, offset: 0 };

/** Own timers. Their time comes from the stored starts, so a reload or another window shows the same. */
export const timersFeature = createFeature({
  name: 'timers',
  reducer: createReducer(
    initial,
    on(timerActions.known, (_state, { timers, readAt }) => ({
      timers: timers.timers,
      today: timers.today,
      offset: Date.parse(timers.now) - readAt,
    })),
  ),
  extraSelectors: ({ selectTimers }) => ({
    selectRunning: createSelector(selectTimers, (timers) => timers.find((timer) => timer.running) ?? null),
    selectPaused: createSelector(selectTimers, (timers) => timers.filter((timer) => !timer.running)),
  }),
});
