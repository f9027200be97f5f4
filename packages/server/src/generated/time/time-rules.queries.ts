/** Types generated for queries found in "packages/server/src/time/time-rules.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

export type numberArray = (number)[];

export type stringArray = (string)[];

/** 'TimeRules' parameters type */
export type ITimeRulesParams = void;

/** 'TimeRules' return type */
export interface ITimeRulesResult {
  dayEnd: string;
  dayMaximum: number;
  dayStart: string;
  gapTolerance: number;
  hours: numberArray;
  lockedUntil: string | null;
  periodAnchor: string;
  periodDays: number;
  periodFrom: string | null;
  periodKind: string;
  periodsEarlier: Json;
  review: boolean;
  unreviewed: stringArray;
  version: number;
  ways: stringArray;
  weekMaximum: number;
  weekStart: number;
}

/** 'TimeRules' query type */
export interface ITimeRulesQuery {
  params: ITimeRulesParams;
  result: ITimeRulesResult;
}

const timeRulesIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  f.day_maximum as \"dayMaximum!\",\n  f.week_maximum as \"weekMaximum!\",\n  f.gap_tolerance as \"gapTolerance!\",\n  f.record_ways as \"ways!\",\n  f.planned as \"hours!\",\n  f.day_start as \"dayStart!\",\n  f.day_end as \"dayEnd!\",\n  f.period_kind as \"periodKind!\",\n  f.week_start as \"weekStart!\",\n  f.period_days as \"periodDays!\",\n  f.period_anchor as \"periodAnchor!\",\n  f.period_from as \"periodFrom?\",\n  f.periods_earlier as \"periodsEarlier!\",\n  f.locked_until as \"lockedUntil?\",\n  f.review as \"review!\",\n  array(\n    select\n      p.id\n    from\n      project p\n    where\n      not p.review\n    order by\n      p.id\n  ) as \"unreviewed!\",\n  f.version as \"version!\"\nfrom\n  firm f"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   f.day_maximum as "dayMaximum!",
 *   f.week_maximum as "weekMaximum!",
 *   f.gap_tolerance as "gapTolerance!",
 *   f.record_ways as "ways!",
 *   f.planned as "hours!",
 *   f.day_start as "dayStart!",
 *   f.day_end as "dayEnd!",
 *   f.period_kind as "periodKind!",
 *   f.week_start as "weekStart!",
 *   f.period_days as "periodDays!",
 *   f.period_anchor as "periodAnchor!",
 *   f.period_from as "periodFrom?",
 *   f.periods_earlier as "periodsEarlier!",
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
  dayEnd: string;
  dayMaximum: number;
  dayStart: string;
  gapTolerance: number;
  hours: numberArray;
  lockedUntil?: string | null | void;
  review: boolean;
  ways: stringArray;
  weekMaximum: number;
}

/** 'SetTimeRules' return type */
export type ISetTimeRulesResult = void;

/** 'SetTimeRules' query type */
export interface ISetTimeRulesQuery {
  params: ISetTimeRulesParams;
  result: ISetTimeRulesResult;
}

const setTimeRulesIR: any = {"usedParamSet":{"dayMaximum":true,"weekMaximum":true,"gapTolerance":true,"ways":true,"hours":true,"dayStart":true,"dayEnd":true,"lockedUntil":true,"review":true},"params":[{"name":"dayMaximum","required":true,"transform":{"type":"scalar"},"locs":[{"a":32,"b":43}]},{"name":"weekMaximum","required":true,"transform":{"type":"scalar"},"locs":[{"a":63,"b":75}]},{"name":"gapTolerance","required":true,"transform":{"type":"scalar"},"locs":[{"a":96,"b":109}]},{"name":"ways","required":true,"transform":{"type":"scalar"},"locs":[{"a":128,"b":133}]},{"name":"hours","required":true,"transform":{"type":"scalar"},"locs":[{"a":148,"b":154}]},{"name":"dayStart","required":true,"transform":{"type":"scalar"},"locs":[{"a":171,"b":180}]},{"name":"dayEnd","required":true,"transform":{"type":"scalar"},"locs":[{"a":195,"b":202}]},{"name":"lockedUntil","required":false,"transform":{"type":"scalar"},"locs":[{"a":222,"b":233}]},{"name":"review","required":true,"transform":{"type":"scalar"},"locs":[{"a":247,"b":254}]}],"statement":"update firm\nset\n  day_maximum = :dayMaximum!,\n  week_maximum = :weekMaximum!,\n  gap_tolerance = :gapTolerance!,\n  record_ways = :ways!,\n  planned = :hours!,\n  day_start = :dayStart!,\n  day_end = :dayEnd!,\n  locked_until = :lockedUntil,\n  review = :review!,\n  version = version + 1"};

/**
 * Query generated from SQL:
 * ```
 * update firm
 * set
 *   day_maximum = :dayMaximum!,
 *   week_maximum = :weekMaximum!,
 *   gap_tolerance = :gapTolerance!,
 *   record_ways = :ways!,
 *   planned = :hours!,
 *   day_start = :dayStart!,
 *   day_end = :dayEnd!,
 *   locked_until = :lockedUntil,
 *   review = :review!,
 *   version = version + 1
 * ```
 */
export const setTimeRules = new PreparedQuery<ISetTimeRulesParams,ISetTimeRulesResult>(setTimeRulesIR);


/** 'SetPeriods' parameters type */
export interface ISetPeriodsParams {
  anchor: string;
  days: number;
  earlier: Json;
  from: string;
  kind: string;
  weekStart: number;
}

/** 'SetPeriods' return type */
export type ISetPeriodsResult = void;

/** 'SetPeriods' query type */
export interface ISetPeriodsQuery {
  params: ISetPeriodsParams;
  result: ISetPeriodsResult;
}

const setPeriodsIR: any = {"usedParamSet":{"kind":true,"weekStart":true,"days":true,"anchor":true,"from":true,"earlier":true},"params":[{"name":"kind","required":true,"transform":{"type":"scalar"},"locs":[{"a":32,"b":37}]},{"name":"weekStart","required":true,"transform":{"type":"scalar"},"locs":[{"a":55,"b":65}]},{"name":"days","required":true,"transform":{"type":"scalar"},"locs":[{"a":84,"b":89}]},{"name":"anchor","required":true,"transform":{"type":"scalar"},"locs":[{"a":110,"b":117}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":136,"b":141}]},{"name":"earlier","required":true,"transform":{"type":"scalar"},"locs":[{"a":164,"b":172}]}],"statement":"update firm\nset\n  period_kind = :kind!,\n  week_start = :weekStart!,\n  period_days = :days!,\n  period_anchor = :anchor!,\n  period_from = :from!,\n  periods_earlier = :earlier!,\n  version = version + 1"};

/**
 * Query generated from SQL:
 * ```
 * update firm
 * set
 *   period_kind = :kind!,
 *   week_start = :weekStart!,
 *   period_days = :days!,
 *   period_anchor = :anchor!,
 *   period_from = :from!,
 *   periods_earlier = :earlier!,
 *   version = version + 1
 * ```
 */
export const setPeriods = new PreparedQuery<ISetPeriodsParams,ISetPeriodsResult>(setPeriodsIR);


/** 'LastSubmitted' parameters type */
export interface ILastSubmittedParams {
  from: string;
}

/** 'LastSubmitted' return type */
export interface ILastSubmittedResult {
  day: string | null;
}

/** 'LastSubmitted' query type */
export interface ILastSubmittedQuery {
  params: ILastSubmittedParams;
  result: ILastSubmittedResult;
}

const lastSubmittedIR: any = {"usedParamSet":{"from":true},"params":[{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":78,"b":83}]}],"statement":"select\n  max(t.period_to) as \"day?\"\nfrom\n  timesheet t\nwhere\n  t.period_to >= :from!\n  and (\n    t.state = 'submitted'\n    or exists (\n      select\n      from\n        submission s\n      where\n        s.firm_id = t.firm_id\n        and s.timesheet_id = t.id\n    )\n  )"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   max(t.period_to) as "day?"
 * from
 *   timesheet t
 * where
 *   t.period_to >= :from!
 *   and (
 *     t.state = 'submitted'
 *     or exists (
 *       select
 *       from
 *         submission s
 *       where
 *         s.firm_id = t.firm_id
 *         and s.timesheet_id = t.id
 *     )
 *   )
 * ```
 */
export const lastSubmitted = new PreparedQuery<ILastSubmittedParams,ILastSubmittedResult>(lastSubmittedIR);


/** 'DropSheets' parameters type */
export interface IDropSheetsParams {
  from: string;
}

/** 'DropSheets' return type */
export type IDropSheetsResult = void;

/** 'DropSheets' query type */
export interface IDropSheetsQuery {
  params: IDropSheetsParams;
  result: IDropSheetsResult;
}

const dropSheetsIR: any = {"usedParamSet":{"from":true},"params":[{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":45,"b":50}]}],"statement":"delete from timesheet\nwhere\n  period_from >= :from!"};

/**
 * Query generated from SQL:
 * ```
 * delete from timesheet
 * where
 *   period_from >= :from!
 * ```
 */
export const dropSheets = new PreparedQuery<IDropSheetsParams,IDropSheetsResult>(dropSheetsIR);


/** 'CutSheets' parameters type */
export interface ICutSheetsParams {
  last: string;
}

/** 'CutSheets' return type */
export type ICutSheetsResult = void;

/** 'CutSheets' query type */
export interface ICutSheetsQuery {
  params: ICutSheetsParams;
  result: ICutSheetsResult;
}

const cutSheetsIR: any = {"usedParamSet":{"last":true},"params":[{"name":"last","required":true,"transform":{"type":"scalar"},"locs":[{"a":35,"b":40},{"a":90,"b":95},{"a":115,"b":120}]}],"statement":"update timesheet\nset\n  period_to = :last!,\n  version = version + 1\nwhere\n  period_from <= :last!\n  and period_to > :last!"};

/**
 * Query generated from SQL:
 * ```
 * update timesheet
 * set
 *   period_to = :last!,
 *   version = version + 1
 * where
 *   period_from <= :last!
 *   and period_to > :last!
 * ```
 */
export const cutSheets = new PreparedQuery<ICutSheetsParams,ICutSheetsResult>(cutSheetsIR);


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
  dayMaximum: number | null;
  personId: string;
  seconds: number;
  weekMaximum: number | null;
}

/** 'DayTotals' query type */
export interface IDayTotalsQuery {
  params: IDayTotalsParams;
  result: IDayTotalsResult;
}

const dayTotalsIR: any = {"usedParamSet":{"from":true,"to":true},"params":[{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":304,"b":309}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":315,"b":318}]}],"statement":"select\n  e.person_id as \"personId!\",\n  e.work_date as \"date!\",\n  sum(e.quantity)::bigint as \"seconds!\",\n  p.day_maximum as \"dayMaximum?\",\n  p.week_maximum as \"weekMaximum?\"\nfrom\n  entry e\n  join person p on p.firm_id = e.firm_id\n  and p.id = e.person_id\nwhere\n  e.kind = 'time'\n  and e.work_date between :from! and :to!\ngroup by\n  e.person_id,\n  e.work_date,\n  p.day_maximum,\n  p.week_maximum"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   e.person_id as "personId!",
 *   e.work_date as "date!",
 *   sum(e.quantity)::bigint as "seconds!",
 *   p.day_maximum as "dayMaximum?",
 *   p.week_maximum as "weekMaximum?"
 * from
 *   entry e
 *   join person p on p.firm_id = e.firm_id
 *   and p.id = e.person_id
 * where
 *   e.kind = 'time'
 *   and e.work_date between :from! and :to!
 * group by
 *   e.person_id,
 *   e.work_date,
 *   p.day_maximum,
 *   p.week_maximum
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


