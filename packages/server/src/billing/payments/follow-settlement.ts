import { moveInvoiceEntries } from '../../generated/billing/invoices/invoice.queries';
import { bumpInvoice, settlementOf } from '../../generated/billing/payments/follow-settlement.queries';
import { Context } from '../../platform/context';

/** Moves the entries of an invoice that is held with its settlement: paid when nothing is open, else billed. */
export async function followSettlement(context: Context, invoiceId: string): Promise<void> {
  const [invoice] = await settlementOf.run({ id: invoiceId }, context.tx);
  const paid = invoice!.status === 'issued' && invoice!.settled >= invoice!.gross;
  await moveInvoiceEntries.run({ invoice: invoiceId, from: paid ? 'billed' : 'paid', to: paid ? 'paid' : 'billed' }, context.tx);
  await bumpInvoice.run({ id: invoiceId }, context.tx);
}
