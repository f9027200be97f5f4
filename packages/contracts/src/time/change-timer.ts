import { FirmAndId, Id, Instant, Note, endpoint, nullable, optional, someOf } from '../platform/fields';
import { Type } from 'typebox';
import { Timers } from './timers';

/** Classify a timer, note something, set its start back. */
export const changeTimer = endpoint({
  summary: 'Classify a timer, note something, set its start back',
  kind: 'change',
  method: 'PATCH',
  path: '/f/:firm/timers/:id',
  permission: 'time.record',
  params: FirmAndId,
  body: someOf({
    projectId: optional(nullable(Id)),
    taskId: optional(nullable(Id)),
    serviceId: optional(nullable(Id)),
    billable: optional(Type.Boolean()),
    note: optional(Note),
    startedAt: optional(Instant),
  }),
  answer: Timers,
  problems: [
    'timer-unknown',
    'project-unknown',
    'reference-unknown',
    'timer-start-ahead',
    'timer-start-overlaps',
    'timer-start-after-pause',
  ],
});
