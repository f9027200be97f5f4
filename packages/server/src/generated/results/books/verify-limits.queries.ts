/** Types generated for queries found in "packages/server/src/results/books/verify-limits.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'BookAgreements' parameters type */
export type IBookAgreementsParams = void;

/** 'BookAgreements' return type */
export interface IBookAgreementsResult {
  currency: string;
  id: string;
  limit: number | null;
  projectId: string;
  validFrom: string;
}

/** 'BookAgreements' query type */
export interface IBookAgreementsQuery {
  params: IBookAgreementsParams;
  result: IBookAgreementsResult;
}

const bookAgreementsIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  a.id as \"id!\",\n  a.project_id as \"projectId!\",\n  a.currency as \"currency!\",\n  a.limit_minor as \"limit?\",\n  a.valid_from as \"validFrom!\"\nfrom\n  agreement a\norder by\n  a.valid_from"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   a.id as "id!",
 *   a.project_id as "projectId!",
 *   a.currency as "currency!",
 *   a.limit_minor as "limit?",
 *   a.valid_from as "validFrom!"
 * from
 *   agreement a
 * order by
 *   a.valid_from
 * ```
 */
export const bookAgreements = new PreparedQuery<IBookAgreementsParams,IBookAgreementsResult>(bookAgreementsIR);


/** 'BookWriteDowns' parameters type */
export type IBookWriteDownsParams = void;

/** 'BookWriteDowns' return type */
export interface IBookWriteDownsResult {
  amount: number;
  lineId: string;
}

/** 'BookWriteDowns' query type */
export interface IBookWriteDownsQuery {
  params: IBookWriteDownsParams;
  result: IBookWriteDownsResult;
}

const bookWriteDownsIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  w.over_limit_line_id as \"lineId!\",\n  w.amount_minor as \"amount!\"\nfrom\n  limit_write_down w"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   w.over_limit_line_id as "lineId!",
 *   w.amount_minor as "amount!"
 * from
 *   limit_write_down w
 * ```
 */
export const bookWriteDowns = new PreparedQuery<IBookWriteDownsParams,IBookWriteDownsResult>(bookWriteDownsIR);


/** 'BookWaiting' parameters type */
export type IBookWaitingParams = void;

/** 'BookWaiting' return type */
export interface IBookWaitingResult {
  lineId: string;
  waiting: number;
}

/** 'BookWaiting' query type */
export interface IBookWaitingQuery {
  params: IBookWaitingParams;
  result: IBookWaitingResult;
}

const bookWaitingIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  w.line_id as \"lineId!\",\n  w.waiting_minor as \"waiting!\"\nfrom\n  over_limit_waiting () w"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   w.line_id as "lineId!",
 *   w.waiting_minor as "waiting!"
 * from
 *   over_limit_waiting () w
 * ```
 */
export const bookWaiting = new PreparedQuery<IBookWaitingParams,IBookWaitingResult>(bookWaitingIR);


/** 'BookToBill' parameters type */
export interface IBookToBillParams {
  day: string;
}

/** 'BookToBill' return type */
export interface IBookToBillResult {
  id: string;
  over: number;
  ready: number;
}

/** 'BookToBill' query type */
export interface IBookToBillQuery {
  params: IBookToBillParams;
  result: IBookToBillResult;
}

const bookToBillIR: any = {"usedParamSet":{"day":true},"params":[{"name":"day","required":true,"transform":{"type":"scalar"},"locs":[{"a":100,"b":104},{"a":107,"b":111}]}],"statement":"select\n  b.id as \"id!\",\n  b.ready_minor as \"ready!\",\n  b.over_minor as \"over!\"\nfrom\n  to_bill_rows (:day!, :day!) b"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   b.id as "id!",
 *   b.ready_minor as "ready!",
 *   b.over_minor as "over!"
 * from
 *   to_bill_rows (:day!, :day!) b
 * ```
 */
export const bookToBill = new PreparedQuery<IBookToBillParams,IBookToBillResult>(bookToBillIR);


