import { FirmAndId, Nothing, Reason, endpoint, strict } from '../../platform/fields';

/** Reverse a payment, with a reason; what it settled is open again. */
export const reversePayment = endpoint({
  summary: 'Reverse a payment, with a reason; what it settled is open again',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/payments/:id/reverse',
  permission: 'payments.record',
  params: FirmAndId,
  body: strict({ reason: Reason }),
  answer: Nothing,
  problems: ['payment-unknown', 'payment-reversed'],
});
