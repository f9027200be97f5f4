/** Types generated for queries found in "packages/server/src/results/read-bars.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'BarOfFirm' parameters type */
export type IBarOfFirmParams = void;

/** 'BarOfFirm' return type */
export interface IBarOfFirmResult {
  ends: boolean;
  seconds: number;
  stage: string;
}

/** 'BarOfFirm' query type */
export interface IBarOfFirmQuery {
  params: IBarOfFirmParams;
  result: IBarOfFirmResult;
}

const barOfFirmIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  stage as \"stage!\",\n  ends as \"ends!\",\n  sum(quantity)::bigint as \"seconds!\"\nfrom\n  stage_sum\ngroup by\n  1,\n  2\nhaving\n  sum(quantity) <> 0"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   stage as "stage!",
 *   ends as "ends!",
 *   sum(quantity)::bigint as "seconds!"
 * from
 *   stage_sum
 * group by
 *   1,
 *   2
 * having
 *   sum(quantity) <> 0
 * ```
 */
export const barOfFirm = new PreparedQuery<IBarOfFirmParams,IBarOfFirmResult>(barOfFirmIR);


/** 'BarOfReach' parameters type */
export interface IBarOfReachParams {
  asker: string;
  reach: string;
}

/** 'BarOfReach' return type */
export interface IBarOfReachResult {
  ends: boolean;
  seconds: number;
  stage: string;
}

/** 'BarOfReach' query type */
export interface IBarOfReachQuery {
  params: IBarOfReachParams;
  result: IBarOfReachResult;
}

const barOfReachIR: any = {"usedParamSet":{"reach":true,"asker":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":141,"b":147}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":150,"b":156}]}],"statement":"select\n  stage as \"stage!\",\n  ends_there (stage, billing_state) as \"ends!\",\n  sum(quantity)::bigint as \"seconds!\"\nfrom\n  work_sums_in_reach (:reach!, :asker!, null)\nwhere\n  month = no_month ()\n  and kind = 'time'\ngroup by\n  1,\n  2\nhaving\n  sum(quantity) <> 0"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   stage as "stage!",
 *   ends_there (stage, billing_state) as "ends!",
 *   sum(quantity)::bigint as "seconds!"
 * from
 *   work_sums_in_reach (:reach!, :asker!, null)
 * where
 *   month = no_month ()
 *   and kind = 'time'
 * group by
 *   1,
 *   2
 * having
 *   sum(quantity) <> 0
 * ```
 */
export const barOfReach = new PreparedQuery<IBarOfReachParams,IBarOfReachResult>(barOfReachIR);


/** 'BarsOfProjects' parameters type */
export interface IBarsOfProjectsParams {
  asker: string;
  projects: stringArray;
  reach: string;
  seen: string;
}

/** 'BarsOfProjects' return type */
export interface IBarsOfProjectsResult {
  ends: boolean;
  id: string;
  seconds: number;
  stage: string;
}

/** 'BarsOfProjects' query type */
export interface IBarsOfProjectsQuery {
  params: IBarsOfProjectsParams;
  result: IBarsOfProjectsResult;
}

const barsOfProjectsIR: any = {"usedParamSet":{"reach":true,"asker":true,"seen":true,"projects":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":174,"b":180}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":183,"b":189},{"a":234,"b":240}]},{"name":"seen","required":true,"transform":{"type":"scalar"},"locs":[{"a":226,"b":231}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":374,"b":383}]}],"statement":"select\n  s.project_id as \"id!\",\n  s.stage as \"stage!\",\n  ends_there (s.stage, s.billing_state) as \"ends!\",\n  sum(s.quantity)::bigint as \"seconds!\"\nfrom\n  work_sums_in_reach (:reach!, :asker!, null) s\n  join projects_in_reach (:seen!, :asker!) p on p.firm_id = s.firm_id\n  and p.id = s.project_id\nwhere\n  s.month = no_month ()\n  and s.kind = 'time'\n  and s.project_id = any (:projects!)\ngroup by\n  1,\n  2,\n  3\nhaving\n  sum(s.quantity) <> 0"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   s.project_id as "id!",
 *   s.stage as "stage!",
 *   ends_there (s.stage, s.billing_state) as "ends!",
 *   sum(s.quantity)::bigint as "seconds!"
 * from
 *   work_sums_in_reach (:reach!, :asker!, null) s
 *   join projects_in_reach (:seen!, :asker!) p on p.firm_id = s.firm_id
 *   and p.id = s.project_id
 * where
 *   s.month = no_month ()
 *   and s.kind = 'time'
 *   and s.project_id = any (:projects!)
 * group by
 *   1,
 *   2,
 *   3
 * having
 *   sum(s.quantity) <> 0
 * ```
 */
export const barsOfProjects = new PreparedQuery<IBarsOfProjectsParams,IBarsOfProjectsResult>(barsOfProjectsIR);


/** 'BarsOfTasks' parameters type */
export interface IBarsOfTasksParams {
  asker: string;
  reach: string;
  seen: string;
  tasks: stringArray;
}

/** 'BarsOfTasks' return type */
export interface IBarsOfTasksResult {
  ends: boolean;
  id: string;
  seconds: number;
  stage: string;
}

/** 'BarsOfTasks' query type */
export interface IBarsOfTasksQuery {
  params: IBarsOfTasksParams;
  result: IBarsOfTasksResult;
}

const barsOfTasksIR: any = {"usedParamSet":{"seen":true,"asker":true,"tasks":true,"reach":true},"params":[{"name":"seen","required":true,"transform":{"type":"scalar"},"locs":[{"a":159,"b":164}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":167,"b":173},{"a":648,"b":654}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":261,"b":267}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":639,"b":645}]}],"statement":"with recursive\n  below as (\n    select\n      t.firm_id,\n      t.id as root,\n      t.id,\n      t.project_id\n    from\n      task t\n      join projects_in_reach (:seen!, :asker!) p on p.firm_id = t.firm_id\n      and p.id = t.project_id\n    where\n      t.id = any (:tasks!)\n    union all\n    select\n      b.firm_id,\n      b.root,\n      c.id,\n      c.project_id\n    from\n      below b\n      join task c on c.firm_id = b.firm_id\n      and c.parent_id = b.id\n  )\nselect\n  b.root as \"id!\",\n  s.stage as \"stage!\",\n  ends_there (s.stage, s.billing_state) as \"ends!\",\n  sum(s.quantity)::bigint as \"seconds!\"\nfrom\n  below b\n  join work_sums_in_reach (:reach!, :asker!, null) s on s.firm_id = b.firm_id\n  and s.project_id = b.project_id\n  and s.task_id = b.id\nwhere\n  s.month = no_month ()\n  and s.kind = 'time'\ngroup by\n  1,\n  2,\n  3\nhaving\n  sum(s.quantity) <> 0"};

/**
 * Query generated from SQL:
 * ```
 * with recursive
 *   below as (
 *     select
 *       t.firm_id,
 *       t.id as root,
 *       t.id,
 *       t.project_id
 *     from
 *       task t
 *       join projects_in_reach (:seen!, :asker!) p on p.firm_id = t.firm_id
 *       and p.id = t.project_id
 *     where
 *       t.id = any (:tasks!)
 *     union all
 *     select
 *       b.firm_id,
 *       b.root,
 *       c.id,
 *       c.project_id
 *     from
 *       below b
 *       join task c on c.firm_id = b.firm_id
 *       and c.parent_id = b.id
 *   )
 * select
 *   b.root as "id!",
 *   s.stage as "stage!",
 *   ends_there (s.stage, s.billing_state) as "ends!",
 *   sum(s.quantity)::bigint as "seconds!"
 * from
 *   below b
 *   join work_sums_in_reach (:reach!, :asker!, null) s on s.firm_id = b.firm_id
 *   and s.project_id = b.project_id
 *   and s.task_id = b.id
 * where
 *   s.month = no_month ()
 *   and s.kind = 'time'
 * group by
 *   1,
 *   2,
 *   3
 * having
 *   sum(s.quantity) <> 0
 * ```
 */
export const barsOfTasks = new PreparedQuery<IBarsOfTasksParams,IBarsOfTasksResult>(barsOfTasksIR);


