import { Overview } from '@yellowwood/contracts';
import { LedgerEntry, STAGES, Stage } from '@yellowwood/core';
import { bookWaiting } from '../../generated/results/books/verify-limits.queries';
import { Context, today } from '../../platform/context';
import { readBars } from '../read-bars';
import { readOverview } from '../read-overview';
import { Books, Compare } from './books';
import { NO_ID } from './verify-sums';

type StageSums = Record<Stage, number>;

/** The rail and the tree against sums over the rows, for somebody who sees everything. */
export async function verifyOverview(context: Context, { entries, invoices, lines }: Books, compare: Compare): Promise<void> {
  const overview: Overview = await readOverview(context, 'all');
  const time = entries.filter((entry) => entry.kind === 'time');
  const projects = [...new Set(time.map((entry) => entry.projectId).filter((id): id is string => id !== null))];
  const { bars } = await readBars(context, projects.map((id) => `project:${id}`).join(','));
  const sums = (rows: readonly LedgerEntry[]): StageSums =>
    Object.fromEntries(
      STAGES.map((stage) => [stage, rows.filter((row) => row.stage === stage).reduce((sum, row) => sum + row.quantity, 0)]),
    ) as StageSums;
  const ended = (rows: readonly LedgerEntry[]) =>
    rows
      .filter(({ stage, billingState }) => stage === 'approved' && billingState === 'nothing to bill')
      .reduce((sum, row) => sum + row.quantity, 0);
  const all = bars.find((bar) => bar.id === NO_ID);
  compare('bar of all work', 'all', [all?.stages ?? sums([]), all?.ended ?? 0], [sums(time), ended(time)]);
  for (const project of projects) {
    const own = time.filter((entry) => entry.projectId === project);
    const bar = bars.find((one) => one.id === project);
    compare('bar of a project', project, [bar?.stages, bar?.ended], [sums(own), ended(own)]);
  }
  const waiting = time.filter((entry) => entry.stage === 'submitted' && entry.personId !== context.actor.personId);
  compare(
    'figure of the step Review',
    'all',
    [overview.review?.submitted, overview.review?.people],
    [waiting.reduce((sum, entry) => sum + entry.quantity, 0), new Set(waiting.map((entry) => entry.personId)).size],
  );
  const toBill = entries.filter(
    (entry) =>
      entry.stage === 'approved' &&
      entry.billingState === 'to bill' &&
      entry.billedQuantity === 0 &&
      entry.workDate <= today(context),
  );
  compare('entries without a rate', 'all', overview.bill?.unpriced, toBill.filter((entry) => entry.valueMinor === null).length);
  // What may be billed and what is over a limit add up to everything that has a price and is not held.
  const priced = toBill.filter((entry) => entry.valueMinor !== null && entry.holdReason === null);
  const overLimit = await bookWaiting.run(undefined, context.tx);
  const currencyOf = new Map(lines.map((line) => [line.id, invoices.find((one) => one.id === line.invoiceId)!.currency]));
  compare(
    'figure of the step Bill',
    'all',
    byCurrency([...(overview.bill?.ready ?? []), ...(overview.bill?.over ?? [])]),
    byCurrency([
      ...priced.map((entry) => ({ currency: entry.valueCurrency!, minor: entry.valueMinor! })),
      ...overLimit.map((row) => ({ currency: currencyOf.get(row.lineId)!, minor: row.waiting })),
    ]),
  );
  const open = invoices.filter(
    (invoice) => invoice.status === 'issued' && invoice.kind === 'invoice' && invoice.settled < invoice.gross,
  );
  compare(
    'figure of the step Collect',
    'all',
    byCurrency(overview.collect?.open ?? []),
    byCurrency(open.map((invoice) => ({ currency: invoice.currency, minor: invoice.gross - invoice.settled }))),
  );
}

function byCurrency(figures: readonly { currency: string; minor: number }[]): [string, number][] {
  const sums = new Map<string, number>();
  for (const { currency, minor: amount } of figures) sums.set(currency, (sums.get(currency) ?? 0) + amount);
  return [...sums].filter(([, amount]) => amount !== 0).sort(([a], [b]) => a.localeCompare(b));
}
