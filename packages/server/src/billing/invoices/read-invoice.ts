import { DraftWish, InvoiceDetail, InvoiceDocument, LineRounding } from '@yellowwood/contracts';
import { invoiceRows } from '../../generated/billing/invoices/invoice-rows.queries';
import { invoiceSnapshot } from '../../generated/billing/invoices/invoice.queries';
import { allocationsOf, roundedLines } from '../../generated/billing/invoices/read-invoice.queries';
import { Context, may } from '../../platform/context';
import { problem } from '../../platform/problem';
import { ANY, toRow, who } from './invoice-rows';
import { roundingOf } from './line-rounding';
import { makeDocument } from './make-document';

/**
 * One invoice with its document, its payments and what may be done with it.
 * @param made the document of a draft, where the caller has just made it
 */
export async function readInvoice(context: Context, id: string, made?: InvoiceDocument): Promise<InvoiceDetail> {
  const [found] = await invoiceRows.run({ ...ANY, ...who(context), anyId: false, id }, context.tx);
  if (!found) throw problem('invoice-unknown');
  const row = toRow(context, found);
  const [kept] = await invoiceSnapshot.run({ id }, context.tx);
  const document =
    made ??
    (kept!.snapshot as unknown as InvoiceDocument | null) ??
    (await makeDocument(context, kept!.wish as unknown as DraftWish, id, 'firm')).document;
  const issued = found.status === 'issued' && found.kind === 'invoice';
  return {
    row,
    document,
    payments: (await allocationsOf.run({ invoice: id }, context.tx)).map((allocation) => ({
      ...allocation,
      paymentId: allocation.paymentId,
      creditNumber: allocation.creditNumber,
    })),
    may: {
      pay: issued && row.open > 0 && may(context, 'payments.record'),
      send: found.status === 'issued' && !row.sentAt && may(context, 'invoices.issue'),
      void: issued && !row.sentAt && row.settled === 0 && may(context, 'invoices.issue'),
      credit: issued && !found.hasCredit && may(context, 'invoices.issue'),
    },
    rounding: await storedRounding(context, id, row.currency),
    wish: found.status === 'draft' ? (kept!.wish as unknown as DraftWish) : null,
  };
}

async function storedRounding(context: Context, invoice: string, currency: string): Promise<LineRounding[]> {
  const lines = await roundedLines.run({ invoice }, context.tx);
  return roundingOf(
    lines.map(({ places, quantities, ...line }) => ({
      ...line,
      display: places === null ? { kind: 'minutes' } : { kind: 'decimal', places },
      quantities: quantities.map(Number),
    })),
    currency,
  );
}
