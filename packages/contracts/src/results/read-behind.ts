import {
  Amount,
  Count,
  Currency,
  Day,
  Duration,
  FirmPath,
  Id,
  Scope,
  choice,
  endpoint,
  nullable,
  optional,
  strict,
} from '../platform/fields';
import { Static, Type } from 'typebox';
import { Entry } from '../ledger/entry';

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
  nextCursor: nullable(Type.String()),
});
export type Behind = Static<typeof Behind>;

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
export type Figure = Static<typeof Figure>;

/** What stands behind a figure of the results. */
export const readBehind = endpoint({
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
  problems: ['scope-unknown', 'range-reversed', 'cost-not-told'],
});
