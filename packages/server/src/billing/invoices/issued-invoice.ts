import { stageBefore } from '@yellowwood/core';
import { lockInvoice, moveInvoiceEntries } from '../../generated/billing/invoices/invoice.queries';
import { Context } from '../../platform/context';
import { problem } from '../../platform/problem';

export async function issued(context: Context, id: string) {
  const [invoice] = await lockInvoice.run({ id }, context.tx);
  if (!invoice) throw problem('invoice-unknown');
  if (invoice.status !== 'issued') throw problem('invoice-not-issued');
  return invoice;
}

/** Entries of a document are to bill again. */
export async function giveBack(context: Context, id: string, from: 'billed' | 'paid'): Promise<void> {
  if (from === 'paid') await moveInvoiceEntries.run({ invoice: id, from: stageBefore('unsettle'), to: 'billed' }, context.tx);
  await moveInvoiceEntries.run({ invoice: id, from: stageBefore('unbill'), to: 'approved' }, context.tx);
}
