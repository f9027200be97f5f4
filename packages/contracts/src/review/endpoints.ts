import { Type } from 'typebox';
import {
  Count,
  Day,
  Duration,
  FirmAndId,
  FirmPath,
  Id,
  Instant,
  Name,
  Note,
  Reason,
  Scope,
  SeenList,
  choice,
  endpoint,
  nullable,
  optional,
  strict,
} from '../platform/fields';
import { Entry, Week } from '../time/endpoints';

const FirmWeek = strict({ ...FirmPath.properties, from: Day });

export const LookItem = strict({ reason: Type.String(), date: nullable(Day), entryId: nullable(Id) });

export const ReviewPerson = strict({
  personId: Id,
  name: Name,
  position: nullable(Name),
  /** Whose period it is: one's own is shown and never decided. */
  own: Type.Boolean(),
  state: choice('missing', 'open', 'submitted', 'approved'),
  submittedAt: nullable(Instant),
  note: Type.String(),
  planned: Duration,
  recorded: Duration,
  submitted: Duration,
  days: Type.Array(
    strict({
      date: Day,
      recorded: Duration,
      billable: Duration,
      absent: nullable(Type.String()),
      looks: Type.Array(Type.String()),
    }),
  ),
  looks: Type.Array(LookItem),
  clean: Type.Boolean(),
  /** What can be decided, as it is now: what approving them all carries. */
  entries: SeenListOrEmpty(),
});

function SeenListOrEmpty() {
  return Type.Array(strict({ id: Id, version: Type.Integer() }));
}

export const Review = strict({
  from: Day,
  to: Day,
  scope: Scope,
  people: Type.Array(ReviewPerson),
  /** Earlier weeks in which something still waits, the oldest first. */
  waiting: Type.Array(strict({ from: Day, submitted: Duration, people: Count })),
});

export const ReviewDetail = strict({
  person: ReviewPerson,
  entries: Type.Array(Entry),
  /** Earlier decisions on this period. */
  decisions: Type.Array(strict({ at: Instant, by: Name, outcome: Type.String(), reason: Type.String(), entryId: nullable(Id) })),
  /** Hours of the tasks in this period against their estimates, everybody's work on them. */
  estimates: Type.Array(strict({ id: Id, name: Name, recorded: Duration, estimate: Duration })),
});

const Decided = strict({ decided: Count, seconds: Duration });

export const HistoryEvent = strict({
  id: Id,
  at: Instant,
  by: Name,
  action: Type.String(),
  reason: Type.String(),
  before: nullable(Type.Record(Type.String(), Type.Unknown())),
  after: nullable(Type.Record(Type.String(), Type.Unknown())),
});

export const reviewEndpoints = {
  submitWeek: endpoint({
    name: 'submitWeek',
    summary: 'Submit everything that is still recorded in the period',
    kind: 'command',
    method: 'POST',
    path: '/f/:firm/weeks/:from/submit',
    permission: 'time.record',
    params: FirmWeek,
    body: strict({ note: Note }),
    answer: Week,
    problems: ['problems-left', 'nothing-to-submit', 'timer-in-period'],
  }),
  withdrawWeek: endpoint({
    name: 'withdrawWeek',
    summary: 'Take back what is submitted and not yet decided',
    kind: 'command',
    method: 'POST',
    path: '/f/:firm/weeks/:from/withdraw',
    permission: 'time.record',
    params: FirmWeek,
    answer: Week,
    problems: ['nothing-to-withdraw'],
  }),
  readReview: endpoint({
    name: 'readReview',
    summary: 'People by days: what is clean and what needs a look',
    kind: 'read',
    method: 'GET',
    path: '/f/:firm/review',
    permission: 'time.review',
    params: FirmPath,
    query: strict({ from: Day, scope: optional(Scope) }),
    answer: Review,
  }),
  readReviewPerson: endpoint({
    name: 'readReviewPerson',
    summary: "One person's period with the entries behind it",
    kind: 'read',
    method: 'GET',
    path: '/f/:firm/review/people/:id',
    permission: 'time.review',
    params: FirmAndId,
    query: strict({ from: Day, scope: optional(Scope) }),
    answer: ReviewDetail,
    problems: ['person-unknown'],
  }),
  approveEntries: endpoint({
    name: 'approveEntries',
    summary: 'Approve entries: all of them or none',
    kind: 'command',
    method: 'POST',
    path: '/f/:firm/review/approve',
    permission: 'time.review',
    params: FirmPath,
    body: strict({ entries: SeenList }),
    answer: Decided,
    problems: ['own-time', 'entries-stale', 'stage-not-possible'],
  }),
  returnEntries: endpoint({
    name: 'returnEntries',
    summary: 'Return entries with a reason',
    kind: 'command',
    method: 'POST',
    path: '/f/:firm/review/return',
    permission: 'time.review',
    params: FirmPath,
    body: strict({ entries: SeenList, reason: Reason }),
    answer: Decided,
    problems: ['own-time', 'entries-stale', 'stage-not-possible'],
  }),
  returnPeriod: endpoint({
    name: 'returnPeriod',
    summary: 'Return a whole submitted period with a reason, an empty or missing day included',
    kind: 'command',
    method: 'POST',
    path: '/f/:firm/review/people/:id/return',
    permission: 'time.review',
    params: FirmAndId,
    body: strict({ from: Day, reason: Reason }),
    answer: Decided,
    problems: ['own-time', 'person-unknown', 'period-not-submitted'],
  }),
  reopenEntries: endpoint({
    name: 'reopenEntries',
    summary: 'Re-open what is approved and not billed, with a reason',
    kind: 'command',
    method: 'POST',
    path: '/f/:firm/review/reopen',
    permission: 'time.review',
    params: FirmPath,
    body: strict({ entries: SeenList, reason: Reason }),
    answer: Decided,
    problems: ['own-time', 'entry-billed', 'entry-in-draft', 'entries-stale'],
  }),
  readHistory: endpoint({
    name: 'readHistory',
    summary: 'The history of an entry or an invoice',
    kind: 'read',
    method: 'GET',
    path: '/f/:firm/history/:id',
    permission: 'history.read',
    params: FirmAndId,
    answer: strict({ events: Type.Array(HistoryEvent) }),
    problems: ['subject-unknown'],
  }),
};
