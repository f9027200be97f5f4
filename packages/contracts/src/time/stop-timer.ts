import { FirmAndId, endpoint, strict } from '../platform/fields';
import { Timers } from './timers';
import { Type } from 'typebox';
import { Entry } from '../ledger/entry';

/** Stop a timer; what it ran becomes an entry, one a date. */
export const stopTimer = endpoint({
  summary: 'Stop a timer; what it ran becomes an entry, one a date',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/timers/:id/stop',
  permission: 'time.record',
  params: FirmAndId,
  answer: strict({ timers: Timers, entries: Type.Array(Entry) }),
  problems: ['timer-unknown'],
});
