import { endAllocations, liveAllocations } from '../../generated/billing/payments/allocation.queries';
import { invoicesOfPayment, lockPayment, reversePaymentRow } from '../../generated/billing/payments/reverse-payment.queries';
import { audit } from '../../platform/audit';
import { Context } from '../../platform/context';
import { problem } from '../../platform/problem';
import { holdInvoices } from '../invoices/issued-invoice';
import { followSettlement } from './follow-settlement';

/** Reverses a payment: what it settled is open again, and it is no one's credit any more. */
export async function reversePayment(context: Context, id: string, reason: string): Promise<void> {
  const { tx } = context;
  // Invoices before the payment, as everywhere; all of them must be the person's to act on.
  const settled = await invoicesOfPayment.run({ payment: id }, tx);
  if (settled.length === 0) throw problem('payment-unknown');
  await holdInvoices(
    context,
    settled.map((row) => row.invoiceId),
    'payments.record',
    'payment-unknown',
  );
  const [payment] = await lockPayment.run({ id }, tx);
  if (!payment) throw problem('payment-unknown');
  if (payment.reversedAt) throw problem('payment-reversed');
  const allocations = await liveAllocations.run({ payment: id, invoice: null }, tx);
  await endAllocations.run({ ids: allocations.map((allocation) => allocation.id) }, tx);
  await reversePaymentRow.run({ id, reason, now: context.now }, tx);
  for (const allocation of allocations) await followSettlement(context, allocation.invoiceId);
  const money = { amount: payment.amount, currency: payment.currency };
  await audit(
    context,
    'payment reversed',
    [
      { kind: 'payment', id, before: { reversed: false }, after: { reversed: true }, moneyBefore: money },
      ...allocations.map((allocation) => ({
        kind: 'invoice' as const,
        id: allocation.invoiceId,
        moneyBefore: { allocated: allocation.amount },
        moneyAfter: { allocated: 0 },
      })),
    ],
    reason,
  );
}
