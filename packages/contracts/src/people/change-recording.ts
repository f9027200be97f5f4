import { Static } from 'typebox';
import { Length, PlannedWeek, Ways } from '../firm/time-rules';
import { Day, FirmAndId, endpoint, nullable, optional, strict } from '../platform/fields';

/** How somebody records and how much at most, where that is not as the firm has it. */
export const Recording = strict({ ways: nullable(Ways), dayMaximum: nullable(Length), weekMaximum: nullable(Length) });
export type Recording = Static<typeof Recording>;

/** Say how a person records, how much at most, and what is planned of their week. */
export const changeRecording = endpoint({
  summary: 'Say how a person records, how much at most, and what is planned of their week',
  kind: 'change',
  method: 'PUT',
  path: '/f/:firm/people/:id/recording',
  permission: 'people.change',
  params: FirmAndId,
  body: strict({
    ...Recording.properties,
    /** Another planned week, from a day on, instead of all that was planned for later. */
    planned: optional(strict({ ...PlannedWeek.properties, from: Day })),
  }),
  problems: ['person-unknown', 'week-below-day', 'nothing-to-change'],
});
