import { Day, Duration, FirmAndId, Id, Instant, Name, Scope, endpoint, optional, strict } from '../platform/fields';
import { ReviewPerson } from './review-person';
import { Static, Type } from 'typebox';
import { Entry } from '../ledger/entry';

export const ReviewDetail = strict({
  person: ReviewPerson,
  entries: Type.Array(Entry),
  /** When the period was returned as a whole before, the last first. */
  returns: Type.Array(strict({ at: Instant, by: Name, reason: Type.String() })),
  /** Hours of the tasks in this period against their estimates, everybody's work on them. */
  estimates: Type.Array(strict({ id: Id, name: Name, recorded: Duration, estimate: Duration })),
});
export type ReviewDetail = Static<typeof ReviewDetail>;

/** One person's period with the entries behind it. */
export const readReviewPerson = endpoint({
  summary: "One person's period with the entries behind it",
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/review/people/:id',
  permission: 'time.review',
  params: FirmAndId,
  query: strict({ from: Day, scope: optional(Scope) }),
  answer: ReviewDetail,
  problems: ['person-unknown', 'scope-unknown'],
});
