import { FirmPath, Reason, SeenList, endpoint, strict } from '../platform/fields';
import { Decided } from './decided';

/** Return entries with a reason. */
export const returnEntries = endpoint({
  summary: 'Return entries with a reason',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/review/return',
  permission: 'time.review',
  params: FirmPath,
  body: strict({ entries: SeenList, reason: Reason }),
  answer: Decided,
  problems: [
    'own-time',
    'entries-stale',
    'stage-not-possible',
    'entry-missing',
    'entry-billed',
    'entry-in-draft',
    'reason-missing',
  ],
});
