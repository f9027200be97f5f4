import { Static } from 'typebox';
import { Amount, FirmAndId, PositiveAmount, Reason, endpoint, strict } from '../../platform/fields';

export const WrittenDown = strict({ waiting: Amount });
export type WrittenDown = Static<typeof WrittenDown>;

/** Write down what stood over an agreed limit: it will never be billed. */
export const writeDownOverLimit = endpoint({
  summary: 'Write down a sum over the limit, with a reason: it will never be billed',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/over-limit/:id/write-down',
  permission: 'invoices.issue',
  params: FirmAndId,
  body: strict({ minor: PositiveAmount, reason: Reason }),
  answer: WrittenDown,
  problems: ['over-limit-unknown', 'over-limit-too-much'],
});
