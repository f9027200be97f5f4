/** Types generated for queries found in "packages/server/src/billing/pricing/price-entry.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'EntryToPrice' parameters type */
export interface IEntryToPriceParams {
  asker: string;
  id: string;
  reach: string;
}

/** 'EntryToPrice' return type */
export interface IEntryToPriceResult {
  personId: string;
  workDate: string;
}

/** 'EntryToPrice' query type */
export interface IEntryToPriceQuery {
  params: IEntryToPriceParams;
  result: IEntryToPriceResult;
}

const entryToPriceIR: any = {"usedParamSet":{"reach":true,"asker":true,"id":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":91,"b":97}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":100,"b":106}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":126,"b":129}]}],"statement":"select\n  r.person_id as \"personId!\",\n  r.work_date as \"workDate!\"\nfrom\n  entries_in_reach (:reach!, :asker!) r\nwhere\n  r.id = :id!\n  and r.kind = 'time'"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   r.person_id as "personId!",
 *   r.work_date as "workDate!"
 * from
 *   entries_in_reach (:reach!, :asker!) r
 * where
 *   r.id = :id!
 *   and r.kind = 'time'
 * ```
 */
export const entryToPrice = new PreparedQuery<IEntryToPriceParams,IEntryToPriceResult>(entryToPriceIR);


