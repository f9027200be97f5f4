import { Amount, strict } from '../../platform/fields';
import { Static, Type } from 'typebox';

/** A line whose net is not the sum of what its entries are worth one by one, because it is rounded as a whole. */
export const LineRounding = strict({
  key: Type.String(),
  /** What the line is more, or, negative, less. */
  minor: Amount,
});
export type LineRounding = Static<typeof LineRounding>;
