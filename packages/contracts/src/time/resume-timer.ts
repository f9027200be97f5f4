import { FirmAndId, endpoint, strict } from '../platform/fields';
import { Others } from './timer';
import { Timers } from './timers';

/** Let a paused timer go on; a running one is paused or stopped at the same moment. */
export const resumeTimer = endpoint({
  summary: 'Let a paused timer go on; a running one is paused or stopped at the same moment',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/timers/:id/resume',
  permission: 'time.record',
  params: FirmAndId,
  body: strict({ others: Others }),
  answer: Timers,
  problems: ['timer-unknown', 'timer-running'],
});
