import { FirmAndId, endpoint } from '../platform/fields';

/** Delete a recorded entry; the history keeps it whole. */
export const deleteEntry = endpoint({
  summary: 'Delete a recorded entry; the history keeps it whole',
  kind: 'change',
  method: 'DELETE',
  path: '/f/:firm/entries/:id',
  permission: 'time.record',
  params: FirmAndId,
  problems: ['entry-unknown', 'version-stale', 'entry-locked'],
});
