import { Static, Type } from 'typebox';
import { Count, Day, Duration, Id, Version, nullable, strict } from '../platform/fields';

const Length = Type.Integer({ minimum: 60, maximum: 7 * 86_400, description: 'seconds' });

/** What a firm settles about the time that it records. */
export const TimeRules = strict({
  /** A day with more than this is pointed out in review. */
  dayMaximum: Length,
  /** A week with more than this is pointed out in review. */
  weekMaximum: Length,
  /** Between two spans of a day, what is no longer than this is no gap. */
  gapTolerance: Type.Integer({ minimum: 0, maximum: 86_400, description: 'seconds' }),
  /** Up to this day nothing is recorded, changed, submitted or decided on. */
  lockedUntil: nullable(Day),
  /** Whether submitted time waits for a decision; otherwise it is approved as it is submitted. */
  review: Type.Boolean(),
  /** Projects of which submitted time is approved at once, where the firm reviews the rest. */
  unreviewed: Type.Array(Id, { maxItems: 5000, uniqueItems: true }),
});
export type TimeRules = Static<typeof TimeRules>;

export const KnownTimeRules = strict({ id: Id, rules: TimeRules, version: Version });
export type KnownTimeRules = Static<typeof KnownTimeRules>;

/** What rules would say of the last four weeks, beside those that hold; and what a lock would leave undone. */
export const TimeRulesEffect = strict({
  since: Day,
  /** Days and weeks that would be pointed out; how many are now. */
  days: strict({ now: Count, then: Count }),
  weeks: strict({ now: Count, then: Count }),
  /** Up to the day of the lock: what is recorded and not submitted, and what waits for a decision. */
  locked: strict({ recorded: Duration, submitted: Duration, people: Count }),
});
export type TimeRulesEffect = Static<typeof TimeRulesEffect>;
