/** Types generated for queries found in "packages/server/src/billing/invoices/issue-invoice.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'UpdateDraftTotals' parameters type */
export interface IUpdateDraftTotalsParams {
  gross: number;
  id: string;
  net: number;
  supplyFrom: string;
  supplyTo: string;
  tax: number;
}

/** 'UpdateDraftTotals' return type */
export type IUpdateDraftTotalsResult = void;

/** 'UpdateDraftTotals' query type */
export interface IUpdateDraftTotalsQuery {
  params: IUpdateDraftTotalsParams;
  result: IUpdateDraftTotalsResult;
}

const updateDraftTotalsIR: any = {"usedParamSet":{"supplyFrom":true,"supplyTo":true,"net":true,"tax":true,"gross":true,"id":true},"params":[{"name":"supplyFrom","required":true,"transform":{"type":"scalar"},"locs":[{"a":35,"b":46}]},{"name":"supplyTo","required":true,"transform":{"type":"scalar"},"locs":[{"a":63,"b":72}]},{"name":"net","required":true,"transform":{"type":"scalar"},"locs":[{"a":89,"b":93}]},{"name":"tax","required":true,"transform":{"type":"scalar"},"locs":[{"a":110,"b":114}]},{"name":"gross","required":true,"transform":{"type":"scalar"},"locs":[{"a":133,"b":139}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":154,"b":157}]}],"statement":"update invoice\nset\n  supply_from = :supplyFrom!,\n  supply_to = :supplyTo!,\n  net_minor = :net!,\n  tax_minor = :tax!,\n  gross_minor = :gross!\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update invoice
 * set
 *   supply_from = :supplyFrom!,
 *   supply_to = :supplyTo!,
 *   net_minor = :net!,
 *   tax_minor = :tax!,
 *   gross_minor = :gross!
 * where
 *   id = :id!
 * ```
 */
export const updateDraftTotals = new PreparedQuery<IUpdateDraftTotalsParams,IUpdateDraftTotalsResult>(updateDraftTotalsIR);


