import { Day, Id, Note, PositiveDuration, Reason, nullable, optional, strict } from '../platform/fields';
import { TypedSpan } from './typed-span';
import { Static, Type } from 'typebox';

export const EntryChange = strict({
  date: optional(Day),
  projectId: optional(nullable(Id)),
  taskId: optional(nullable(Id)),
  serviceId: optional(nullable(Id)),
  quantity: optional(PositiveDuration),
  /** Null takes the span away and keeps the length. */
  span: optional(nullable(TypedSpan)),
  billable: optional(Type.Boolean()),
  note: optional(Note),
  explanation: optional(Type.String({ maxLength: 500 })),
  /** Needed when the entry is somebody else's. */
  reason: optional(Reason),
});
export type EntryChange = Static<typeof EntryChange>;
