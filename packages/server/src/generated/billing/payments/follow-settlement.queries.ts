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


/** 'SettlementOf' parameters type */
export interface ISettlementOfParams {
  id: string;
}

/** 'SettlementOf' return type */
export interface ISettlementOfResult {
  gross: number;
  settled: number;
  status: string;
}

/** 'SettlementOf' query type */
export interface ISettlementOfQuery {
  params: ISettlementOfParams;
  result: ISettlementOfResult;
}

const settlementOfIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":115,"b":118}]}],"statement":"select\n  status as \"status!\",\n  settled_minor as \"settled!\",\n  gross_minor as \"gross!\"\nfrom\n  invoice\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   status as "status!",
 *   settled_minor as "settled!",
 *   gross_minor as "gross!"
 * from
 *   invoice
 * where
 *   id = :id!
 * ```
 */
export const settlementOf = new PreparedQuery<ISettlementOfParams,ISettlementOfResult>(settlementOfIR);


