import { InstantText } from '@yellowwood/core';

/** The server's one clock. Nothing else asks the machine for the time. */
export interface Clock {
  now(): InstantText;
}

/** The machine's time, or a time that goes on from a given instant, which tests may set. */
export class ServerClock implements Clock {
  private offset = 0;

  constructor(start: InstantText | null = null) {
    if (start) this.set(start);
  }

  now(): InstantText {
    return new Date(Date.now() + this.offset).toISOString();
  }

  /** From now on the clock shows this instant, and goes on. */
  set(instant: InstantText): void {
    this.offset = Date.parse(instant) - Date.now();
  }
}
