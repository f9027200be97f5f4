import { Count, FirmPath, Scope, choice, endpoint, optional, strict } from '../platform/fields';
import { Static, Type } from 'typebox';
import { KnownWork, ListedScope, UNFOLDED } from './known-work';

/** One page of what lies directly below something. */
export const WorkList = strict({
  of: Type.String({ description: 'top, people, or the scope that it lies below' }),
  items: Type.Array(strict({ scope: ListedScope, /** Whether something lies below it. */ holds: Type.Boolean() })),
  /** Whether there is more than was asked for. */
  more: Type.Boolean(),
});

export const WorkLists = strict({
  lists: Type.Array(WorkList),
  known: KnownWork,
  /** Whether there are so few projects that what clients hold is listed unasked. */
  few: Type.Boolean(),
  counts: strict({ clients: Count, projects: Count, people: Count }),
});
export type WorkLists = Static<typeof WorkLists>;

/** What lies below the firm, and below whatever else of it is unfolded. */
export const listWork = endpoint({
  summary: 'What lies below the firm, and below whatever else of it is unfolded',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/work/lists',
  permission: 'work.read',
  params: FirmPath,
  query: strict({
    /** What is unfolded, with commas between; after each how many pages of it, as `*2`, where that is not one. */
    unfolded: optional(Type.String({ pattern: `^${UNFOLDED}(,${UNFOLDED})*$`, maxLength: 10_000 })),
    /** What is listed besides: what is in the archive. */
    also: optional(choice('archived')),
    /** What is chosen: it and what it lies below are listed in any case. */
    chosen: optional(Scope),
  }),
  answer: WorkLists,
  conditional: true,
});
