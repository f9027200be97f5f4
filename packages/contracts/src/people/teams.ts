import { Static, Type } from 'typebox';
import { Id, Name, Version, strict } from '../platform/fields';

/** What a team is: a name, who leads it, and who belongs to it. */
export const TeamFacts = strict({
  name: Type.String({ minLength: 1, maxLength: 100, pattern: '\\S' }),
  leadId: Id,
  people: Type.Array(Id, { maxItems: 2000, uniqueItems: true }),
});
export type TeamFacts = Static<typeof TeamFacts>;

export const Team = strict({
  id: Id,
  ...TeamFacts.properties,
  version: Version,
  /** Whether one may change it: what its lead sees of its people, one sees of everybody. */
  mine: Type.Boolean(),
});
export type Team = Static<typeof Team>;

export const Teams = strict({
  teams: Type.Array(Team),
  /** Who may be put into one, and lead one. */
  people: Type.Array(strict({ id: Id, name: Name, position: Type.Union([Name, Type.Null()]) })),
});
export type Teams = Static<typeof Teams>;
