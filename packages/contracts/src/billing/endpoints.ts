import { Type } from 'typebox';
import { AGE_BUCKETS, TAX_CATEGORIES } from '@yellowwood/core';
import {
  Amount,
  Count,
  Currency,
  Day,
  Duration,
  FirmAndId,
  FirmPath,
  Id,
  Instant,
  Millionths,
  Name,
  RateField,
  Reason,
  Scope,
  SeenList,
  Version,
  choice,
  endpoint,
  nullable,
  optional,
  strict,
  Nothing,
} from '../platform/fields';
import { Entry } from '../time/endpoints';

const Category = choice(...TAX_CATEGORIES);

export const RateRuleSeen = strict({
  id: Id,
  /** What the rule names, in words: "Surveyor on Lantern room repair". */
  names: Type.String(),
  rate: RateField,
  currency: Currency,
  validFrom: Day,
  validTo: nullable(Day),
});

/** Why an entry is worth what it is worth. */
export const EntryWhy = strict({
  entry: Entry,
  recorded: Duration,
  billable: Duration,
  rounding: nullable(
    strict({ increment: Count, mode: Type.String(), unit: Type.String(), minimum: Count, byMinimum: Type.Boolean() }),
  ),
  method: nullable(Type.String()),
  /** The currency of the agreement, in which a rate can be typed. */
  currency: nullable(Currency),
  rate: nullable(strict({ rate: RateField, currency: Currency, source: choice('rule', 'typed'), reason: Type.String() })),
  winner: nullable(RateRuleSeen),
  losers: Type.Array(strict({ rule: RateRuleSeen, reason: Type.String() })),
  value: nullable(strict({ minor: Amount, currency: Currency })),
  /** Only for readers with the right to pay: the cost of one entry gives pay away. */
  cost: nullable(strict({ minor: Amount, currency: Currency, pay: RateField, overhead: RateField })),
  /** Where it stands on documents. */
  billed: Type.Array(strict({ invoiceId: Id, number: nullable(Type.String()), quantity: Duration, minor: Amount })),
});

export const ToBillProject = strict({
  projectId: Id,
  projectName: Name,
  clientId: Id,
  clientName: Name,
  currency: Currency,
  oldest: Day,
  seconds: Duration,
  minor: Amount,
  held: Count,
  unpriced: Count,
  limit: nullable(Amount),
  billedNet: Amount,
});

export const ToBillList = strict({ upTo: Day, projects: Type.Array(ToBillProject) });

export const BillEntry = strict({
  id: Id,
  version: Version,
  date: Day,
  personId: Id,
  personName: Name,
  projectId: Id,
  taskId: nullable(Id),
  taskName: nullable(Name),
  serviceName: Name,
  note: Type.String(),
  recorded: Duration,
  seconds: Duration,
  rate: nullable(RateField),
  minor: nullable(Amount),
  holdReason: nullable(Type.String()),
  problems: Type.Array(Type.String()),
});

/** What can be billed to one client, for all of its projects or for one. */
export const BillDesk = strict({
  clientId: Id,
  clientName: Name,
  currency: Currency,
  upTo: Day,
  projects: Type.Array(
    strict({
      id: Id,
      name: Name,
      method: Type.String(),
      limit: nullable(Amount),
      billedNet: Amount,
      paidNet: Amount,
      submittedMinor: Amount,
    }),
  ),
  entries: Type.Array(BillEntry),
  /** What is not here, and why. */
  notHere: strict({ recorded: Duration, submitted: Duration, notBillable: Duration, later: Duration, inDrafts: Duration }),
  drafts: Type.Array(strict({ id: Id, version: Version, minor: Amount, at: Instant, by: Name })),
});

export const DraftWish = strict({
  clientId: Id,
  upTo: Day,
  grouping: choice('task', 'entry'),
  entries: Type.Array(
    strict({
      id: Id,
      writeDown: optional(strict({ minor: Type.Integer({ minimum: 1, maximum: 1_000_000_000_000 }), reason: Reason })),
    }),
    { minItems: 1, maxItems: 20_000 },
  ),
  texts: Type.Array(strict({ key: Type.String({ maxLength: 400 }), text: Type.String({ minLength: 1, maxLength: 400 }) }), {
    maxItems: 2000,
  }),
});

const Party = strict({
  name: Type.String(),
  address: Type.Array(Type.String()),
  country: Type.String(),
  taxId: nullable(Type.String()),
  email: Type.String(),
});

/** The document model: what the page shows and the PDF prints, figure for figure. */
export const InvoiceDocument = strict({
  kind: choice('invoice', 'credit note'),
  number: nullable(Type.String()),
  credits: nullable(Type.String()),
  reason: Type.String(),
  seller: Party,
  buyer: Party,
  orderReference: Type.String(),
  issuedOn: nullable(Day),
  supplyFrom: Day,
  supplyTo: Day,
  dueOn: nullable(Day),
  paymentDays: Count,
  paymentDetails: Type.String(),
  currency: Currency,
  lines: Type.Array(
    strict({
      key: Type.String(),
      kind: Type.String(),
      text: Type.String(),
      quantity: Type.String(),
      price: Type.String(),
      minor: Amount,
      category: Category,
      taxRate: Millionths,
      projectId: Id,
      entries: Count,
    }),
  ),
  net: Amount,
  taxes: Type.Array(
    strict({ category: Category, name: Type.String(), rate: Millionths, base: Amount, minor: Amount, reason: Type.String() }),
  ),
  tax: Amount,
  gross: Amount,
  /** The tax total in the firm's currency, where the document is in another. */
  taxInFirmCurrency: nullable(strict({ currency: Currency, minor: Amount, exchangeRate: Count })),
});

export const DraftPreview = strict({
  document: InvoiceDocument,
  nextNumber: Type.String(),
  limits: Type.Array(strict({ projectId: Id, limit: Amount, usedBefore: Amount, net: Amount, over: Amount })),
  /** Document net less the entries' own values. */
  rounding: Amount,
});

export const InvoiceRow = strict({
  id: Id,
  kind: choice('invoice', 'credit note'),
  number: nullable(Type.String()),
  state: Type.String(),
  clientId: Id,
  clientName: Name,
  projects: Type.Array(Name),
  currency: Currency,
  issuedOn: nullable(Day),
  dueOn: nullable(Day),
  daysLate: Type.Integer(),
  net: Amount,
  gross: Amount,
  settled: Amount,
  open: Amount,
  sentAt: nullable(Instant),
  lastPaid: nullable(Day),
  version: Version,
});

const Buckets = strict(
  Object.fromEntries(AGE_BUCKETS.map((bucket) => [bucket, Amount])) as Record<(typeof AGE_BUCKETS)[number], typeof Amount>,
);

export const InvoiceList = strict({
  invoices: Type.Array(InvoiceRow),
  nextCursor: nullable(Type.String()),
  ageing: Type.Array(strict({ currency: Currency, buckets: Buckets, open: Amount, count: Count })),
  /** What clients have paid beyond their invoices. */
  credit: Type.Array(strict({ clientId: Id, clientName: Name, currency: Currency, minor: Amount })),
});

export const InvoiceDetail = strict({
  row: InvoiceRow,
  document: InvoiceDocument,
  payments: Type.Array(
    strict({
      id: Id,
      paymentId: nullable(Id),
      kind: Type.String(),
      minor: Amount,
      receivedOn: Day,
      reference: Type.String(),
      by: Name,
      live: Type.Boolean(),
      creditNumber: nullable(Type.String()),
    }),
  ),
  /** What may be done with it now. */
  may: strict({ pay: Type.Boolean(), send: Type.Boolean(), void: Type.Boolean(), credit: Type.Boolean() }),
  /** What a draft was asked to hold, so that it can be taken up again; null for what is issued. */
  wish: nullable(DraftWish),
});

const Held = strict({ changed: Count });

export const billingEndpoints = {
  readEntryWhy: endpoint({
    name: 'readEntryWhy',
    summary: 'Why an entry has its billable time, rate and value',
    kind: 'read',
    method: 'GET',
    path: '/f/:firm/entries/:id/why',
    permission: 'time.read',
    params: FirmAndId,
    answer: EntryWhy,
    problems: ['entry-unknown'],
  }),
  priceEntry: endpoint({
    name: 'priceEntry',
    summary: 'Type a rate on one entry, with a reason; null goes back to the rules',
    kind: 'change',
    method: 'PUT',
    path: '/f/:firm/entries/:id/rate',
    permission: 'entries.price',
    params: FirmAndId,
    body: strict({ rate: nullable(RateField), reason: Reason }),
    answer: Entry,
    problems: ['entry-unknown', 'entry-billed', 'version-stale', 'entry-not-billable'],
  }),
  listToBill: endpoint({
    name: 'listToBill',
    summary: 'Projects with approved time to bill, the oldest first',
    kind: 'read',
    method: 'GET',
    path: '/f/:firm/billing',
    permission: 'invoices.read',
    params: FirmPath,
    query: strict({ scope: optional(Scope), upTo: Day }),
    answer: ToBillList,
  }),
  listUnpriced: endpoint({
    name: 'listUnpriced',
    summary: 'Billable entries without a rate',
    kind: 'read',
    method: 'GET',
    path: '/f/:firm/billing/unpriced',
    permission: 'values.read',
    params: FirmPath,
    query: strict({ scope: optional(Scope) }),
    /** The oldest hundred, and how many there are. */
    answer: strict({ entries: Type.Array(Entry), count: Count }),
  }),
  readBillDesk: endpoint({
    name: 'readBillDesk',
    summary: 'What can be billed to a client or project, and what cannot, and why',
    kind: 'read',
    method: 'GET',
    path: '/f/:firm/billing/desk',
    permission: 'invoices.read',
    params: FirmPath,
    query: strict({ scope: Scope, upTo: Day }),
    answer: BillDesk,
    problems: ['scope-unknown'],
  }),
  holdEntries: endpoint({
    name: 'holdEntries',
    summary: 'Keep approved entries off the next invoice, with a reason',
    kind: 'command',
    method: 'POST',
    path: '/f/:firm/billing/hold',
    permission: 'invoices.issue',
    params: FirmPath,
    body: strict({ entries: SeenList, reason: Reason }),
    answer: Held,
    problems: ['entries-stale', 'entry-not-to-bill'],
  }),
  releaseEntries: endpoint({
    name: 'releaseEntries',
    summary: 'Release held entries',
    kind: 'command',
    method: 'POST',
    path: '/f/:firm/billing/release',
    permission: 'invoices.issue',
    params: FirmPath,
    body: strict({ entries: SeenList }),
    answer: Held,
    problems: ['entries-stale'],
  }),
  previewInvoice: endpoint({
    name: 'previewInvoice',
    summary: 'The document that these entries would make; nothing is stored',
    kind: 'read',
    method: 'POST',
    path: '/f/:firm/billing/preview',
    permission: 'invoices.issue',
    params: FirmPath,
    body: DraftWish,
    answer: DraftPreview,
    problems: ['entries-not-billable', 'entry-unpriced', 'write-down-too-large', 'tax-rate-missing'],
  }),
  createDraft: endpoint({
    name: 'createDraft',
    summary: 'Keep a draft; its entries are reserved',
    kind: 'create',
    method: 'POST',
    path: '/f/:firm/invoices',
    permission: 'invoices.issue',
    params: FirmPath,
    body: strict({ id: Id, wish: DraftWish }),
    answer: InvoiceDetail,
    problems: ['entries-not-billable', 'entry-unpriced'],
  }),
  discardDraft: endpoint({
    name: 'discardDraft',
    summary: 'Discard a draft; its entries are to bill again',
    kind: 'change',
    method: 'DELETE',
    path: '/f/:firm/invoices/:id',
    permission: 'invoices.issue',
    params: FirmAndId,
    problems: ['invoice-unknown', 'invoice-not-draft', 'version-stale'],
  }),
  issueInvoice: endpoint({
    name: 'issueInvoice',
    summary: 'Issue a draft: take the number, freeze the document, make the PDF',
    kind: 'command',
    method: 'POST',
    path: '/f/:firm/invoices/:id/issue',
    permission: 'invoices.issue',
    params: FirmAndId,
    body: strict({ gross: Amount, version: Version }),
    answer: InvoiceDetail,
    problems: ['invoice-unknown', 'invoice-not-draft', 'document-changed', 'version-stale'],
  }),
  listInvoices: endpoint({
    name: 'listInvoices',
    summary: 'Invoices with age and state',
    kind: 'read',
    method: 'GET',
    path: '/f/:firm/invoices',
    permission: 'invoices.read',
    params: FirmPath,
    query: strict({
      scope: optional(Scope),
      show: choice('open', 'all', 'drafts'),
      cursor: optional(Type.String({ maxLength: 100 })),
    }),
    answer: InvoiceList,
  }),
  readInvoice: endpoint({
    name: 'readInvoice',
    summary: 'One invoice with its document, payments and what may be done',
    kind: 'read',
    method: 'GET',
    path: '/f/:firm/invoices/:id',
    permission: 'invoices.read',
    params: FirmAndId,
    answer: InvoiceDetail,
    problems: ['invoice-unknown'],
  }),
  markSent: endpoint({
    name: 'markSent',
    summary: 'Mark an issued invoice as sent',
    kind: 'command',
    method: 'POST',
    path: '/f/:firm/invoices/:id/sent',
    permission: 'invoices.issue',
    params: FirmAndId,
    answer: InvoiceDetail,
    problems: ['invoice-unknown', 'invoice-not-issued', 'invoice-sent'],
  }),
  voidInvoice: endpoint({
    name: 'voidInvoice',
    summary: 'Void what was never sent; the number is kept and the hours are to bill again',
    kind: 'command',
    method: 'POST',
    path: '/f/:firm/invoices/:id/void',
    permission: 'invoices.issue',
    params: FirmAndId,
    body: strict({ reason: Reason }),
    answer: InvoiceDetail,
    problems: ['invoice-unknown', 'invoice-not-issued', 'invoice-sent', 'invoice-settled'],
  }),
  creditInvoice: endpoint({
    name: 'creditInvoice',
    summary: 'Credit an invoice in full; its hours are to bill again',
    kind: 'command',
    method: 'POST',
    path: '/f/:firm/invoices/:id/credit',
    permission: 'invoices.issue',
    params: FirmAndId,
    body: strict({ id: Id, reason: Reason }),
    answer: InvoiceDetail,
    problems: ['invoice-unknown', 'invoice-not-issued', 'invoice-credited'],
  }),
  recordPayment: endpoint({
    name: 'recordPayment',
    summary: 'Record a payment against an invoice; what is over becomes client credit',
    kind: 'create',
    method: 'POST',
    path: '/f/:firm/payments',
    permission: 'payments.record',
    params: FirmPath,
    body: strict({ id: Id, invoiceId: Id, minor: Amount, receivedOn: Day, reference: Type.String({ maxLength: 200 }) }),
    answer: InvoiceDetail,
    problems: ['invoice-unknown', 'invoice-not-issued', 'invoice-settled', 'payment-not-positive', 'payment-ahead'],
  }),
  reversePayment: endpoint({
    name: 'reversePayment',
    summary: 'Reverse a payment, with a reason; what it settled is open again',
    kind: 'command',
    method: 'POST',
    path: '/f/:firm/payments/:id/reverse',
    permission: 'payments.record',
    params: FirmAndId,
    body: strict({ reason: Reason }),
    answer: Nothing,
    problems: ['payment-unknown', 'payment-reversed'],
  }),
};
