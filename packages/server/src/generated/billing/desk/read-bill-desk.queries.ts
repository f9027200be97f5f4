/** Types generated for queries found in "packages/server/src/billing/desk/read-bill-desk.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'DeskEntries' parameters type */
export interface IDeskEntriesParams {
  anyTask: boolean;
  asker: string;
  projects: stringArray;
  reach: string;
  tasks: stringArray;
  upTo: string;
}

/** 'DeskEntries' return type */
export interface IDeskEntriesResult {
  date: string;
  holdReason: string | null;
  id: string;
  minor: number | null;
  note: string;
  personId: string;
  personName: string;
  problems: stringArray;
  projectId: string;
  rate: number | null;
  recorded: number;
  seconds: number;
  serviceName: string;
  taskId: string | null;
  taskName: string | null;
  version: number;
}

/** 'DeskEntries' query type */
export interface IDeskEntriesQuery {
  params: IDeskEntriesParams;
  result: IDeskEntriesResult;
}

const deskEntriesIR: any = {"usedParamSet":{"reach":true,"asker":true,"upTo":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":470,"b":476}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":479,"b":485}]},{"name":"upTo","required":true,"transform":{"type":"scalar"},"locs":[{"a":806,"b":811}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":839,"b":848}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":863,"b":871}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":897,"b":903}]}],"statement":"select\n  e.id as \"id!\",\n  e.version as \"version!\",\n  e.work_date as \"date!\",\n  e.person_id as \"personId!\",\n  pe.name as \"personName!\",\n  e.project_id as \"projectId!\",\n  e.task_id as \"taskId?\",\n  t.name as \"taskName?\",\n  s.name as \"serviceName!\",\n  e.note as \"note!\",\n  e.quantity as \"recorded!\",\n  e.billable_quantity as \"seconds!\",\n  e.rate as \"rate?\",\n  e.value_minor as \"minor?\",\n  e.hold_reason as \"holdReason?\",\n  e.problems as \"problems!\"\nfrom\n  entries_in_reach (:reach!, :asker!) e\n  join person pe on pe.firm_id = e.firm_id\n  and pe.id = e.person_id\n  join service s on s.firm_id = e.firm_id\n  and s.id = e.service_id\n  left join task t on t.firm_id = e.firm_id\n  and t.id = e.task_id\nwhere\n  e.stage = 'approved'\n  and e.billing_state = 'to bill'\n  and e.billed_quantity = 0\n  and e.work_date <= :upTo!\n  and e.project_id = any (:projects!)\n  and (\n    :anyTask!\n    or e.task_id = any (:tasks!)\n  )\norder by\n  e.work_date,\n  pe.name,\n  e.id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   e.id as "id!",
 *   e.version as "version!",
 *   e.work_date as "date!",
 *   e.person_id as "personId!",
 *   pe.name as "personName!",
 *   e.project_id as "projectId!",
 *   e.task_id as "taskId?",
 *   t.name as "taskName?",
 *   s.name as "serviceName!",
 *   e.note as "note!",
 *   e.quantity as "recorded!",
 *   e.billable_quantity as "seconds!",
 *   e.rate as "rate?",
 *   e.value_minor as "minor?",
 *   e.hold_reason as "holdReason?",
 *   e.problems as "problems!"
 * from
 *   entries_in_reach (:reach!, :asker!) e
 *   join person pe on pe.firm_id = e.firm_id
 *   and pe.id = e.person_id
 *   join service s on s.firm_id = e.firm_id
 *   and s.id = e.service_id
 *   left join task t on t.firm_id = e.firm_id
 *   and t.id = e.task_id
 * where
 *   e.stage = 'approved'
 *   and e.billing_state = 'to bill'
 *   and e.billed_quantity = 0
 *   and e.work_date <= :upTo!
 *   and e.project_id = any (:projects!)
 *   and (
 *     :anyTask!
 *     or e.task_id = any (:tasks!)
 *   )
 * order by
 *   e.work_date,
 *   pe.name,
 *   e.id
 * ```
 */
export const deskEntries = new PreparedQuery<IDeskEntriesParams,IDeskEntriesResult>(deskEntriesIR);


/** 'DeskRest' parameters type */
export interface IDeskRestParams {
  anyTask: boolean;
  asker: string;
  projects: stringArray;
  reach: string;
  tasks: stringArray;
  upTo: string;
}

/** 'DeskRest' return type */
export interface IDeskRestResult {
  inDrafts: number;
  later: number;
  notBillable: number;
  recorded: number;
  submitted: number;
}

/** 'DeskRest' query type */
export interface IDeskRestQuery {
  params: IDeskRestParams;
  result: IDeskRestResult;
}

const deskRestIR: any = {"usedParamSet":{"upTo":true,"reach":true,"asker":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"upTo","required":true,"transform":{"type":"scalar"},"locs":[{"a":116,"b":121},{"a":266,"b":271},{"a":464,"b":469},{"a":689,"b":694}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":906,"b":912}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":915,"b":921}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":976,"b":985}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":1000,"b":1008}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":1034,"b":1040}]}],"statement":"select\n  coalesce(\n    sum(e.quantity) filter (\n      where\n        e.stage = 'recorded'\n        and e.work_date <= :upTo!\n    ),\n    0\n  ) as \"recorded!\",\n  coalesce(\n    sum(e.quantity) filter (\n      where\n        e.stage = 'submitted'\n        and e.work_date <= :upTo!\n    ),\n    0\n  ) as \"submitted!\",\n  coalesce(\n    sum(e.quantity) filter (\n      where\n        e.stage = 'approved'\n        and e.billing_state = 'nothing to bill'\n        and e.work_date <= :upTo!\n    ),\n    0\n  ) as \"notBillable!\",\n  coalesce(\n    sum(e.quantity) filter (\n      where\n        e.stage = 'approved'\n        and e.billing_state = 'to bill'\n        and e.billed_quantity = 0\n        and e.work_date > :upTo!\n    ),\n    0\n  ) as \"later!\",\n  coalesce(\n    sum(e.billed_quantity) filter (\n      where\n        e.stage = 'approved'\n        and e.billed_quantity > 0\n    ),\n    0\n  ) as \"inDrafts!\"\nfrom\n  entries_in_reach (:reach!, :asker!) e\nwhere\n  e.kind = 'time'\n  and e.project_id = any (:projects!)\n  and (\n    :anyTask!\n    or e.task_id = any (:tasks!)\n  )"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   coalesce(
 *     sum(e.quantity) filter (
 *       where
 *         e.stage = 'recorded'
 *         and e.work_date <= :upTo!
 *     ),
 *     0
 *   ) as "recorded!",
 *   coalesce(
 *     sum(e.quantity) filter (
 *       where
 *         e.stage = 'submitted'
 *         and e.work_date <= :upTo!
 *     ),
 *     0
 *   ) as "submitted!",
 *   coalesce(
 *     sum(e.quantity) filter (
 *       where
 *         e.stage = 'approved'
 *         and e.billing_state = 'nothing to bill'
 *         and e.work_date <= :upTo!
 *     ),
 *     0
 *   ) as "notBillable!",
 *   coalesce(
 *     sum(e.quantity) filter (
 *       where
 *         e.stage = 'approved'
 *         and e.billing_state = 'to bill'
 *         and e.billed_quantity = 0
 *         and e.work_date > :upTo!
 *     ),
 *     0
 *   ) as "later!",
 *   coalesce(
 *     sum(e.billed_quantity) filter (
 *       where
 *         e.stage = 'approved'
 *         and e.billed_quantity > 0
 *     ),
 *     0
 *   ) as "inDrafts!"
 * from
 *   entries_in_reach (:reach!, :asker!) e
 * where
 *   e.kind = 'time'
 *   and e.project_id = any (:projects!)
 *   and (
 *     :anyTask!
 *     or e.task_id = any (:tasks!)
 *   )
 * ```
 */
export const deskRest = new PreparedQuery<IDeskRestParams,IDeskRestResult>(deskRestIR);


/** 'DeskProjects' parameters type */
export interface IDeskProjectsParams {
  asker: string;
  projects: stringArray;
  reach: string;
  upTo: string;
}

/** 'DeskProjects' return type */
export interface IDeskProjectsResult {
  clientId: string | null;
  clientName: string | null;
  currency: string | null;
  id: string;
  limit: number | null;
  method: string;
  name: string;
  submittedMinor: number;
}

/** 'DeskProjects' query type */
export interface IDeskProjectsQuery {
  params: IDeskProjectsParams;
  result: IDeskProjectsResult;
}

const deskProjectsIR: any = {"usedParamSet":{"reach":true,"asker":true,"upTo":true,"projects":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":468,"b":474}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":477,"b":483}]},{"name":"upTo","required":true,"transform":{"type":"scalar"},"locs":[{"a":656,"b":661},{"a":715,"b":720}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":746,"b":755}]}],"statement":"select\n  p.id as \"id!\",\n  p.name as \"name!\",\n  p.client_id as \"clientId?\",\n  c.name as \"clientName?\",\n  c.currency as \"currency?\",\n  coalesce(a.method, 'not billable') as \"method!\",\n  a.limit_minor as \"limit?\",\n  coalesce(\n    (\n      select\n        sum(e.value_minor)\n      from\n        entry e\n      where\n        e.firm_id = p.firm_id\n        and e.project_id = p.id\n        and e.stage = 'submitted'\n    ),\n    0\n  ) as \"submittedMinor!\"\nfrom\n  projects_in_reach (:reach!, :asker!) p\n  left join client c on c.firm_id = p.firm_id\n  and c.id = p.client_id\n  left join agreement a on a.firm_id = p.firm_id\n  and a.project_id = p.id\n  and a.valid_from <= :upTo!\n  and (\n    a.valid_to is null\n    or a.valid_to >= :upTo!\n  )\nwhere\n  p.id = any (:projects!)\norder by\n  p.name"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!",
 *   p.name as "name!",
 *   p.client_id as "clientId?",
 *   c.name as "clientName?",
 *   c.currency as "currency?",
 *   coalesce(a.method, 'not billable') as "method!",
 *   a.limit_minor as "limit?",
 *   coalesce(
 *     (
 *       select
 *         sum(e.value_minor)
 *       from
 *         entry e
 *       where
 *         e.firm_id = p.firm_id
 *         and e.project_id = p.id
 *         and e.stage = 'submitted'
 *     ),
 *     0
 *   ) as "submittedMinor!"
 * from
 *   projects_in_reach (:reach!, :asker!) p
 *   left join client c on c.firm_id = p.firm_id
 *   and c.id = p.client_id
 *   left join agreement a on a.firm_id = p.firm_id
 *   and a.project_id = p.id
 *   and a.valid_from <= :upTo!
 *   and (
 *     a.valid_to is null
 *     or a.valid_to >= :upTo!
 *   )
 * where
 *   p.id = any (:projects!)
 * order by
 *   p.name
 * ```
 */
export const deskProjects = new PreparedQuery<IDeskProjectsParams,IDeskProjectsResult>(deskProjectsIR);


/** 'BilledByProject' parameters type */
export interface IBilledByProjectParams {
  projects: stringArray;
}

/** 'BilledByProject' return type */
export interface IBilledByProjectResult {
  credited: number;
  gross: number;
  invoiceId: string;
  kind: string;
  net: number;
  projectId: string;
  settled: number;
}

/** 'BilledByProject' query type */
export interface IBilledByProjectQuery {
  params: IBilledByProjectParams;
  result: IBilledByProjectResult;
}

const billedByProjectIR: any = {"usedParamSet":{"projects":true},"params":[{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":354,"b":363}]}],"statement":"select\n  l.project_id as \"projectId!\",\n  i.id as \"invoiceId!\",\n  i.kind as \"kind!\",\n  sum(l.net_minor) as \"net!\",\n  i.gross_minor as \"gross!\",\n  i.settled_minor as \"settled!\",\n  i.credited_minor as \"credited!\"\nfrom\n  invoice_line l\n  join invoice i on i.firm_id = l.firm_id\n  and i.id = l.invoice_id\nwhere\n  i.status = 'issued'\n  and l.project_id = any (:projects!)\ngroup by\n  l.project_id,\n  i.id,\n  i.kind,\n  i.gross_minor,\n  i.settled_minor,\n  i.credited_minor"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   l.project_id as "projectId!",
 *   i.id as "invoiceId!",
 *   i.kind as "kind!",
 *   sum(l.net_minor) as "net!",
 *   i.gross_minor as "gross!",
 *   i.settled_minor as "settled!",
 *   i.credited_minor as "credited!"
 * from
 *   invoice_line l
 *   join invoice i on i.firm_id = l.firm_id
 *   and i.id = l.invoice_id
 * where
 *   i.status = 'issued'
 *   and l.project_id = any (:projects!)
 * group by
 *   l.project_id,
 *   i.id,
 *   i.kind,
 *   i.gross_minor,
 *   i.settled_minor,
 *   i.credited_minor
 * ```
 */
export const billedByProject = new PreparedQuery<IBilledByProjectParams,IBilledByProjectResult>(billedByProjectIR);


/** 'DraftsOf' parameters type */
export interface IDraftsOfParams {
  client: string;
  projects: stringArray;
}

/** 'DraftsOf' return type */
export interface IDraftsOfResult {
  at: string;
  by: string;
  id: string;
  minor: number;
  version: number;
}

/** 'DraftsOf' query type */
export interface IDraftsOfQuery {
  params: IDraftsOfParams;
  result: IDraftsOfResult;
}

const draftsOfIR: any = {"usedParamSet":{"client":true,"projects":true},"params":[{"name":"client","required":true,"transform":{"type":"scalar"},"locs":[{"a":252,"b":259}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":423,"b":432}]}],"statement":"select\n  i.id as \"id!\",\n  i.version as \"version!\",\n  i.net_minor as \"minor!\",\n  i.created_at as \"at!\",\n  p.name as \"by!\"\nfrom\n  invoice i\n  join person p on p.firm_id = i.firm_id\n  and p.id = i.created_by\nwhere\n  i.status = 'draft'\n  and i.client_id = :client!\n  and exists (\n    select\n      1\n    from\n      invoice_line l\n    where\n      l.firm_id = i.firm_id\n      and l.invoice_id = i.id\n      and l.project_id = any (:projects!)\n  )\norder by\n  i.created_at"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   i.id as "id!",
 *   i.version as "version!",
 *   i.net_minor as "minor!",
 *   i.created_at as "at!",
 *   p.name as "by!"
 * from
 *   invoice i
 *   join person p on p.firm_id = i.firm_id
 *   and p.id = i.created_by
 * where
 *   i.status = 'draft'
 *   and i.client_id = :client!
 *   and exists (
 *     select
 *       1
 *     from
 *       invoice_line l
 *     where
 *       l.firm_id = i.firm_id
 *       and l.invoice_id = i.id
 *       and l.project_id = any (:projects!)
 *   )
 * order by
 *   i.created_at
 * ```
 */
export const draftsOf = new PreparedQuery<IDraftsOfParams,IDraftsOfResult>(draftsOfIR);


