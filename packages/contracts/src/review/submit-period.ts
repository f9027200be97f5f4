import { Note, endpoint, strict } from '../platform/fields';
import { FirmPeriod } from '../time/firm-period';
import { ForPerson } from '../time/read-timesheet';
import { Timesheet } from '../time/timesheet';

/** Submit everything that is still recorded in the period: one's own, or that of somebody who has no account here. */
export const submitPeriod = endpoint({
  summary: 'Submit everything that is still recorded in the period',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/periods/:from/submit',
  permission: 'time.record',
  params: FirmPeriod,
  query: ForPerson,
  body: strict({ note: Note }),
  answer: Timesheet,
  problems: ['person-unknown', 'problems-left', 'nothing-to-submit', 'timer-in-period', 'day-locked'],
});
