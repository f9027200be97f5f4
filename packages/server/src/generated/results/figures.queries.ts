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
  taskId: string | null;
  unbilled: number;
  value: number;
}

/** 'ResultSums' query type */
export interface IResultSumsQuery {
  params: IResultSumsParams;
  result: IResultSumsResult;
}

const resultSumsIR: any = {"usedParamSet":{"byTask":true,"reach":true,"asker":true,"whose":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"byTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":55,"b":62}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":938,"b":944}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":947,"b":953}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":956,"b":961}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":964,"b":969}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":972,"b":975}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":1047,"b":1051}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":1080,"b":1089}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":1108,"b":1116}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":1142,"b":1148}]}],"statement":"select\n  s.project_id as \"projectId!\",\n  case\n    when :byTask!\n    or s.task_id = no_id () then nullif(s.task_id, no_id ())\n    else s.project_id\n  end as \"taskId?\",\n  nullif(s.currency, '') as \"currency?\",\n  sum(s.quantity)::bigint as \"seconds!\",\n  coalesce(\n    sum(s.quantity) filter (\n      where\n        s.billable\n    ),\n    0\n  )::bigint as \"billable!\",\n  sum(s.cost_minor)::bigint as \"cost!\",\n  sum(s.value_minor)::bigint as \"value!\",\n  coalesce(\n    sum(s.value_minor) filter (\n      where\n        s.billing_state = 'to bill'\n        and s.stage in ('recorded', 'submitted', 'approved')\n    ),\n    0\n  )::bigint as \"unbilled!\",\n  coalesce(\n    sum(s.value_minor) filter (\n      where\n        s.stage in ('billed', 'paid')\n    ),\n    0\n  )::bigint as \"billedStandard!\",\n  coalesce(\n    sum(s.own_minor) filter (\n      where\n        s.stage in ('billed', 'paid')\n    ),\n    0\n  )::bigint as \"billedOwn!\"\nfrom\n  work_sums_between (:reach!, :asker!, :whose, :from!, :to!) s\nwhere\n  s.kind = 'time'\n  and s.project_id <> no_id ()\n  and (\n    :all!\n    or s.project_id = any (:projects!)\n  )\n  and (\n    :anyTask!\n    or s.task_id = any (:tasks!)\n  )\ngroup by\n  1,\n  2,\n  3\nhaving\n  sum(s.entries) > 0"};

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
 *   sum(s.quantity)::bigint as "seconds!",
 *   coalesce(
 *     sum(s.quantity) filter (
 *       where
 *         s.billable
 *     ),
 *     0
 *   )::bigint as "billable!",
 *   sum(s.cost_minor)::bigint as "cost!",
 *   sum(s.value_minor)::bigint as "value!",
 *   coalesce(
 *     sum(s.value_minor) filter (
 *       where
 *         s.billing_state = 'to bill'
 *         and s.stage in ('recorded', 'submitted', 'approved')
 *     ),
 *     0
 *   )::bigint as "unbilled!",
 *   coalesce(
 *     sum(s.value_minor) filter (
 *       where
 *         s.stage in ('billed', 'paid')
 *     ),
 *     0
 *   )::bigint as "billedStandard!",
 *   coalesce(
 *     sum(s.own_minor) filter (
 *       where
 *         s.stage in ('billed', 'paid')
 *     ),
 *     0
 *   )::bigint as "billedOwn!"
 * from
 *   work_sums_between (:reach!, :asker!, :whose, :from!, :to!) s
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
export const resultSums = new PreparedQuery<IResultSumsParams,IResultSumsResult>(resultSumsIR);


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
  series: boolean;
  tasks: stringArray;
  to: string;
  whose?: string | null | void;
}

/** 'ResultBilled' return type */
export interface IResultBilledResult {
  amount: number;
  currency: string;
  issuedOn: string | null;
  month: string | null;
  ofSeries: boolean;
  projectId: string | null;
  standard: number;
  taskId: string | null;
}

/** 'ResultBilled' query type */
export interface IResultBilledQuery {
  params: IResultBilledParams;
  result: IResultBilledResult;
}

const resultBilledIR: any = {"usedParamSet":{"byTask":true,"own":true,"series":true,"apart":true,"reach":true,"asker":true,"whose":true,"from":true,"to":true,"all":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"byTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":409,"b":416}]},{"name":"own","required":true,"transform":{"type":"scalar"},"locs":[{"a":529,"b":533},{"a":771,"b":775}]},{"name":"series","required":true,"transform":{"type":"scalar"},"locs":[{"a":598,"b":605},{"a":682,"b":689}]},{"name":"apart","required":true,"transform":{"type":"scalar"},"locs":[{"a":735,"b":741}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":909,"b":915}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":918,"b":924}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":927,"b":932}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":935,"b":940}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":943,"b":946}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":977,"b":981}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":1014,"b":1023}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":1054,"b":1062}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":1092,"b":1098}]}],"statement":"select\n  (grouping(s.month) = 0) as \"ofSeries!\",\n  case\n    when grouping(s.month) = 0 then s.apart_id\n    else s.project_id\n  end as \"projectId?\",\n  s.task_id as \"taskId?\",\n  s.currency as \"currency!\",\n  s.rate_on as \"issuedOn?\",\n  s.month as \"month?\",\n  sum(s.amount_minor)::bigint as \"amount!\",\n  sum(s.standard_minor)::bigint as \"standard!\"\nfrom\n  (\n    select\n      b.project_id,\n      case\n        when :byTask! then nullif(b.task_id, no_id ())\n      end as task_id,\n      b.currency,\n      case\n        when b.currency <> :own! then b.issued_on\n      end as rate_on,\n      case\n        when :series! then month_start (b.issued_on)\n      end as month,\n      case\n        when :series!\n        and (\n          b.project_id = any (:apart!)\n          or b.currency <> :own!\n        ) then b.project_id\n      end as apart_id,\n      b.amount_minor,\n      b.standard_minor\n    from\n      billed_sums_between (:reach!, :asker!, :whose, :from!, :to!) b\n    where\n      (\n        :all!\n        or b.project_id = any (:projects!)\n      )\n      and (\n        :anyTask!\n        or b.task_id = any (:tasks!)\n      )\n  ) s\ngroup by\n  grouping sets (\n    (s.project_id, s.task_id, s.currency, s.rate_on),\n    (s.apart_id, s.currency, s.month, s.rate_on)\n  )"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   (grouping(s.month) = 0) as "ofSeries!",
 *   case
 *     when grouping(s.month) = 0 then s.apart_id
 *     else s.project_id
 *   end as "projectId?",
 *   s.task_id as "taskId?",
 *   s.currency as "currency!",
 *   s.rate_on as "issuedOn?",
 *   s.month as "month?",
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
 *         when :series! then month_start (b.issued_on)
 *       end as month,
 *       case
 *         when :series!
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
 *       (
 *         :all!
 *         or b.project_id = any (:projects!)
 *       )
 *       and (
 *         :anyTask!
 *         or b.task_id = any (:tasks!)
 *       )
 *   ) s
 * group by
 *   grouping sets (
 *     (s.project_id, s.task_id, s.currency, s.rate_on),
 *     (s.apart_id, s.currency, s.month, s.rate_on)
 *   )
 * ```
 */
export const resultBilled = new PreparedQuery<IResultBilledParams,IResultBilledResult>(resultBilledIR);


/** 'ResultNodes' parameters type */
export interface IResultNodesParams {
  all: boolean;
  asker: string;
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
  limit: number | null;
  method: string | null;
  name: string;
  projectId: string;
}

/** 'ResultNodes' query type */
export interface IResultNodesQuery {
  params: IResultNodesParams;
  result: IResultNodesResult;
}

const resultNodesIR: any = {"usedParamSet":{"reach":true,"asker":true,"today":true,"all":true,"projects":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":346,"b":352}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":355,"b":361}]},{"name":"today","required":true,"transform":{"type":"scalar"},"locs":[{"a":613,"b":619},{"a":673,"b":679}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":699,"b":703}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":724,"b":733}]}],"statement":"select\n  p.id as \"projectId!\",\n  p.name as \"name!\",\n  p.client_id as \"clientId?\",\n  p.department_id as \"departmentId?\",\n  c.name as \"clientName?\",\n  d.name as \"departmentName?\",\n  p.estimate as \"estimate!\",\n  p.budget_minor as \"budget!\",\n  a.method as \"method?\",\n  a.currency as \"currency?\",\n  a.limit_minor as \"limit?\"\nfrom\n  projects_in_reach (:reach!, :asker!) p\n  left join client c on c.firm_id = p.firm_id\n  and c.id = p.client_id\n  left join department d on d.firm_id = p.firm_id\n  and d.id = p.department_id\n  left join agreement a on a.firm_id = p.firm_id\n  and a.project_id = p.id\n  and a.valid_from <= :today!\n  and (\n    a.valid_to is null\n    or a.valid_to >= :today!\n  )\nwhere\n  (\n    :all!\n    or p.id = any (:projects!)\n  )\norder by\n  p.name"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "projectId!",
 *   p.name as "name!",
 *   p.client_id as "clientId?",
 *   p.department_id as "departmentId?",
 *   c.name as "clientName?",
 *   d.name as "departmentName?",
 *   p.estimate as "estimate!",
 *   p.budget_minor as "budget!",
 *   a.method as "method?",
 *   a.currency as "currency?",
 *   a.limit_minor as "limit?"
 * from
 *   projects_in_reach (:reach!, :asker!) p
 *   left join client c on c.firm_id = p.firm_id
 *   and c.id = p.client_id
 *   left join department d on d.firm_id = p.firm_id
 *   and d.id = p.department_id
 *   left join agreement a on a.firm_id = p.firm_id
 *   and a.project_id = p.id
 *   and a.valid_from <= :today!
 *   and (
 *     a.valid_to is null
 *     or a.valid_to >= :today!
 *   )
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


