import { Static, Type } from 'typebox';
import { Day, FirmAndId, Id, Name, Version, choice, endpoint, nullable, strict } from '../platform/fields';
import { PlannedWeek } from '../firm/time-rules';
import { Recording } from './change-recording';

export const PersonKind = choice('employee', 'subcontractor', 'other');

/** The facts about one person. */
export const PersonFacts = strict({
  id: Id,
  name: Name,
  email: Type.String(),
  staffNumber: Type.String(),
  kind: PersonKind,
  positionId: nullable(Id),
  /** Since when they have this position. */
  positionFrom: nullable(Day),
  departmentId: nullable(Id),
  zone: Type.String(),
  recording: Recording,
  /** What is planned of their week now, and since when; null where nothing is. */
  planned: nullable(strict({ ...PlannedWeek.properties, from: Day })),
  startedOn: Day,
  version: Version,
});
export type PersonFacts = Static<typeof PersonFacts>;

/** The facts about one person: what is changed one by one. */
export const readPerson = endpoint({
  summary: 'The facts about one person',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/people/:id',
  permission: 'people.change',
  params: FirmAndId,
  answer: PersonFacts,
  problems: ['person-unknown'],
});
