import { InvoiceList } from '@yellowwood/contracts';
import { AGE_BUCKETS, ageing, minor } from '@yellowwood/core';
import { invoiceRows } from '../../generated/billing/invoices/invoice-rows.queries';
import { type IOpenDocumentsResult, clientCredit, openDocuments } from '../../generated/billing/invoices/list-invoices.queries';
import { Context, may, today } from '../../platform/context';
import { problem } from '../../platform/problem';
import { resolveScope } from '../../work/scope';
import { ANY, PAGE, toRow, who } from './invoice-rows';

/** Invoices with age and state, a page at a time: what is open by due date, or everything, the newest first. */
export async function listInvoices(
  context: Context,
  show: 'open' | 'all' | 'drafts',
  scopeText: string | undefined,
  cursor: string | undefined,
): Promise<InvoiceList> {
  const { all, projects, whose } = await resolveScope(context, scopeText);
  const asked = { ...who(context), all, projects, whose };
  const rows = await invoiceRows.run({ ...ANY, ...asked, ...readCursor(show, cursor), show, limit: PAGE + 1 }, context.tx);
  const more = rows.length > PAGE;
  const page = more ? rows.slice(0, PAGE) : rows;
  const last = page.at(-1);
  return {
    invoices: page.map((row) => toRow(context, row)),
    nextCursor: more && last ? `${show === 'open' ? last.dueOn : last.createdAt}_${last.id}` : null,
    // What is open is aged as a whole, whatever of it stands on this page.
    ageing: ageingOf(context, await openDocuments.run(asked, context.tx)),
    credit: may(context, 'payments.record') && all && !whose ? await clientCredit.run(undefined, context.tx) : [],
  };
}

/** What was given out: the day on which a row is due, or the instant at which it was made, and its id. */
const CURSOR = /^\d{4}-\d{2}-\d{2}(T\d{2}:\d{2}:\d{2}\.\d{3}Z)?_[0-9a-f]{8}-(?:[0-9a-f]{4}-){3}[0-9a-f]{12}$/;

function readCursor(show: string, cursor: string | undefined): Partial<typeof ANY> {
  if (!cursor) return {};
  const [at, id] = cursor.split('_');
  const [, instant] = CURSOR.exec(cursor) ?? [];
  if (!at || !id || !CURSOR.test(cursor) || Number.isNaN(Date.parse(at)) || (show === 'open') !== (instant === undefined))
    throw problem('request-invalid', {}, { fields: [{ path: '/query/cursor', message: 'is none that was given out' }] });
  return show === 'open' ? { afterDay: at, afterId: id } : { beforeAt: at, beforeId: id };
}

function ageingOf(context: Context, rows: readonly IOpenDocumentsResult[]): InvoiceList['ageing'] {
  const currencies = [...new Set(rows.map((row) => row.currency))].sort();
  return currencies.map((currency) => {
    const own = rows.filter((row) => row.currency === currency).map(({ due, open }) => ({ due, open: minor(open) }));
    const buckets = ageing(own, today(context));
    return { currency, buckets, open: AGE_BUCKETS.reduce((sum, bucket) => sum + buckets[bucket], 0), count: own.length };
  });
}
