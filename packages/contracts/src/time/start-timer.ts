import { FirmPath, Id, Instant, Note, endpoint, nullable, optional, strict } from '../platform/fields';
import { Type } from 'typebox';
import { Others } from './timer';
import { Timers } from './timers';

/** Start a timer; everything but the start may be left open. */
export const startTimer = endpoint({
  summary: 'Start a timer; everything but the start may be left open',
  kind: 'create',
  method: 'POST',
  path: '/f/:firm/timers',
  permission: 'time.record',
  params: FirmPath,
  body: strict({
    id: Id,
    projectId: nullable(Id),
    taskId: nullable(Id),
    serviceId: nullable(Id),
    note: Note,
    billable: optional(Type.Boolean()),
    startedAt: optional(Instant),
    others: Others,
  }),
  answer: Timers,
  problems: ['way-not-open', 'timer-start-ahead', 'timer-start-overlaps', 'project-unknown', 'reference-unknown'],
});
