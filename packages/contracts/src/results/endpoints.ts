import { Type } from 'typebox';
import {
  Amount,
  Count,
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
import { Entry } from '../time/endpoints';

/** Money of a result, left out for readers without the right to it. One figure per currency, never added up. */
const Money = strict({
  currency: Currency,
  standardValue: Amount,
  billed: Amount,
  unbilled: Amount,
  revenue: Amount,
  realisation: nullable(Millionths),
  /** Against the firm's own rates instead of the agreed ones. */
  ownRealisation: nullable(Millionths),
});

const Cost = strict({
  currency: Currency,
  cost: Amount,
  budget: Amount,
  left: Amount,
  /** Revenue in the firm's currency, at the stored rate of each document's date. */
  revenue: Amount,
  margin: nullable(Millionths),
  markUp: nullable(Millionths),
});

const Hours = strict({ own: Duration, below: Duration, total: Duration, estimate: Duration, billable: Duration });

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
});

export const Results = strict({
  scope: Scope,
  name: Name,
  /** What is agreed, in words, for a project. */
  agreement: nullable(Type.String()),
  limit: nullable(strict({ currency: Currency, limit: Amount, used: nullable(Millionths) })),
  hours: Hours,
  money: nullable(Type.Array(Money)),
  cost: nullable(Cost),
  rows: Type.Array(ResultRow),
  /** By month: cost, earned and billed, each cumulated; in the firm's currency. */
  series: nullable(Type.Array(strict({ month: Type.String(), cost: nullable(Amount), earned: Amount, billed: Amount }))),
  own: nullable(Type.Array(strict({ projectId: Id, name: Name, seconds: Duration, billable: Duration }))),
});

/** The entries or documents behind a figure, and their sum. */
export const Behind = strict({
  figure: Type.String(),
  entries: Type.Array(Entry),
  documents: Type.Array(strict({ id: Id, number: Type.String(), issuedOn: Day, currency: Currency, minor: Amount })),
  documentCount: Count,
  count: Count,
  seconds: Duration,
  /** The sums that the figure comes from, over all that stands behind it and not only this page. */
  sums: Type.Array(
    strict({
      part: choice('cost', 'standard value', 'billed', 'unbilled', 'over the limit', 'at own rates'),
      currency: Currency,
      minor: Amount,
    }),
  ),
  rule: Type.String(),
  nextCursor: nullable(Type.String()),
});

export const Figure = choice(
  'hours',
  'billable-hours',
  'cost',
  'standard-value',
  'billed',
  'unbilled',
  'revenue',
  'margin',
  'realisation',
);

export const resultsEndpoints = {
  readResults: endpoint({
    name: 'readResults',
    summary: 'Hours, cost, value, margin of the firm, a client, a project or a task',
    kind: 'read',
    method: 'GET',
    path: '/f/:firm/results',
    permission: 'results.read',
    params: FirmPath,
    query: strict({ scope: optional(Scope), from: optional(Day), to: optional(Day) }),
    answer: Results,
    problems: ['scope-unknown'],
  }),
  readBehind: endpoint({
    name: 'readBehind',
    summary: 'What stands behind a figure of the results',
    kind: 'read',
    method: 'GET',
    path: '/f/:firm/results/behind',
    permission: 'results.read',
    params: FirmPath,
    query: strict({
      scope: optional(Scope),
      figure: Figure,
      from: optional(Day),
      to: optional(Day),
      cursor: optional(Type.String({ maxLength: 100 })),
    }),
    answer: Behind,
    problems: ['scope-unknown'],
  }),
};
