import { DraftWish, InvoiceDetail } from '@yellowwood/contracts';
import { InvoiceLine, minor, moneyText, stageBefore } from '@yellowwood/core';
import {
  deleteLines,
  deleteTaxes,
  freezeInvoice,
  linesOf,
  lockInvoice,
  moveInvoiceEntries,
  seeInvoice,
  takeNumber,
} from '../../generated/billing/invoices/invoice.queries';
import { updateDraftTotals } from '../../generated/billing/invoices/issue-invoice.queries';
import { audit } from '../../platform/audit';
import { locking } from '../../ledger/locks';
import { Context, reachOf, today } from '../../platform/context';
import { json } from '../../platform/json';
import { problem } from '../../platform/problem';
import { keepDraft } from './create-draft';
import { MadeDocument, holdDocument, makeDocument, numbered } from './make-document';
import { refuseNothingToPay } from './nothing-to-pay';
import { numberText } from './number-text';
import { readInvoice } from './read-invoice';
import { storeLines } from './store-lines';

/**
 * Issues a draft. The document is made anew from what the draft was asked to hold, since a limit may
 * have moved in the meantime; a total other than the confirmed one is refused. The number is taken
 * from the locked series row last, so that no number is missing or double.
 * @param gross the total that the person confirmed, minor units
 */
export async function issueInvoice(context: Context, id: string, gross: number, version: number): Promise<InvoiceDetail> {
  const { tx, actor } = context;
  const who = { id, reach: reachOf(context, 'invoices.issue'), asker: actor.personId };
  // What the draft asks for is read first: its entries are held before the draft itself.
  const [seen] = await seeInvoice.run(who, tx);
  if (!seen) throw problem('invoice-unknown');
  if (seen.status !== 'draft') throw problem('invoice-not-draft');
  const wish = seen.wish as unknown as DraftWish;
  await holdDocument(
    context,
    wish.entries.map((entry) => entry.id),
  );
  locking(context, 'invoices');
  const [draft] = await lockInvoice.run(who, tx);
  if (!draft) throw problem('invoice-unknown');
  if (draft.status !== 'draft') throw problem('invoice-not-draft');
  if (draft.version !== version) throw problem('version-stale', {}, { current: await readInvoice(context, id) });
  return issueDraft(context, id, wish, gross);
}

/**
 * Keeps a document and issues it at once: nothing of it is left where it is refused.
 * @param gross the total that the person confirmed, minor units
 */
export async function issueNewInvoice(context: Context, id: string, wish: DraftWish, gross: number): Promise<InvoiceDetail> {
  await keepDraft(context, id, wish);
  locking(context, 'invoices');
  return issueDraft(context, id, wish, gross);
}

/** Issues a draft that is held, with everything behind it. */
async function issueDraft(context: Context, id: string, wish: DraftWish, gross: number): Promise<InvoiceDetail> {
  const { tx, actor } = context;
  const made = await makeDocument(context, wish, id);
  if (made.totals.gross !== gross)
    throw problem('document-changed', { gross: moneyText(minor(made.totals.gross), made.currency) });
  refuseNothingToPay(made);
  await renewLines(context, id, made, wish);
  await moveInvoiceEntries.run({ invoice: id, from: stageBefore('bill'), to: 'billed' }, tx);
  locking(context, 'series');
  const [taken] = await takeNumber.run({ series: 'invoice' }, tx);
  const number = numberText(taken!.prefix, taken!.number);
  const document = numbered(made.document, number, today(context));
  await freezeInvoice.run(
    {
      id,
      number: taken!.number,
      numberText: number,
      issuedOn: document.issuedOn!,
      dueOn: document.dueOn!,
      snapshot: json(document),
      by: actor.personId,
      now: context.now,
    },
    tx,
  );
  const { net, tax } = made.totals;
  await audit(context, 'invoice issued', [
    {
      kind: 'invoice',
      id,
      before: { status: 'draft' },
      after: { status: 'issued', number, client: document.buyer.name },
      moneyAfter: { net, tax, gross, currency: made.currency },
    },
    ...[...new Set(made.lines.flatMap((line) => line.shares.map((share) => share.entryId)))].map((entry) => ({
      kind: 'entry' as const,
      id: entry,
      before: { stage: 'approved' },
      after: { stage: 'billed', invoice: number },
    })),
  ]);
  return readInvoice(context, id);
}

/** Rewrites a draft's lines when they have changed since it was kept. */
async function renewLines(context: Context, id: string, made: MadeDocument, wish: DraftWish): Promise<void> {
  const stored = await linesOf.run({ invoice: id }, context.tx);
  const same = stored.length === made.lines.length && stored.every((row, index) => sameLine(row, made.lines[index]!));
  if (same) return;
  await deleteLines.run({ invoice: id }, context.tx);
  await deleteTaxes.run({ invoice: id }, context.tx);
  const { net, tax, gross } = made.totals;
  await updateDraftTotals.run({ id, supplyFrom: made.supplyFrom, supplyTo: made.supplyTo, net, tax, gross }, context.tx);
  await storeLines(context, id, made, new Set(wish.texts.map((text) => text.key)));
}

function sameLine(row: { key: string; net: number; quantity: number; rate: number; text: string }, line: InvoiceLine): boolean {
  return (
    row.key === line.key &&
    row.net === line.net &&
    row.quantity === line.quantity &&
    row.rate === line.rate &&
    row.text === line.text
  );
}
