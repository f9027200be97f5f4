import { endpoint } from '../platform/fields';
import { FirmPeriod } from './firm-period';
import { SheetRow } from './sheet-row';
import { Timesheet } from './timesheet';

/** Add an empty row to a week. */
export const addRow = endpoint({
  summary: 'Add an empty row to a week',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/periods/:from/rows',
  permission: 'time.record',
  params: FirmPeriod,
  body: SheetRow,
  answer: Timesheet,
  problems: ['period-submitted', 'project-unknown', 'reference-unknown'],
});
