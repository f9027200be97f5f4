import {
  Amount,
  Currency,
  Day,
  Duration,
  FirmPath,
  Id,
  Millionths,
  Name,
  Scope,
  choice,
  endpoint,
  nullable,
  optional,
  strict,
} from '../platform/fields';
import { Static, Type } from 'typebox';

/** Money of a result, left out for readers without the right to it. One figure per currency, never added up. */
export const Money = strict({
  currency: Currency,
  standardValue: Amount,
  billed: Amount,
  /** Sums over the limit that wait to be decided on included. */
  unbilled: Amount,
  /** What agreed limits keep of billed and unbilled from being earned. */
  over: Amount,
  revenue: Amount,
  realisation: nullable(Millionths),
  /** Against the firm's own rates instead of the agreed ones. */
  ownRealisation: nullable(Millionths),
});
export type Money = Static<typeof Money>;

export const Cost = strict({
  currency: Currency,
  cost: Amount,
  budget: Amount,
  left: Amount,
  /** Revenue in the firm's currency, at the stored rate of each document's date. */
  revenue: Amount,
  margin: nullable(Millionths),
  markUp: nullable(Millionths),
});
export type Cost = Static<typeof Cost>;

export const Hours = strict({ own: Duration, below: Duration, total: Duration, estimate: Duration, billable: Duration });
export type Hours = Static<typeof Hours>;

export const ResultRow = strict({
  id: Id,
  kind: choice('client', 'department', 'project', 'task'),
  parentId: nullable(Id),
  name: Name,
  hours: Hours,
  cost: nullable(strict({ own: Amount, below: Amount, total: Amount, budget: Amount })),
  /** What budget and estimate are compared with, whatever the span. */
  toDate: strict({ seconds: Duration, cost: nullable(Amount) }),
  money: nullable(Type.Array(Money)),
  /** Revenue and what is left of it over cost, in the firm's currency; null for readers without the right to either. */
  margin: nullable(strict({ revenue: Amount, minor: Amount, share: nullable(Millionths) })),
});
export type ResultRow = Static<typeof ResultRow>;

export const Results = strict({
  scope: Scope,
  name: Name,
  /** What is agreed, in words, for a project. */
  agreement: nullable(Type.String()),
  limit: nullable(strict({ currency: Currency, limit: Amount, used: nullable(Millionths) })),
  hours: Hours,
  money: nullable(Type.Array(Money)),
  /** What cost is made of: each person's own, or the standard of their positions; and why there is none. */
  costBasis: nullable(choice('actual', 'standard', 'no standard rate')),
  cost: nullable(Cost),
  rows: Type.Array(ResultRow),
  /** Cost, earned and billed, each cumulated, in the firm's currency: a month by days, a quarter by weeks, longer by months. */
  series: nullable(
    strict({
      step: choice('day', 'week', 'month'),
      points: Type.Array(strict({ from: Day, cost: nullable(Amount), earned: Amount, billed: Amount })),
    }),
  ),
  own: nullable(Type.Array(strict({ projectId: Id, name: Name, seconds: Duration, billable: Duration }))),
});
export type Results = Static<typeof Results>;

/** Hours, cost, value, margin of the firm, a client, a project or a task. */
export const readResults = endpoint({
  summary: 'Hours, cost, value, margin of the firm, a client, a project or a task',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/results',
  permission: 'results.read',
  params: FirmPath,
  query: strict({ scope: optional(Scope), from: optional(Day), to: optional(Day) }),
  answer: Results,
  problems: ['scope-unknown', 'range-reversed', 'exchange-rate-missing'],
});
