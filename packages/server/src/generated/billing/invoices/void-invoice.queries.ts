/** Types generated for queries found in "packages/server/src/billing/invoices/void-invoice.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'MarkInvoiceVoid' parameters type */
export interface IMarkInvoiceVoidParams {
  id: string;
  reason: string;
}

/** 'MarkInvoiceVoid' return type */
export type IMarkInvoiceVoidResult = void;

/** 'MarkInvoiceVoid' query type */
export interface IMarkInvoiceVoidQuery {
  params: IMarkInvoiceVoidParams;
  result: IMarkInvoiceVoidResult;
}

const markInvoiceVoidIR: any = {"usedParamSet":{"reason":true,"id":true},"params":[{"name":"reason","required":true,"transform":{"type":"scalar"},"locs":[{"a":49,"b":56}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":96,"b":99}]}],"statement":"update invoice\nset\n  status = 'void',\n  reason = :reason!,\n  version = version + 1\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update invoice
 * set
 *   status = 'void',
 *   reason = :reason!,
 *   version = version + 1
 * where
 *   id = :id!
 * ```
 */
export const markInvoiceVoid = new PreparedQuery<IMarkInvoiceVoidParams,IMarkInvoiceVoidResult>(markInvoiceVoidIR);


/** 'ReleaseShares' parameters type */
export interface IReleaseSharesParams {
  invoice: string;
}

/** 'ReleaseShares' return type */
export type IReleaseSharesResult = void;

/** 'ReleaseShares' query type */
export interface IReleaseSharesQuery {
  params: IReleaseSharesParams;
  result: IReleaseSharesResult;
}

const releaseSharesIR: any = {"usedParamSet":{"invoice":true},"params":[{"name":"invoice","required":true,"transform":{"type":"scalar"},"locs":[{"a":135,"b":143}]}],"statement":"update line_share s\nset\n  live = false\nfrom\n  invoice_line l\nwhere\n  l.firm_id = s.firm_id\n  and l.id = s.line_id\n  and l.invoice_id = :invoice!"};

/**
 * Query generated from SQL:
 * ```
 * update line_share s
 * set
 *   live = false
 * from
 *   invoice_line l
 * where
 *   l.firm_id = s.firm_id
 *   and l.id = s.line_id
 *   and l.invoice_id = :invoice!
 * ```
 */
export const releaseShares = new PreparedQuery<IReleaseSharesParams,IReleaseSharesResult>(releaseSharesIR);


