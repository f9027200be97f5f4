import { FirmAndId, endpoint } from '../platform/fields';
import { Timers } from './timers';

/** Throw a timer away without an entry. */
export const discardTimer = endpoint({
  summary: 'Throw a timer away without an entry',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/timers/:id/discard',
  permission: 'time.record',
  params: FirmAndId,
  answer: Timers,
  problems: ['timer-unknown'],
});
