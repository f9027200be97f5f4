import { RECORD_WAYS } from '@yellowwood/core';
import { Static, Type } from 'typebox';
import { Clock, Count, Day, Duration, Id, Version, choice, nullable, strict } from '../platform/fields';

export const Length = Type.Integer({ minimum: 60, maximum: 7 * 86_400, description: 'seconds' });

/** How time is recorded: by a timer, as a length, from start to end. */
export const Ways = Type.Array(choice(...RECORD_WAYS), { minItems: 1, maxItems: 3, uniqueItems: true });

/** What is planned of a week, Monday to Sunday, in seconds, and between which times of the clock. */
export const PlannedWeek = strict({
  hours: Type.Array(Type.Integer({ minimum: 0, maximum: 86_400, description: 'seconds' }), { minItems: 7, maxItems: 7 }),
  dayStart: Clock,
  dayEnd: Clock,
});
export type PlannedWeek = Static<typeof PlannedWeek>;

/** How long the periods of submission are, and from which day on. */
export const Periods = strict({
  kind: choice('week', 'half-month', 'month', 'days'),
  weekStart: Type.Integer({ minimum: 1, maximum: 7 }),
  days: Type.Integer({ minimum: 1, maximum: 62 }),
  anchor: Day,
  from: nullable(Day),
});

/** What a firm settles about the time that it records. */
export const TimeRules = strict({
  /** A day with more than this is pointed out in review. */
  dayMaximum: Length,
  /** A week with more than this is pointed out in review. */
  weekMaximum: Length,
  /** Between two spans of a day, what is no longer than this is no gap. */
  gapTolerance: Type.Integer({ minimum: 0, maximum: 86_400, description: 'seconds' }),
  /** How people record, where nothing else is said of them. */
  ways: Ways,
  /** The week that is planned for whoever comes new. */
  planned: PlannedWeek,
  /** Up to this day nothing is recorded, changed, submitted or decided on. */
  lockedUntil: nullable(Day),
  /** Whether submitted time waits for a decision; otherwise it is approved as it is submitted. */
  review: Type.Boolean(),
  /** Projects of which submitted time is approved at once, where the firm reviews the rest. */
  unreviewed: Type.Array(Id, { maxItems: 5000, uniqueItems: true }),
});
export type TimeRules = Static<typeof TimeRules>;

export const KnownTimeRules = strict({
  id: Id,
  rules: TimeRules,
  /** The periods of submission, and those that held before, the latest first. */
  periods: strict({ ...Periods.properties, earlier: Type.Array(Periods) }),
  version: Version,
});
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
