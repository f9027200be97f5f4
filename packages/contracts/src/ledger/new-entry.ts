import { Day, Id, Note, PositiveDuration, Reason, choice, optional, strict } from '../platform/fields';
import { target } from './target';
import { TypedSpan } from './typed-span';
import { Static, Type } from 'typebox';

export const NewEntry = strict({
  id: Id,
  personId: Id,
  date: Day,
  ...target,
  quantity: optional(PositiveDuration),
  span: optional(TypedSpan),
  billable: optional(Type.Boolean()),
  note: Note,
  origin: choice('typed', 'grid'),
  reason: optional(Reason),
});
export type NewEntry = Static<typeof NewEntry>;
