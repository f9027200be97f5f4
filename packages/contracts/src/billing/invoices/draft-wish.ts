import { Day, Id, PositiveAmount, Reason, choice, optional, strict } from '../../platform/fields';
import { Static, Type } from 'typebox';

export const DraftWish = strict({
  clientId: Id,
  upTo: Day,
  grouping: choice('task', 'entry'),
  entries: Type.Array(
    strict({
      id: Id,
      writeDown: optional(strict({ minor: PositiveAmount, reason: Reason })),
    }),
    { minItems: 1, maxItems: 20_000 },
  ),
  texts: Type.Array(strict({ key: Type.String({ maxLength: 400 }), text: Type.String({ minLength: 1, maxLength: 400 }) }), {
    maxItems: 2000,
  }),
});
export type DraftWish = Static<typeof DraftWish>;
