import { Id, Reason, Version, optional, strict } from '../platform/fields';
import { Static, Type } from 'typebox';
import { NewEntry } from '../ledger/new-entry';
import { EntryChange } from '../ledger/entry-change';

export const Changes = strict({
  create: Type.Array(NewEntry, { maxItems: 400 }),
  change: Type.Array(strict({ id: Id, version: Version, change: EntryChange }), { maxItems: 400 }),
  remove: Type.Array(strict({ id: Id, version: Version, reason: optional(Reason) }), { maxItems: 400 }),
  /** Deleted entries that come back with their ids, as they were. */
  restore: optional(Type.Array(Id, { maxItems: 400 })),
});
export type Changes = Static<typeof Changes>;
