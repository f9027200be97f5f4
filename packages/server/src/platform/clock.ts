import { InstantText } from '@yellowwood/core';

/** The server's one clock. Nothing else asks the machine for the time. */
export interface Clock {
  now(): InstantText;
}

/** The machine's time, or a time that goes on from a given instant, which tests may set. */
export class ServerClock implements Clock {
  private offset = 0;
  private held: InstantText | null = null;

  constructor(start: InstantText | null = null) {
    if (start) this.set(start);
  }

  now(): InstantText {
    return this.held ?? new Date(Date.now() + this.offset).toISOString();
  }

  /** From now on the clock shows this instant, and goes on. */
  set(instant: InstantText): void {
    this.held = null;
    this.offset = Date.parse(instant) - Date.now();
  }

  /** From now on the clock shows this instant, and stands still. */
  hold(instant: InstantText): void {
    this.held = instant;
  }
}
