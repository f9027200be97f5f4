import { InvoiceList } from '@yellowwood/contracts';
import { AGE_BUCKETS, ageing, minor } from '@yellowwood/core';
import { type IInvoiceRowsResult, invoiceRows } from '../../generated/billing/invoices/invoice-rows.queries';
import { clientCredit } from '../../generated/billing/invoices/list-invoices.queries';
import { Context, may, today } from '../../platform/context';
import { problem } from '../../platform/problem';
import { resolveScope } from '../../work/scope';
import { ANY, PAGE, toRow, who } from './invoice-rows';

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

/** What was given out: the instant of a row, and its id. */
const CURSOR = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}\.\d{3}Z_[0-9a-f]{8}-(?:[0-9a-f]{4}-){3}[0-9a-f]{12}$/;

function readCursor(cursor: string | undefined): [string, string] {
  if (!cursor) return [ANY.beforeAt, ANY.beforeId];
  const [at, id] = cursor.split('_');
  if (!at || !id || !CURSOR.test(cursor) || Number.isNaN(Date.parse(at)))
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
