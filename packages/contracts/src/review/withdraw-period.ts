import { endpoint } from '../platform/fields';
import { FirmPeriod } from '../time/firm-period';
import { Timesheet } from '../time/timesheet';

/** Take back what is submitted and not yet decided. */
export const withdrawPeriod = endpoint({
  summary: 'Take back what is submitted and not yet decided',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/periods/:from/withdraw',
  permission: 'time.record',
  params: FirmPeriod,
  answer: Timesheet,
  problems: ['nothing-to-withdraw', 'day-locked'],
});
