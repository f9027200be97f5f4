import {
  Amount,
  Clock,
  Count,
  Currency,
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
import { KIND_NAMES, KindName } from '@yellowwood/core';
import { Static, Type } from 'typebox';
import { readFacts } from './facts';
import { Stage } from './stage';

export const Entry = strict({
  id: Id,
  kind: choice(...(KIND_NAMES as [KindName, ...KindName[]])),
  /** Null for what is no work of a person: a fee. */
  personId: nullable(Id),
  ...readFacts,
  absenceCode: nullable(Type.String()),
  /** Seconds; of a fee, minor units. */
  quantity: Duration,
  stage: Stage,
  billingState: choice('to bill', 'nothing to bill', 'covered', 'written off'),
  /** Like every note on money, only for readers with the right to billing values. */
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
