import { FirmPath, SeenList, endpoint, strict } from '../../platform/fields';
import { Held } from './held';

/** Release held entries. */
export const releaseEntries = endpoint({
  summary: 'Release held entries',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/billing/release',
  permission: 'invoices.issue',
  params: FirmPath,
  body: strict({ entries: SeenList }),
  answer: Held,
  problems: ['entries-stale', 'entry-unknown', 'entry-not-to-bill'],
});
