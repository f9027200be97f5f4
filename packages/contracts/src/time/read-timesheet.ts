import { Id, endpoint, optional, strict } from '../platform/fields';
import { Static } from 'typebox';
import { FirmPeriod } from './firm-period';
import { Timesheet } from './timesheet';

export const ForPerson = strict({ person: optional(Id) });
export type ForPerson = Static<typeof ForPerson>;

/** A person's week: entries, rows, days, state. */
export const readTimesheet = endpoint({
  summary: "A person's week: entries, rows, days, state",
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/periods/:from',
  permission: 'time.read',
  params: FirmPeriod,
  query: ForPerson,
  answer: Timesheet,
  problems: ['person-unknown'],
});
