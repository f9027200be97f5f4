import { endpoint } from '../platform/fields';
import { FirmPeriod } from '../time/firm-period';
import { ForPerson } from '../time/read-timesheet';
import { Timesheet } from '../time/timesheet';

/** Take back what is submitted and not yet decided. */
export const withdrawPeriod = endpoint({
  summary: 'Take back what is submitted and not yet decided',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/periods/:from/withdraw',
  permission: 'time.record',
  params: FirmPeriod,
  query: ForPerson,
  answer: Timesheet,
  problems: ['person-unknown', 'nothing-to-withdraw', 'day-locked'],
});
