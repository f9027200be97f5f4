/** Types generated for queries found in "packages/server/src/billing/desk/list-to-bill.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'ToBillProjects' parameters type */
export interface IToBillProjectsParams {
  all: boolean;
  anyTask: boolean;
  asker: string;
  day: string;
  projects: stringArray;
  reach: string;
  tasks: stringArray;
  upTo: string;
  whose?: string | null | void;
}

/** 'ToBillProjects' return type */
export interface IToBillProjectsResult {
  clientId: string;
  clientName: string;
  currency: string;
  held: number;
  oldest: string;
  over: number;
  projectId: string;
  projectName: string;
  ready: number;
  seconds: number;
  unpriced: number;
}

/** 'ToBillProjects' query type */
export interface IToBillProjectsQuery {
  params: IToBillProjectsParams;
  result: IToBillProjectsResult;
}

const toBillProjectsIR: any = {"usedParamSet":{"upTo":true,"day":true,"reach":true,"asker":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"whose":true},"params":[{"name":"upTo","required":true,"transform":{"type":"scalar"},"locs":[{"a":842,"b":847}]},{"name":"day","required":true,"transform":{"type":"scalar"},"locs":[{"a":850,"b":854}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":857,"b":863}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":866,"b":872}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":974,"b":978}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":989,"b":998}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":1009,"b":1017}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":1028,"b":1034}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":1045,"b":1050}]}],"statement":"select\n  b.project_id as \"projectId!\",\n  work_text (p) as \"projectName!\",\n  c.id as \"clientId!\",\n  c.name as \"clientName!\",\n  b.currency as \"currency!\",\n  b.oldest as \"oldest!\",\n  b.seconds as \"seconds!\",\n  b.ready as \"ready!\",\n  b.over as \"over!\",\n  b.held as \"held!\",\n  b.unpriced as \"unpriced!\"\nfrom\n  (\n    select\n      r.firm_id,\n      r.project_id,\n      r.currency,\n      min(r.work_date) as oldest,\n      coalesce(\n        sum(r.seconds) filter (\n          where\n            not r.held\n            and not r.unpriced\n        ),\n        0\n      )::bigint as seconds,\n      sum(r.ready_minor)::bigint as ready,\n      sum(r.over_minor)::bigint as over,\n      count(*) filter (\n        where\n          r.held\n      ) as held,\n      count(*) filter (\n        where\n          r.unpriced\n      ) as unpriced\n    from\n      to_bill_in_reach (:upTo!, :day!, :reach!, :asker!) r\n    where\n      in_scope (\n        r.project_id,\n        r.task_id,\n        r.person_id,\n        :all!,\n        :projects!,\n        :anyTask!,\n        :tasks!,\n        :whose\n      )\n    group by\n      r.firm_id,\n      r.project_id,\n      r.currency\n  ) b\n  join project p on p.firm_id = b.firm_id\n  and p.id = b.project_id\n  join client c on c.firm_id = p.firm_id\n  and c.id = p.client_id\nwhere\n  b.ready > 0\n  or b.over > 0\n  or b.held > 0\norder by\n  b.oldest,\n  p.name"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   b.project_id as "projectId!",
 *   work_text (p) as "projectName!",
 *   c.id as "clientId!",
 *   c.name as "clientName!",
 *   b.currency as "currency!",
 *   b.oldest as "oldest!",
 *   b.seconds as "seconds!",
 *   b.ready as "ready!",
 *   b.over as "over!",
 *   b.held as "held!",
 *   b.unpriced as "unpriced!"
 * from
 *   (
 *     select
 *       r.firm_id,
 *       r.project_id,
 *       r.currency,
 *       min(r.work_date) as oldest,
 *       coalesce(
 *         sum(r.seconds) filter (
 *           where
 *             not r.held
 *             and not r.unpriced
 *         ),
 *         0
 *       )::bigint as seconds,
 *       sum(r.ready_minor)::bigint as ready,
 *       sum(r.over_minor)::bigint as over,
 *       count(*) filter (
 *         where
 *           r.held
 *       ) as held,
 *       count(*) filter (
 *         where
 *           r.unpriced
 *       ) as unpriced
 *     from
 *       to_bill_in_reach (:upTo!, :day!, :reach!, :asker!) r
 *     where
 *       in_scope (
 *         r.project_id,
 *         r.task_id,
 *         r.person_id,
 *         :all!,
 *         :projects!,
 *         :anyTask!,
 *         :tasks!,
 *         :whose
 *       )
 *     group by
 *       r.firm_id,
 *       r.project_id,
 *       r.currency
 *   ) b
 *   join project p on p.firm_id = b.firm_id
 *   and p.id = b.project_id
 *   join client c on c.firm_id = p.firm_id
 *   and c.id = p.client_id
 * where
 *   b.ready > 0
 *   or b.over > 0
 *   or b.held > 0
 * order by
 *   b.oldest,
 *   p.name
 * ```
 */
export const toBillProjects = new PreparedQuery<IToBillProjectsParams,IToBillProjectsResult>(toBillProjectsIR);


/** 'LimitsInSight' parameters type */
export interface ILimitsInSightParams {
  asker: string;
  day: string;
  projects: stringArray;
  reach: string;
}

/** 'LimitsInSight' return type */
export interface ILimitsInSightResult {
  currency: string;
  left: number;
  limit: number;
  projectId: string;
  used: number;
}

/** 'LimitsInSight' query type */
export interface ILimitsInSightQuery {
  params: ILimitsInSightParams;
  result: ILimitsInSightResult;
}

const limitsInSightIR: any = {"usedParamSet":{"day":true,"reach":true,"asker":true,"projects":true},"params":[{"name":"day","required":true,"transform":{"type":"scalar"},"locs":[{"a":173,"b":177}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":216,"b":222}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":225,"b":231}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":315,"b":324}]}],"statement":"select\n  m.project_id as \"projectId!\",\n  m.currency as \"currency!\",\n  m.limit_minor as \"limit!\",\n  m.used_minor as \"used!\",\n  m.left_minor as \"left!\"\nfrom\n  project_limits (:day!, null) m\n  join projects_with_money (:reach!, :asker!) p on p.firm_id = m.firm_id\n  and p.id = m.project_id\nwhere\n  m.project_id = any (:projects!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   m.project_id as "projectId!",
 *   m.currency as "currency!",
 *   m.limit_minor as "limit!",
 *   m.used_minor as "used!",
 *   m.left_minor as "left!"
 * from
 *   project_limits (:day!, null) m
 *   join projects_with_money (:reach!, :asker!) p on p.firm_id = m.firm_id
 *   and p.id = m.project_id
 * where
 *   m.project_id = any (:projects!)
 * ```
 */
export const limitsInSight = new PreparedQuery<ILimitsInSightParams,ILimitsInSightResult>(limitsInSightIR);


/** 'BilledOfProjects' parameters type */
export interface IBilledOfProjectsParams {
  asker: string;
  projects: stringArray;
  reach: string;
}

/** 'BilledOfProjects' return type */
export interface IBilledOfProjectsResult {
  currency: string | null;
  net: number;
  projectId: string;
}

/** 'BilledOfProjects' query type */
export interface IBilledOfProjectsQuery {
  params: IBilledOfProjectsParams;
  result: IBilledOfProjectsResult;
}

const billedOfProjectsIR: any = {"usedParamSet":{"reach":true,"asker":true,"projects":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":119,"b":125}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":128,"b":134}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":496,"b":505}]}],"statement":"select\n  p.id as \"projectId!\",\n  b.currency as \"currency?\",\n  coalesce(b.net, 0) as \"net!\"\nfrom\n  projects_with_money (:reach!, :asker!) p\n  left join lateral (\n    select\n      i.currency,\n      sum(l.net_minor)::bigint as net\n    from\n      invoice_line l\n      join invoice i on i.firm_id = l.firm_id\n      and i.id = l.invoice_id\n    where\n      l.firm_id = p.firm_id\n      and l.project_id = p.id\n      and i.status = 'issued'\n    group by\n      i.currency\n  ) b on true\nwhere\n  p.id = any (:projects!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "projectId!",
 *   b.currency as "currency?",
 *   coalesce(b.net, 0) as "net!"
 * from
 *   projects_with_money (:reach!, :asker!) p
 *   left join lateral (
 *     select
 *       i.currency,
 *       sum(l.net_minor)::bigint as net
 *     from
 *       invoice_line l
 *       join invoice i on i.firm_id = l.firm_id
 *       and i.id = l.invoice_id
 *     where
 *       l.firm_id = p.firm_id
 *       and l.project_id = p.id
 *       and i.status = 'issued'
 *     group by
 *       i.currency
 *   ) b on true
 * where
 *   p.id = any (:projects!)
 * ```
 */
export const billedOfProjects = new PreparedQuery<IBilledOfProjectsParams,IBilledOfProjectsResult>(billedOfProjectsIR);


/** 'OverLimitInSight' parameters type */
export interface IOverLimitInSightParams {
  all: boolean;
  asker: string;
  projects: stringArray;
  reach: string;
}

/** 'OverLimitInSight' return type */
export interface IOverLimitInSightResult {
  clientId: string;
  clientName: string;
  currency: string;
  invoiceId: string;
  issuedOn: string;
  lineId: string;
  number: string;
  projectId: string;
  projectName: string;
  total: number;
  waiting: number;
}

/** 'OverLimitInSight' query type */
export interface IOverLimitInSightQuery {
  params: IOverLimitInSightParams;
  result: IOverLimitInSightResult;
}

const overLimitInSightIR: any = {"usedParamSet":{"reach":true,"asker":true,"all":true,"projects":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":391,"b":397}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":400,"b":406}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":636,"b":640}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":669,"b":678}]}],"statement":"select\n  w.line_id as \"lineId!\",\n  w.invoice_id as \"invoiceId!\",\n  i.number_text as \"number!\",\n  w.project_id as \"projectId!\",\n  work_text (p) as \"projectName!\",\n  c.id as \"clientId!\",\n  c.name as \"clientName!\",\n  w.currency as \"currency!\",\n  w.total_minor as \"total!\",\n  w.waiting_minor as \"waiting!\",\n  i.issued_on as \"issuedOn!\"\nfrom\n  over_limit_waiting () w\n  join projects_with_money (:reach!, :asker!) p on p.firm_id = w.firm_id\n  and p.id = w.project_id\n  join client c on c.firm_id = p.firm_id\n  and c.id = p.client_id\n  join invoice i on i.firm_id = w.firm_id\n  and i.id = w.invoice_id\nwhere\n  w.waiting_minor > 0\n  and (\n    :all!\n    or w.project_id = any (:projects!)\n  )\norder by\n  i.issued_on,\n  i.number_text,\n  w.line_id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   w.line_id as "lineId!",
 *   w.invoice_id as "invoiceId!",
 *   i.number_text as "number!",
 *   w.project_id as "projectId!",
 *   work_text (p) as "projectName!",
 *   c.id as "clientId!",
 *   c.name as "clientName!",
 *   w.currency as "currency!",
 *   w.total_minor as "total!",
 *   w.waiting_minor as "waiting!",
 *   i.issued_on as "issuedOn!"
 * from
 *   over_limit_waiting () w
 *   join projects_with_money (:reach!, :asker!) p on p.firm_id = w.firm_id
 *   and p.id = w.project_id
 *   join client c on c.firm_id = p.firm_id
 *   and c.id = p.client_id
 *   join invoice i on i.firm_id = w.firm_id
 *   and i.id = w.invoice_id
 * where
 *   w.waiting_minor > 0
 *   and (
 *     :all!
 *     or w.project_id = any (:projects!)
 *   )
 * order by
 *   i.issued_on,
 *   i.number_text,
 *   w.line_id
 * ```
 */
export const overLimitInSight = new PreparedQuery<IOverLimitInSightParams,IOverLimitInSightResult>(overLimitInSightIR);


