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
  value: number;
}

/** 'SeriesRecorded' query type */
export interface ISeriesRecordedQuery {
  params: ISeriesRecordedParams;
  result: ISeriesRecordedResult;
}

const seriesRecordedIR: any = {"usedParamSet":{"apart":true,"own":true,"reach":true,"asker":true,"whose":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"apart","required":true,"transform":{"type":"scalar"},"locs":[{"a":43,"b":49}]},{"name":"own","required":true,"transform":{"type":"scalar"},"locs":[{"a":73,"b":77}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":293,"b":299}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":302,"b":308}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":311,"b":316}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":319,"b":324}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":327,"b":330}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":402,"b":406}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":435,"b":444}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":463,"b":471}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":497,"b":503}]}],"statement":"select\n  case\n    when s.project_id = any (:apart!)\n    or s.currency <> :own! then s.project_id\n  end as \"projectId?\",\n  s.month as \"month!\",\n  nullif(s.currency, '') as \"currency?\",\n  sum(s.cost_minor)::bigint as \"cost!\",\n  sum(s.value_minor)::bigint as \"value!\"\nfrom\n  work_months_between (:reach!, :asker!, :whose, :from!, :to!) s\nwhere\n  s.kind = 'time'\n  and s.project_id <> no_id ()\n  and (\n    :all!\n    or s.project_id = any (:projects!)\n  )\n  and (\n    :anyTask!\n    or s.task_id = any (:tasks!)\n  )\ngroup by\n  1,\n  2,\n  3\nhaving\n  sum(s.entries) > 0"};

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
 *   sum(s.value_minor)::bigint as "value!"
 * from
 *   work_months_between (:reach!, :asker!, :whose, :from!, :to!) s
 * where
 *   s.kind = 'time'
 *   and s.project_id <> no_id ()
 *   and (
 *     :all!
 *     or s.project_id = any (:projects!)
 *   )
 *   and (
 *     :anyTask!
 *     or s.task_id = any (:tasks!)
 *   )
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

const ownHoursIR: any = {"usedParamSet":{"person":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":238,"b":245}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":254,"b":259}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":262,"b":265}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":374,"b":378}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":407,"b":416}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":435,"b":443}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":469,"b":475}]}],"statement":"select\n  p.id as \"projectId!\",\n  p.name as \"name!\",\n  sum(s.quantity)::bigint as \"seconds!\",\n  coalesce(\n    sum(s.quantity) filter (\n      where\n        s.billable\n    ),\n    0\n  )::bigint as \"billable!\"\nfrom\n  work_sums_between ('own', :person!, null, :from!, :to!) s\n  join project p on p.firm_id = s.firm_id\n  and p.id = s.project_id\nwhere\n  s.kind = 'time'\n  and (\n    :all!\n    or s.project_id = any (:projects!)\n  )\n  and (\n    :anyTask!\n    or s.task_id = any (:tasks!)\n  )\ngroup by\n  p.id,\n  p.name\nhaving\n  sum(s.entries) > 0\norder by\n  3 desc,\n  p.name"};

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
 *   and (
 *     :all!
 *     or s.project_id = any (:projects!)
 *   )
 *   and (
 *     :anyTask!
 *     or s.task_id = any (:tasks!)
 *   )
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


