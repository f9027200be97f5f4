import { FirmPath, endpoint } from '../platform/fields';
import { Timers } from './timers';

/** Own timers, running and paused. */
export const readTimers = endpoint({
  summary: 'Own timers, running and paused',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/timers',
  permission: 'time.record',
  params: FirmPath,
  answer: Timers,
});
