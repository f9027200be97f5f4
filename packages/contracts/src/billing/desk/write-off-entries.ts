import { FirmPath, Reason, SeenList, endpoint, strict } from '../../platform/fields';
import { Held } from './held';

/** Write approved work off, with a reason: it is never billed. */
export const writeOffEntries = endpoint({
  summary: 'Write approved work off, with a reason: it is never billed',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/billing/write-off',
  permission: 'invoices.issue',
  params: FirmPath,
  body: strict({ entries: SeenList, reason: Reason }),
  answer: Held,
  problems: ['entry-unknown', 'entries-stale', 'entry-not-to-bill'],
});
