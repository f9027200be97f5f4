import { limitKey, minor, shareLimit } from '@yellowwood/core';
import { group, max, sum } from 'd3-array';
import { bookAgreements, bookToBill, bookWaiting, bookWriteDowns } from '../../generated/results/books/verify-limits.queries';
import { Context, today } from '../../platform/context';
import { Books, Compare } from './books';

/**
 * Limits: no project is billed beyond the most that was ever agreed; what stands over a limit is decided on
 * once; what may be billed now is what the core lets through, entry by entry.
 */
export async function verifyLimits(context: Context, books: Books, compare: Compare): Promise<void> {
  const { entries, invoices, lines } = books;
  const { tx } = context;
  const invoiceOf = new Map(invoices.map((invoice) => [invoice.id, invoice]));
  const standing = lines.filter((line) => invoiceOf.get(line.invoiceId)!.status !== 'void');
  const used = group(standing, (line) => limitKey(line.projectId, invoiceOf.get(line.invoiceId)!.currency));
  const usedOf = (key: string) => sum(used.get(key) ?? [], (line) => line.net);
  const agreements = group(await bookAgreements.run(undefined, tx), (row) => limitKey(row.projectId, row.currency));
  for (const [key, agreed] of agreements) {
    if (agreed.some((row) => row.limit === null)) continue;
    const most = max(agreed, (row) => row.limit!)!;
    compare('net under a limit', key, usedOf(key) <= most, true);
  }

  const released = group(
    entries.filter((entry) => entry.overLimitLineId !== null && entry.billable),
    (entry) => entry.overLimitLineId!,
  );
  const written = group(await bookWriteDowns.run(undefined, tx), (row) => row.lineId);
  const waiting = new Map((await bookWaiting.run(undefined, tx)).map((row) => [row.lineId, row.waiting]));
  for (const line of lines) {
    if (line.kind !== 'over-limit') continue;
    const { status, kind, credited } = invoiceOf.get(line.invoiceId)!;
    const decided =
      sum(released.get(line.id) ?? [], (fee) => fee.quantity) + sum(written.get(line.id) ?? [], (row) => row.amount);
    const live = status === 'issued' && kind === 'invoice' && credited === 0;
    compare('sum over a limit', line.id, live ? waiting.get(line.id) : decided, live ? -line.net - decided : 0);
    compare('decisions on a sum over a limit', line.id, decided <= Math.abs(line.net), true);
  }

  const day = today(context);
  const stored = new Map((await bookToBill.run({ day }, tx)).map((row) => [row.id, [row.ready, row.over]]));
  const toBill = entries
    .filter(
      (entry) =>
        entry.stage === 'approved' && entry.billingState === 'to bill' && entry.billedQuantity === 0 && entry.workDate <= day,
    )
    .sort((a, b) => (a.workDate === b.workDate ? (a.id < b.id ? -1 : 1) : a.workDate < b.workDate ? -1 : 1));
  for (const [key, works] of group(toBill, (entry) => limitKey(entry.projectId!, entry.valueCurrency ?? ''))) {
    const newest = (agreements.get(key) ?? []).filter((row) => row.validFrom <= day).at(-1);
    const limit = newest?.limit ?? null;
    const left = limit === null ? null : minor(limit - usedOf(key));
    const values = works.map(({ id, holdReason, valueMinor }) => ({
      id,
      value: minor(holdReason === null ? (valueMinor ?? 0) : 0),
    }));
    for (const [id, { ready, over }] of shareLimit(left, values))
      compare('what may be billed of an entry', id, stored.get(id), [ready, over]);
  }
}
