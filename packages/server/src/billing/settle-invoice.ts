import { allocate, minor } from '@yellowwood/core';
import { BodyOf, Endpoints, InvoiceDetail } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { audit } from '../platform/audit';
import { Context, today } from '../platform/context';
import { demand, problem } from '../platform/problem';
import {
  bumpInvoice,
  endAllocations,
  insertAllocation,
  insertPayment,
  liveAllocations,
  lockInvoice,
  lockPayment,
  moveInvoiceEntries,
  reversePaymentRow,
} from './queries.queries';
import { readInvoice } from './read-invoices';

/** Moves the entries of an invoice with its settlement: paid when nothing is open, else billed. */
export async function followSettlement(context: Context, invoiceId: string): Promise<void> {
  const [invoice] = await lockInvoice.run({ id: invoiceId }, context.tx);
  const paid = invoice!.status === 'issued' && invoice!.settled >= invoice!.gross;
  await moveInvoiceEntries.run({ invoice: invoiceId, from: paid ? 'billed' : 'paid', to: paid ? 'paid' : 'billed' }, context.tx);
  await bumpInvoice.run({ id: invoiceId }, context.tx);
}

/** Records a payment against an invoice. What is over becomes the client's credit. */
export async function recordPayment(context: Context, body: BodyOf<Endpoints['recordPayment']>): Promise<InvoiceDetail> {
  const { tx, firm, actor, now } = context;
  if (body.receivedOn > today(context)) throw problem('payment-ahead');
  const [invoice] = await lockInvoice.run({ id: body.invoiceId }, tx);
  if (!invoice) throw problem('invoice-unknown');
  if (invoice.status !== 'issued' || invoice.kind !== 'invoice') throw problem('invoice-not-issued');
  const { toInvoice, toCredit } = demand(allocate(minor(body.minor), minor(invoice.gross), minor(invoice.settled)));
  await insertPayment.run(
    {
      firm: firm.id,
      id: body.id,
      client: invoice.clientId,
      currency: invoice.currency,
      amount: body.minor,
      receivedOn: body.receivedOn,
      reference: body.reference,
      by: actor.personId,
      now,
    },
    tx,
  );
  await insertAllocation.run(
    { firm: firm.id, id: newId(), invoice: invoice.id, kind: 'payment', payment: body.id, credit: null, amount: toInvoice, now },
    tx,
  );
  await followSettlement(context, invoice.id);
  const money = { amount: body.minor, toInvoice, toCredit, currency: invoice.currency };
  await audit(context, 'payment recorded', [
    { kind: 'payment', id: body.id, after: { receivedOn: body.receivedOn, reference: body.reference }, moneyAfter: money },
    {
      kind: 'invoice',
      id: invoice.id,
      after: { receivedOn: body.receivedOn, reference: body.reference },
      moneyBefore: { settled: invoice.settled },
      moneyAfter: { settled: invoice.settled + toInvoice },
    },
  ]);
  return readInvoice(context, invoice.id);
}

/** Reverses a payment: what it settled is open again, and it is no one's credit any more. */
export async function reversePayment(context: Context, id: string, reason: string): Promise<void> {
  const { tx } = context;
  const [seen] = await liveAllocations.run({ payment: id, invoice: null }, tx);
  // Invoice before payment, as everywhere, so that two of these cannot wait for each other.
  if (seen) await lockInvoice.run({ id: seen.invoiceId }, tx);
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
