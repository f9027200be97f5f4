/** Types generated for queries found in "packages/server/src/billing/invoices/read-line-entries.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'LineByKey' parameters type */
export interface ILineByKeyParams {
  invoice: string;
  key: string;
}

/** 'LineByKey' return type */
export interface ILineByKeyResult {
  id: string;
}

/** 'LineByKey' query type */
export interface ILineByKeyQuery {
  params: ILineByKeyParams;
  result: ILineByKeyResult;
}

const lineByKeyIR: any = {"usedParamSet":{"invoice":true,"key":true},"params":[{"name":"invoice","required":true,"transform":{"type":"scalar"},"locs":[{"a":62,"b":70}]},{"name":"key","required":true,"transform":{"type":"scalar"},"locs":[{"a":84,"b":88}]}],"statement":"select\n  id as \"id!\"\nfrom\n  invoice_line\nwhere\n  invoice_id = :invoice!\n  and key = :key!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   id as "id!"
 * from
 *   invoice_line
 * where
 *   invoice_id = :invoice!
 *   and key = :key!
 * ```
 */
export const lineByKey = new PreparedQuery<ILineByKeyParams,ILineByKeyResult>(lineByKeyIR);


/** 'SharesOfLine' parameters type */
export interface ISharesOfLineParams {
  line: string;
}

/** 'SharesOfLine' return type */
export interface ISharesOfLineResult {
  entryId: string;
  minor: number;
  quantity: number;
}

/** 'SharesOfLine' query type */
export interface ISharesOfLineQuery {
  params: ISharesOfLineParams;
  result: ISharesOfLineResult;
}

const sharesOfLineIR: any = {"usedParamSet":{"line":true},"params":[{"name":"line","required":true,"transform":{"type":"scalar"},"locs":[{"a":133,"b":138}]}],"statement":"select\n  s.entry_id as \"entryId!\",\n  s.quantity as \"quantity!\",\n  s.amount_minor as \"minor!\"\nfrom\n  line_share s\nwhere\n  s.line_id = :line!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   s.entry_id as "entryId!",
 *   s.quantity as "quantity!",
 *   s.amount_minor as "minor!"
 * from
 *   line_share s
 * where
 *   s.line_id = :line!
 * ```
 */
export const sharesOfLine = new PreparedQuery<ISharesOfLineParams,ISharesOfLineResult>(sharesOfLineIR);


