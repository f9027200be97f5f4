import { InvoiceDetail } from '@yellowwood/contracts';
import { markInvoiceSent } from '../../generated/billing/invoices/mark-sent.queries';
import { audit } from '../../platform/audit';
import { Context } from '../../platform/context';
import { problem } from '../../platform/problem';
import { issuedInvoice } from './issued-invoice';
import { readInvoice } from './read-invoice';

/** Marks an issued document as sent. */
export async function markSent(context: Context, id: string): Promise<InvoiceDetail> {
  const invoice = await issuedInvoice(context, id, 'invoices.issue');
  if (invoice.sentAt) throw problem('invoice-sent');
  await markInvoiceSent.run({ id, now: context.now }, context.tx);
  await audit(context, 'invoice sent', [{ kind: 'invoice', id, before: { sentAt: null }, after: { sentAt: context.now } }]);
  return readInvoice(context, id);
}
