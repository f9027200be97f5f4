import { Type } from 'typebox';
import { STAGES } from '@yellowwood/core';
import {
  Amount,
  Clock,
  Currency,
  Day,
  Duration,
  FirmAndId,
  FirmPath,
  Id,
  Instant,
  Name,
  Note,
  PositiveDuration,
  RateField,
  Reason,
  Version,
  choice,
  endpoint,
  nullable,
  optional,
  strict,
  Count,
} from '../platform/fields';

export const Stage = choice(...STAGES);

/** A span as it is typed: clock times of the date, and which of two where a time comes twice. */
export const TypedSpan = strict({
  start: Clock,
  end: Clock,
  breakSeconds: Type.Integer({ minimum: 0, maximum: 86_400 }),
  whichStart: optional(choice('earlier', 'later')),
  whichEnd: optional(choice('earlier', 'later')),
});

/** What is worked on; everything may still be open while the entry is only recorded. */
const target = {
  projectId: nullable(Id),
  taskId: nullable(Id),
  serviceId: nullable(Id),
};

export const Entry = strict({
  id: Id,
  kind: choice('time', 'absence'),
  personId: Id,
  date: Day,
  ...target,
  absenceCode: nullable(Type.String()),
  quantity: Duration,
  billable: Type.Boolean(),
  note: Type.String(),
  explanation: Type.String(),
  stage: Stage,
  billingState: choice('to bill', 'nothing to bill', 'covered', 'written off'),
  holdReason: nullable(Type.String()),
  inDraft: Type.Boolean(),
  origin: Type.String(),
  startAt: nullable(Instant),
  endAt: nullable(Instant),
  startClock: nullable(Clock),
  endClock: nullable(Clock),
  breakSeconds: Duration,
  problems: Type.Array(Type.String()),
  lagDays: Count,
  late: Type.Boolean(),
  changedByOther: Type.Boolean(),
  /** Set while the last decision on a recorded entry is a return or a re-opening. */
  returned: nullable(strict({ by: Name, at: Instant, reason: Type.String() })),
  /** Left out for readers without the right to billing values. */
  value: optional(
    strict({ billable: Duration, rate: nullable(RateField), minor: nullable(Amount), currency: nullable(Currency) }),
  ),
  version: Version,
});

export const NewEntry = strict({
  id: Id,
  personId: Id,
  date: Day,
  ...target,
  quantity: optional(PositiveDuration),
  span: optional(TypedSpan),
  billable: optional(Type.Boolean()),
  note: Note,
  origin: choice('typed', 'grid'),
  reason: optional(Reason),
});

export const EntryChange = strict({
  date: optional(Day),
  projectId: optional(nullable(Id)),
  taskId: optional(nullable(Id)),
  serviceId: optional(nullable(Id)),
  quantity: optional(PositiveDuration),
  /** Null takes the span away and keeps the length. */
  span: optional(nullable(TypedSpan)),
  billable: optional(Type.Boolean()),
  note: optional(Note),
  explanation: optional(Type.String({ maxLength: 500 })),
  /** Needed when the entry is somebody else's. */
  reason: optional(Reason),
});

export const Changes = strict({
  create: Type.Array(NewEntry, { maxItems: 400 }),
  change: Type.Array(strict({ id: Id, version: Version, change: EntryChange }), { maxItems: 400 }),
  remove: Type.Array(strict({ id: Id, version: Version }), { maxItems: 400 }),
});

export const SheetRow = strict({ projectId: Id, taskId: nullable(Id), serviceId: Id, billable: Type.Boolean() });

export const Week = strict({
  personId: Id,
  personName: Name,
  from: Day,
  to: Day,
  zone: Type.String(),
  timesheetId: nullable(Id),
  state: choice('open', 'submitted'),
  version: nullable(Version),
  entries: Type.Array(Entry),
  rows: Type.Array(SheetRow),
  days: Type.Array(
    strict({
      date: Day,
      planned: Duration,
      dayStart: Clock,
      dayEnd: Clock,
      recorded: Duration,
      gaps: Type.Array(strict({ startAt: Instant, endAt: Instant, startClock: Clock, endClock: Clock, seconds: Duration })),
      overlaps: Type.Array(strict({ first: Id, second: Id })),
    }),
  ),
  dayMaximum: Duration,
  submissions: Type.Array(strict({ at: Instant, note: Type.String(), withdrawnAt: nullable(Instant) })),
  /** A return of the whole period that still stands. */
  returned: nullable(strict({ by: Name, at: Instant, reason: Type.String() })),
  /** What may be done with this person's time by the reader. */
  may: strict({ record: Type.Boolean(), submit: Type.Boolean(), correct: Type.Boolean() }),
});

export const Timer = strict({
  id: Id,
  ...target,
  billable: nullable(Type.Boolean()),
  note: Type.String(),
  running: Type.Boolean(),
  /** When it was first started. */
  startedAt: Instant,
  /** Seconds of the stretches that have ended. */
  elapsed: Duration,
  /** When the stretch that runs began; null while paused. */
  since: nullable(Instant),
  version: Version,
});

export const Timers = strict({
  timers: Type.Array(Timer),
  now: Instant,
  /** Today's recorded time without the timers, and the most the person should work in a day. */
  today: strict({ date: Day, recorded: Duration, maximum: Duration, planned: Duration }),
});

const Others = choice('pause', 'stop');

const FirmWeek = strict({ ...FirmPath.properties, from: Day });
const ForPerson = strict({ person: optional(Id) });

export const timeEndpoints = {
  readWeek: endpoint({
    name: 'readWeek',
    summary: "A person's week: entries, rows, days, state",
    kind: 'read',
    method: 'GET',
    path: '/f/:firm/weeks/:from',
    permission: 'time.read',
    params: FirmWeek,
    query: ForPerson,
    answer: Week,
    problems: ['person-unknown'],
  }),
  createEntry: endpoint({
    name: 'createEntry',
    summary: 'Record an entry',
    kind: 'create',
    method: 'POST',
    path: '/f/:firm/entries',
    permission: 'time.record',
    params: FirmPath,
    body: NewEntry,
    answer: Entry,
    problems: [
      'person-unknown',
      'project-unknown',
      'period-submitted',
      'quantity-or-span',
      'span-empty',
      'clock-time-twice',
      'clock-time-missing',
      'break-too-long',
      'reason-missing',
    ],
  }),
  changeEntry: endpoint({
    name: 'changeEntry',
    summary: 'Change an entry that is recorded; with a reason, correct a submitted one of somebody else',
    kind: 'change',
    method: 'PATCH',
    path: '/f/:firm/entries/:id',
    permission: 'time.record',
    params: FirmAndId,
    body: EntryChange,
    answer: Entry,
    problems: ['entry-unknown', 'version-stale', 'entry-locked', 'reason-missing'],
  }),
  deleteEntry: endpoint({
    name: 'deleteEntry',
    summary: 'Delete a recorded entry; the history keeps it whole',
    kind: 'change',
    method: 'DELETE',
    path: '/f/:firm/entries/:id',
    permission: 'time.record',
    params: FirmAndId,
    problems: ['entry-unknown', 'version-stale', 'entry-locked'],
  }),
  restoreEntry: endpoint({
    name: 'restoreEntry',
    summary: 'Undo a deletion: the same entry, with the same id, back as it was',
    kind: 'command',
    method: 'POST',
    path: '/f/:firm/entries/:id/restore',
    permission: 'time.record',
    params: FirmAndId,
    answer: Entry,
    problems: ['entry-unknown', 'period-submitted'],
  }),
  changeEntries: endpoint({
    name: 'changeEntries',
    summary: 'Several creations, changes and deletions at once: all or none',
    kind: 'command',
    method: 'POST',
    path: '/f/:firm/entries/changes',
    permission: 'time.record',
    params: FirmPath,
    body: Changes,
    answer: strict({ entries: Type.Array(Entry) }),
    problems: ['entries-stale', 'entry-locked', 'period-submitted'],
  }),
  bringRows: endpoint({
    name: 'bringRows',
    summary: "Bring last week's rows into a week, with or without their hours",
    kind: 'command',
    method: 'POST',
    path: '/f/:firm/weeks/:from/bring',
    permission: 'time.record',
    params: FirmWeek,
    body: strict({ withHours: Type.Boolean() }),
    answer: Week,
    problems: ['period-submitted', 'nothing-to-bring'],
  }),
  addRow: endpoint({
    name: 'addRow',
    summary: 'Add an empty row to a week',
    kind: 'command',
    method: 'POST',
    path: '/f/:firm/weeks/:from/rows',
    permission: 'time.record',
    params: FirmWeek,
    body: SheetRow,
    answer: Week,
    problems: ['period-submitted', 'project-unknown'],
  }),
  removeRow: endpoint({
    name: 'removeRow',
    summary: 'Take an empty row out of a week',
    kind: 'command',
    method: 'POST',
    path: '/f/:firm/weeks/:from/rows/remove',
    permission: 'time.record',
    params: FirmWeek,
    body: SheetRow,
    answer: Week,
  }),
  readTimers: endpoint({
    name: 'readTimers',
    summary: 'Own timers, running and paused',
    kind: 'read',
    method: 'GET',
    path: '/f/:firm/timers',
    permission: 'time.record',
    params: FirmPath,
    answer: Timers,
  }),
  startTimer: endpoint({
    name: 'startTimer',
    summary: 'Start a timer; everything but the start may be left open',
    kind: 'create',
    method: 'POST',
    path: '/f/:firm/timers',
    permission: 'time.record',
    params: FirmPath,
    body: strict({
      id: Id,
      ...target,
      note: Note,
      billable: optional(Type.Boolean()),
      startedAt: optional(Instant),
      others: Others,
    }),
    answer: Timers,
    problems: ['timer-start-ahead', 'timer-start-overlaps', 'project-unknown'],
  }),
  changeTimer: endpoint({
    name: 'changeTimer',
    summary: 'Classify a timer, note something, set its start back',
    kind: 'change',
    method: 'PATCH',
    path: '/f/:firm/timers/:id',
    permission: 'time.record',
    params: FirmAndId,
    body: strict({
      projectId: optional(nullable(Id)),
      taskId: optional(nullable(Id)),
      serviceId: optional(nullable(Id)),
      billable: optional(Type.Boolean()),
      note: optional(Note),
      startedAt: optional(Instant),
    }),
    answer: Timers,
    problems: ['timer-unknown', 'version-stale', 'timer-start-ahead', 'timer-start-overlaps', 'timer-start-after-pause'],
  }),
  pauseTimer: endpoint({
    name: 'pauseTimer',
    summary: 'Pause a timer',
    kind: 'command',
    method: 'POST',
    path: '/f/:firm/timers/:id/pause',
    permission: 'time.record',
    params: FirmAndId,
    answer: Timers,
    problems: ['timer-unknown', 'timer-not-running'],
  }),
  resumeTimer: endpoint({
    name: 'resumeTimer',
    summary: 'Let a paused timer go on; a running one is paused or stopped at the same moment',
    kind: 'command',
    method: 'POST',
    path: '/f/:firm/timers/:id/resume',
    permission: 'time.record',
    params: FirmAndId,
    body: strict({ others: Others }),
    answer: Timers,
    problems: ['timer-unknown', 'timer-running'],
  }),
  stopTimer: endpoint({
    name: 'stopTimer',
    summary: 'Stop a timer; what it ran becomes an entry, one a date',
    kind: 'command',
    method: 'POST',
    path: '/f/:firm/timers/:id/stop',
    permission: 'time.record',
    params: FirmAndId,
    answer: strict({ timers: Timers, entries: Type.Array(Entry) }),
    problems: ['timer-unknown'],
  }),
  discardTimer: endpoint({
    name: 'discardTimer',
    summary: 'Throw a timer away without an entry',
    kind: 'command',
    method: 'POST',
    path: '/f/:firm/timers/:id/discard',
    permission: 'time.record',
    params: FirmAndId,
    answer: Timers,
    problems: ['timer-unknown'],
  }),
};
