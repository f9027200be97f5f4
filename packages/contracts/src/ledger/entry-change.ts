import { Static } from 'typebox';
import { Reason, nullable, optional, someOf } from '../platform/fields';
import { changeFacts } from './facts';
import { TypedSpan } from './typed-span';

/** What is changed of an entry; what is left out stays as it is. */
export const EntryChange = someOf({
  ...changeFacts,
  /** Null takes the span away and keeps the length. */
  span: optional(nullable(TypedSpan)),
  /** Needed when the entry is somebody else's. */
  reason: optional(Reason),
});
export type EntryChange = Static<typeof EntryChange>;
