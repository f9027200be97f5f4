/** Types generated for queries found in "packages/server/src/billing/invoices/discard-draft.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'DeleteInvoice' parameters type */
export interface IDeleteInvoiceParams {
  id: string;
}

/** 'DeleteInvoice' return type */
export type IDeleteInvoiceResult = void;

/** 'DeleteInvoice' query type */
export interface IDeleteInvoiceQuery {
  params: IDeleteInvoiceParams;
  result: IDeleteInvoiceResult;
}

const deleteInvoiceIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":33,"b":36}]}],"statement":"delete from invoice\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * delete from invoice
 * where
 *   id = :id!
 * ```
 */
export const deleteInvoice = new PreparedQuery<IDeleteInvoiceParams,IDeleteInvoiceResult>(deleteInvoiceIR);


