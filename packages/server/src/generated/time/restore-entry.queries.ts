/** Types generated for queries found in "packages/server/src/time/restore-entry.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

/** 'DeletedEntry' parameters type */
export interface IDeletedEntryParams {
  id: string;
}

/** 'DeletedEntry' return type */
export interface IDeletedEntryResult {
  before: Json;
  moneyBefore: Json | null;
}

/** 'DeletedEntry' query type */
export interface IDeletedEntryQuery {
  params: IDeletedEntryParams;
  result: IDeletedEntryResult;
}

const deletedEntryIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":183,"b":186}]}],"statement":"select\n  s.before as \"before!\",\n  s.money_before as \"moneyBefore?\"\nfrom\n  audit_subject s\n  join audit_event v on v.firm_id = s.firm_id\n  and v.id = s.event_id\nwhere\n  s.subject_id = :id!\n  and s.subject_kind = 'entry'\n  and s.after is null\norder by\n  v.at desc\nlimit\n  1"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   s.before as "before!",
 *   s.money_before as "moneyBefore?"
 * from
 *   audit_subject s
 *   join audit_event v on v.firm_id = s.firm_id
 *   and v.id = s.event_id
 * where
 *   s.subject_id = :id!
 *   and s.subject_kind = 'entry'
 *   and s.after is null
 * order by
 *   v.at desc
 * limit
 *   1
 * ```
 */
export const deletedEntry = new PreparedQuery<IDeletedEntryParams,IDeletedEntryResult>(deletedEntryIR);


