import {
  Amount,
  Clock,
  Count,
  Currency,
  Day,
  Duration,
  Id,
  Instant,
  Name,
  RateField,
  Version,
  choice,
  nullable,
  optional,
  strict,
} from '../platform/fields';
import { target } from './target';
import { Static, Type } from 'typebox';
import { Stage } from './stage';

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
export type Entry = Static<typeof Entry>;
