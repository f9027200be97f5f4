import { DraftWish, InvoiceDocument } from '@yellowwood/contracts';
import {
  BillableEntry,
  BillingTerms,
  InvoiceLine,
  InvoiceTotals,
  LimitUse,
  Minor,
  QuantityDisplay,
  TaxCategory,
  addDays,
  invoiceLines,
  invoiceTotals,
  millionths,
  minor,
  printedLine,
  rate,
  seconds,
  sumMinor,
  timeValue,
} from '@yellowwood/core';
import {
  type IBillableEntriesResult,
  billableEntries,
  limitUsed,
  lockAgreements,
  lockEntriesById,
  partiesOf,
  readAgreements,
  taxRatesOn,
} from '../../generated/billing/invoices/make-document.queries';
import { Context } from '../../platform/context';
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
  /** Document net of time lines less the entries' own values. */
  readonly rounding: Minor;
}

type Agreement = Awaited<ReturnType<typeof readAgreements.run>>[number];

/**
 * Makes the document that a wish asks for. The preview, the draft, the issued document and its PDF all
 * come from here.
 * @param draft the draft's id, whose own reservations do not stand in its way; null for a new one
 * @param lock  hold entries and agreements until the transaction ends, so that the limit is exact
 */
export async function makeDocument(
  context: Context,
  wish: DraftWish,
  draft: string | null,
  lock: boolean,
): Promise<MadeDocument> {
  const { tx } = context;
  const ids = wish.entries.map((entry) => entry.id);
  if (lock) await lockEntriesById.run({ ids }, tx);
  const agreements = await (lock ? lockAgreements : readAgreements).run({ entries: ids }, tx);
  const rows = await billableEntries.run({ ids, draft, asker: context.actor.personId }, tx);
  const [parties] = await partiesOf.run({ client: wish.clientId }, tx);
  if (!parties || rows.length < new Set(ids).size || ids.length > rows.length) throw problem('entries-not-billable');
  refuseUnbillable(rows, wish);
  const supplyTo = rows.at(-1)!.workDate;
  const taxRates = new Map((await taxRatesOn.run({ on: supplyTo }, tx)).map((row) => [row.category, row]));
  const entries = rows.map((row) =>
    billable(row, wish, agreements, (category) => {
      const found = taxRates.get(category);
      if (!found) throw problem('tax-rate-missing', { category, date: supplyTo });
      return found.rate;
    }),
  );
  const used = new Map(
    (await limitUsed.run({ agreements: agreements.map((row) => row.id), draft }, tx)).map((row) => [row.agreementId, row.used]),
  );
  const terms = agreements.map((row) => termsOf(row, used.get(row.id) ?? 0));
  const texts = Object.fromEntries(wish.texts.map(({ key, text }) => [key, text]));
  const { lines, limits } = invoiceLines(entries, terms, wish.grouping, parties.currency, texts);
  const totals = invoiceTotals(lines.map((line) => ({ net: line.net, category: line.category, rate: line.taxRate })));
  const taxes = totals.taxes.map((row) => {
    const { name, reason } = taxRates.get(row.category)!;
    return { category: row.category, name, rate: row.rate, base: row.base, minor: row.tax, reason };
  });
  const own = sumMinor(rows.map((row) => timeValue(seconds(row.billableQuantity), rate(row.rate!), parties.currency)));
  const timeNet = sumMinor(lines.filter((line) => line.kind === 'time').map((line) => line.net));
  const currency = parties.currency;
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
    currency,
    lines: lines.map((line) => documentLine(line, currency)),
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
    rounding: minor(timeNet - own),
  };
}

function refuseUnbillable(rows: readonly IBillableEntriesResult[], wish: DraftWish): void {
  for (const row of rows) {
    const wrong =
      row.stage !== 'approved' ||
      row.billingState !== 'to bill' ||
      row.takenByOthers !== 0 ||
      row.holdReason !== null ||
      row.clientId !== wish.clientId ||
      row.workDate > wish.upTo;
    if (wrong) throw problem('entries-not-billable');
    if (row.rate === null) throw problem('entry-unpriced');
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
    rate: rate(row.rate!),
    taxCategory: row.taxCategory as TaxCategory,
    taxRate: millionths(taxRate(row.taxCategory!)),
    ...(asked.writeDown ? { writeDown: { amount: minor(asked.writeDown.minor), reason: asked.writeDown.reason } } : {}),
  };
}

function termsOf(row: Agreement, used: number): BillingTerms {
  return {
    projectId: row.projectId,
    agreementId: row.id,
    display: displayOf(row.decimalPlaces),
    limit: row.limit === null ? null : minor(row.limit),
    usedBefore: minor(used),
  };
}

/** How a line shows its quantity, from what is stored. */
export function displayOf(places: number | null): QuantityDisplay {
  return places === null ? { kind: 'minutes' } : { kind: 'decimal', places };
}

/** A line as it is printed. */
export function documentLine(line: InvoiceLine, currency: string): InvoiceDocument['lines'][number] {
  return {
    key: line.key,
    kind: line.kind,
    text: line.text,
    ...printedLine(line, currency),
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
