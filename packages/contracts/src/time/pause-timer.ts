import { FirmAndId, endpoint } from '../platform/fields';
import { Timers } from './timers';

/** Pause a timer. */
export const pauseTimer = endpoint({
  summary: 'Pause a timer',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/timers/:id/pause',
  permission: 'time.record',
  params: FirmAndId,
  answer: Timers,
  problems: ['timer-unknown', 'timer-not-running'],
});
