import { FirmPath, SeenList, endpoint, strict } from '../../platform/fields';
import { Held } from './held';

/** Take back what was written off: it is to bill again. */
export const reinstateEntries = endpoint({
  summary: 'Take back what was written off: it is to bill again',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/billing/reinstate',
  permission: 'invoices.issue',
  params: FirmPath,
  body: strict({ entries: SeenList }),
  answer: Held,
  problems: ['entry-unknown', 'entries-stale', 'entry-not-written-off'],
});
