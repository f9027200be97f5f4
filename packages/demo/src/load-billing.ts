import { addDays, minor, monthOf, multiplyDivide, shiftPeriod, weekday } from '@yellowwood/core';
import { creditInvoice, holdEntries, issueNewInvoice, markSent, previewInvoice, recordPayment } from '@yellowwood/server';
import { CLIENTS } from './firm';
import { Loading, contextOf } from './loading';

/** A month of one client's work on a document, issued in the first days of the next month. */
export async function loadBilling(loading: Loading): Promise<void> {
  const { tx, made, today, start } = loading;
  const thisMonth = monthOf(today);
  let month = monthOf(start);
  let count = 0;
  for (; month.to < today; month = shiftPeriod(month, 1)) {
    const newest = month.to === addDays(thisMonth.from, -1);
    for (const [index, client] of CLIENTS.entries()) {
      // Of the last month, half of the clients still wait for their invoice.
      if (newest && index % 2 === 0) continue;
      const issuedOn = workingDay(addDays(month.to, 2 + index));
      if (issuedOn >= today) continue;
      const found = await tx.query<{ id: string; value: number }>(
        `select e.id, e.value_minor as value from entry e where e.client_id = $1 and e.work_date <= $2 and is_to_bill(e.stage, e.billing_state, e.billed_quantity) and e.rate is not null and e.hold_reason is null order by e.work_date, e.id`,
        [made.clients.get(client.name), month.to],
      );
      // Once a limit is used up, the work waits for a decision: nobody issues a document of nothing.
      if (found.rows.length === 0 || (await limitReached(loading, client.name))) continue;
      count += 1;
      const writeDown = count % 9 === 4 ? found.rows.find((row) => row.value > 20_000) : undefined;
      await loadInvoice(
        loading,
        client.name,
        month.to,
        issuedOn,
        found.rows.map((row) => row.id),
        writeDown,
        count,
      );
    }
  }
  await holdSome(loading);
}

async function limitReached({ tx, made, today }: Loading, client: string): Promise<boolean> {
  const found = await tx.query<{ reached: boolean }>(
    `select coalesce(bool_or(m.left_minor = 0), false) as reached
       from project_limits($2, null) m join project p on p.id = m.project_id where p.client_id = $1`,
    [made.clients.get(client), today],
  );
  return found.rows[0]!.reached;
}

function workingDay(date: string): string {
  return weekday(date) > 5 ? addDays(date, 8 - weekday(date)) : date;
}

async function loadInvoice(
  loading: Loading,
  client: string,
  upTo: string,
  issuedOn: string,
  ids: readonly string[],
  writeDown: { id: string } | undefined,
  count: number,
): Promise<void> {
  const { seed, made, today } = loading;
  const now = `${issuedOn}T10:0${count % 10}:00.000Z`;
  const context = contextOf(loading, 'Yuki Farrow', now);
  const id = seed.id(now);
  const entries = ids.map((entry) =>
    entry === writeDown?.id ? { id: entry, writeDown: { minor: 7500, reason: 'Learning time, not charged' } } : { id: entry },
  );
  const wish = {
    clientId: made.clients.get(client)!,
    upTo,
    grouping: count % 6 === 2 ? ('entry' as const) : ('task' as const),
    entries,
    texts: [],
  };
  const { document } = await previewInvoice(context, wish);
  const issued = await issueNewInvoice(context, id, wish, document.gross);
  // The very last ones are issued and not sent yet.
  if (addDays(issuedOn, 20) > today && count % 3 === 0) return;
  await markSent(contextOf(loading, 'Yuki Farrow', `${issuedOn}T10:3${count % 10}:00.000Z`), id);
  const { gross } = issued.row;
  const due = issued.row.dueOn!;
  const received = workingDay(addDays(due, seed.whole(-9, 12)));
  const paid = contextOf(loading, 'Yuki Farrow', `${received}T11:20:00.000Z`);
  if (count === 7) {
    await creditInvoice(
      contextOf(loading, 'Yuki Farrow', `${addDays(issuedOn, 6)}T09:40:00.000Z`),
      id,
      seed.id(`${addDays(issuedOn, 6)}T09:40:00Z`),
      'Wrong order number, to be issued again',
    );
    return;
  }
  // Some stay unpaid for months; some are paid in part.
  if (received > today || (count % 13 === 12 && addDays(due, 20) < today)) return;
  const amount = count % 11 === 10 ? multiplyDivide([gross, 2], [5]) : gross;
  await recordPayment(paid, {
    id: seed.id(`${received}T11:20:00Z`),
    invoiceId: id,
    minor: minor(amount),
    receivedOn: received,
    reference: `Transfer ${issued.row.number}`,
  });
}

async function holdSome(loading: Loading): Promise<void> {
  const { tx, made, now } = loading;
  const found = await tx.query<{ id: string; version: number }>(
    `select e.id, e.version from entry e where e.project_id = $1 and is_to_bill(e.stage, e.billing_state, e.billed_quantity) and e.rate is not null order by e.work_date, e.id limit 2`,
    [made.projects.get('Lantern room repair')],
  );
  if (found.rows.length > 0)
    await holdEntries(contextOf(loading, 'Yuki Farrow', now), found.rows, 'Ask the client about the extra day');
}
