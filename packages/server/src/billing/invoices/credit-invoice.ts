import { InvoiceDetail, InvoiceDocument } from '@yellowwood/contracts';
import { Minor, millionths, minor, rate, seconds } from '@yellowwood/core';
import { v7 as newId } from 'uuid';
import {
  freezeInvoice,
  insertInvoice,
  insertLines,
  insertShares,
  insertTaxes,
  linesOf,
  sharesOf,
  takeNumber,
  taxesOf,
} from '../../generated/billing/invoices/invoice.queries';
import { endAllocations, insertAllocation, liveAllocations } from '../../generated/billing/payments/allocation.queries';
import { audit } from '../../platform/audit';
import { locking } from '../../ledger/locks';
import { LEFT_A_DOCUMENT, roundAnew } from '../../ledger/round-days';
import { Context, today } from '../../platform/context';
import { json } from '../../platform/json';
import { problem } from '../../platform/problem';
import { forgetDecisions } from '../limits/over-limit';
import { giveBack, invoiceToEnd } from './issued-invoice';
import { displayOf, documentLine } from './make-document';
import { numberText } from './number-text';
import { readInvoice } from './read-invoice';

/**
 * Credits an invoice in full. What was paid on it first becomes the client's credit, then the credit
 * note settles the whole invoice; its hours are to bill again and a limit gets its sum back.
 */
export async function creditInvoice(context: Context, id: string, creditId: string, reason: string): Promise<InvoiceDetail> {
  const { tx, firm, actor, now } = context;
  const { invoice, days } = await invoiceToEnd(context, id);
  if (invoice.kind !== 'invoice') throw problem('invoice-not-issued');
  if (invoice.credited !== 0) throw problem('invoice-credited');
  const allocations = await liveAllocations.run({ payment: null, invoice: id }, tx);
  await endAllocations.run({ ids: allocations.map((allocation) => allocation.id) }, tx);
  const original = invoice.snapshot as unknown as InvoiceDocument;
  await insertInvoice.run(
    {
      firm: firm.id,
      id: creditId,
      kind: 'credit note',
      series: 'credit note',
      client: invoice.clientId,
      currency: invoice.currency,
      upTo: null,
      grouping: null,
      supplyFrom: invoice.supplyFrom,
      supplyTo: invoice.supplyTo,
      net: -invoice.net,
      tax: -invoice.tax,
      gross: -invoice.gross,
      credits: id,
      reason,
      wish: null,
      by: actor.personId,
      now,
    },
    tx,
  );
  const lines = await mirrorLines(context, id, creditId);
  await forgetDecisions(context, id);
  await giveBack(context, id, 'paid');
  if (invoice.gross > 0)
    await insertAllocation.run(
      {
        firm: firm.id,
        id: newId(),
        invoice: id,
        kind: 'credit note',
        payment: null,
        credit: creditId,
        amount: invoice.gross,
        now,
      },
      tx,
    );
  locking(context, 'series');
  const [taken] = await takeNumber.run({ series: 'credit note' }, tx);
  const number = numberText(taken!.prefix, taken!.number);
  const day = today(context);
  const negative = (amount: number) => (amount === 0 ? 0 : -amount);
  const document: InvoiceDocument = {
    ...original,
    // What the firm says on invoices asks to be paid.
    ...{ opening: '', closing: '' },
    kind: 'credit note',
    number,
    credits: original.number,
    reason,
    issuedOn: day,
    dueOn: day,
    lines: lines.map((line) => documentLine(line, invoice.currency, original.writing)),
    net: negative(original.net),
    taxes: original.taxes.map((row) => ({ ...row, base: negative(row.base), minor: negative(row.minor) })),
    tax: negative(original.tax),
    gross: negative(original.gross),
    taxInFirmCurrency: original.taxInFirmCurrency && {
      ...original.taxInFirmCurrency,
      minor: negative(original.taxInFirmCurrency.minor),
    },
  };
  await freezeInvoice.run(
    {
      id: creditId,
      number: taken!.number,
      numberText: number,
      issuedOn: day,
      dueOn: day,
      snapshot: json(document),
      by: actor.personId,
      now,
    },
    tx,
  );
  await roundAnew(context, days, LEFT_A_DOCUMENT);
  const money = { gross: invoice.gross, currency: invoice.currency };
  await audit(
    context,
    'invoice credited',
    [
      {
        kind: 'invoice',
        id,
        before: { credited: false },
        after: { credited: true, creditNote: number },
        moneyBefore: { settled: invoice.settled },
        moneyAfter: money,
      },
      { kind: 'invoice', id: creditId, after: { number, credits: original.number }, moneyAfter: money },
    ],
    reason,
  );
  return readInvoice(context, id);
}

/** The lines of a credit note: those of the invoice with their signs turned, shares included. */
async function mirrorLines(context: Context, from: string, to: string) {
  const { tx, firm } = context;
  const originals = await linesOf.run({ invoice: from }, tx);
  const ids = new Map(originals.map((line) => [line.id, newId()]));
  const lines = originals.map((line) => ({ ...line, id: ids.get(line.id)!, quantity: -line.quantity, net: -line.net }));
  await insertLines.run({ firm: firm.id, invoice: to, lines: json(lines) }, tx);
  const shares = (await sharesOf.run({ invoice: from }, tx)).map((share) => ({
    lineId: ids.get(share.lineId)!,
    entryId: share.entryId,
    quantity: -share.quantity,
    amount: -share.amount,
  }));
  await insertShares.run({ firm: firm.id, shares: json(shares) }, tx);
  const taxes = (await taxesOf.run({ invoice: from }, tx)).map((row) => ({ ...row, base: -row.base, tax: -row.tax }));
  await insertTaxes.run({ firm: firm.id, invoice: to, taxes: json(taxes) }, tx);
  return lines.map((line) => ({
    key: line.key,
    kind: line.kind as 'time',
    projectId: line.projectId,
    agreementId: line.agreementId,
    text: line.text,
    quantity: seconds(line.quantity),
    rate: rate(line.rate),
    display: displayOf(line.decimalPlaces),
    category: line.category as 'S',
    taxRate: millionths(line.taxRate),
    net: minor(line.net) as Minor,
    reason: line.reason || null,
    shares: shares
      .filter((share) => share.lineId === line.id)
      .map((share) => ({ entryId: share.entryId, quantity: seconds(share.quantity), amount: minor(share.amount) })),
  }));
}
