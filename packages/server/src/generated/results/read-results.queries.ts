/** Types generated for queries found in "packages/server/src/results/read-results.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'ResultTasks' parameters type */
export interface IResultTasksParams {
  projects: stringArray;
}

/** 'ResultTasks' return type */
export interface IResultTasksResult {
  budget: number;
  estimate: number;
  id: string;
  name: string;
  parentId: string | null;
  projectId: string;
}

/** 'ResultTasks' query type */
export interface IResultTasksQuery {
  params: IResultTasksParams;
  result: IResultTasksResult;
}

const resultTasksIR: any = {"usedParamSet":{"projects":true},"params":[{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":208,"b":217}]}],"statement":"select\n  t.id as \"id!\",\n  t.project_id as \"projectId!\",\n  t.parent_id as \"parentId?\",\n  t.name as \"name!\",\n  t.estimate as \"estimate!\",\n  t.budget_minor as \"budget!\"\nfrom\n  task t\nwhere\n  t.project_id = any (:projects!)\norder by\n  t.place,\n  t.name"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   t.id as "id!",
 *   t.project_id as "projectId!",
 *   t.parent_id as "parentId?",
 *   t.name as "name!",
 *   t.estimate as "estimate!",
 *   t.budget_minor as "budget!"
 * from
 *   task t
 * where
 *   t.project_id = any (:projects!)
 * order by
 *   t.place,
 *   t.name
 * ```
 */
export const resultTasks = new PreparedQuery<IResultTasksParams,IResultTasksResult>(resultTasksIR);


/** 'OwnHours' parameters type */
export interface IOwnHoursParams {
  all: boolean;
  anyTask: boolean;
  from: string;
  person: string;
  projects: stringArray;
  tasks: stringArray;
  to: string;
}

/** 'OwnHours' return type */
export interface IOwnHoursResult {
  billable: number;
  name: string;
  projectId: string;
  seconds: number;
}

/** 'OwnHours' query type */
export interface IOwnHoursQuery {
  params: IOwnHoursParams;
  result: IOwnHoursResult;
}

const ownHoursIR: any = {"usedParamSet":{"person":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":250,"b":257}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":266,"b":271}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":274,"b":277}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":421,"b":425}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":428,"b":437}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":440,"b":448}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":451,"b":457}]}],"statement":"select\n  p.id as \"projectId!\",\n  min(work_text (p)) as \"name!\",\n  sum(s.quantity)::bigint as \"seconds!\",\n  coalesce(\n    sum(s.quantity) filter (\n      where\n        s.billable\n    ),\n    0\n  )::bigint as \"billable!\"\nfrom\n  work_sums_between ('own', :person!, null, :from!, :to!) s\n  join project p on p.firm_id = s.firm_id\n  and p.id = s.project_id\nwhere\n  s.kind = 'time'\n  and in_scope (s.project_id, s.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)\ngroup by\n  p.id\nhaving\n  sum(s.entries) > 0\norder by\n  3 desc,\n  2"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "projectId!",
 *   min(work_text (p)) as "name!",
 *   sum(s.quantity)::bigint as "seconds!",
 *   coalesce(
 *     sum(s.quantity) filter (
 *       where
 *         s.billable
 *     ),
 *     0
 *   )::bigint as "billable!"
 * from
 *   work_sums_between ('own', :person!, null, :from!, :to!) s
 *   join project p on p.firm_id = s.firm_id
 *   and p.id = s.project_id
 * where
 *   s.kind = 'time'
 *   and in_scope (s.project_id, s.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)
 * group by
 *   p.id
 * having
 *   sum(s.entries) > 0
 * order by
 *   3 desc,
 *   2
 * ```
 */
export const ownHours = new PreparedQuery<IOwnHoursParams,IOwnHoursResult>(ownHoursIR);


