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


