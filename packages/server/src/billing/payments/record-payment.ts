import { BodyOf, Endpoints, InvoiceDetail } from '@yellowwood/contracts';
import { allocate, minor } from '@yellowwood/core';
import { v7 as newId } from 'uuid';
import { insertAllocation } from '../../generated/billing/payments/allocation.queries';
import { insertPayment } from '../../generated/billing/payments/record-payment.queries';
import { audit } from '../../platform/audit';
import { Context, today } from '../../platform/context';
import { demand, problem } from '../../platform/problem';
import { issuedInvoice } from '../invoices/issued-invoice';
import { readInvoice } from '../invoices/read-invoice';
import { followSettlement } from './follow-settlement';

/** Records a payment against an invoice. What is over becomes the client's credit. */
export async function recordPayment(context: Context, body: BodyOf<Endpoints['recordPayment']>): Promise<InvoiceDetail> {
  const { tx, firm, actor, now } = context;
  if (body.receivedOn > today(context)) throw problem('payment-ahead');
  const invoice = await issuedInvoice(context, body.invoiceId, 'payments.record');
  if (invoice.kind !== 'invoice') throw problem('invoice-not-issued');
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
