import { deleteInvoice } from '../../generated/billing/invoices/discard-draft.queries';
import { deleteLines, lockInvoice } from '../../generated/billing/invoices/invoice.queries';
import { audit } from '../../platform/audit';
import { locking } from '../../ledger/locks';
import { LEFT_A_DOCUMENT, roundAnew } from '../../ledger/round-days';
import { Context, reachOf } from '../../platform/context';
import { problem } from '../../platform/problem';
import { holdWork } from './issued-invoice';
import { readInvoice } from './read-invoice';

/** Discards a draft; its entries are to bill again. The history keeps that it was there. */
export async function discardDraft(context: Context, id: string, version: number): Promise<void> {
  const who = { id, reach: reachOf(context, 'invoices.issue'), asker: context.actor.personId };
  // Its entries are let go of, so they are held before it.
  const days = await holdWork(context, [id], true);
  locking(context, 'invoices');
  const [invoice] = await lockInvoice.run(who, context.tx);
  if (!invoice) throw problem('invoice-unknown');
  if (invoice.status !== 'draft') throw problem('invoice-not-draft');
  if (invoice.version !== version) throw problem('version-stale', {}, { current: await readInvoice(context, id) });
  await deleteLines.run({ invoice: id }, context.tx);
  await deleteInvoice.run({ id }, context.tx);
  await roundAnew(context, days, LEFT_A_DOCUMENT);
  const { net, tax, gross, currency } = invoice;
  await audit(context, 'draft discarded', [
    { kind: 'invoice', id, before: { wish: invoice.wish }, moneyBefore: { net, tax, gross, currency } },
  ]);
}
