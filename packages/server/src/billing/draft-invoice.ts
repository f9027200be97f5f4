import { DraftPreview, DraftWish, InvoiceDetail } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { audit } from '../platform/audit';
import { Context } from '../platform/context';
import { problem } from '../platform/problem';
import { MadeDocument, makeDocument } from './make-document';
import {
  deleteInvoice,
  deleteLines,
  insertInvoice,
  insertLines,
  insertShares,
  insertTaxes,
  lockInvoice,
  nextNumber,
} from './queries.queries';
import { readInvoice } from './read-invoices';
import { json } from '../platform/json';

/** How a number is written: the series' prefix and at least four digits. */
export function numberText(prefix: string, number: number): string {
  return `${prefix}${String(number).padStart(4, '0')}`;
}

/** The document that a wish would make; nothing is stored and nothing is reserved. */
export async function previewInvoice(context: Context, wish: DraftWish): Promise<DraftPreview> {
  const made = await makeDocument(context, wish, null, false);
  const [series] = await nextNumber.run({ series: 'invoice' }, context.tx);
  return {
    document: made.document,
    nextNumber: numberText(series!.prefix, series!.next),
    limits: made.limits.map(({ projectId, limit, usedBefore, net, over }) => ({ projectId, limit, usedBefore, net, over })),
    rounding: made.rounding,
  };
}

/** Keeps a draft. Its entries are reserved: no other document is offered them. */
export async function createDraft(context: Context, id: string, wish: DraftWish): Promise<InvoiceDetail> {
  const { tx, firm, actor } = context;
  const made = await makeDocument(context, wish, null, true);
  const { net, tax, gross } = made.totals;
  await insertInvoice.run(
    {
      firm: firm.id,
      id,
      kind: 'invoice',
      series: 'invoice',
      client: wish.clientId,
      currency: made.currency,
      upTo: wish.upTo,
      grouping: wish.grouping,
      supplyFrom: made.supplyFrom,
      supplyTo: made.supplyTo,
      net,
      tax,
      gross,
      credits: null,
      reason: '',
      wish: json(wish),
      by: actor.personId,
      now: context.now,
    },
    tx,
  );
  await storeLines(context, id, made, new Set(wish.texts.map((text) => text.key)));
  await audit(context, 'draft kept', [
    {
      kind: 'invoice',
      id,
      after: { client: made.document.buyer.name, entries: wish.entries.length },
      moneyAfter: { net, tax, gross, currency: made.currency },
    },
  ]);
  return readInvoice(context, id, made.document);
}

/** Stores a document's lines, their shares and the tax breakdown. */
export async function storeLines(
  context: Context,
  invoice: string,
  made: Pick<MadeDocument, 'lines' | 'taxes'>,
  edited: ReadonlySet<string>,
): Promise<void> {
  const { tx, firm } = context;
  const lines = made.lines.map((line, index) => ({
    ...line,
    id: newId(),
    place: index + 1,
    textEdited: edited.has(line.key),
    decimalPlaces: line.display.kind === 'decimal' ? line.display.places : null,
    reason: line.reason ?? '',
  }));
  await insertLines.run({ firm: firm.id, invoice, lines: json(lines.map(({ shares, display, ...line }) => line)) }, tx);
  const shares = lines.flatMap((line) => line.shares.map((share) => ({ lineId: line.id, ...share })));
  await insertShares.run({ firm: firm.id, shares: json(shares) }, tx);
  await insertTaxes.run({ firm: firm.id, invoice, taxes: json(made.taxes.map((row) => ({ ...row, tax: row.minor }))) }, tx);
}

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
