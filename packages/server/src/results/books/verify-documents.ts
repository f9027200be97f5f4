import { InvoiceDocument } from '@yellowwood/contracts';
import {
  InvoiceTotals,
  LineShare,
  TaxCategory,
  invoiceTotals,
  lineAmount,
  millionths,
  minor,
  rate,
  seconds,
  shareLine,
} from '@yellowwood/core';
import { displayOf } from '../../billing/invoices/make-document';
import { IBookInvoicesResult, IBookLinesResult, IBookSharesResult } from '../../generated/results/books/books.queries';
import { bookSeries, bookTaxes } from '../../generated/results/books/verify-documents.queries';
import { Context } from '../../platform/context';
import { Books, Compare } from './books';

/** Every line against its shares, and its amount against quantity and price. */
export function verifyLines({ invoices, lines, shares }: Books, compare: Compare): void {
  const currencies = new Map(invoices.map((invoice) => [invoice.id, invoice.currency]));
  const byLine = new Map<string, IBookSharesResult[]>();
  for (const share of shares) byLine.set(share.lineId, [...(byLine.get(share.lineId) ?? []), share]);
  for (const line of lines) {
    const own = byLine.get(line.id) ?? [];
    compare(
      'sum of the shares of a line',
      line.id,
      own.reduce((sum, share) => sum + share.amount, 0),
      line.net,
    );
    compare(
      'time of the shares of a line',
      line.id,
      own.reduce((sum, share) => sum + share.quantity, 0),
      line.quantity,
    );
    if (line.kind === 'fee') compare('amount of a line', line.id, line.net, line.quantity);
    if (line.kind !== 'time') continue;
    const currency = currencies.get(line.invoiceId)!;
    const net = lineAmount(seconds(line.quantity), rate(line.rate), currency, displayOf(line.decimalPlaces));
    compare('amount of a line', line.id, line.net, net);
    const parts: Pick<LineShare, 'entryId' | 'quantity'>[] = own.map((share) => ({
      entryId: share.entryId,
      quantity: seconds(share.quantity),
    }));
    const amounts = shareLine(net, parts, rate(line.rate), currency);
    // Which of several equal remainders got the last unit depends on the order of the document.
    const sorted = (values: readonly number[]) => [...values].map(Number).sort((a, b) => a - b);
    compare('shares of a line', line.id, sorted(own.map((share) => share.amount)), sorted(amounts));
  }
}

/** Every document against its lines; numbers without holes; nothing issued that asks for nothing. */
export async function verifyDocuments(context: Context, { invoices, lines }: Books, compare: Compare): Promise<void> {
  const taxes = await bookTaxes.run(undefined, context.tx);
  for (const invoice of invoices) {
    const own = lines.filter((line) => line.invoiceId === invoice.id);
    const totals = invoiceTotals(
      own.map((line) => ({ net: minor(line.net), category: line.category as TaxCategory, rate: millionths(line.taxRate) })),
    );
    compare(
      'totals of a document',
      invoice.id,
      [invoice.net, invoice.tax, invoice.gross],
      [totals.net, totals.tax, totals.gross],
    );
    compare(
      'tax breakdown of a document',
      invoice.id,
      taxRows(taxes.filter((row) => row.invoiceId === invoice.id)),
      taxRows(totals.taxes),
    );
    if (invoice.snapshot) compareSnapshot(invoice, invoice.snapshot as unknown as InvoiceDocument, own, totals, compare);
    if (invoice.status === 'issued' && invoice.kind === 'invoice')
      compare('total of an issued invoice', invoice.id, invoice.gross > 0, true);
  }
  for (const { series, next } of await bookSeries.run(undefined, context.tx)) {
    const numbers = invoices
      .filter((invoice) => invoice.series === series && invoice.number !== null)
      .map((invoice) => invoice.number!);
    compare(
      'numbers of a series',
      series,
      numbers.sort((a, b) => a - b),
      Array.from({ length: next - 1 }, (_, index) => index + 1),
    );
  }
}

function taxRows(rows: readonly { category: string; rate: number; base: number; tax: number }[]) {
  return rows
    .map(({ category, rate: percent, base, tax }) => [category, percent, base, tax])
    .sort((a, b) => String(a).localeCompare(String(b)));
}

function compareSnapshot(
  invoice: IBookInvoicesResult,
  document: InvoiceDocument,
  lines: readonly IBookLinesResult[],
  totals: InvoiceTotals,
  compare: Compare,
): void {
  compare(
    'figures of an issued document',
    invoice.id,
    [document.net, document.tax, document.gross, document.number],
    [totals.net, totals.tax, totals.gross, invoice.numberText],
  );
  compare(
    'lines of an issued document',
    invoice.id,
    document.lines.map((line) => line.minor),
    lines.map((line) => line.net),
  );
}
