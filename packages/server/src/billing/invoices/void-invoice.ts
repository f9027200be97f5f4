import { InvoiceDetail } from '@yellowwood/contracts';
import { markInvoiceVoid } from '../../generated/billing/invoices/void-invoice.queries';
import { LEFT_A_DOCUMENT, roundAnew } from '../../ledger/round-days';
import { audit } from '../../platform/audit';
import { Context } from '../../platform/context';
import { problem } from '../../platform/problem';
import { forgetDecisions } from '../limits/over-limit';
import { giveBack, invoiceToEnd } from './issued-invoice';
import { readInvoice } from './read-invoice';

/** Voids what was never sent. It keeps its number; its hours are to bill again. */
export async function voidInvoice(context: Context, id: string, reason: string): Promise<InvoiceDetail> {
  const { invoice, days } = await invoiceToEnd(context, id);
  if (invoice.kind !== 'invoice') throw problem('invoice-not-issued');
  if (invoice.sentAt) throw problem('invoice-sent');
  if (invoice.settled !== 0 || invoice.credited !== 0) throw problem('invoice-settled');
  await forgetDecisions(context, id);
  await giveBack(context, id, 'billed');
  await markInvoiceVoid.run({ id, reason }, context.tx);
  await roundAnew(context, days, LEFT_A_DOCUMENT);
  await audit(
    context,
    'invoice void',
    [{ kind: 'invoice', id, before: { status: 'issued' }, after: { status: 'void', number: invoice.number } }],
    reason,
  );
  return readInvoice(context, id);
}
