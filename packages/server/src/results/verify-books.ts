import { InvoiceDocument, Overview } from '@yellowwood/contracts';
import {
  InvoiceTotals,
  LineShare,
  STAGES,
  Stage,
  TaxCategory,
  invoiceTotals,
  lineAmount,
  millionths,
  minor,
  rate,
  seconds,
  shareLine,
  timeValue,
} from '@yellowwood/core';
import { displayOf } from '../billing/invoices/make-document';
import {
  type IBookEntriesResult,
  type IBookInvoicesResult,
  type IBookLinesResult,
  type IBookSharesResult,
  bookAllocations,
  bookBilledSums,
  bookEntries,
  bookInvoices,
  bookLines,
  bookSeries,
  bookShares,
  bookTaxes,
  bookWorkSums,
} from '../generated/results/verify-books.queries';
import { valuationBasis } from '../ledger/value-entries';
import { Context, today } from '../platform/context';
import { readOverview } from './read-overview';

/** A stored figure that is not what the core computes from the recorded time. */
export interface Difference {
  readonly what: string;
  readonly id: string;
  readonly stored: string;
  readonly computed: string;
}

interface Books {
  readonly entries: readonly IBookEntriesResult[];
  readonly invoices: readonly IBookInvoicesResult[];
  readonly lines: readonly IBookLinesResult[];
  readonly shares: readonly IBookSharesResult[];
}

/**
 * Recomputes every stored value, cost, rounding, share, line, tax, total, settled sum and every figure
 * of the rail and the tree from the recorded time, in the core.
 * @returns the differences; none when the books are right
 */
export async function verifyBooks(context: Context): Promise<Difference[]> {
  const { tx } = context;
  const books: Books = {
    entries: await bookEntries.run(undefined, tx),
    invoices: await bookInvoices.run(undefined, tx),
    lines: await bookLines.run(undefined, tx),
    shares: await bookShares.run(undefined, tx),
  };
  const found: Difference[] = [];
  const compare = (what: string, id: string, stored: unknown, computed: unknown) => {
    if (JSON.stringify(stored) !== JSON.stringify(computed))
      found.push({ what, id, stored: JSON.stringify(stored), computed: JSON.stringify(computed) });
  };
  await verifyEntries(context, books, compare);
  verifyLines(books, compare);
  await verifyDocuments(context, books, compare);
  await verifySettlement(context, books, compare);
  await verifySums(context, books, compare);
  await verifyOverview(context, books, compare);
  return found;
}

type Compare = (what: string, id: string, stored: unknown, computed: unknown) => void;

async function verifyEntries(context: Context, { entries, shares }: Books, compare: Compare): Promise<void> {
  const time = entries.filter((entry) => entry.kind === 'time');
  const valued = time.map((entry) => ({ ...entry, typedRate: entry.rateSource === 'typed' ? entry.rate : null }));
  const valuations = (await valuationBasis(context, valued)).value(valued);
  const billed = new Map<string, number>();
  for (const share of shares) if (share.live) billed.set(share.entryId, (billed.get(share.entryId) ?? 0) + share.quantity);
  for (const entry of time) {
    const valuation = valuations.get(entry.id)!;
    compare('payable time of an entry', entry.id, entry.payable, valuation.payableQuantity);
    compare('billed time of an entry', entry.id, entry.billedQuantity, billed.get(entry.id) ?? 0);
    compare('cost of an entry', entry.id, entry.cost, valuation.cost);
    compare('client of an entry', entry.id, entry.clientId, valuation.clientId);
    // What stands on a document keeps the rounding and the rate that it was billed at.
    if (entry.billedQuantity === 0) {
      compare('billable time of an entry', entry.id, entry.billableQuantity, valuation.billableQuantity);
      compare('billing state of an entry', entry.id, entry.billingState, valuation.billingState);
      compare('rate of an entry', entry.id, entry.rate, valuation.rate);
      compare('value of an entry', entry.id, entry.value, valuation.value);
      compare('own rate of an entry', entry.id, entry.ownRate, valuation.ownRate);
    } else {
      const value = timeValue(seconds(entry.billableQuantity), rate(entry.rate!), entry.valueCurrency!);
      compare('value of an entry', entry.id, entry.value, value);
    }
    const own =
      entry.ownRate === null
        ? valuation.ownValue
        : timeValue(seconds(entry.billableQuantity), rate(entry.ownRate), context.firm.currency);
    compare('own value of an entry', entry.id, entry.ownValue, own);
  }
}

function verifyLines({ invoices, lines, shares }: Books, compare: Compare): void {
  const currencies = new Map(invoices.map((invoice) => [invoice.id, invoice.currency]));
  const byLine = new Map<string, IBookSharesResult[]>();
  for (const share of shares) byLine.set(share.lineId, [...(byLine.get(share.lineId) ?? []), share]);
  for (const line of lines) {
    const own = byLine.get(line.id) ?? [];
    compare(
      'sum of the shares of a line',
      line.id,
      own.reduce((sum, share) => sum + share.amount, 0),
      line.net,
    );
    compare(
      'time of the shares of a line',
      line.id,
      own.reduce((sum, share) => sum + share.quantity, 0),
      line.quantity,
    );
    if (line.kind !== 'time') continue;
    const currency = currencies.get(line.invoiceId)!;
    const net = lineAmount(seconds(line.quantity), rate(line.rate), currency, displayOf(line.decimalPlaces));
    compare('amount of a line', line.id, line.net, net);
    const parts: Pick<LineShare, 'entryId' | 'quantity'>[] = own.map((share) => ({
      entryId: share.entryId,
      quantity: seconds(share.quantity),
    }));
    const amounts = shareLine(net, parts, rate(line.rate), currency);
    // Which of several equal remainders got the last unit depends on the order of the document.
    const sorted = (values: readonly number[]) => [...values].map(Number).sort((a, b) => a - b);
    compare('shares of a line', line.id, sorted(own.map((share) => share.amount)), sorted(amounts));
  }
}

async function verifyDocuments(context: Context, { invoices, lines }: Books, compare: Compare): Promise<void> {
  const taxes = await bookTaxes.run(undefined, context.tx);
  const used = new Map<string, { net: number; limit: number }>();
  for (const invoice of invoices) {
    const own = lines.filter((line) => line.invoiceId === invoice.id);
    const totals = invoiceTotals(
      own.map((line) => ({ net: minor(line.net), category: line.category as TaxCategory, rate: millionths(line.taxRate) })),
    );
    compare(
      'totals of a document',
      invoice.id,
      [invoice.net, invoice.tax, invoice.gross],
      [totals.net, totals.tax, totals.gross],
    );
    compare(
      'tax breakdown of a document',
      invoice.id,
      taxRows(taxes.filter((row) => row.invoiceId === invoice.id)),
      taxRows(totals.taxes),
    );
    if (invoice.snapshot) compareSnapshot(invoice, invoice.snapshot as unknown as InvoiceDocument, own, totals, compare);
    if (invoice.status === 'void') continue;
    for (const line of own) {
      if (line.limit === null) continue;
      const sum = used.get(line.agreementId) ?? { net: 0, limit: line.limit };
      used.set(line.agreementId, { ...sum, net: sum.net + line.net });
    }
  }
  for (const [agreement, { net, limit }] of used) compare('net under a limit', agreement, net, Math.min(net, limit));
  for (const { series, next } of await bookSeries.run(undefined, context.tx)) {
    const numbers = invoices
      .filter((invoice) => invoice.series === series && invoice.number !== null)
      .map((invoice) => invoice.number!);
    compare(
      'numbers of a series',
      series,
      numbers.sort((a, b) => a - b),
      Array.from({ length: next - 1 }, (_, index) => index + 1),
    );
  }
}

function taxRows(rows: readonly { category: string; rate: number; base: number; tax: number }[]) {
  return rows
    .map(({ category, rate: percent, base, tax }) => [category, percent, base, tax])
    .sort((a, b) => String(a).localeCompare(String(b)));
}

function compareSnapshot(
  invoice: IBookInvoicesResult,
  document: InvoiceDocument,
  lines: readonly IBookLinesResult[],
  totals: InvoiceTotals,
  compare: Compare,
): void {
  compare(
    'figures of an issued document',
    invoice.id,
    [document.net, document.tax, document.gross, document.number],
    [totals.net, totals.tax, totals.gross, invoice.numberText],
  );
  compare(
    'lines of an issued document',
    invoice.id,
    document.lines.map((line) => line.minor),
    lines.map((line) => line.net),
  );
}

async function verifySettlement(context: Context, { entries, invoices, lines, shares }: Books, compare: Compare): Promise<void> {
  const allocations = await bookAllocations.run(undefined, context.tx);
  const lineOf = new Map(lines.map((line) => [line.id, line]));
  const invoiceOf = new Map(invoices.map((invoice) => [invoice.id, invoice]));
  for (const invoice of invoices.filter((one) => one.kind === 'invoice')) {
    const own = allocations.filter((allocation) => allocation.live && allocation.invoiceId === invoice.id);
    const sum = (kind?: string) =>
      own.filter((allocation) => !kind || allocation.kind === kind).reduce((total, allocation) => total + allocation.amount, 0);
    compare('settled sum of an invoice', invoice.id, [invoice.settled, invoice.credited], [sum(), sum('credit note')]);
  }
  const byPayment = new Map<string, { allocated: number; paid: number; reversed: boolean }>();
  for (const one of allocations) {
    if (!one.paymentId || !one.live) continue;
    const found = byPayment.get(one.paymentId) ?? { allocated: 0, paid: one.paid!, reversed: one.reversedAt !== null };
    byPayment.set(one.paymentId, { ...found, allocated: found.allocated + one.amount });
  }
  for (const [payment, { allocated, paid, reversed }] of byPayment)
    compare('allocated part of a payment', payment, allocated, reversed ? 0 : Math.min(allocated, paid));

  // The stage follows from the documents: billed where all of an entry stands on issued ones, paid where these are settled.
  const standing = new Map<string, { issued: number; open: boolean }>();
  for (const share of shares) {
    const invoice = invoiceOf.get(lineOf.get(share.lineId)!.invoiceId)!;
    if (!share.live || invoice.status !== 'issued' || lineOf.get(share.lineId)!.kind !== 'time') continue;
    const found = standing.get(share.entryId) ?? { issued: 0, open: false };
    const credited = invoice.kind === 'invoice' && invoice.credited !== 0;
    const open = invoice.kind === 'invoice' && !credited && invoice.settled < invoice.gross;
    standing.set(share.entryId, { issued: found.issued + share.quantity, open: found.open || open });
  }
  for (const entry of entries) {
    if (entry.kind !== 'time') continue;
    const found = standing.get(entry.id);
    const billed = !!found && found.issued > 0 && found.issued === entry.billableQuantity;
    const expected = billed
      ? found.open
        ? 'billed'
        : 'paid'
      : ['billed', 'paid'].includes(entry.stage)
        ? 'approved'
        : entry.stage;
    compare('stage of an entry', entry.id, entry.stage, expected);
  }
}

/** All people, no project, no task: `no_id()` of the database. */
const NO_ID = '00000000-0000-0000-0000-000000000000';

/** All months: `no_month()`. */
const NO_MONTH = '0001-01-01';

/** Figures by a key of several parts. */
class Sums {
  readonly byKey = new Map<string, number[]>();

  add(key: readonly unknown[], figures: readonly number[]): void {
    const text = key.join(' ');
    const found = this.byKey.get(text) ?? figures.map(() => 0);
    this.byKey.set(
      text,
      figures.map((figure, index) => figure + found[index]!),
    );
  }

  /** Compares with what is stored, key by key; a key of nothing may be missing. */
  compareWith(stored: Sums, what: string, compare: Compare): void {
    for (const key of new Set([...this.byKey.keys(), ...stored.byKey.keys()])) {
      const [own, other] = [this.byKey.get(key), stored.byKey.get(key)];
      if (own?.every((figure) => figure === 0) && !other) continue;
      compare(what, key, other ?? [], own ?? []);
    }
  }
}

/** The coarse sums that the overviews read, against sums over the rows. */
async function verifySums(context: Context, { entries, invoices, lines, shares }: Books, compare: Compare): Promise<void> {
  const month = (date: string) => `${date.slice(0, 7)}-01`;
  const work = new Sums();
  for (const entry of entries) {
    const { kind, stage, billingState, billable, quantity, value, ownValue, cost } = entry;
    const of = [kind, entry.projectId ?? NO_ID, entry.taskId ?? NO_ID];
    const at = [stage, billingState, billable, entry.valueCurrency ?? ''];
    const figures = [1, quantity, value ?? 0, ownValue ?? 0, cost ?? 0];
    for (const person of [entry.personId, NO_ID])
      for (const when of [month(entry.workDate), NO_MONTH]) work.add([person, ...of, when, ...at], figures);
  }
  const stored = new Sums();
  for (const row of await bookWorkSums.run(undefined, context.tx)) {
    const { personId, kind, projectId, taskId, stage, billingState, billable, currency } = row;
    stored.add(
      [personId, kind, projectId, taskId, row.month, stage, billingState, billable, currency],
      [row.entries, row.quantity, row.value, row.own, row.cost],
    );
  }
  work.compareWith(stored, 'sum of recorded work', compare);

  const entryOf = new Map(entries.map((entry) => [entry.id, entry]));
  const lineOf = new Map(lines.map((line) => [line.id, line]));
  const ofInvoice = new Map(invoices.map((invoice) => [invoice.id, invoice]));
  for (const share of shares) {
    const line = lineOf.get(share.lineId)!;
    const invoice = ofInvoice.get(line.invoiceId)!;
    const entry = entryOf.get(share.entryId)!;
    // After a credit, or on a void document, the entry may have moved on.
    if (!share.live || invoice.kind !== 'invoice' || invoice.credited !== 0) continue;
    compare(
      'facts of a share',
      share.entryId,
      [share.personId, share.projectId, share.taskId, share.workDate, share.standard],
      [entry.personId, entry.projectId, entry.taskId, entry.workDate, line.kind === 'time' ? entry.value : 0],
    );
  }
  const issued = new Map(invoices.filter((invoice) => invoice.status === 'issued').map((invoice) => [invoice.id, invoice]));
  const billed = new Sums();
  for (const share of shares) {
    const invoice = issued.get(lineOf.get(share.lineId)!.invoiceId);
    if (!invoice) continue;
    const key = [share.projectId, share.taskId ?? NO_ID, month(share.workDate), invoice.currency, invoice.issuedOn];
    for (const person of [share.personId, NO_ID]) billed.add([invoice.id, person, ...key], [share.amount, share.standard]);
  }
  const kept = new Sums();
  for (const row of await bookBilledSums.run(undefined, context.tx)) {
    const { invoiceId, personId, projectId, taskId, currency, issuedOn, amount, standard } = row;
    kept.add([invoiceId, personId, projectId, taskId, row.month, currency, issuedOn], [amount, standard]);
  }
  billed.compareWith(kept, 'sum of billed work', compare);
}

type StageSums = Record<Stage, number>;

/** The rail and the tree against sums over the rows, for somebody who sees everything. */
async function verifyOverview(context: Context, { entries, invoices }: Books, compare: Compare): Promise<void> {
  const overview: Overview = await readOverview(context, 'all');
  const time = entries.filter((entry) => entry.kind === 'time');
  const all = overview.bars.find((bar) => bar.id === NO_ID);
  const sums = (rows: readonly IBookEntriesResult[]): StageSums =>
    Object.fromEntries(
      STAGES.map((stage) => [stage, rows.filter((row) => row.stage === stage).reduce((sum, row) => sum + row.quantity, 0)]),
    ) as StageSums;
  compare('bar of all work', 'all', all?.stages ?? sums([]), sums(time));
  for (const project of new Set(time.map((entry) => entry.projectId).filter((id): id is string => id !== null))) {
    const bar = overview.bars.find((one) => one.id === project);
    compare('bar of a project', project, bar?.stages, sums(time.filter((entry) => entry.projectId === project)));
  }
  const waiting = time.filter((entry) => entry.stage === 'submitted' && entry.personId !== context.actor.personId);
  compare(
    'figure of the step Review',
    'all',
    [overview.review?.submitted, overview.review?.people],
    [waiting.reduce((sum, entry) => sum + entry.quantity, 0), new Set(waiting.map((entry) => entry.personId)).size],
  );
  const ready = time.filter(
    (entry) =>
      entry.stage === 'approved' &&
      entry.billingState === 'to bill' &&
      entry.billedQuantity === 0 &&
      entry.workDate <= today(context),
  );
  const priced = ready.filter((entry) => entry.rate !== null && entry.holdReason === null);
  compare(
    'figure of the step Bill',
    'all',
    byCurrency(overview.bill?.ready ?? []),
    byCurrency(priced.map((entry) => ({ currency: entry.valueCurrency!, minor: entry.value! }))),
  );
  compare('entries without a rate', 'all', overview.bill?.unpriced, ready.filter((entry) => entry.rate === null).length);
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
