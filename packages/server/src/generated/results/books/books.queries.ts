/** Types generated for queries found in "packages/server/src/results/books/books.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

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
  net: number;
  projectId: string;
  quantity: number;
  rate: number;
  taxRate: number;
}

/** 'BookLines' query type */
export interface IBookLinesQuery {
  params: IBookLinesParams;
  result: IBookLinesResult;
}

const bookLinesIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  l.id as \"id!\",\n  l.invoice_id as \"invoiceId!\",\n  l.agreement_id as \"agreementId!\",\n  l.kind as \"kind!\",\n  l.quantity as \"quantity!\",\n  l.rate as \"rate!\",\n  l.decimal_places as \"decimalPlaces?\",\n  l.category as \"category!\",\n  l.tax_rate as \"taxRate!\",\n  l.net_minor as \"net!\",\n  l.project_id as \"projectId!\"\nfrom\n  invoice_line l\norder by\n  l.invoice_id,\n  l.place"};

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
 *   l.project_id as "projectId!"
 * from
 *   invoice_line l
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


