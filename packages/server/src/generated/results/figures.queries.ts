/** Types generated for queries found in "packages/server/src/results/figures.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'ResultSums' parameters type */
export interface IResultSumsParams {
  all: boolean;
  anyTask: boolean;
  asker: string;
  byTask: boolean;
  from: string;
  projects: stringArray;
  reach: string;
  tasks: stringArray;
  to: string;
  whose?: string | null | void;
}

/** 'ResultSums' return type */
export interface IResultSumsResult {
  billable: number;
  billedOwn: number;
  billedStandard: number;
  cost: number;
  currency: string | null;
  projectId: string;
  seconds: number;
  standardCost: number;
  taskId: string | null;
  unbilled: number;
  uncosted: number;
  value: number;
}

/** 'ResultSums' query type */
export interface IResultSumsQuery {
  params: IResultSumsParams;
  result: IResultSumsResult;
}

const resultSumsIR: any = {"usedParamSet":{"byTask":true,"reach":true,"asker":true,"whose":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"byTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":55,"b":62}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":1165,"b":1171}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":1174,"b":1180}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":1183,"b":1188}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":1191,"b":1196}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":1199,"b":1202}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":1319,"b":1323}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":1326,"b":1335}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":1338,"b":1346}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":1349,"b":1355}]}],"statement":"select\n  s.project_id as \"projectId!\",\n  case\n    when :byTask!\n    or s.task_id = no_id () then nullif(s.task_id, no_id ())\n    else s.project_id\n  end as \"taskId?\",\n  nullif(s.currency, '') as \"currency?\",\n  coalesce(\n    sum(s.quantity) filter (\n      where\n        s.kind = 'time'\n    ),\n    0\n  )::bigint as \"seconds!\",\n  coalesce(\n    sum(s.quantity) filter (\n      where\n        s.kind = 'time'\n        and s.billable\n    ),\n    0\n  )::bigint as \"billable!\",\n  sum(s.cost_minor)::bigint as \"cost!\",\n  sum(s.standard_cost_minor)::bigint as \"standardCost!\",\n  sum(s.uncosted_seconds)::bigint as \"uncosted!\",\n  sum(standard_value (s.kind, s.value_minor))::bigint as \"value!\",\n  coalesce(\n    sum(s.value_minor) filter (\n      where\n        is_unbilled (s.stage, s.billing_state)\n    ),\n    0\n  )::bigint as \"unbilled!\",\n  coalesce(\n    sum(standard_value (s.kind, s.value_minor)) filter (\n      where\n        is_settled (s.stage, s.billing_state)\n    ),\n    0\n  )::bigint as \"billedStandard!\",\n  coalesce(\n    sum(s.own_minor) filter (\n      where\n        is_settled (s.stage, s.billing_state)\n    ),\n    0\n  )::bigint as \"billedOwn!\"\nfrom\n  work_sums_between (:reach!, :asker!, :whose, :from!, :to!) s\nwhere\n  s.kind in ('time', 'fee')\n  and s.project_id <> no_id ()\n  and in_scope (s.project_id, s.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)\ngroup by\n  1,\n  2,\n  3\nhaving\n  sum(s.entries) > 0"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   s.project_id as "projectId!",
 *   case
 *     when :byTask!
 *     or s.task_id = no_id () then nullif(s.task_id, no_id ())
 *     else s.project_id
 *   end as "taskId?",
 *   nullif(s.currency, '') as "currency?",
 *   coalesce(
 *     sum(s.quantity) filter (
 *       where
 *         s.kind = 'time'
 *     ),
 *     0
 *   )::bigint as "seconds!",
 *   coalesce(
 *     sum(s.quantity) filter (
 *       where
 *         s.kind = 'time'
 *         and s.billable
 *     ),
 *     0
 *   )::bigint as "billable!",
 *   sum(s.cost_minor)::bigint as "cost!",
 *   sum(s.standard_cost_minor)::bigint as "standardCost!",
 *   sum(s.uncosted_seconds)::bigint as "uncosted!",
 *   sum(standard_value (s.kind, s.value_minor))::bigint as "value!",
 *   coalesce(
 *     sum(s.value_minor) filter (
 *       where
 *         is_unbilled (s.stage, s.billing_state)
 *     ),
 *     0
 *   )::bigint as "unbilled!",
 *   coalesce(
 *     sum(standard_value (s.kind, s.value_minor)) filter (
 *       where
 *         is_settled (s.stage, s.billing_state)
 *     ),
 *     0
 *   )::bigint as "billedStandard!",
 *   coalesce(
 *     sum(s.own_minor) filter (
 *       where
 *         is_settled (s.stage, s.billing_state)
 *     ),
 *     0
 *   )::bigint as "billedOwn!"
 * from
 *   work_sums_between (:reach!, :asker!, :whose, :from!, :to!) s
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
export const resultSums = new PreparedQuery<IResultSumsParams,IResultSumsResult>(resultSumsIR);


/** 'ResultMonths' parameters type */
export interface IResultMonthsParams {
  all: boolean;
  anyTask: boolean;
  apart: stringArray;
  asker: string;
  byTask: boolean;
  from: string;
  own: string;
  projects: stringArray;
  reach: string;
  tasks: stringArray;
  to: string;
  whose?: string | null | void;
}

/** 'ResultMonths' return type */
export interface IResultMonthsResult {
  billable: number;
  billedOwn: number;
  billedStandard: number;
  cost: number;
  currency: string | null;
  earned: number;
  ofSeries: boolean;
  on: string | null;
  projectId: string | null;
  seconds: number;
  standardCost: number;
  taskId: string | null;
  unbilled: number;
  uncosted: number;
  value: number;
}

/** 'ResultMonths' query type */
export interface IResultMonthsQuery {
  params: IResultMonthsParams;
  result: IResultMonthsResult;
}

const resultMonthsIR: any = {"usedParamSet":{"byTask":true,"apart":true,"own":true,"reach":true,"asker":true,"whose":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"byTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":1370,"b":1377}]},{"name":"apart","required":true,"transform":{"type":"scalar"},"locs":[{"a":1537,"b":1543}]},{"name":"own","required":true,"transform":{"type":"scalar"},"locs":[{"a":1571,"b":1575}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":1653,"b":1659}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":1662,"b":1668}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":1671,"b":1676}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":1679,"b":1684}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":1687,"b":1690}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":1823,"b":1827}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":1830,"b":1839}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":1842,"b":1850}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":1853,"b":1859}]}],"statement":"select\n  (grouping(s.month) = 0) as \"ofSeries!\",\n  case\n    when grouping(s.month) = 0 then s.apart_id\n    else s.project_id\n  end as \"projectId?\",\n  s.place_id as \"taskId?\",\n  nullif(s.currency, '') as \"currency?\",\n  s.month as \"on?\",\n  coalesce(\n    sum(s.quantity) filter (\n      where\n        s.kind = 'time'\n    ),\n    0\n  )::bigint as \"seconds!\",\n  coalesce(\n    sum(s.quantity) filter (\n      where\n        s.kind = 'time'\n        and s.billable\n    ),\n    0\n  )::bigint as \"billable!\",\n  sum(s.cost_minor)::bigint as \"cost!\",\n  sum(s.standard_cost_minor)::bigint as \"standardCost!\",\n  sum(s.uncosted_seconds)::bigint as \"uncosted!\",\n  sum(standard_value (s.kind, s.value_minor))::bigint as \"value!\",\n  coalesce(\n    sum(s.value_minor) filter (\n      where\n        is_unbilled (s.stage, s.billing_state)\n    ),\n    0\n  )::bigint as \"unbilled!\",\n  coalesce(\n    sum(standard_value (s.kind, s.value_minor)) filter (\n      where\n        is_settled (s.stage, s.billing_state)\n    ),\n    0\n  )::bigint as \"billedStandard!\",\n  coalesce(\n    sum(s.own_minor) filter (\n      where\n        is_settled (s.stage, s.billing_state)\n    ),\n    0\n  )::bigint as \"billedOwn!\",\n  coalesce(\n    sum(s.value_minor) filter (\n      where\n        is_earned (s.kind, s.stage, s.billing_state)\n    ),\n    0\n  )::bigint as \"earned!\"\nfrom\n  (\n    select\n      w.*,\n      case\n        when :byTask!\n        or w.task_id = no_id () then nullif(w.task_id, no_id ())\n        else w.project_id\n      end as place_id,\n      case\n        when w.project_id = any (:apart!)\n        or w.currency <> :own! then w.project_id\n      end as apart_id\n    from\n      work_months_between (:reach!, :asker!, :whose, :from!, :to!) w\n    where\n      w.kind in ('time', 'fee')\n      and w.project_id <> no_id ()\n      and in_scope (w.project_id, w.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)\n  ) s\ngroup by\n  grouping sets ((s.project_id, s.place_id, s.currency), (s.apart_id, s.month, s.currency))\nhaving\n  sum(s.entries) > 0"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   (grouping(s.month) = 0) as "ofSeries!",
 *   case
 *     when grouping(s.month) = 0 then s.apart_id
 *     else s.project_id
 *   end as "projectId?",
 *   s.place_id as "taskId?",
 *   nullif(s.currency, '') as "currency?",
 *   s.month as "on?",
 *   coalesce(
 *     sum(s.quantity) filter (
 *       where
 *         s.kind = 'time'
 *     ),
 *     0
 *   )::bigint as "seconds!",
 *   coalesce(
 *     sum(s.quantity) filter (
 *       where
 *         s.kind = 'time'
 *         and s.billable
 *     ),
 *     0
 *   )::bigint as "billable!",
 *   sum(s.cost_minor)::bigint as "cost!",
 *   sum(s.standard_cost_minor)::bigint as "standardCost!",
 *   sum(s.uncosted_seconds)::bigint as "uncosted!",
 *   sum(standard_value (s.kind, s.value_minor))::bigint as "value!",
 *   coalesce(
 *     sum(s.value_minor) filter (
 *       where
 *         is_unbilled (s.stage, s.billing_state)
 *     ),
 *     0
 *   )::bigint as "unbilled!",
 *   coalesce(
 *     sum(standard_value (s.kind, s.value_minor)) filter (
 *       where
 *         is_settled (s.stage, s.billing_state)
 *     ),
 *     0
 *   )::bigint as "billedStandard!",
 *   coalesce(
 *     sum(s.own_minor) filter (
 *       where
 *         is_settled (s.stage, s.billing_state)
 *     ),
 *     0
 *   )::bigint as "billedOwn!",
 *   coalesce(
 *     sum(s.value_minor) filter (
 *       where
 *         is_earned (s.kind, s.stage, s.billing_state)
 *     ),
 *     0
 *   )::bigint as "earned!"
 * from
 *   (
 *     select
 *       w.*,
 *       case
 *         when :byTask!
 *         or w.task_id = no_id () then nullif(w.task_id, no_id ())
 *         else w.project_id
 *       end as place_id,
 *       case
 *         when w.project_id = any (:apart!)
 *         or w.currency <> :own! then w.project_id
 *       end as apart_id
 *     from
 *       work_months_between (:reach!, :asker!, :whose, :from!, :to!) w
 *     where
 *       w.kind in ('time', 'fee')
 *       and w.project_id <> no_id ()
 *       and in_scope (w.project_id, w.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)
 *   ) s
 * group by
 *   grouping sets ((s.project_id, s.place_id, s.currency), (s.apart_id, s.month, s.currency))
 * having
 *   sum(s.entries) > 0
 * ```
 */
export const resultMonths = new PreparedQuery<IResultMonthsParams,IResultMonthsResult>(resultMonthsIR);


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
  earned: number;
  on: string;
  projectId: string | null;
  standardCost: number;
}

/** 'SeriesRecorded' query type */
export interface ISeriesRecordedQuery {
  params: ISeriesRecordedParams;
  result: ISeriesRecordedResult;
}

const seriesRecordedIR: any = {"usedParamSet":{"apart":true,"own":true,"reach":true,"asker":true,"whose":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"apart","required":true,"transform":{"type":"scalar"},"locs":[{"a":43,"b":49}]},{"name":"own","required":true,"transform":{"type":"scalar"},"locs":[{"a":73,"b":77}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":453,"b":459}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":462,"b":468}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":471,"b":476}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":479,"b":484}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":487,"b":490}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":607,"b":611}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":614,"b":623}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":626,"b":634}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":637,"b":643}]}],"statement":"select\n  case\n    when s.project_id = any (:apart!)\n    or s.currency <> :own! then s.project_id\n  end as \"projectId?\",\n  s.month as \"on!\",\n  nullif(s.currency, '') as \"currency?\",\n  sum(s.cost_minor)::bigint as \"cost!\",\n  sum(s.standard_cost_minor)::bigint as \"standardCost!\",\n  coalesce(\n    sum(s.value_minor) filter (\n      where\n        is_earned (s.kind, s.stage, s.billing_state)\n    ),\n    0\n  )::bigint as \"earned!\"\nfrom\n  work_months_between (:reach!, :asker!, :whose, :from!, :to!) s\nwhere\n  s.kind in ('time', 'fee')\n  and s.project_id <> no_id ()\n  and in_scope (s.project_id, s.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)\ngroup by\n  1,\n  2,\n  3\nhaving\n  sum(s.entries) > 0"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   case
 *     when s.project_id = any (:apart!)
 *     or s.currency <> :own! then s.project_id
 *   end as "projectId?",
 *   s.month as "on!",
 *   nullif(s.currency, '') as "currency?",
 *   sum(s.cost_minor)::bigint as "cost!",
 *   sum(s.standard_cost_minor)::bigint as "standardCost!",
 *   coalesce(
 *     sum(s.value_minor) filter (
 *       where
 *         is_earned (s.kind, s.stage, s.billing_state)
 *     ),
 *     0
 *   )::bigint as "earned!"
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


/** 'SeriesByDay' parameters type */
export interface ISeriesByDayParams {
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

/** 'SeriesByDay' return type */
export interface ISeriesByDayResult {
  cost: number;
  currency: string | null;
  earned: number;
  on: string;
  projectId: string | null;
  standardCost: number;
}

/** 'SeriesByDay' query type */
export interface ISeriesByDayQuery {
  params: ISeriesByDayParams;
  result: ISeriesByDayResult;
}

const seriesByDayIR: any = {"usedParamSet":{"apart":true,"own":true,"reach":true,"asker":true,"from":true,"to":true,"whose":true,"all":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"apart","required":true,"transform":{"type":"scalar"},"locs":[{"a":43,"b":49}]},{"name":"own","required":true,"transform":{"type":"scalar"},"locs":[{"a":79,"b":83}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":480,"b":486}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":489,"b":495}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":528,"b":533}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":539,"b":542}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":556,"b":561},{"a":598,"b":603}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":719,"b":723}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":726,"b":735}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":738,"b":746}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":749,"b":755}]}],"statement":"select\n  case\n    when e.project_id = any (:apart!)\n    or e.value_currency <> :own! then e.project_id\n  end as \"projectId?\",\n  e.work_date as \"on!\",\n  e.value_currency as \"currency?\",\n  coalesce(sum(e.cost_minor), 0)::bigint as \"cost!\",\n  coalesce(sum(e.standard_cost_minor), 0)::bigint as \"standardCost!\",\n  coalesce(\n    sum(e.value_minor) filter (\n      where\n        is_earned (e.kind, e.stage, e.billing_state)\n    ),\n    0\n  )::bigint as \"earned!\"\nfrom\n  entries_in_reach (:reach!, :asker!) e\nwhere\n  e.work_date between :from! and :to!\n  and (\n    :whose::uuid is null\n    or e.person_id = :whose\n  )\n  and e.kind in ('time', 'fee')\n  and e.project_id is not null\n  and in_scope (e.project_id, e.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)\ngroup by\n  1,\n  2,\n  3"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   case
 *     when e.project_id = any (:apart!)
 *     or e.value_currency <> :own! then e.project_id
 *   end as "projectId?",
 *   e.work_date as "on!",
 *   e.value_currency as "currency?",
 *   coalesce(sum(e.cost_minor), 0)::bigint as "cost!",
 *   coalesce(sum(e.standard_cost_minor), 0)::bigint as "standardCost!",
 *   coalesce(
 *     sum(e.value_minor) filter (
 *       where
 *         is_earned (e.kind, e.stage, e.billing_state)
 *     ),
 *     0
 *   )::bigint as "earned!"
 * from
 *   entries_in_reach (:reach!, :asker!) e
 * where
 *   e.work_date between :from! and :to!
 *   and (
 *     :whose::uuid is null
 *     or e.person_id = :whose
 *   )
 *   and e.kind in ('time', 'fee')
 *   and e.project_id is not null
 *   and in_scope (e.project_id, e.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)
 * group by
 *   1,
 *   2,
 *   3
 * ```
 */
export const seriesByDay = new PreparedQuery<ISeriesByDayParams,ISeriesByDayResult>(seriesByDayIR);


/** 'ResultToDate' parameters type */
export interface IResultToDateParams {
  all: boolean;
  anyTask: boolean;
  asker: string;
  byTask: boolean;
  projects: stringArray;
  reach: string;
  tasks: stringArray;
  whose?: string | null | void;
}

/** 'ResultToDate' return type */
export interface IResultToDateResult {
  cost: number;
  projectId: string;
  seconds: number;
  standardCost: number;
  taskId: string | null;
  uncosted: number;
}

/** 'ResultToDate' query type */
export interface IResultToDateQuery {
  params: IResultToDateParams;
  result: IResultToDateResult;
}

const resultToDateIR: any = {"usedParamSet":{"byTask":true,"reach":true,"asker":true,"whose":true,"all":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"byTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":55,"b":62}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":457,"b":463}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":466,"b":472}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":475,"b":480}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":594,"b":598}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":601,"b":610}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":613,"b":621}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":624,"b":630}]}],"statement":"select\n  s.project_id as \"projectId!\",\n  case\n    when :byTask!\n    or s.task_id = no_id () then nullif(s.task_id, no_id ())\n    else s.project_id\n  end as \"taskId?\",\n  coalesce(\n    sum(s.quantity) filter (\n      where\n        s.kind = 'time'\n    ),\n    0\n  )::bigint as \"seconds!\",\n  sum(s.cost_minor)::bigint as \"cost!\",\n  sum(s.standard_cost_minor)::bigint as \"standardCost!\",\n  sum(s.uncosted_seconds)::bigint as \"uncosted!\"\nfrom\n  work_sums_in_reach (:reach!, :asker!, :whose) s\nwhere\n  s.month = no_month ()\n  and s.kind in ('time', 'fee')\n  and in_scope (s.project_id, s.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)\ngroup by\n  1,\n  2"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   s.project_id as "projectId!",
 *   case
 *     when :byTask!
 *     or s.task_id = no_id () then nullif(s.task_id, no_id ())
 *     else s.project_id
 *   end as "taskId?",
 *   coalesce(
 *     sum(s.quantity) filter (
 *       where
 *         s.kind = 'time'
 *     ),
 *     0
 *   )::bigint as "seconds!",
 *   sum(s.cost_minor)::bigint as "cost!",
 *   sum(s.standard_cost_minor)::bigint as "standardCost!",
 *   sum(s.uncosted_seconds)::bigint as "uncosted!"
 * from
 *   work_sums_in_reach (:reach!, :asker!, :whose) s
 * where
 *   s.month = no_month ()
 *   and s.kind in ('time', 'fee')
 *   and in_scope (s.project_id, s.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)
 * group by
 *   1,
 *   2
 * ```
 */
export const resultToDate = new PreparedQuery<IResultToDateParams,IResultToDateResult>(resultToDateIR);


/** 'ResultBilled' parameters type */
export interface IResultBilledParams {
  all: boolean;
  anyTask: boolean;
  apart: stringArray;
  asker: string;
  byTask: boolean;
  from: string;
  own: string;
  projects: stringArray;
  reach: string;
  series?: string | null | void;
  tasks: stringArray;
  to: string;
  whose?: string | null | void;
}

/** 'ResultBilled' return type */
export interface IResultBilledResult {
  amount: number;
  currency: string;
  issuedOn: string | null;
  ofSeries: boolean;
  on: string | null;
  projectId: string | null;
  standard: number;
  taskId: string | null;
}

/** 'ResultBilled' query type */
export interface IResultBilledQuery {
  params: IResultBilledParams;
  result: IResultBilledResult;
}

const resultBilledIR: any = {"usedParamSet":{"byTask":true,"own":true,"series":true,"apart":true,"reach":true,"asker":true,"whose":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"byTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":403,"b":410}]},{"name":"own","required":true,"transform":{"type":"scalar"},"locs":[{"a":523,"b":527},{"a":836,"b":840}]},{"name":"series","required":false,"transform":{"type":"scalar"},"locs":[{"a":592,"b":598},{"a":638,"b":644},{"a":730,"b":736}]},{"name":"apart","required":true,"transform":{"type":"scalar"},"locs":[{"a":800,"b":806}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":974,"b":980}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":983,"b":989}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":992,"b":997}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":1000,"b":1005}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":1008,"b":1011}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":1073,"b":1077}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":1080,"b":1089}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":1092,"b":1100}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":1103,"b":1109}]}],"statement":"select\n  (grouping(s.step) = 0) as \"ofSeries!\",\n  case\n    when grouping(s.step) = 0 then s.apart_id\n    else s.project_id\n  end as \"projectId?\",\n  s.task_id as \"taskId?\",\n  s.currency as \"currency!\",\n  s.rate_on as \"issuedOn?\",\n  s.step as \"on?\",\n  sum(s.amount_minor)::bigint as \"amount!\",\n  sum(s.standard_minor)::bigint as \"standard!\"\nfrom\n  (\n    select\n      b.project_id,\n      case\n        when :byTask! then nullif(b.task_id, no_id ())\n      end as task_id,\n      b.currency,\n      case\n        when b.currency <> :own! then b.issued_on\n      end as rate_on,\n      case\n        when :series = 'day' then b.issued_on\n        when :series = 'month' then month_start (b.issued_on)\n      end as step,\n      case\n        when :series::text is not null\n        and (\n          b.project_id = any (:apart!)\n          or b.currency <> :own!\n        ) then b.project_id\n      end as apart_id,\n      b.amount_minor,\n      b.standard_minor\n    from\n      billed_sums_between (:reach!, :asker!, :whose, :from!, :to!) b\n    where\n      in_scope (b.project_id, b.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)\n  ) s\ngroup by\n  grouping sets (\n    (s.project_id, s.task_id, s.currency, s.rate_on),\n    (s.apart_id, s.currency, s.step, s.rate_on)\n  )"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   (grouping(s.step) = 0) as "ofSeries!",
 *   case
 *     when grouping(s.step) = 0 then s.apart_id
 *     else s.project_id
 *   end as "projectId?",
 *   s.task_id as "taskId?",
 *   s.currency as "currency!",
 *   s.rate_on as "issuedOn?",
 *   s.step as "on?",
 *   sum(s.amount_minor)::bigint as "amount!",
 *   sum(s.standard_minor)::bigint as "standard!"
 * from
 *   (
 *     select
 *       b.project_id,
 *       case
 *         when :byTask! then nullif(b.task_id, no_id ())
 *       end as task_id,
 *       b.currency,
 *       case
 *         when b.currency <> :own! then b.issued_on
 *       end as rate_on,
 *       case
 *         when :series = 'day' then b.issued_on
 *         when :series = 'month' then month_start (b.issued_on)
 *       end as step,
 *       case
 *         when :series::text is not null
 *         and (
 *           b.project_id = any (:apart!)
 *           or b.currency <> :own!
 *         ) then b.project_id
 *       end as apart_id,
 *       b.amount_minor,
 *       b.standard_minor
 *     from
 *       billed_sums_between (:reach!, :asker!, :whose, :from!, :to!) b
 *     where
 *       in_scope (b.project_id, b.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)
 *   ) s
 * group by
 *   grouping sets (
 *     (s.project_id, s.task_id, s.currency, s.rate_on),
 *     (s.apart_id, s.currency, s.step, s.rate_on)
 *   )
 * ```
 */
export const resultBilled = new PreparedQuery<IResultBilledParams,IResultBilledResult>(resultBilledIR);


/** 'ResultNodes' parameters type */
export interface IResultNodesParams {
  all: boolean;
  asker: string;
  moneyReach: string;
  projects: stringArray;
  reach: string;
  today: string;
}

/** 'ResultNodes' return type */
export interface IResultNodesResult {
  budget: number;
  clientId: string | null;
  clientName: string | null;
  currency: string | null;
  departmentId: string | null;
  departmentName: string | null;
  estimate: number;
  method: string | null;
  money: boolean;
  name: string;
  projectId: string;
}

/** 'ResultNodes' query type */
export interface IResultNodesQuery {
  params: IResultNodesParams;
  result: IResultNodesResult;
}

const resultNodesIR: any = {"usedParamSet":{"reach":true,"asker":true,"moneyReach":true,"today":true,"all":true,"projects":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":407,"b":413}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":416,"b":422},{"a":474,"b":480}]},{"name":"moneyReach","required":true,"transform":{"type":"scalar"},"locs":[{"a":460,"b":471}]},{"name":"today","required":true,"transform":{"type":"scalar"},"locs":[{"a":705,"b":711}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":781,"b":785}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":806,"b":815}]}],"statement":"select\n  p.id as \"projectId!\",\n  work_text (p) as \"name!\",\n  p.client_id as \"clientId?\",\n  p.department_id as \"departmentId?\",\n  c.name as \"clientName?\",\n  d.name as \"departmentName?\",\n  p.estimate as \"estimate!\",\n  case\n    when m.id is null then 0\n    else p.budget_minor\n  end as \"budget!\",\n  (m.id is not null) as \"money!\",\n  a.method as \"method?\",\n  a.currency as \"currency?\"\nfrom\n  projects_in_reach (:reach!, :asker!) p\n  left join projects_with_money (:moneyReach!, :asker!) m on m.firm_id = p.firm_id\n  and m.id = p.id\n  left join client c on c.firm_id = p.firm_id\n  and c.id = p.client_id\n  left join department d on d.firm_id = p.firm_id\n  and d.id = p.department_id\n  left join agreements_on (:today!) a on a.firm_id = p.firm_id\n  and a.project_id = p.id\nwhere\n  (\n    :all!\n    or p.id = any (:projects!)\n  )\norder by\n  p.name"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "projectId!",
 *   work_text (p) as "name!",
 *   p.client_id as "clientId?",
 *   p.department_id as "departmentId?",
 *   c.name as "clientName?",
 *   d.name as "departmentName?",
 *   p.estimate as "estimate!",
 *   case
 *     when m.id is null then 0
 *     else p.budget_minor
 *   end as "budget!",
 *   (m.id is not null) as "money!",
 *   a.method as "method?",
 *   a.currency as "currency?"
 * from
 *   projects_in_reach (:reach!, :asker!) p
 *   left join projects_with_money (:moneyReach!, :asker!) m on m.firm_id = p.firm_id
 *   and m.id = p.id
 *   left join client c on c.firm_id = p.firm_id
 *   and c.id = p.client_id
 *   left join department d on d.firm_id = p.firm_id
 *   and d.id = p.department_id
 *   left join agreements_on (:today!) a on a.firm_id = p.firm_id
 *   and a.project_id = p.id
 * where
 *   (
 *     :all!
 *     or p.id = any (:projects!)
 *   )
 * order by
 *   p.name
 * ```
 */
export const resultNodes = new PreparedQuery<IResultNodesParams,IResultNodesResult>(resultNodesIR);


/** 'ResultLimits' parameters type */
export interface IResultLimitsParams {
  all: boolean;
  asker: string;
  projects: stringArray;
  reach: string;
  today: string;
}

/** 'ResultLimits' return type */
export interface IResultLimitsResult {
  currency: string;
  limit: number;
  projectId: string;
  used: number;
}

/** 'ResultLimits' query type */
export interface IResultLimitsQuery {
  params: IResultLimitsParams;
  result: IResultLimitsResult;
}

const resultLimitsIR: any = {"usedParamSet":{"today":true,"reach":true,"asker":true,"all":true,"projects":true},"params":[{"name":"today","required":true,"transform":{"type":"scalar"},"locs":[{"a":146,"b":152}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":191,"b":197}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":200,"b":206}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":276,"b":280}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":309,"b":318}]}],"statement":"select\n  m.project_id as \"projectId!\",\n  m.currency as \"currency!\",\n  m.limit_minor as \"limit!\",\n  m.used_minor as \"used!\"\nfrom\n  project_limits (:today!, null) m\n  join projects_with_money (:reach!, :asker!) p on p.firm_id = m.firm_id\n  and p.id = m.project_id\nwhere\n  (\n    :all!\n    or m.project_id = any (:projects!)\n  )"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   m.project_id as "projectId!",
 *   m.currency as "currency!",
 *   m.limit_minor as "limit!",
 *   m.used_minor as "used!"
 * from
 *   project_limits (:today!, null) m
 *   join projects_with_money (:reach!, :asker!) p on p.firm_id = m.firm_id
 *   and p.id = m.project_id
 * where
 *   (
 *     :all!
 *     or m.project_id = any (:projects!)
 *   )
 * ```
 */
export const resultLimits = new PreparedQuery<IResultLimitsParams,IResultLimitsResult>(resultLimitsIR);


/** 'ResultWaiting' parameters type */
export interface IResultWaitingParams {
  all: boolean;
  asker: string;
  from: string;
  projects: stringArray;
  reach: string;
  to: string;
}

/** 'ResultWaiting' return type */
export interface IResultWaitingResult {
  before: number;
  currency: string;
  inside: number;
  lineId: string;
  on: string;
  projectId: string;
  total: number;
  waiting: number;
}

/** 'ResultWaiting' query type */
export interface IResultWaitingQuery {
  params: IResultWaitingParams;
  result: IResultWaitingResult;
}

const resultWaitingIR: any = {"usedParamSet":{"from":true,"to":true,"reach":true,"asker":true,"all":true,"projects":true},"params":[{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":261,"b":266},{"a":394,"b":399}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":405,"b":408}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":507,"b":513}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":516,"b":522}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":759,"b":763}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":792,"b":801}]}],"statement":"select\n  w.line_id as \"lineId!\",\n  w.project_id as \"projectId!\",\n  w.currency as \"currency!\",\n  w.total_minor as \"total!\",\n  w.waiting_minor as \"waiting!\",\n  i.issued_on as \"on!\",\n  coalesce(\n    - sum(s.amount_minor) filter (\n      where\n        s.work_date < :from!\n    ),\n    0\n  )::bigint as \"before!\",\n  coalesce(\n    - sum(s.amount_minor) filter (\n      where\n        s.work_date between :from! and :to!\n    ),\n    0\n  )::bigint as \"inside!\"\nfrom\n  over_limit_waiting () w\n  join projects_with_money (:reach!, :asker!) p on p.firm_id = w.firm_id\n  and p.id = w.project_id\n  join invoice i on i.firm_id = w.firm_id\n  and i.id = w.invoice_id\n  join line_share s on s.firm_id = w.firm_id\n  and s.line_id = w.line_id\nwhere\n  w.waiting_minor > 0\n  and (\n    :all!\n    or w.project_id = any (:projects!)\n  )\ngroup by\n  w.line_id,\n  w.project_id,\n  w.currency,\n  w.total_minor,\n  w.waiting_minor,\n  i.issued_on"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   w.line_id as "lineId!",
 *   w.project_id as "projectId!",
 *   w.currency as "currency!",
 *   w.total_minor as "total!",
 *   w.waiting_minor as "waiting!",
 *   i.issued_on as "on!",
 *   coalesce(
 *     - sum(s.amount_minor) filter (
 *       where
 *         s.work_date < :from!
 *     ),
 *     0
 *   )::bigint as "before!",
 *   coalesce(
 *     - sum(s.amount_minor) filter (
 *       where
 *         s.work_date between :from! and :to!
 *     ),
 *     0
 *   )::bigint as "inside!"
 * from
 *   over_limit_waiting () w
 *   join projects_with_money (:reach!, :asker!) p on p.firm_id = w.firm_id
 *   and p.id = w.project_id
 *   join invoice i on i.firm_id = w.firm_id
 *   and i.id = w.invoice_id
 *   join line_share s on s.firm_id = w.firm_id
 *   and s.line_id = w.line_id
 * where
 *   w.waiting_minor > 0
 *   and (
 *     :all!
 *     or w.project_id = any (:projects!)
 *   )
 * group by
 *   w.line_id,
 *   w.project_id,
 *   w.currency,
 *   w.total_minor,
 *   w.waiting_minor,
 *   i.issued_on
 * ```
 */
export const resultWaiting = new PreparedQuery<IResultWaitingParams,IResultWaitingResult>(resultWaitingIR);


