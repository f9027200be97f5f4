/** Types generated for queries found in "packages/server/src/results/books/verify-sums.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

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
  standardCost: number;
  taskId: string;
  uncosted: number;
  value: number;
}

/** 'BookWorkSums' query type */
export interface IBookWorkSumsQuery {
  params: IBookWorkSumsParams;
  result: IBookWorkSumsResult;
}

const bookWorkSumsIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  person_id as \"personId!\",\n  kind as \"kind!\",\n  project_id as \"projectId!\",\n  task_id as \"taskId!\",\n  month as \"month!\",\n  stage as \"stage!\",\n  billing_state as \"billingState!\",\n  billable as \"billable!\",\n  currency as \"currency!\",\n  sum(entries)::bigint as \"entries!\",\n  sum(quantity)::bigint as \"quantity!\",\n  sum(value_minor)::bigint as \"value!\",\n  sum(own_minor)::bigint as \"own!\",\n  sum(cost_minor)::bigint as \"cost!\",\n  sum(standard_cost_minor)::bigint as \"standardCost!\",\n  sum(uncosted_seconds)::bigint as \"uncosted!\"\nfrom\n  work_sum\ngroup by\n  1,\n  2,\n  3,\n  4,\n  5,\n  6,\n  7,\n  8,\n  9"};

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
 *   sum(cost_minor)::bigint as "cost!",
 *   sum(standard_cost_minor)::bigint as "standardCost!",
 *   sum(uncosted_seconds)::bigint as "uncosted!"
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


