import { deleteInvoice } from '../../generated/billing/invoices/discard-draft.queries';
import { deleteLines, lockInvoice } from '../../generated/billing/invoices/invoice.queries';
import { audit } from '../../platform/audit';
import { Context } from '../../platform/context';
import { problem } from '../../platform/problem';
import { readInvoice } from './read-invoice';

/** Discards a draft; its entries are to bill again. The history keeps that it was there. */
export async function discardDraft(context: Context, id: string, version: number): Promise<void> {
  const [invoice] = await lockInvoice.run({ id }, context.tx);
  if (!invoice) throw problem('invoice-unknown');
  if (invoice.status !== 'draft') throw problem('invoice-not-draft');
  if (invoice.version !== version) throw problem('version-stale', {}, { current: await readInvoice(context, id) });
  await deleteLines.run({ invoice: id }, context.tx);
  await deleteInvoice.run({ id }, context.tx);
  const { net, tax, gross, currency } = invoice;
  await audit(context, 'draft discarded', [
    { kind: 'invoice', id, before: { wish: invoice.wish }, moneyBefore: { net, tax, gross, currency } },
  ]);
}
