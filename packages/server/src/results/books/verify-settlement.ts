import { bookAllocations } from '../../generated/results/books/verify-settlement.queries';
import { Context } from '../../platform/context';
import { Books, Compare } from './books';

/** Settled sums against allocations, and the stage of every entry against its documents. */
export async function verifySettlement(
  context: Context,
  { entries, invoices, lines, shares }: Books,
  compare: Compare,
): Promise<void> {
  const allocations = await bookAllocations.run(undefined, context.tx);
  const lineOf = new Map(lines.map((line) => [line.id, line]));
  const invoiceOf = new Map(invoices.map((invoice) => [invoice.id, invoice]));
  for (const invoice of invoices.filter((one) => one.kind === 'invoice')) {
    const own = allocations.filter((allocation) => allocation.live && allocation.invoiceId === invoice.id);
    const sum = (kind?: string) =>
      own.filter((allocation) => !kind || allocation.kind === kind).reduce((total, allocation) => total + allocation.amount, 0);
    compare('settled sum of an invoice', invoice.id, [invoice.settled, invoice.credited], [sum(), sum('credit note')]);
  }
  const byPayment = new Map<string, { allocated: number; paid: number; reversed: boolean }>();
  for (const one of allocations) {
    if (!one.paymentId || !one.live) continue;
    const found = byPayment.get(one.paymentId) ?? { allocated: 0, paid: one.paid!, reversed: one.reversedAt !== null };
    byPayment.set(one.paymentId, { ...found, allocated: found.allocated + one.amount });
  }
  for (const [payment, { allocated, paid, reversed }] of byPayment)
    compare('allocated part of a payment', payment, allocated, reversed ? 0 : Math.min(allocated, paid));

  // The stage follows from the documents: billed where all of an entry stands on issued ones, paid where these are settled.
  const standing = new Map<string, { issued: number; open: boolean }>();
  for (const share of shares) {
    const invoice = invoiceOf.get(lineOf.get(share.lineId)!.invoiceId)!;
    if (!share.live || invoice.status !== 'issued' || !['time', 'fee'].includes(lineOf.get(share.lineId)!.kind)) continue;
    const found = standing.get(share.entryId) ?? { issued: 0, open: false };
    const credited = invoice.kind === 'invoice' && invoice.credited !== 0;
    const open = invoice.kind === 'invoice' && !credited && invoice.settled < invoice.gross;
    standing.set(share.entryId, { issued: found.issued + share.quantity, open: found.open || open });
  }
  for (const entry of entries) {
    if (entry.kind === 'absence') continue;
    const found = standing.get(entry.id);
    const billed = !!found && found.issued > 0 && found.issued === entry.billableQuantity;
    const expected = billed
      ? found.open
        ? 'billed'
        : 'paid'
      : ['billed', 'paid'].includes(entry.stage)
        ? 'approved'
        : entry.stage;
    compare('stage of an entry', entry.id, entry.stage, expected);
  }
}
