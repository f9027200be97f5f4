import { Static } from 'typebox';
import { Id, Reason, choice, optional, strict } from '../platform/fields';
import { newFacts } from './facts';
import { TypedSpan } from './typed-span';

/** An entry as it is recorded by hand: with a length or with a span. */
export const NewEntry = strict({
  id: Id,
  personId: Id,
  ...newFacts,
  span: optional(TypedSpan),
  origin: choice('typed', 'grid'),
  /** Needed when the entry is somebody else's. */
  reason: optional(Reason),
});
export type NewEntry = Static<typeof NewEntry>;
