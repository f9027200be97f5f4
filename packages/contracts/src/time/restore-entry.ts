import { FirmAndId, endpoint } from '../platform/fields';
import { Entry } from '../ledger/entry';

/** Undo a deletion: the same entry, with the same id, back as it was. */
export const restoreEntry = endpoint({
  summary: 'Undo a deletion: the same entry, with the same id, back as it was',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/entries/:id/restore',
  permission: 'time.record',
  params: FirmAndId,
  answer: Entry,
  problems: ['entry-unknown', 'period-submitted', 'already-there', 'day-locked'],
});
