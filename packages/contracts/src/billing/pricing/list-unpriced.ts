import { Static, Type } from 'typebox';
import { Entry } from '../../ledger/entry';
import { Count, FirmPath, Id, Scope, endpoint, optional, strict } from '../../platform/fields';
import { RateRuleSeen } from './rate-rule-seen';

/** Billable entries without a rate: the oldest hundred, and how many there are. */
export const UnpricedList = strict({
  entries: Type.Array(Entry),
  count: Count,
  /** Rules made since that would price some of them. */
  offers: Type.Array(strict({ entryId: Id, rule: RateRuleSeen })),
});
export type UnpricedList = Static<typeof UnpricedList>;

/** Billable entries without a rate. */
export const listUnpriced = endpoint({
  summary: 'Billable entries without a rate, with the price of a rule made since',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/billing/unpriced',
  permission: 'values.read',
  params: FirmPath,
  query: strict({ scope: optional(Scope) }),
  answer: UnpricedList,
  problems: ['scope-unknown'],
});
