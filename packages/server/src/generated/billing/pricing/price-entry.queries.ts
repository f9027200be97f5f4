/** Types generated for queries found in "packages/server/src/billing/pricing/price-entry.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'EntriesToPrice' parameters type */
export interface IEntriesToPriceParams {
  asker: string;
  ids: stringArray;
  reach: string;
}

/** 'EntriesToPrice' return type */
export interface IEntriesToPriceResult {
  id: string;
  personId: string;
  workDate: string;
}

/** 'EntriesToPrice' query type */
export interface IEntriesToPriceQuery {
  params: IEntriesToPriceParams;
  result: IEntriesToPriceResult;
}

const entriesToPriceIR: any = {"usedParamSet":{"reach":true,"asker":true,"ids":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":108,"b":114}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":117,"b":123}]},{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":148,"b":152}]}],"statement":"select\n  r.id as \"id!\",\n  r.person_id as \"personId!\",\n  r.work_date as \"workDate!\"\nfrom\n  entries_in_reach (:reach!, :asker!) r\nwhere\n  r.id = any (:ids!)\n  and r.kind = 'time'"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   r.id as "id!",
 *   r.person_id as "personId!",
 *   r.work_date as "workDate!"
 * from
 *   entries_in_reach (:reach!, :asker!) r
 * where
 *   r.id = any (:ids!)
 *   and r.kind = 'time'
 * ```
 */
export const entriesToPrice = new PreparedQuery<IEntriesToPriceParams,IEntriesToPriceResult>(entriesToPriceIR);


