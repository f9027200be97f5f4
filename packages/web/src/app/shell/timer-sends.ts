import { inject } from '@angular/core';
import { Store } from '@ngrx/store';
import type { Timers } from '@yellowwood/contracts';
import { timerActions } from '../state/timers';
import { Command, command } from '../ui/command';

/** Sends what changes timers: the answer is how all of them stand, and where it is refused they are read again. */
export interface TimerSends {
  /** Tells what was refused. */
  readonly command: Command;
  send(work: (key: string) => Promise<Timers>, done?: () => string): Promise<Timers | undefined>;
}

/**
 * Use in an injection context.
 * @param inTurn what is typed into the facts of a timer is sent one after the other, each on what the one before it has made
 */
export function timerSends({ inTurn = false } = {}): TimerSends {
  const store = inject(Store);
  const sending = command({ inTurn });
  return {
    command: sending,
    async send(work, done) {
      const timers = await sending.run(work, done ? { done } : {});
      if (timers) store.dispatch(timerActions.known({ timers, readAt: Date.now() }));
      else store.dispatch(timerActions.read());
      return timers;
    },
  };
}
