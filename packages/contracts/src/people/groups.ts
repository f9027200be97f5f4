import { Static, Type } from 'typebox';
import { Count, Id, Name, Version, choice, strict } from '../platform/fields';

/** What people are sorted by, beside teams. */
export const GroupKind = choice('position', 'department');
export type GroupKind = Static<typeof GroupKind>;

export const GroupName = Type.String({ minLength: 1, maxLength: 80, pattern: '\\S' });

/** A position or a department. */
export const Group = strict({
  id: Id,
  kind: GroupKind,
  name: Name,
  /** Ended ones are offered no more. */
  ended: Type.Boolean(),
  version: Version,
  /** How many people have it today. */
  people: Count,
});
export type Group = Static<typeof Group>;
