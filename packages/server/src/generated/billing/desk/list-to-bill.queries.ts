/** Types generated for queries found in "packages/server/src/billing/desk/list-to-bill.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'ToBillProjects' parameters type */
export interface IToBillProjectsParams {
  all: boolean;
  anyTask: boolean;
  asker: string;
  projects: stringArray;
  reach: string;
  tasks: stringArray;
  upTo: string;
  whose?: string | null | void;
}

/** 'ToBillProjects' return type */
export interface IToBillProjectsResult {
  billedNet: number;
  clientId: string;
  clientName: string;
  currency: string;
  held: number;
  limit: number | null;
  minor: number;
  oldest: string;
  projectId: string;
  projectName: string;
  seconds: number;
  unpriced: number;
}

/** 'ToBillProjects' query type */
export interface IToBillProjectsQuery {
  params: IToBillProjectsParams;
  result: IToBillProjectsResult;
}

const toBillProjectsIR: any = {"usedParamSet":{"upTo":true,"reach":true,"asker":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"whose":true},"params":[{"name":"upTo","required":true,"transform":{"type":"scalar"},"locs":[{"a":778,"b":783},{"a":849,"b":854},{"a":1481,"b":1486}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":1215,"b":1221}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":1224,"b":1230}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":1500,"b":1504}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":1533,"b":1542}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":1561,"b":1569}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":1595,"b":1601}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":1620,"b":1625},{"a":1662,"b":1667}]}],"statement":"select\n  p.id as \"projectId!\",\n  p.name as \"projectName!\",\n  c.id as \"clientId!\",\n  c.name as \"clientName!\",\n  c.currency as \"currency!\",\n  min(e.work_date) as \"oldest!\",\n  coalesce(\n    sum(e.billable_quantity) filter (\n      where\n        e.hold_reason is null\n        and e.rate is not null\n    ),\n    0\n  ) as \"seconds!\",\n  coalesce(\n    sum(e.value_minor) filter (\n      where\n        e.hold_reason is null\n        and e.rate is not null\n    ),\n    0\n  ) as \"minor!\",\n  count(*) filter (\n    where\n      e.hold_reason is not null\n  ) as \"held!\",\n  count(*) filter (\n    where\n      e.rate is null\n  ) as \"unpriced!\",\n  (\n    select\n      a.limit_minor\n    from\n      agreement a\n    where\n      a.firm_id = p.firm_id\n      and a.project_id = p.id\n      and a.valid_from <= :upTo!\n      and (\n        a.valid_to is null\n        or a.valid_to >= :upTo!\n      )\n  ) as \"limit?\",\n  coalesce(\n    (\n      select\n        sum(l.net_minor)\n      from\n        invoice_line l\n        join invoice i on i.firm_id = l.firm_id\n        and i.id = l.invoice_id\n      where\n        l.firm_id = p.firm_id\n        and l.project_id = p.id\n        and i.status = 'issued'\n    ),\n    0\n  ) as \"billedNet!\"\nfrom\n  entries_in_reach (:reach!, :asker!) e\n  join project p on p.firm_id = e.firm_id\n  and p.id = e.project_id\n  join client c on c.firm_id = p.firm_id\n  and c.id = p.client_id\nwhere\n  e.stage = 'approved'\n  and e.billing_state = 'to bill'\n  and e.billed_quantity = 0\n  and e.work_date <= :upTo!\n  and (\n    :all!\n    or e.project_id = any (:projects!)\n  )\n  and (\n    :anyTask!\n    or e.task_id = any (:tasks!)\n  )\n  and (\n    :whose::uuid is null\n    or e.person_id = :whose\n  )\ngroup by\n  p.firm_id,\n  p.id,\n  p.name,\n  c.id,\n  c.name,\n  c.currency\norder by\n  min(e.work_date),\n  p.name"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "projectId!",
 *   p.name as "projectName!",
 *   c.id as "clientId!",
 *   c.name as "clientName!",
 *   c.currency as "currency!",
 *   min(e.work_date) as "oldest!",
 *   coalesce(
 *     sum(e.billable_quantity) filter (
 *       where
 *         e.hold_reason is null
 *         and e.rate is not null
 *     ),
 *     0
 *   ) as "seconds!",
 *   coalesce(
 *     sum(e.value_minor) filter (
 *       where
 *         e.hold_reason is null
 *         and e.rate is not null
 *     ),
 *     0
 *   ) as "minor!",
 *   count(*) filter (
 *     where
 *       e.hold_reason is not null
 *   ) as "held!",
 *   count(*) filter (
 *     where
 *       e.rate is null
 *   ) as "unpriced!",
 *   (
 *     select
 *       a.limit_minor
 *     from
 *       agreement a
 *     where
 *       a.firm_id = p.firm_id
 *       and a.project_id = p.id
 *       and a.valid_from <= :upTo!
 *       and (
 *         a.valid_to is null
 *         or a.valid_to >= :upTo!
 *       )
 *   ) as "limit?",
 *   coalesce(
 *     (
 *       select
 *         sum(l.net_minor)
 *       from
 *         invoice_line l
 *         join invoice i on i.firm_id = l.firm_id
 *         and i.id = l.invoice_id
 *       where
 *         l.firm_id = p.firm_id
 *         and l.project_id = p.id
 *         and i.status = 'issued'
 *     ),
 *     0
 *   ) as "billedNet!"
 * from
 *   entries_in_reach (:reach!, :asker!) e
 *   join project p on p.firm_id = e.firm_id
 *   and p.id = e.project_id
 *   join client c on c.firm_id = p.firm_id
 *   and c.id = p.client_id
 * where
 *   e.stage = 'approved'
 *   and e.billing_state = 'to bill'
 *   and e.billed_quantity = 0
 *   and e.work_date <= :upTo!
 *   and (
 *     :all!
 *     or e.project_id = any (:projects!)
 *   )
 *   and (
 *     :anyTask!
 *     or e.task_id = any (:tasks!)
 *   )
 *   and (
 *     :whose::uuid is null
 *     or e.person_id = :whose
 *   )
 * group by
 *   p.firm_id,
 *   p.id,
 *   p.name,
 *   c.id,
 *   c.name,
 *   c.currency
 * order by
 *   min(e.work_date),
 *   p.name
 * ```
 */
export const toBillProjects = new PreparedQuery<IToBillProjectsParams,IToBillProjectsResult>(toBillProjectsIR);


