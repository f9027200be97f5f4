import { Static, Type } from 'typebox';
import { Instant, endpoint, nullable, strict } from '../platform/fields';

export const Sessions = strict({
  sessions: Type.Array(
    strict({
      id: Type.String(),
      /** Whether it is this one. */
      own: Type.Boolean(),
      beganAt: nullable(Instant),
      /** What the browser calls itself. */
      agent: Type.String(),
    }),
  ),
});
export type Sessions = Static<typeof Sessions>;

/** Where one is signed in. */
export const listSessions = endpoint({
  summary: 'Where one is signed in',
  kind: 'open',
  method: 'GET',
  path: '/sessions',
  permission: null,
  answer: Sessions,
});
