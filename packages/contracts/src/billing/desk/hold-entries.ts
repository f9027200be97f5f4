import { FirmPath, Reason, SeenList, endpoint, strict } from '../../platform/fields';
import { Held } from './held';

/** Keep approved entries off the next invoice, with a reason. */
export const holdEntries = endpoint({
  summary: 'Keep approved entries off the next invoice, with a reason',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/billing/hold',
  permission: 'invoices.issue',
  params: FirmPath,
  body: strict({ entries: SeenList, reason: Reason }),
  answer: Held,
  problems: ['entries-stale', 'entry-not-to-bill', 'entry-unknown'],
});
