import { AGE_BUCKETS, InvoiceState, ageing, daysLate, invoiceState, minor } from '@yellowwood/core';
import { DraftWish, InvoiceDetail, InvoiceDocument, InvoiceList, InvoiceRow } from '@yellowwood/contracts';
import { Context, may, reachOf, today } from '../platform/context';
import { problem } from '../platform/problem';
import { resolveScope } from '../work/scope';
import { makeDocument } from './make-document';
import { IInvoiceRowsResult, allocationsOf, clientCredit, invoiceRows, invoiceSnapshot } from './queries.queries';

const PAGE = 100;
const ANY = {
  anyId: true,
  id: null,
  show: 'all',
  all: true,
  projects: [],
  beforeAt: 'infinity',
  beforeId: 'ffffffff-ffff-ffff-ffff-ffffffffffff',
  limit: PAGE + 1,
};

function who(context: Context) {
  return { reach: reachOf(context, 'invoices.read'), asker: context.actor.personId };
}

function toRow(context: Context, row: IInvoiceRowsResult): InvoiceRow {
  const day = today(context);
  const state: InvoiceState = row.hasCredit
    ? 'credited'
    : invoiceState(
        {
          status: row.status as 'issued',
          gross: minor(row.gross),
          settled: minor(row.settled),
          credited: minor(row.credited),
          sent: row.sentAt !== null,
          due: row.dueOn ?? day,
        },
        day,
      );
  return {
    id: row.id,
    kind: row.kind as InvoiceRow['kind'],
    number: row.number,
    state: row.kind === 'credit note' ? 'credit note' : state,
    clientId: row.clientId,
    clientName: row.clientName,
    projects: row.projects ?? [],
    currency: row.currency,
    issuedOn: row.issuedOn,
    dueOn: row.dueOn,
    daysLate: row.dueOn ? daysLate(row.dueOn, day) : 0,
    net: row.net,
    gross: row.gross,
    settled: row.settled,
    open: row.gross - row.settled,
    sentAt: row.sentAt,
    lastPaid: row.lastPaid,
    version: row.version,
  };
}

/** Invoices with age and state: what is open by due date, or everything, the newest first. */
export async function listInvoices(
  context: Context,
  show: 'open' | 'all' | 'drafts',
  scopeText: string | undefined,
  cursor: string | undefined,
): Promise<InvoiceList> {
  const { all, projects, whose } = await resolveScope(context, scopeText);
  const [beforeAt, beforeId] = readCursor(cursor);
  // What is open is few and is aged as a whole; the rest comes in pages.
  const rows = await invoiceRows.run(
    { ...ANY, ...who(context), show, all, projects, whose, beforeAt, beforeId, limit: show === 'open' ? 10_000 : PAGE + 1 },
    context.tx,
  );
  const more = show !== 'open' && rows.length > PAGE;
  const open =
    show === 'open'
      ? rows
      : await invoiceRows.run({ ...ANY, ...who(context), show: 'open', all, projects, whose, limit: 10_000 }, context.tx);
  const page = more ? rows.slice(0, PAGE) : rows;
  const last = page.at(-1);
  return {
    invoices: page.map((row) => toRow(context, row)),
    nextCursor: more && last ? `${last.createdAt}_${last.id}` : null,
    ageing: ageingOf(context, open),
    credit: may(context, 'payments.record') && all && !whose ? await clientCredit.run(undefined, context.tx) : [],
  };
}

function readCursor(cursor: string | undefined): [string, string] {
  if (!cursor) return [ANY.beforeAt, ANY.beforeId];
  const [at, id] = cursor.split('_');
  if (!at || !id || Number.isNaN(Date.parse(at)) || !/^[0-9a-f-]{36}$/.test(id))
    throw problem('request-invalid', {}, { fields: [{ path: '/query/cursor', message: 'is none that was given out' }] });
  return [at, id];
}

function ageingOf(context: Context, rows: readonly IInvoiceRowsResult[]): InvoiceList['ageing'] {
  const currencies = [...new Set(rows.map((row) => row.currency))].sort();
  return currencies.map((currency) => {
    const own = rows
      .filter((row) => row.currency === currency)
      .map((row) => ({ due: row.dueOn!, open: minor(row.gross - row.settled) }));
    const buckets = ageing(own, today(context));
    return { currency, buckets, open: AGE_BUCKETS.reduce((sum, bucket) => sum + buckets[bucket], 0), count: own.length };
  });
}

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
    (await makeDocument(context, kept!.wish as unknown as DraftWish, id, false)).document;
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
    wish: found.status === 'draft' ? (kept!.wish as unknown as DraftWish) : null,
  };
}
