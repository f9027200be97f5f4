/** Types generated for queries found in "packages/server/src/review/read-review-person.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'ReturnsOfSheet' parameters type */
export interface IReturnsOfSheetParams {
  sheet: string;
}

/** 'ReturnsOfSheet' return type */
export interface IReturnsOfSheetResult {
  at: string;
  by: string;
  reason: string;
}

/** 'ReturnsOfSheet' query type */
export interface IReturnsOfSheetQuery {
  params: IReturnsOfSheetParams;
  result: IReturnsOfSheetResult;
}

const returnsOfSheetIR: any = {"usedParamSet":{"sheet":true},"params":[{"name":"sheet","required":true,"transform":{"type":"scalar"},"locs":[{"a":172,"b":178}]}],"statement":"select\n  d.at as \"at!\",\n  p.name as \"by!\",\n  d.reason as \"reason!\"\nfrom\n  decision d\n  join person p on p.firm_id = d.firm_id\n  and p.id = d.by_id\nwhere\n  d.timesheet_id = :sheet!\n  and d.entry_id is null\norder by\n  d.at desc"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   d.at as "at!",
 *   p.name as "by!",
 *   d.reason as "reason!"
 * from
 *   decision d
 *   join person p on p.firm_id = d.firm_id
 *   and p.id = d.by_id
 * where
 *   d.timesheet_id = :sheet!
 *   and d.entry_id is null
 * order by
 *   d.at desc
 * ```
 */
export const returnsOfSheet = new PreparedQuery<IReturnsOfSheetParams,IReturnsOfSheetResult>(returnsOfSheetIR);


/** 'TaskEstimates' parameters type */
export interface ITaskEstimatesParams {
  tasks: stringArray;
}

/** 'TaskEstimates' return type */
export interface ITaskEstimatesResult {
  estimate: number;
  id: string;
  name: string;
  recorded: number;
}

/** 'TaskEstimates' query type */
export interface ITaskEstimatesQuery {
  params: ITaskEstimatesParams;
  result: ITaskEstimatesResult;
}

const taskEstimatesIR: any = {"usedParamSet":{"tasks":true},"params":[{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":413,"b":419}]}],"statement":"select\n  t.id as \"id!\",\n  t.name as \"name!\",\n  t.estimate as \"estimate!\",\n  coalesce(\n    (\n      select\n        sum(s.quantity)\n      from\n        work_sum s\n      where\n        s.firm_id = t.firm_id\n        and s.person_id = no_id ()\n        and s.month = no_month ()\n        and s.project_id = t.project_id\n        and s.task_id = t.id\n    ),\n    0\n  )::bigint as \"recorded!\"\nfrom\n  task t\nwhere\n  t.id = any (:tasks!)\n  and t.estimate > 0\norder by\n  t.name"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   t.id as "id!",
 *   t.name as "name!",
 *   t.estimate as "estimate!",
 *   coalesce(
 *     (
 *       select
 *         sum(s.quantity)
 *       from
 *         work_sum s
 *       where
 *         s.firm_id = t.firm_id
 *         and s.person_id = no_id ()
 *         and s.month = no_month ()
 *         and s.project_id = t.project_id
 *         and s.task_id = t.id
 *     ),
 *     0
 *   )::bigint as "recorded!"
 * from
 *   task t
 * where
 *   t.id = any (:tasks!)
 *   and t.estimate > 0
 * order by
 *   t.name
 * ```
 */
export const taskEstimates = new PreparedQuery<ITaskEstimatesParams,ITaskEstimatesResult>(taskEstimatesIR);


