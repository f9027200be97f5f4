/** Types generated for queries found in "packages/server/src/billing/invoices/preview-invoice.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'NextNumber' parameters type */
export interface INextNumberParams {
  series: string;
}

/** 'NextNumber' return type */
export interface INextNumberResult {
  next: number;
  prefix: string;
}

/** 'NextNumber' query type */
export interface INextNumberQuery {
  params: INextNumberParams;
  result: INextNumberResult;
}

const nextNumberIR: any = {"usedParamSet":{"series":true},"params":[{"name":"series","required":true,"transform":{"type":"scalar"},"locs":[{"a":94,"b":101}]}],"statement":"select\n  prefix as \"prefix!\",\n  next_number as \"next!\"\nfrom\n  invoice_series\nwhere\n  series = :series!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   prefix as "prefix!",
 *   next_number as "next!"
 * from
 *   invoice_series
 * where
 *   series = :series!
 * ```
 */
export const nextNumber = new PreparedQuery<INextNumberParams,INextNumberResult>(nextNumberIR);


