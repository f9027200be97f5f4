import { Static, Type } from 'typebox';
import { Count, FirmPath, RateField, Reason, SeenList, endpoint, nullable, strict } from '../../platform/fields';

/** Entries that are priced together, all or none. */
export const PriceEntries = strict({ entries: SeenList, rate: nullable(RateField), reason: Reason });
export type PriceEntries = Static<typeof PriceEntries>;

/** Type one rate on many entries, with one reason; null goes back to the rules. */
export const priceEntries = endpoint({
  summary: 'Type one rate on many entries, with one reason; null goes back to the rules',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/entries/price',
  permission: 'entries.price',
  params: FirmPath,
  body: PriceEntries,
  answer: strict({ priced: Count, unpriced: Type.Integer({ minimum: 0, description: 'of these, still without a rate' }) }),
  problems: ['entry-unknown', 'entry-billed', 'entries-stale', 'entry-not-billable', 'entry-in-draft'],
});
