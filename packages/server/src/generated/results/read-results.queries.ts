/** Types generated for queries found in "packages/server/src/results/read-results.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'SeriesRecorded' parameters type */
export interface ISeriesRecordedParams {
  all: boolean;
  anyTask: boolean;
  apart: stringArray;
  asker: string;
  from: string;
  own: string;
  projects: stringArray;
  reach: string;
  tasks: stringArray;
  to: string;
  whose?: string | null | void;
}

/** 'SeriesRecorded' return type */
export interface ISeriesRecordedResult {
  cost: number;
  currency: string | null;
  month: string;
  projectId: string | null;
  standardCost: number;
  value: number;
}

/** 'SeriesRecorded' query type */
export interface ISeriesRecordedQuery {
  params: ISeriesRecordedParams;
  result: ISeriesRecordedResult;
}

const seriesRecordedIR: any = {"usedParamSet":{"apart":true,"own":true,"reach":true,"asker":true,"whose":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"apart","required":true,"transform":{"type":"scalar"},"locs":[{"a":43,"b":49}]},{"name":"own","required":true,"transform":{"type":"scalar"},"locs":[{"a":73,"b":77}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":549,"b":555}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":558,"b":564}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":567,"b":572}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":575,"b":580}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":583,"b":586}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":703,"b":707}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":710,"b":719}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":722,"b":730}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":733,"b":739}]}],"statement":"select\n  case\n    when s.project_id = any (:apart!)\n    or s.currency <> :own! then s.project_id\n  end as \"projectId?\",\n  s.month as \"month!\",\n  nullif(s.currency, '') as \"currency?\",\n  sum(s.cost_minor)::bigint as \"cost!\",\n  sum(s.standard_cost_minor)::bigint as \"standardCost!\",\n  coalesce(\n    sum(s.value_minor) filter (\n      where\n        case\n          when s.kind = 'fee' then is_unbilled (s.stage, s.billing_state)\n          else s.billing_state <> 'written off'\n        end\n    ),\n    0\n  )::bigint as \"value!\"\nfrom\n  work_months_between (:reach!, :asker!, :whose, :from!, :to!) s\nwhere\n  s.kind in ('time', 'fee')\n  and s.project_id <> no_id ()\n  and in_scope (s.project_id, s.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)\ngroup by\n  1,\n  2,\n  3\nhaving\n  sum(s.entries) > 0"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   case
 *     when s.project_id = any (:apart!)
 *     or s.currency <> :own! then s.project_id
 *   end as "projectId?",
 *   s.month as "month!",
 *   nullif(s.currency, '') as "currency?",
 *   sum(s.cost_minor)::bigint as "cost!",
 *   sum(s.standard_cost_minor)::bigint as "standardCost!",
 *   coalesce(
 *     sum(s.value_minor) filter (
 *       where
 *         case
 *           when s.kind = 'fee' then is_unbilled (s.stage, s.billing_state)
 *           else s.billing_state <> 'written off'
 *         end
 *     ),
 *     0
 *   )::bigint as "value!"
 * from
 *   work_months_between (:reach!, :asker!, :whose, :from!, :to!) s
 * where
 *   s.kind in ('time', 'fee')
 *   and s.project_id <> no_id ()
 *   and in_scope (s.project_id, s.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)
 * group by
 *   1,
 *   2,
 *   3
 * having
 *   sum(s.entries) > 0
 * ```
 */
export const seriesRecorded = new PreparedQuery<ISeriesRecordedParams,ISeriesRecordedResult>(seriesRecordedIR);


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

const ownHoursIR: any = {"usedParamSet":{"person":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":238,"b":245}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":254,"b":259}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":262,"b":265}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":409,"b":413}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":416,"b":425}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":428,"b":436}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":439,"b":445}]}],"statement":"select\n  p.id as \"projectId!\",\n  p.name as \"name!\",\n  sum(s.quantity)::bigint as \"seconds!\",\n  coalesce(\n    sum(s.quantity) filter (\n      where\n        s.billable\n    ),\n    0\n  )::bigint as \"billable!\"\nfrom\n  work_sums_between ('own', :person!, null, :from!, :to!) s\n  join project p on p.firm_id = s.firm_id\n  and p.id = s.project_id\nwhere\n  s.kind = 'time'\n  and in_scope (s.project_id, s.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)\ngroup by\n  p.id,\n  p.name\nhaving\n  sum(s.entries) > 0\norder by\n  3 desc,\n  p.name"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "projectId!",
 *   p.name as "name!",
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
 *   p.id,
 *   p.name
 * having
 *   sum(s.entries) > 0
 * order by
 *   3 desc,
 *   p.name
 * ```
 */
export const ownHours = new PreparedQuery<IOwnHoursParams,IOwnHoursResult>(ownHoursIR);


