import { Note, endpoint, strict } from '../platform/fields';
import { FirmPeriod } from '../time/firm-period';
import { Timesheet } from '../time/timesheet';

/** Submit everything that is still recorded in the period. */
export const submitPeriod = endpoint({
  summary: 'Submit everything that is still recorded in the period',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/periods/:from/submit',
  permission: 'time.record',
  params: FirmPeriod,
  body: strict({ note: Note }),
  answer: Timesheet,
  problems: ['problems-left', 'nothing-to-submit', 'timer-in-period', 'day-locked'],
});
