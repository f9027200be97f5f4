import {
  Amount,
  Count,
  Currency,
  Day,
  Duration,
  FirmPath,
  Millionths,
  Scope,
  choice,
  endpoint,
  nullable,
  optional,
  strict,
} from '../platform/fields';
import { Static, Type } from 'typebox';

export const MoneyFigure = strict({ currency: Currency, minor: Amount });
export type MoneyFigure = Static<typeof MoneyFigure>;

/** What waits at each step, for the scope. A step is left out where the person has no business there. */
export const Overview = strict({
  scope: Scope,
  /** Today where the reader is: a page that stays open over midnight goes on to the next day. */
  today: Day,
  record: nullable(
    strict({
      from: Day,
      to: Day,
      recorded: Duration,
      planned: Duration,
      open: Duration,
      others: Type.Boolean(),
      returned: Count,
      /** Work date of the oldest returned entry. */
      returnedOn: nullable(Day),
    }),
  ),
  review: nullable(
    strict({ submitted: Duration, people: Count, oldest: nullable(Day), own: nullable(choice('open', 'submitted', 'approved')) }),
  ),
  bill: nullable(
    strict({
      ready: Type.Array(MoneyFigure),
      /** Over an agreed limit: waits to be decided on. */ over: Type.Array(MoneyFigure),
      unpriced: Count,
      oldest: nullable(Day),
    }),
  ),
  collect: nullable(strict({ open: Type.Array(strict({ currency: Currency, minor: Amount, late: Amount })) })),
  results: nullable(
    strict({ from: nullable(Day), to: nullable(Day), margin: nullable(Millionths), billableShare: nullable(Millionths) }),
  ),
});
export type Overview = Static<typeof Overview>;

/** Where every hour stands: the figures of the steps. */
export const readOverview = endpoint({
  summary: 'Where every hour stands: the figures of the steps',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/overview',
  permission: 'work.read',
  params: FirmPath,
  query: strict({ scope: optional(Scope) }),
  answer: Overview,
  problems: ['scope-unknown', 'exchange-rate-missing'],
  conditional: true,
});
