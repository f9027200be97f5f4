import { DraftWish, InvoiceDocument } from '@yellowwood/contracts';
import {
  BillableEntry,
  BillingTerms,
  InvoiceLine,
  InvoiceTotals,
  LimitUse,
  Minor,
  QuantityDisplay,
  Reach,
  TaxCategory,
  addDays,
  invoiceLines,
  invoiceTotals,
  millionths,
  minor,
  printedLine,
  writingFor,
  WRITTEN_BEFORE,
  Writing,
  rate,
  seconds,
} from '@yellowwood/core';
import {
  IBillableEntriesResult,
  agreementsOfProjects,
  billableEntries,
  limitsOfProjects,
  partiesOf,
  projectsOfEntries,
  taxRatesOn,
} from '../../generated/billing/invoices/make-document.queries';
import { holdRules, lockProjects } from '../../ledger/locks';
import { lockRows } from '../../ledger/rows';
import { Context, reachOf, today } from '../../platform/context';
import { problem } from '../../platform/problem';
import { readExchange } from '../../rates/exchange';

/** A document before it has a number, with everything that is stored of it. */
export interface MadeDocument {
  readonly document: InvoiceDocument;
  readonly lines: readonly InvoiceLine[];
  readonly limits: readonly LimitUse[];
  readonly totals: InvoiceTotals;
  readonly taxes: InvoiceDocument['taxes'];
  readonly supplyFrom: string;
  readonly supplyTo: string;
  readonly clientId: string;
  readonly currency: string;
}

type Agreement = Awaited<ReturnType<typeof agreementsOfProjects.run>>[number];

/**
 * Holds what a document is made of, in the order of locks: rules, projects with their limits, entries.
 * @returns the entries' ids, each once
 */
export async function holdDocument(context: Context, ids: readonly string[]): Promise<void> {
  await holdRules(context);
  const projects = await projectsOfEntries.run({ ids: [...ids] }, context.tx);
  await lockProjects(
    context,
    projects.map((row) => row.projectId),
  );
  await lockRows(context, ids);
}

/**
 * Makes the document that a wish asks for. The preview, the draft, the issued document and its PDF all
 * come from here. Whoever stores it holds what it is made of first.
 * @param draft the draft's id, whose own reservations do not stand in its way; null for a new one
 * @param reach whose entries may stand on it; everybody's where a draft is read that is in sight already
 */
export async function makeDocument(
  context: Context,
  wish: DraftWish,
  draft: string | null,
  reach: Reach = reachOf(context, 'invoices.issue'),
): Promise<MadeDocument> {
  const { tx } = context;
  const ids = wish.entries.map((entry) => entry.id);
  const rows = await billableEntries.run({ ids, draft, reach, asker: context.actor.personId }, tx);
  const projects = [...new Set(rows.map((row) => row.projectId))];
  const agreements = await agreementsOfProjects.run({ projects }, tx);
  const [parties] = await partiesOf.run({ client: wish.clientId }, tx);
  if (!parties || rows.length < new Set(ids).size || ids.length > rows.length) throw problem('entries-not-billable');
  refuseUnbillable(rows, wish, parties.currency);
  const supplyTo = rows.at(-1)!.workDate;
  const taxRates = new Map((await taxRatesOn.run({ on: supplyTo }, tx)).map((row) => [row.category, row]));
  const entries = rows.map((row) =>
    billable(row, wish, agreements, (category) => {
      const found = taxRates.get(category);
      if (!found) throw problem('tax-rate-missing', { category, date: supplyTo });
      return found.rate;
    }),
  );
  const limitRows = await limitsOfProjects.run({ projects, draft, day: today(context), currency: parties.currency }, tx);
  const terms = projects.map((id) => termsOf(id, agreements, limitRows));
  const texts = Object.fromEntries(wish.texts.map(({ key, text }) => [key, text]));
  const { lines, limits } = invoiceLines(entries, terms, wish.grouping, parties.currency, texts);
  const totals = invoiceTotals(lines.map((line) => ({ net: line.net, category: line.category, rate: line.taxRate })));
  const taxes = totals.taxes.map((row) => {
    const { name, reason } = taxRates.get(row.category)!;
    return { category: row.category, name, rate: row.rate, base: row.base, minor: row.tax, reason };
  });
  const currency = parties.currency;
  const writing = writingFor(context.firm.forms, context.firm.country);
  const document: InvoiceDocument = {
    kind: 'invoice',
    number: null,
    credits: null,
    reason: '',
    seller: {
      name: parties.sellerName,
      address: parties.sellerAddress,
      country: parties.sellerCountry,
      taxId: parties.sellerTaxId,
      email: parties.sellerEmail,
    },
    buyer: {
      name: parties.buyerName,
      address: parties.buyerAddress,
      country: parties.buyerCountry,
      taxId: parties.buyerTaxId,
      email: parties.buyerEmail,
    },
    orderReference: [...new Set(rows.map((row) => row.orderReference).filter(Boolean))].join(', '),
    issuedOn: null,
    supplyFrom: rows[0]!.workDate,
    supplyTo,
    dueOn: null,
    paymentDays: parties.paymentDays,
    paymentDetails: parties.paymentDetails,
    logo: parties.logoId ? { id: parties.logoId, width: parties.logoWidth!, height: parties.logoHeight! } : null,
    opening: parties.opening,
    closing: parties.closing,
    currency,
    writing,
    lines: lines.map((line) => documentLine(line, currency, writing)),
    net: totals.net,
    taxes,
    tax: totals.tax,
    gross: totals.gross,
    taxInFirmCurrency: await taxInFirmCurrency(context, totals.tax, currency, supplyTo),
  };
  return {
    document,
    lines,
    limits,
    totals,
    taxes,
    supplyFrom: document.supplyFrom,
    supplyTo,
    clientId: wish.clientId,
    currency,
  };
}

function refuseUnbillable(rows: readonly IBillableEntriesResult[], wish: DraftWish, currency: string): void {
  for (const row of rows) {
    const wrong =
      row.stage !== 'approved' ||
      row.billingState !== 'to bill' ||
      row.takenByOthers !== 0 ||
      row.holdReason !== null ||
      row.clientId !== wish.clientId ||
      row.workDate > wish.upTo ||
      (row.valueCurrency !== null && row.valueCurrency !== currency);
    if (wrong) throw problem('entries-not-billable');
    if (row.valueMinor === null) throw problem('entry-unpriced');
  }
  const values = new Map(rows.map((row) => [row.id, row.valueMinor ?? 0]));
  if (wish.entries.some((entry) => entry.writeDown && entry.writeDown.minor > values.get(entry.id)!))
    throw problem('write-down-too-large');
}

function agreementOn(agreements: readonly Agreement[], projectId: string, date: string): Agreement {
  const found = agreements.find(
    (row) => row.projectId === projectId && row.validFrom <= date && (row.validTo === null || row.validTo >= date),
  );
  if (!found) throw problem('entries-not-billable');
  return found;
}

function billable(
  row: IBillableEntriesResult,
  wish: DraftWish,
  agreements: readonly Agreement[],
  taxRate: (category: string) => number,
): BillableEntry {
  const asked = wish.entries.find((entry) => entry.id === row.id)!;
  return {
    id: row.id,
    kind: row.kind as BillableEntry['kind'],
    workDate: row.workDate,
    projectId: row.projectId,
    agreementId: agreementOn(agreements, row.projectId, row.workDate).id,
    projectName: row.projectName,
    taskId: row.taskId,
    taskName: row.taskName,
    serviceName: row.serviceName,
    personName: row.personName,
    note: row.note,
    quantity: seconds(row.billableQuantity),
    rate: rate(row.rate ?? 0),
    taxCategory: row.taxCategory as TaxCategory,
    taxRate: millionths(taxRate(row.taxCategory!)),
    ...(asked.writeDown ? { writeDown: { amount: minor(asked.writeDown.minor), reason: asked.writeDown.reason } } : {}),
  };
}

function termsOf(
  projectId: string,
  agreements: readonly Agreement[],
  limits: Awaited<ReturnType<typeof limitsOfProjects.run>>,
): BillingTerms {
  const limit = limits.find((row) => row.projectId === projectId);
  return {
    projectId,
    agreements: agreements
      .filter((row) => row.projectId === projectId)
      .map((row) => ({ agreementId: row.id, display: displayOf(row.decimalPlaces) })),
    limit: limit ? { agreementId: limit.agreementId, limit: minor(limit.limit), usedBefore: minor(limit.used) } : null,
  };
}

/** How a line shows its quantity, from what is stored. */
export function displayOf(places: number | null): QuantityDisplay {
  return places === null ? { kind: 'minutes' } : { kind: 'decimal', places };
}

/** A line as it is printed. */
export function documentLine(
  line: InvoiceLine,
  currency: string,
  { numbers }: Writing = WRITTEN_BEFORE,
): InvoiceDocument['lines'][number] {
  return {
    key: line.key,
    kind: line.kind,
    text: line.text,
    ...printedLine(line, currency, numbers),
    minor: line.net,
    category: line.category,
    taxRate: line.taxRate,
    projectId: line.projectId,
    entries: line.shares.length,
  };
}

async function taxInFirmCurrency(
  context: Context,
  tax: Minor,
  currency: string,
  on: string,
): Promise<InvoiceDocument['taxInFirmCurrency']> {
  if (currency === context.firm.currency) return null;
  const exchange = await readExchange(context.tx, context.firm.currency);
  return {
    currency: context.firm.currency,
    minor: exchange.toFirm(tax, currency, on),
    exchangeRate: exchange.neededOn(currency, on),
  };
}

/** The document with its number and dates. */
export function numbered(document: InvoiceDocument, number: string, issuedOn: string): InvoiceDocument {
  return {
    ...document,
    number,
    issuedOn,
    dueOn: document.kind === 'invoice' ? addDays(issuedOn, document.paymentDays) : issuedOn,
  };
}
