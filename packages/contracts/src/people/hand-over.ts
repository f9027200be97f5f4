import { Static, Type } from 'typebox';
import { Day, Duration, FirmAndId, Id, Name, Seen, endpoint, nullable, strict } from '../platform/fields';

/** What somebody looks after, which others take over when they leave. */
export const LooksAfter = strict({
  /** The projects that they manage. */
  projects: Type.Array(
    strict({
      id: Id,
      name: Name,
      client: nullable(Name),
      /** Whether one may give it to somebody else: what its manager sees thereby, one sees everywhere. */
      mine: Type.Boolean(),
    }),
  ),
  /** The teams that they lead. */
  teams: Type.Array(strict({ ...Seen.properties, name: Name, mine: Type.Boolean() })),
  /** Their periods with time that is not submitted, the oldest first, as far as one reads it. */
  open: Type.Array(strict({ from: Day, to: Day, duration: Duration })),
});
export type LooksAfter = Static<typeof LooksAfter>;

/** What somebody looks after: projects, teams, and time of theirs that is not submitted. */
export const readLooksAfter = endpoint({
  summary: 'What somebody looks after: projects, teams, and time of theirs that is not submitted',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/people/:id/looks-after',
  permission: 'people.change',
  params: FirmAndId,
  answer: LooksAfter,
  problems: ['person-unknown'],
});

/** Have somebody else look after projects and teams of a person: all of them, or none. */
export const handOver = endpoint({
  summary: 'Have somebody else look after projects and teams of a person: all of them, or none',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/people/:id/hand-over',
  permission: 'people.change',
  params: FirmAndId,
  body: strict({
    to: Id,
    projects: Type.Array(Id, { maxItems: 2000, uniqueItems: true }),
    teams: Type.Array(Seen, { maxItems: 2000, uniqueItems: true }),
  }),
  problems: ['person-unknown', 'handed-over-already', 'lead-not-yours', 'left-already', 'nothing-to-change'],
});
