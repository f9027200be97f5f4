/** Types generated for queries found in "packages/server/src/time/restore-entry.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

export type stringArray = (string)[];

/** 'DeletedEntries' parameters type */
export interface IDeletedEntriesParams {
  ids: stringArray;
}

/** 'DeletedEntries' return type */
export interface IDeletedEntriesResult {
  before: Json;
  deletedBy: string;
  id: string;
  moneyBefore: Json | null;
  projectNow: string | null;
}

/** 'DeletedEntries' query type */
export interface IDeletedEntriesQuery {
  params: IDeletedEntriesParams;
  result: IDeletedEntriesResult;
}

const deletedEntriesIR: any = {"usedParamSet":{"ids":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":390,"b":394}]}],"statement":"select distinct\n  on (s.subject_id) s.subject_id as \"id!\",\n  s.before as \"before!\",\n  s.money_before as \"moneyBefore?\",\n  e.actor_id as \"deletedBy!\",\n  t.project_id as \"projectNow?\"\nfrom\n  audit_subject s\n  join audit_event e on e.firm_id = s.firm_id\n  and e.id = s.event_id\n  left join task t on t.firm_id = s.firm_id\n  and t.id = (s.before ->> 'taskId')::uuid\nwhere\n  s.subject_id = any (:ids!)\n  and s.after is null\norder by\n  s.subject_id,\n  -- Versions only rise: the highest is the one that was deleted last.\n  (s.before ->> 'version')::int desc"};

/**
 * Query generated from SQL:
 * ```
 * select distinct
 *   on (s.subject_id) s.subject_id as "id!",
 *   s.before as "before!",
 *   s.money_before as "moneyBefore?",
 *   e.actor_id as "deletedBy!",
 *   t.project_id as "projectNow?"
 * from
 *   audit_subject s
 *   join audit_event e on e.firm_id = s.firm_id
 *   and e.id = s.event_id
 *   left join task t on t.firm_id = s.firm_id
 *   and t.id = (s.before ->> 'taskId')::uuid
 * where
 *   s.subject_id = any (:ids!)
 *   and s.after is null
 * order by
 *   s.subject_id,
 *   -- Versions only rise: the highest is the one that was deleted last.
 *   (s.before ->> 'version')::int desc
 * ```
 */
export const deletedEntries = new PreparedQuery<IDeletedEntriesParams,IDeletedEntriesResult>(deletedEntriesIR);


