import { Duration, Id, Instant, Version, choice, nullable, strict } from '../platform/fields';
import { Static, Type } from 'typebox';

export const Timer = strict({
  id: Id,
  projectId: nullable(Id),
  taskId: nullable(Id),
  serviceId: nullable(Id),
  billable: nullable(Type.Boolean()),
  note: Type.String(),
  running: Type.Boolean(),
  /** When it was first started. */
  startedAt: Instant,
  /** Seconds of the stretches that have ended. */
  elapsed: Duration,
  /** When the stretch that runs began; null while paused. */
  since: nullable(Instant),
  version: Version,
});
export type Timer = Static<typeof Timer>;

/** What happens to the timer that runs when another one starts. */
export const Others = choice('pause', 'stop');
export type Others = Static<typeof Others>;
