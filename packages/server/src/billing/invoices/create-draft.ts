import { DraftWish, InvoiceDetail } from '@yellowwood/contracts';
import { insertInvoice } from '../../generated/billing/invoices/invoice.queries';
import { audit } from '../../platform/audit';
import { Context } from '../../platform/context';
import { json } from '../../platform/json';
import { MadeDocument, holdDocument, makeDocument } from './make-document';
import { refuseNothingToPay } from './nothing-to-pay';
import { readInvoice } from './read-invoice';
import { storeLines } from './store-lines';

/** Keeps a draft. Its entries are reserved: no other document is offered them. */
export async function createDraft(context: Context, id: string, wish: DraftWish): Promise<InvoiceDetail> {
  const made = await keepDraft(context, id, wish);
  return readInvoice(context, id, made.document);
}

/** Stores a draft. @returns the document that it makes now */
export async function keepDraft(context: Context, id: string, wish: DraftWish): Promise<MadeDocument> {
  const { tx, firm, actor } = context;
  await holdDocument(
    context,
    wish.entries.map((entry) => entry.id),
  );
  const made = await makeDocument(context, wish, null);
  refuseNothingToPay(made);
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
  return made;
}
