import { FirmAndId, RateField, Reason, endpoint, nullable, strict } from '../../platform/fields';
import { Entry } from '../../ledger/entry';

/** Type a rate on one entry, with a reason; null goes back to the rules. */
export const priceEntry = endpoint({
  summary: 'Type a rate on one entry, with a reason; null goes back to the rules',
  kind: 'change',
  method: 'PUT',
  path: '/f/:firm/entries/:id/rate',
  permission: 'entries.price',
  params: FirmAndId,
  body: strict({ rate: nullable(RateField), reason: Reason }),
  answer: Entry,
  problems: ['entry-unknown', 'entry-billed', 'version-stale', 'entry-not-billable', 'entry-in-draft'],
});
