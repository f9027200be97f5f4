/** Types generated for queries found in "packages/server/src/billing/payments/follow-settlement.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'BumpInvoice' parameters type */
export interface IBumpInvoiceParams {
  id: string;
}

/** 'BumpInvoice' return type */
export type IBumpInvoiceResult = void;

/** 'BumpInvoice' query type */
export interface IBumpInvoiceQuery {
  params: IBumpInvoiceParams;
  result: IBumpInvoiceResult;
}

const bumpInvoiceIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":56,"b":59}]}],"statement":"update invoice\nset\n  version = version + 1\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update invoice
 * set
 *   version = version + 1
 * where
 *   id = :id!
 * ```
 */
export const bumpInvoice = new PreparedQuery<IBumpInvoiceParams,IBumpInvoiceResult>(bumpInvoiceIR);


