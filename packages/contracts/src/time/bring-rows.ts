import { endpoint, strict } from '../platform/fields';
import { FirmPeriod } from './firm-period';
import { Type } from 'typebox';
import { Timesheet } from './timesheet';

/** Bring last week's rows into a week, with or without their hours. */
export const bringRows = endpoint({
  summary: "Bring last week's rows into a week, with or without their hours",
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/periods/:from/bring',
  permission: 'time.record',
  params: FirmPeriod,
  body: strict({ withHours: Type.Boolean() }),
  answer: Timesheet,
  problems: ['way-not-open', 'nothing-to-bring', 'period-submitted', 'day-locked'],
});
