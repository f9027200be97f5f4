import { FirmAndId, Id, Note, PositiveAmount, endpoint, strict } from '../../platform/fields';
import { Entry } from '../../ledger/entry';

/** Bill what stood over an agreed limit, once the limit is raised: it becomes a fee that can be billed. */
export const releaseOverLimit = endpoint({
  summary: 'Release a sum over the limit, as far as a raised limit has room for it: it becomes a fee to bill',
  kind: 'create',
  method: 'POST',
  path: '/f/:firm/over-limit/:id/release',
  permission: 'invoices.issue',
  params: FirmAndId,
  /** The id is the fee's; the path names the line on which the sum stands. */
  body: strict({ id: Id, minor: PositiveAmount, note: Note }),
  answer: Entry,
  problems: ['over-limit-unknown', 'over-limit-too-much', 'limit-has-no-room'],
});
