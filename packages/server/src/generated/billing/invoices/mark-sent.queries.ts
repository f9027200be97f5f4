/** Types generated for queries found in "packages/server/src/billing/invoices/mark-sent.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'MarkInvoiceSent' parameters type */
export interface IMarkInvoiceSentParams {
  id: string;
  now: string;
}

/** 'MarkInvoiceSent' return type */
export type IMarkInvoiceSentResult = void;

/** 'MarkInvoiceSent' query type */
export interface IMarkInvoiceSentQuery {
  params: IMarkInvoiceSentParams;
  result: IMarkInvoiceSentResult;
}

const markInvoiceSentIR: any = {"usedParamSet":{"now":true,"id":true},"params":[{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":31,"b":35}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":75,"b":78}]}],"statement":"update invoice\nset\n  sent_at = :now!,\n  version = version + 1\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update invoice
 * set
 *   sent_at = :now!,
 *   version = version + 1
 * where
 *   id = :id!
 * ```
 */
export const markInvoiceSent = new PreparedQuery<IMarkInvoiceSentParams,IMarkInvoiceSentResult>(markInvoiceSentIR);


