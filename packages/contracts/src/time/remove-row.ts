import { endpoint } from '../platform/fields';
import { FirmPeriod } from './firm-period';
import { SheetRow } from './sheet-row';
import { Timesheet } from './timesheet';

/** Take an empty row out of a week. */
export const removeRow = endpoint({
  summary: 'Take an empty row out of a week',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/periods/:from/rows/remove',
  permission: 'time.record',
  params: FirmPeriod,
  body: SheetRow,
  answer: Timesheet,
});
