import { Count, FirmPath, Scope, endpoint, optional, strict } from '../../platform/fields';
import { Type } from 'typebox';
import { Entry } from '../../ledger/entry';

/** Billable entries without a rate. */
export const listUnpriced = endpoint({
  summary: 'Billable entries without a rate',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/billing/unpriced',
  permission: 'values.read',
  params: FirmPath,
  query: strict({ scope: optional(Scope) }),
  /** The oldest hundred, and how many there are. */
  answer: strict({ entries: Type.Array(Entry), count: Count }),
});
