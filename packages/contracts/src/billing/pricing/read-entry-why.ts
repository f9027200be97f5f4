import {
  Amount,
  Count,
  Currency,
  Duration,
  FirmAndId,
  Id,
  RateField,
  choice,
  endpoint,
  nullable,
  strict,
} from '../../platform/fields';
import { Entry } from '../../ledger/entry';
import { Static, Type } from 'typebox';
import { RateRuleSeen } from './rate-rule-seen';

/** Why an entry is worth what it is worth. */
export const EntryWhy = strict({
  entry: Entry,
  recorded: Duration,
  billable: Duration,
  rounding: nullable(
    strict({
      increment: Count,
      mode: Type.String(),
      unit: Type.String(),
      minimum: Count,
      byMinimum: Type.Boolean(),
      /** Where a person's day on a task is rounded as a whole: its time, rounded, and this entry's part. */
      day: nullable(strict({ recorded: Duration, rounded: Duration, part: Duration })),
    }),
  ),
  method: nullable(Type.String()),
  /** The currency of the agreement, in which a rate can be typed. */
  currency: nullable(Currency),
  rate: nullable(strict({ rate: RateField, currency: Currency, source: choice('rule', 'typed'), reason: Type.String() })),
  /** The rule that priced the entry, as it was then. */
  winner: nullable(RateRuleSeen),
  /** What today's rules would take, where that is another. */
  today: nullable(RateRuleSeen),
  losers: Type.Array(strict({ rule: RateRuleSeen, reason: Type.String() })),
  value: nullable(strict({ minor: Amount, currency: Currency })),
  /** Only for readers with the right to pay: the cost of one entry gives pay away. */
  cost: nullable(strict({ minor: Amount, currency: Currency, pay: RateField, overhead: RateField })),
  /** Where it stands on documents. */
  billed: Type.Array(strict({ invoiceId: Id, number: nullable(Type.String()), quantity: Duration, minor: Amount })),
});
export type EntryWhy = Static<typeof EntryWhy>;

/** Why an entry has its billable time, rate and value. */
export const readEntryWhy = endpoint({
  summary: 'Why an entry has its billable time, rate and value',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/entries/:id/why',
  permission: 'time.read',
  params: FirmAndId,
  answer: EntryWhy,
  problems: ['entry-unknown'],
});
