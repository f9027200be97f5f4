import { Clock, choice, optional, strict } from '../platform/fields';
import { Static, Type } from 'typebox';

/** A span as it is typed: clock times of the date, and which of two where a time comes twice. */
export const TypedSpan = strict({
  start: Clock,
  end: Clock,
  breakSeconds: Type.Integer({ minimum: 0, maximum: 86_400 }),
  whichStart: optional(choice('earlier', 'later')),
  whichEnd: optional(choice('earlier', 'later')),
});
export type TypedSpan = Static<typeof TypedSpan>;
