import { Count, Day, Duration, FirmPath, Scope, endpoint, optional, strict } from '../platform/fields';
import { Static, Type } from 'typebox';
import { ReviewPerson } from './review-person';

export const Review = strict({
  from: Day,
  to: Day,
  scope: Scope,
  people: Type.Array(ReviewPerson),
  /** Earlier weeks in which something still waits, the oldest first. */
  waiting: Type.Array(strict({ from: Day, submitted: Duration, people: Count })),
});
export type Review = Static<typeof Review>;

/** People by days: what is clean and what needs a look. */
export const readReview = endpoint({
  summary: 'People by days: what is clean and what needs a look',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/review',
  permission: 'time.review',
  params: FirmPath,
  query: strict({ from: Day, scope: optional(Scope) }),
  answer: Review,
  problems: ['scope-unknown'],
});
