/** Types generated for queries found in "packages/server/src/time/time-rules.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'TimeRules' parameters type */
export type ITimeRulesParams = void;

/** 'TimeRules' return type */
export interface ITimeRulesResult {
  dayMaximum: number;
  gapTolerance: number;
  lockedUntil: string | null;
  review: boolean;
  unreviewed: stringArray;
  version: number;
  weekMaximum: number;
}

/** 'TimeRules' query type */
export interface ITimeRulesQuery {
  params: ITimeRulesParams;
  result: ITimeRulesResult;
}

const timeRulesIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  f.day_maximum as \"dayMaximum!\",\n  f.week_maximum as \"weekMaximum!\",\n  f.gap_tolerance as \"gapTolerance!\",\n  f.locked_until as \"lockedUntil?\",\n  f.review as \"review!\",\n  array(\n    select\n      p.id\n    from\n      project p\n    where\n      not p.review\n    order by\n      p.id\n  ) as \"unreviewed!\",\n  f.version as \"version!\"\nfrom\n  firm f"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   f.day_maximum as "dayMaximum!",
 *   f.week_maximum as "weekMaximum!",
 *   f.gap_tolerance as "gapTolerance!",
 *   f.locked_until as "lockedUntil?",
 *   f.review as "review!",
 *   array(
 *     select
 *       p.id
 *     from
 *       project p
 *     where
 *       not p.review
 *     order by
 *       p.id
 *   ) as "unreviewed!",
 *   f.version as "version!"
 * from
 *   firm f
 * ```
 */
export const timeRules = new PreparedQuery<ITimeRulesParams,ITimeRulesResult>(timeRulesIR);


/** 'SetTimeRules' parameters type */
export interface ISetTimeRulesParams {
  dayMaximum: number;
  gapTolerance: number;
  lockedUntil?: string | null | void;
  review: boolean;
  weekMaximum: number;
}

/** 'SetTimeRules' return type */
export type ISetTimeRulesResult = void;

/** 'SetTimeRules' query type */
export interface ISetTimeRulesQuery {
  params: ISetTimeRulesParams;
  result: ISetTimeRulesResult;
}

const setTimeRulesIR: any = {"usedParamSet":{"dayMaximum":true,"weekMaximum":true,"gapTolerance":true,"lockedUntil":true,"review":true},"params":[{"name":"dayMaximum","required":true,"transform":{"type":"scalar"},"locs":[{"a":32,"b":43}]},{"name":"weekMaximum","required":true,"transform":{"type":"scalar"},"locs":[{"a":63,"b":75}]},{"name":"gapTolerance","required":true,"transform":{"type":"scalar"},"locs":[{"a":96,"b":109}]},{"name":"lockedUntil","required":false,"transform":{"type":"scalar"},"locs":[{"a":129,"b":140}]},{"name":"review","required":true,"transform":{"type":"scalar"},"locs":[{"a":154,"b":161}]}],"statement":"update firm\nset\n  day_maximum = :dayMaximum!,\n  week_maximum = :weekMaximum!,\n  gap_tolerance = :gapTolerance!,\n  locked_until = :lockedUntil,\n  review = :review!,\n  version = version + 1"};

/**
 * Query generated from SQL:
 * ```
 * update firm
 * set
 *   day_maximum = :dayMaximum!,
 *   week_maximum = :weekMaximum!,
 *   gap_tolerance = :gapTolerance!,
 *   locked_until = :lockedUntil,
 *   review = :review!,
 *   version = version + 1
 * ```
 */
export const setTimeRules = new PreparedQuery<ISetTimeRulesParams,ISetTimeRulesResult>(setTimeRulesIR);


/** 'SetReviewOfProjects' parameters type */
export interface ISetReviewOfProjectsParams {
  unreviewed: stringArray;
}

/** 'SetReviewOfProjects' return type */
export type ISetReviewOfProjectsResult = void;

/** 'SetReviewOfProjects' query type */
export interface ISetReviewOfProjectsQuery {
  params: ISetReviewOfProjectsParams;
  result: ISetReviewOfProjectsResult;
}

const setReviewOfProjectsIR: any = {"usedParamSet":{"unreviewed":true},"params":[{"name":"unreviewed","required":true,"transform":{"type":"scalar"},"locs":[{"a":41,"b":52},{"a":83,"b":94}]}],"statement":"update project\nset\n  review = id <> all (:unreviewed!)\nwhere\n  review = (id = any (:unreviewed!))"};

/**
 * Query generated from SQL:
 * ```
 * update project
 * set
 *   review = id <> all (:unreviewed!)
 * where
 *   review = (id = any (:unreviewed!))
 * ```
 */
export const setReviewOfProjects = new PreparedQuery<ISetReviewOfProjectsParams,ISetReviewOfProjectsResult>(setReviewOfProjectsIR);


/** 'ProjectsByIds' parameters type */
export interface IProjectsByIdsParams {
  ids: stringArray;
}

/** 'ProjectsByIds' return type */
export interface IProjectsByIdsResult {
  id: string;
  name: string;
}

/** 'ProjectsByIds' query type */
export interface IProjectsByIdsQuery {
  params: IProjectsByIdsParams;
  result: IProjectsByIdsResult;
}

const projectsByIdsIR: any = {"usedParamSet":{"ids":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":73,"b":77}]}],"statement":"select\n  id as \"id!\",\n  name as \"name!\"\nfrom\n  project\nwhere\n  id = any (:ids!)\norder by\n  name"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   id as "id!",
 *   name as "name!"
 * from
 *   project
 * where
 *   id = any (:ids!)
 * order by
 *   name
 * ```
 */
export const projectsByIds = new PreparedQuery<IProjectsByIdsParams,IProjectsByIdsResult>(projectsByIdsIR);


/** 'DayTotals' parameters type */
export interface IDayTotalsParams {
  from: string;
  to: string;
}

/** 'DayTotals' return type */
export interface IDayTotalsResult {
  date: string;
  personId: string;
  seconds: number;
}

/** 'DayTotals' query type */
export interface IDayTotalsQuery {
  params: IDayTotalsParams;
  result: IDayTotalsResult;
}

const dayTotalsIR: any = {"usedParamSet":{"from":true,"to":true},"params":[{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":168,"b":173}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":179,"b":182}]}],"statement":"select\n  e.person_id as \"personId!\",\n  e.work_date as \"date!\",\n  sum(e.quantity)::bigint as \"seconds!\"\nfrom\n  entry e\nwhere\n  e.kind = 'time'\n  and e.work_date between :from! and :to!\ngroup by\n  e.person_id,\n  e.work_date"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   e.person_id as "personId!",
 *   e.work_date as "date!",
 *   sum(e.quantity)::bigint as "seconds!"
 * from
 *   entry e
 * where
 *   e.kind = 'time'
 *   and e.work_date between :from! and :to!
 * group by
 *   e.person_id,
 *   e.work_date
 * ```
 */
export const dayTotals = new PreparedQuery<IDayTotalsParams,IDayTotalsResult>(dayTotalsIR);


/** 'LeftUndone' parameters type */
export interface ILeftUndoneParams {
  until: string;
}

/** 'LeftUndone' return type */
export interface ILeftUndoneResult {
  people: number;
  recorded: number;
  submitted: number;
}

/** 'LeftUndone' query type */
export interface ILeftUndoneQuery {
  params: ILeftUndoneParams;
  result: ILeftUndoneResult;
}

const leftUndoneIR: any = {"usedParamSet":{"until":true},"params":[{"name":"until","required":true,"transform":{"type":"scalar"},"locs":[{"a":401,"b":407}]}],"statement":"select\n  coalesce(\n    sum(e.quantity) filter (\n      where\n        e.stage = 'recorded'\n    ),\n    0\n  )::bigint as \"recorded!\",\n  coalesce(\n    sum(e.quantity) filter (\n      where\n        e.stage = 'submitted'\n    ),\n    0\n  )::bigint as \"submitted!\",\n  count(distinct e.person_id) as \"people!\"\nfrom\n  entry e\nwhere\n  e.kind = 'time'\n  and e.stage in ('recorded', 'submitted')\n  and e.work_date <= :until!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   coalesce(
 *     sum(e.quantity) filter (
 *       where
 *         e.stage = 'recorded'
 *     ),
 *     0
 *   )::bigint as "recorded!",
 *   coalesce(
 *     sum(e.quantity) filter (
 *       where
 *         e.stage = 'submitted'
 *     ),
 *     0
 *   )::bigint as "submitted!",
 *   count(distinct e.person_id) as "people!"
 * from
 *   entry e
 * where
 *   e.kind = 'time'
 *   and e.stage in ('recorded', 'submitted')
 *   and e.work_date <= :until!
 * ```
 */
export const leftUndone = new PreparedQuery<ILeftUndoneParams,ILeftUndoneResult>(leftUndoneIR);


