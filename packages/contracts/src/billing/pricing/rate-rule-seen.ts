import { Currency, Day, Id, RateField, nullable, strict } from '../../platform/fields';
import { Static, Type } from 'typebox';

export const RateRuleSeen = strict({
  id: Id,
  /** What the rule names, in words: "Surveyor on Lantern room repair". */
  names: Type.String(),
  rate: RateField,
  currency: Currency,
  validFrom: Day,
  validTo: nullable(Day),
});
export type RateRuleSeen = Static<typeof RateRuleSeen>;
