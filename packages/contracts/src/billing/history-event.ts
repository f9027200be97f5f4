import { Id, Instant, Name, nullable, strict } from '../platform/fields';
import { Static, Type } from 'typebox';

export const HistoryEvent = strict({
  id: Id,
  at: Instant,
  by: Name,
  action: Type.String(),
  reason: Type.String(),
  before: nullable(Type.Record(Type.String(), Type.Unknown())),
  after: nullable(Type.Record(Type.String(), Type.Unknown())),
});
export type HistoryEvent = Static<typeof HistoryEvent>;
