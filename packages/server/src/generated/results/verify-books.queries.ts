/** Types generated for queries found in "packages/server/src/results/verify-books.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

/** 'BookEntries' parameters type */
export type IBookEntriesParams = void;

/** 'BookEntries' return type */
export interface IBookEntriesResult {
  billable: boolean;
  billableQuantity: number;
  billedQuantity: number;
  billingState: string;
  clientId: string | null;
  cost: number | null;
  holdReason: string | null;
  id: string;
  kind: string;
  ownRate: number | null;
  ownValue: number | null;
  payable: number;
  personId: string;
  projectId: string | null;
  quantity: number;
  rate: number | null;
  rateSource: string | null;
  serviceId: string | null;
  stage: string;
  taskId: string | null;
  value: number | null;
  valueCurrency: string | null;
  workDate: string;
}

/** 'BookEntries' query type */
export interface IBookEntriesQuery {
  params: IBookEntriesParams;
  result: IBookEntriesResult;
}

const bookEntriesIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  e.id as \"id!\",\n  e.kind as \"kind!\",\n  e.person_id as \"personId!\",\n  e.work_date as \"workDate!\",\n  e.project_id as \"projectId?\",\n  e.task_id as \"taskId?\",\n  e.service_id as \"serviceId?\",\n  e.client_id as \"clientId?\",\n  e.quantity as \"quantity!\",\n  e.payable_quantity as \"payable!\",\n  e.billable as \"billable!\",\n  e.billable_quantity as \"billableQuantity!\",\n  e.billed_quantity as \"billedQuantity!\",\n  e.billing_state as \"billingState!\",\n  e.rate as \"rate?\",\n  e.rate_source as \"rateSource?\",\n  e.value_minor as \"value?\",\n  e.value_currency as \"valueCurrency?\",\n  e.own_rate as \"ownRate?\",\n  e.own_value_minor as \"ownValue?\",\n  e.cost_minor as \"cost?\",\n  e.stage as \"stage!\",\n  e.hold_reason as \"holdReason?\"\nfrom\n  entry e\norder by\n  e.id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   e.id as "id!",
 *   e.kind as "kind!",
 *   e.person_id as "personId!",
 *   e.work_date as "workDate!",
 *   e.project_id as "projectId?",
 *   e.task_id as "taskId?",
 *   e.service_id as "serviceId?",
 *   e.client_id as "clientId?",
 *   e.quantity as "quantity!",
 *   e.payable_quantity as "payable!",
 *   e.billable as "billable!",
 *   e.billable_quantity as "billableQuantity!",
 *   e.billed_quantity as "billedQuantity!",
 *   e.billing_state as "billingState!",
 *   e.rate as "rate?",
 *   e.rate_source as "rateSource?",
 *   e.value_minor as "value?",
 *   e.value_currency as "valueCurrency?",
 *   e.own_rate as "ownRate?",
 *   e.own_value_minor as "ownValue?",
 *   e.cost_minor as "cost?",
 *   e.stage as "stage!",
 *   e.hold_reason as "holdReason?"
 * from
 *   entry e
 * order by
 *   e.id
 * ```
 */
export const bookEntries = new PreparedQuery<IBookEntriesParams,IBookEntriesResult>(bookEntriesIR);


/** 'BookInvoices' parameters type */
export type IBookInvoicesParams = void;

/** 'BookInvoices' return type */
export interface IBookInvoicesResult {
  credited: number;
  currency: string;
  dueOn: string | null;
  gross: number;
  id: string;
  issuedOn: string | null;
  kind: string;
  net: number;
  number: number | null;
  numberText: string | null;
  series: string;
  settled: number;
  snapshot: Json | null;
  status: string;
  tax: number;
}

/** 'BookInvoices' query type */
export interface IBookInvoicesQuery {
  params: IBookInvoicesParams;
  result: IBookInvoicesResult;
}

const bookInvoicesIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  id as \"id!\",\n  kind as \"kind!\",\n  status as \"status!\",\n  series as \"series!\",\n  number as \"number?\",\n  number_text as \"numberText?\",\n  currency as \"currency!\",\n  issued_on as \"issuedOn?\",\n  due_on as \"dueOn?\",\n  net_minor as \"net!\",\n  tax_minor as \"tax!\",\n  gross_minor as \"gross!\",\n  settled_minor as \"settled!\",\n  credited_minor as \"credited!\",\n  snapshot as \"snapshot?\"\nfrom\n  invoice\norder by\n  id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   id as "id!",
 *   kind as "kind!",
 *   status as "status!",
 *   series as "series!",
 *   number as "number?",
 *   number_text as "numberText?",
 *   currency as "currency!",
 *   issued_on as "issuedOn?",
 *   due_on as "dueOn?",
 *   net_minor as "net!",
 *   tax_minor as "tax!",
 *   gross_minor as "gross!",
 *   settled_minor as "settled!",
 *   credited_minor as "credited!",
 *   snapshot as "snapshot?"
 * from
 *   invoice
 * order by
 *   id
 * ```
 */
export const bookInvoices = new PreparedQuery<IBookInvoicesParams,IBookInvoicesResult>(bookInvoicesIR);


/** 'BookLines' parameters type */
export type IBookLinesParams = void;

/** 'BookLines' return type */
export interface IBookLinesResult {
  agreementId: string;
  category: string;
  decimalPlaces: number | null;
  id: string;
  invoiceId: string;
  kind: string;
  limit: number | null;
  net: number;
  quantity: number;
  rate: number;
  taxRate: number;
}

/** 'BookLines' query type */
export interface IBookLinesQuery {
  params: IBookLinesParams;
  result: IBookLinesResult;
}

const bookLinesIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  l.id as \"id!\",\n  l.invoice_id as \"invoiceId!\",\n  l.agreement_id as \"agreementId!\",\n  l.kind as \"kind!\",\n  l.quantity as \"quantity!\",\n  l.rate as \"rate!\",\n  l.decimal_places as \"decimalPlaces?\",\n  l.category as \"category!\",\n  l.tax_rate as \"taxRate!\",\n  l.net_minor as \"net!\",\n  a.limit_minor as \"limit?\"\nfrom\n  invoice_line l\n  join agreement a on a.firm_id = l.firm_id\n  and a.id = l.agreement_id\norder by\n  l.invoice_id,\n  l.place"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   l.id as "id!",
 *   l.invoice_id as "invoiceId!",
 *   l.agreement_id as "agreementId!",
 *   l.kind as "kind!",
 *   l.quantity as "quantity!",
 *   l.rate as "rate!",
 *   l.decimal_places as "decimalPlaces?",
 *   l.category as "category!",
 *   l.tax_rate as "taxRate!",
 *   l.net_minor as "net!",
 *   a.limit_minor as "limit?"
 * from
 *   invoice_line l
 *   join agreement a on a.firm_id = l.firm_id
 *   and a.id = l.agreement_id
 * order by
 *   l.invoice_id,
 *   l.place
 * ```
 */
export const bookLines = new PreparedQuery<IBookLinesParams,IBookLinesResult>(bookLinesIR);


/** 'BookShares' parameters type */
export type IBookSharesParams = void;

/** 'BookShares' return type */
export interface IBookSharesResult {
  amount: number;
  entryId: string;
  lineId: string;
  live: boolean;
  personId: string;
  projectId: string;
  quantity: number;
  standard: number;
  taskId: string | null;
  workDate: string;
}

/** 'BookShares' query type */
export interface IBookSharesQuery {
  params: IBookSharesParams;
  result: IBookSharesResult;
}

const bookSharesIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  s.line_id as \"lineId!\",\n  s.entry_id as \"entryId!\",\n  s.quantity as \"quantity!\",\n  s.amount_minor as \"amount!\",\n  s.live as \"live!\",\n  s.person_id as \"personId!\",\n  s.project_id as \"projectId!\",\n  s.task_id as \"taskId?\",\n  s.work_date as \"workDate!\",\n  s.standard_minor as \"standard!\"\nfrom\n  line_share s\norder by\n  s.line_id,\n  s.entry_id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   s.line_id as "lineId!",
 *   s.entry_id as "entryId!",
 *   s.quantity as "quantity!",
 *   s.amount_minor as "amount!",
 *   s.live as "live!",
 *   s.person_id as "personId!",
 *   s.project_id as "projectId!",
 *   s.task_id as "taskId?",
 *   s.work_date as "workDate!",
 *   s.standard_minor as "standard!"
 * from
 *   line_share s
 * order by
 *   s.line_id,
 *   s.entry_id
 * ```
 */
export const bookShares = new PreparedQuery<IBookSharesParams,IBookSharesResult>(bookSharesIR);


/** 'BookTaxes' parameters type */
export type IBookTaxesParams = void;

/** 'BookTaxes' return type */
export interface IBookTaxesResult {
  base: number;
  category: string;
  invoiceId: string;
  rate: number;
  tax: number;
}

/** 'BookTaxes' query type */
export interface IBookTaxesQuery {
  params: IBookTaxesParams;
  result: IBookTaxesResult;
}

const bookTaxesIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  invoice_id as \"invoiceId!\",\n  category as \"category!\",\n  rate as \"rate!\",\n  base_minor as \"base!\",\n  tax_minor as \"tax!\"\nfrom\n  invoice_tax\norder by\n  invoice_id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   invoice_id as "invoiceId!",
 *   category as "category!",
 *   rate as "rate!",
 *   base_minor as "base!",
 *   tax_minor as "tax!"
 * from
 *   invoice_tax
 * order by
 *   invoice_id
 * ```
 */
export const bookTaxes = new PreparedQuery<IBookTaxesParams,IBookTaxesResult>(bookTaxesIR);


/** 'BookAllocations' parameters type */
export type IBookAllocationsParams = void;

/** 'BookAllocations' return type */
export interface IBookAllocationsResult {
  amount: number;
  invoiceId: string;
  kind: string;
  live: boolean;
  paid: number | null;
  paymentId: string | null;
  reversedAt: string | null;
}

/** 'BookAllocations' query type */
export interface IBookAllocationsQuery {
  params: IBookAllocationsParams;
  result: IBookAllocationsResult;
}

const bookAllocationsIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  a.invoice_id as \"invoiceId!\",\n  a.payment_id as \"paymentId?\",\n  a.kind as \"kind!\",\n  a.amount_minor as \"amount!\",\n  a.live as \"live!\",\n  p.amount_minor as \"paid?\",\n  p.reversed_at as \"reversedAt?\"\nfrom\n  allocation a\n  left join payment p on p.firm_id = a.firm_id\n  and p.id = a.payment_id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   a.invoice_id as "invoiceId!",
 *   a.payment_id as "paymentId?",
 *   a.kind as "kind!",
 *   a.amount_minor as "amount!",
 *   a.live as "live!",
 *   p.amount_minor as "paid?",
 *   p.reversed_at as "reversedAt?"
 * from
 *   allocation a
 *   left join payment p on p.firm_id = a.firm_id
 *   and p.id = a.payment_id
 * ```
 */
export const bookAllocations = new PreparedQuery<IBookAllocationsParams,IBookAllocationsResult>(bookAllocationsIR);


/** 'BookSeries' parameters type */
export type IBookSeriesParams = void;

/** 'BookSeries' return type */
export interface IBookSeriesResult {
  next: number;
  series: string;
}

/** 'BookSeries' query type */
export interface IBookSeriesQuery {
  params: IBookSeriesParams;
  result: IBookSeriesResult;
}

const bookSeriesIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  series as \"series!\",\n  next_number as \"next!\"\nfrom\n  invoice_series"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   series as "series!",
 *   next_number as "next!"
 * from
 *   invoice_series
 * ```
 */
export const bookSeries = new PreparedQuery<IBookSeriesParams,IBookSeriesResult>(bookSeriesIR);


/** 'BookWorkSums' parameters type */
export type IBookWorkSumsParams = void;

/** 'BookWorkSums' return type */
export interface IBookWorkSumsResult {
  billable: boolean;
  billingState: string;
  cost: number;
  currency: string;
  entries: number;
  kind: string;
  month: string;
  own: number;
  personId: string;
  projectId: string;
  quantity: number;
  stage: string;
  taskId: string;
  value: number;
}

/** 'BookWorkSums' query type */
export interface IBookWorkSumsQuery {
  params: IBookWorkSumsParams;
  result: IBookWorkSumsResult;
}

const bookWorkSumsIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  person_id as \"personId!\",\n  kind as \"kind!\",\n  project_id as \"projectId!\",\n  task_id as \"taskId!\",\n  month as \"month!\",\n  stage as \"stage!\",\n  billing_state as \"billingState!\",\n  billable as \"billable!\",\n  currency as \"currency!\",\n  sum(entries)::bigint as \"entries!\",\n  sum(quantity)::bigint as \"quantity!\",\n  sum(value_minor)::bigint as \"value!\",\n  sum(own_minor)::bigint as \"own!\",\n  sum(cost_minor)::bigint as \"cost!\"\nfrom\n  work_sum\ngroup by\n  1,\n  2,\n  3,\n  4,\n  5,\n  6,\n  7,\n  8,\n  9"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   person_id as "personId!",
 *   kind as "kind!",
 *   project_id as "projectId!",
 *   task_id as "taskId!",
 *   month as "month!",
 *   stage as "stage!",
 *   billing_state as "billingState!",
 *   billable as "billable!",
 *   currency as "currency!",
 *   sum(entries)::bigint as "entries!",
 *   sum(quantity)::bigint as "quantity!",
 *   sum(value_minor)::bigint as "value!",
 *   sum(own_minor)::bigint as "own!",
 *   sum(cost_minor)::bigint as "cost!"
 * from
 *   work_sum
 * group by
 *   1,
 *   2,
 *   3,
 *   4,
 *   5,
 *   6,
 *   7,
 *   8,
 *   9
 * ```
 */
export const bookWorkSums = new PreparedQuery<IBookWorkSumsParams,IBookWorkSumsResult>(bookWorkSumsIR);


/** 'BookBilledSums' parameters type */
export type IBookBilledSumsParams = void;

/** 'BookBilledSums' return type */
export interface IBookBilledSumsResult {
  amount: number;
  currency: string;
  invoiceId: string;
  issuedOn: string;
  month: string;
  personId: string;
  projectId: string;
  standard: number;
  taskId: string;
}

/** 'BookBilledSums' query type */
export interface IBookBilledSumsQuery {
  params: IBookBilledSumsParams;
  result: IBookBilledSumsResult;
}

const bookBilledSumsIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  invoice_id as \"invoiceId!\",\n  person_id as \"personId!\",\n  project_id as \"projectId!\",\n  task_id as \"taskId!\",\n  month as \"month!\",\n  currency as \"currency!\",\n  issued_on as \"issuedOn!\",\n  amount_minor as \"amount!\",\n  standard_minor as \"standard!\"\nfrom\n  billed_sum"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   invoice_id as "invoiceId!",
 *   person_id as "personId!",
 *   project_id as "projectId!",
 *   task_id as "taskId!",
 *   month as "month!",
 *   currency as "currency!",
 *   issued_on as "issuedOn!",
 *   amount_minor as "amount!",
 *   standard_minor as "standard!"
 * from
 *   billed_sum
 * ```
 */
export const bookBilledSums = new PreparedQuery<IBookBilledSumsParams,IBookBilledSumsResult>(bookBilledSumsIR);


