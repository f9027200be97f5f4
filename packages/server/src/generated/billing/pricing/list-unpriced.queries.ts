/** Types generated for queries found in "packages/server/src/billing/pricing/list-unpriced.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'UnpricedEntries' parameters type */
export interface IUnpricedEntriesParams {
  all: boolean;
  anyTask: boolean;
  asker: string;
  projects: stringArray;
  reach: string;
  tasks: stringArray;
  whose?: string | null | void;
}

/** 'UnpricedEntries' return type */
export interface IUnpricedEntriesResult {
  count: number;
  id: string;
}

/** 'UnpricedEntries' query type */
export interface IUnpricedEntriesQuery {
  params: IUnpricedEntriesParams;
  result: IUnpricedEntriesResult;
}

const unpricedEntriesIR: any = {"usedParamSet":{"reach":true,"asker":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"whose":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":85,"b":91}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":94,"b":100}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":295,"b":299}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":306,"b":315}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":322,"b":330}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":337,"b":343}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":350,"b":355}]}],"statement":"select\n  e.id as \"id!\",\n  count(*) over ()::int as \"count!\"\nfrom\n  entries_in_reach (:reach!, :asker!) e\nwhere\n  e.billing_state = 'to bill'\n  and e.rate is null\n  and e.project_id is not null\n  and e.service_id is not null\n  and in_scope (\n    e.project_id,\n    e.task_id,\n    e.person_id,\n    :all!,\n    :projects!,\n    :anyTask!,\n    :tasks!,\n    :whose\n  )\norder by\n  e.work_date,\n  e.id\nlimit\n  100"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   e.id as "id!",
 *   count(*) over ()::int as "count!"
 * from
 *   entries_in_reach (:reach!, :asker!) e
 * where
 *   e.billing_state = 'to bill'
 *   and e.rate is null
 *   and e.project_id is not null
 *   and e.service_id is not null
 *   and in_scope (
 *     e.project_id,
 *     e.task_id,
 *     e.person_id,
 *     :all!,
 *     :projects!,
 *     :anyTask!,
 *     :tasks!,
 *     :whose
 *   )
 * order by
 *   e.work_date,
 *   e.id
 * limit
 *   100
 * ```
 */
export const unpricedEntries = new PreparedQuery<IUnpricedEntriesParams,IUnpricedEntriesResult>(unpricedEntriesIR);


