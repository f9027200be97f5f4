/** Types generated for queries found in "packages/server/src/billing/desk/read-bill-desk.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'DeskEntries' parameters type */
export interface IDeskEntriesParams {
  anyTask: boolean;
  asker: string;
  day: string;
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
  kind: string;
  minor: number | null;
  note: string;
  personId: string | null;
  personName: string;
  problems: stringArray;
  projectId: string;
  rate: number | null;
  ready: number;
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

const deskEntriesIR: any = {"usedParamSet":{"upTo":true,"day":true,"reach":true,"asker":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"upTo","required":true,"transform":{"type":"scalar"},"locs":[{"a":538,"b":543}]},{"name":"day","required":true,"transform":{"type":"scalar"},"locs":[{"a":546,"b":550}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":553,"b":559}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":562,"b":568}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":929,"b":938}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":945,"b":953}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":960,"b":966}]}],"statement":"select\n  b.id as \"id!\",\n  b.kind as \"kind!\",\n  e.version as \"version!\",\n  b.work_date as \"date!\",\n  b.person_id as \"personId?\",\n  coalesce(pe.name, '') as \"personName!\",\n  b.project_id as \"projectId!\",\n  b.task_id as \"taskId?\",\n  t.name as \"taskName?\",\n  coalesce(s.name, '') as \"serviceName!\",\n  e.note as \"note!\",\n  e.quantity as \"recorded!\",\n  b.seconds as \"seconds!\",\n  e.rate as \"rate?\",\n  b.value_minor as \"minor?\",\n  b.ready_minor as \"ready!\",\n  e.hold_reason as \"holdReason?\",\n  e.problems as \"problems!\"\nfrom\n  to_bill_in_reach (:upTo!, :day!, :reach!, :asker!) b\n  join entry e on e.firm_id = b.firm_id\n  and e.id = b.id\n  left join person pe on pe.firm_id = b.firm_id\n  and pe.id = b.person_id\n  left join service s on s.firm_id = e.firm_id\n  and s.id = e.service_id\n  left join task t on t.firm_id = e.firm_id\n  and t.id = e.task_id\nwhere\n  in_scope (\n    b.project_id,\n    b.task_id,\n    b.person_id,\n    false,\n    :projects!,\n    :anyTask!,\n    :tasks!,\n    null\n  )\norder by\n  b.work_date,\n  pe.name,\n  b.id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   b.id as "id!",
 *   b.kind as "kind!",
 *   e.version as "version!",
 *   b.work_date as "date!",
 *   b.person_id as "personId?",
 *   coalesce(pe.name, '') as "personName!",
 *   b.project_id as "projectId!",
 *   b.task_id as "taskId?",
 *   t.name as "taskName?",
 *   coalesce(s.name, '') as "serviceName!",
 *   e.note as "note!",
 *   e.quantity as "recorded!",
 *   b.seconds as "seconds!",
 *   e.rate as "rate?",
 *   b.value_minor as "minor?",
 *   b.ready_minor as "ready!",
 *   e.hold_reason as "holdReason?",
 *   e.problems as "problems!"
 * from
 *   to_bill_in_reach (:upTo!, :day!, :reach!, :asker!) b
 *   join entry e on e.firm_id = b.firm_id
 *   and e.id = b.id
 *   left join person pe on pe.firm_id = b.firm_id
 *   and pe.id = b.person_id
 *   left join service s on s.firm_id = e.firm_id
 *   and s.id = e.service_id
 *   left join task t on t.firm_id = e.firm_id
 *   and t.id = e.task_id
 * where
 *   in_scope (
 *     b.project_id,
 *     b.task_id,
 *     b.person_id,
 *     false,
 *     :projects!,
 *     :anyTask!,
 *     :tasks!,
 *     null
 *   )
 * order by
 *   b.work_date,
 *   pe.name,
 *   b.id
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
  writtenOff: number;
}

/** 'DeskRest' query type */
export interface IDeskRestQuery {
  params: IDeskRestParams;
  result: IDeskRestResult;
}

const deskRestIR: any = {"usedParamSet":{"upTo":true,"reach":true,"asker":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"upTo","required":true,"transform":{"type":"scalar"},"locs":[{"a":116,"b":121},{"a":266,"b":271},{"a":464,"b":469},{"a":651,"b":656}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":1029,"b":1035}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":1038,"b":1044}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":1155,"b":1164}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":1171,"b":1179}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":1186,"b":1192}]}],"statement":"select\n  coalesce(\n    sum(e.quantity) filter (\n      where\n        e.stage = 'recorded'\n        and e.work_date <= :upTo!\n    ),\n    0\n  ) as \"recorded!\",\n  coalesce(\n    sum(e.quantity) filter (\n      where\n        e.stage = 'submitted'\n        and e.work_date <= :upTo!\n    ),\n    0\n  ) as \"submitted!\",\n  coalesce(\n    sum(e.quantity) filter (\n      where\n        e.stage = 'approved'\n        and e.billing_state = 'nothing to bill'\n        and e.work_date <= :upTo!\n    ),\n    0\n  ) as \"notBillable!\",\n  coalesce(\n    sum(e.quantity) filter (\n      where\n        is_to_bill (e.stage, e.billing_state, e.billed_quantity)\n        and e.work_date > :upTo!\n    ),\n    0\n  ) as \"later!\",\n  coalesce(\n    sum(e.quantity) filter (\n      where\n        e.stage = 'approved'\n        and e.billing_state = 'written off'\n    ),\n    0\n  ) as \"writtenOff!\",\n  coalesce(\n    sum(e.billed_quantity) filter (\n      where\n        e.stage = 'approved'\n        and e.billed_quantity > 0\n    ),\n    0\n  ) as \"inDrafts!\"\nfrom\n  entries_in_reach (:reach!, :asker!) e\nwhere\n  e.kind = 'time'\n  and in_scope (\n    e.project_id,\n    e.task_id,\n    e.person_id,\n    false,\n    :projects!,\n    :anyTask!,\n    :tasks!,\n    null\n  )"};

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
 *         is_to_bill (e.stage, e.billing_state, e.billed_quantity)
 *         and e.work_date > :upTo!
 *     ),
 *     0
 *   ) as "later!",
 *   coalesce(
 *     sum(e.quantity) filter (
 *       where
 *         e.stage = 'approved'
 *         and e.billing_state = 'written off'
 *     ),
 *     0
 *   ) as "writtenOff!",
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
 *   and in_scope (
 *     e.project_id,
 *     e.task_id,
 *     e.person_id,
 *     false,
 *     :projects!,
 *     :anyTask!,
 *     :tasks!,
 *     null
 *   )
 * ```
 */
export const deskRest = new PreparedQuery<IDeskRestParams,IDeskRestResult>(deskRestIR);


/** 'DeskWrittenOff' parameters type */
export interface IDeskWrittenOffParams {
  anyTask: boolean;
  asker: string;
  projects: stringArray;
  reach: string;
  tasks: stringArray;
  upTo: string;
}

/** 'DeskWrittenOff' return type */
export interface IDeskWrittenOffResult {
  count: number;
  date: string;
  id: string;
  minor: number | null;
  personName: string;
  reason: string;
  recorded: number;
  version: number;
}

/** 'DeskWrittenOff' query type */
export interface IDeskWrittenOffQuery {
  params: IDeskWrittenOffParams;
  result: IDeskWrittenOffResult;
}

const deskWrittenOffIR: any = {"usedParamSet":{"reach":true,"asker":true,"upTo":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":273,"b":279}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":282,"b":288}]},{"name":"upTo","required":true,"transform":{"type":"scalar"},"locs":[{"a":428,"b":433}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":517,"b":526}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":533,"b":541}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":548,"b":554}]}],"statement":"select\n  count(*) over ()::int as \"count!\",\n  e.id as \"id!\",\n  e.version as \"version!\",\n  e.work_date as \"date!\",\n  coalesce(pe.name, '') as \"personName!\",\n  e.quantity as \"recorded!\",\n  e.value_minor as \"minor?\",\n  e.write_off_reason as \"reason!\"\nfrom\n  entries_in_reach (:reach!, :asker!) e\n  left join person pe on pe.firm_id = e.firm_id\n  and pe.id = e.person_id\nwhere\n  e.billing_state = 'written off'\n  and e.work_date <= :upTo!\n  and in_scope (\n    e.project_id,\n    e.task_id,\n    e.person_id,\n    false,\n    :projects!,\n    :anyTask!,\n    :tasks!,\n    null\n  )\norder by\n  e.work_date,\n  e.id\nlimit\n  200"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   count(*) over ()::int as "count!",
 *   e.id as "id!",
 *   e.version as "version!",
 *   e.work_date as "date!",
 *   coalesce(pe.name, '') as "personName!",
 *   e.quantity as "recorded!",
 *   e.value_minor as "minor?",
 *   e.write_off_reason as "reason!"
 * from
 *   entries_in_reach (:reach!, :asker!) e
 *   left join person pe on pe.firm_id = e.firm_id
 *   and pe.id = e.person_id
 * where
 *   e.billing_state = 'written off'
 *   and e.work_date <= :upTo!
 *   and in_scope (
 *     e.project_id,
 *     e.task_id,
 *     e.person_id,
 *     false,
 *     :projects!,
 *     :anyTask!,
 *     :tasks!,
 *     null
 *   )
 * order by
 *   e.work_date,
 *   e.id
 * limit
 *   200
 * ```
 */
export const deskWrittenOff = new PreparedQuery<IDeskWrittenOffParams,IDeskWrittenOffResult>(deskWrittenOffIR);


/** 'DeskProjects' parameters type */
export interface IDeskProjectsParams {
  asker: string;
  moneyReach: string;
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
  method: string;
  money: boolean;
  name: string;
  submittedMinor: number;
}

/** 'DeskProjects' query type */
export interface IDeskProjectsQuery {
  params: IDeskProjectsParams;
  result: IDeskProjectsResult;
}

const deskProjectsIR: any = {"usedParamSet":{"moneyReach":true,"asker":true,"reach":true,"upTo":true,"projects":true},"params":[{"name":"moneyReach","required":true,"transform":{"type":"scalar"},"locs":[{"a":318,"b":329},{"a":542,"b":553}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":332,"b":338},{"a":498,"b":504},{"a":556,"b":562}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":489,"b":495}]},{"name":"upTo","required":true,"transform":{"type":"scalar"},"locs":[{"a":708,"b":713}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":789,"b":798}]}],"statement":"select\n  p.id as \"id!\",\n  work_text (p) as \"name!\",\n  p.client_id as \"clientId?\",\n  c.name as \"clientName?\",\n  c.currency as \"currency?\",\n  coalesce(a.method, 'not billable') as \"method!\",\n  (m.id is not null) as \"money!\",\n  coalesce(\n    (\n      select\n        sum(e.value_minor)\n      from\n        entries_in_reach (:moneyReach!, :asker!) e\n      where\n        e.project_id = p.id\n        and e.stage = 'submitted'\n    ),\n    0\n  )::bigint as \"submittedMinor!\"\nfrom\n  projects_in_reach (:reach!, :asker!) p\n  left join projects_with_money (:moneyReach!, :asker!) m on m.firm_id = p.firm_id\n  and m.id = p.id\n  left join client c on c.firm_id = p.firm_id\n  and c.id = p.client_id\n  left join agreements_on (:upTo!) a on a.firm_id = p.firm_id\n  and a.project_id = p.id\nwhere\n  p.id = any (:projects!)\norder by\n  p.name"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!",
 *   work_text (p) as "name!",
 *   p.client_id as "clientId?",
 *   c.name as "clientName?",
 *   c.currency as "currency?",
 *   coalesce(a.method, 'not billable') as "method!",
 *   (m.id is not null) as "money!",
 *   coalesce(
 *     (
 *       select
 *         sum(e.value_minor)
 *       from
 *         entries_in_reach (:moneyReach!, :asker!) e
 *       where
 *         e.project_id = p.id
 *         and e.stage = 'submitted'
 *     ),
 *     0
 *   )::bigint as "submittedMinor!"
 * from
 *   projects_in_reach (:reach!, :asker!) p
 *   left join projects_with_money (:moneyReach!, :asker!) m on m.firm_id = p.firm_id
 *   and m.id = p.id
 *   left join client c on c.firm_id = p.firm_id
 *   and c.id = p.client_id
 *   left join agreements_on (:upTo!) a on a.firm_id = p.firm_id
 *   and a.project_id = p.id
 * where
 *   p.id = any (:projects!)
 * order by
 *   p.name
 * ```
 */
export const deskProjects = new PreparedQuery<IDeskProjectsParams,IDeskProjectsResult>(deskProjectsIR);


/** 'BilledByProject' parameters type */
export interface IBilledByProjectParams {
  asker: string;
  projects: stringArray;
  reach: string;
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

const billedByProjectIR: any = {"usedParamSet":{"reach":true,"asker":true,"projects":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":336,"b":342}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":345,"b":351}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":461,"b":470}]}],"statement":"select\n  l.project_id as \"projectId!\",\n  i.id as \"invoiceId!\",\n  i.kind as \"kind!\",\n  sum(l.net_minor)::bigint as \"net!\",\n  i.gross_minor as \"gross!\",\n  i.settled_minor as \"settled!\",\n  i.credited_minor as \"credited!\"\nfrom\n  invoice_line l\n  join invoice i on i.firm_id = l.firm_id\n  and i.id = l.invoice_id\n  join projects_with_money (:reach!, :asker!) p on p.firm_id = l.firm_id\n  and p.id = l.project_id\nwhere\n  i.status = 'issued'\n  and l.project_id = any (:projects!)\ngroup by\n  l.project_id,\n  i.id,\n  i.kind,\n  i.gross_minor,\n  i.settled_minor,\n  i.credited_minor"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   l.project_id as "projectId!",
 *   i.id as "invoiceId!",
 *   i.kind as "kind!",
 *   sum(l.net_minor)::bigint as "net!",
 *   i.gross_minor as "gross!",
 *   i.settled_minor as "settled!",
 *   i.credited_minor as "credited!"
 * from
 *   invoice_line l
 *   join invoice i on i.firm_id = l.firm_id
 *   and i.id = l.invoice_id
 *   join projects_with_money (:reach!, :asker!) p on p.firm_id = l.firm_id
 *   and p.id = l.project_id
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
  asker: string;
  client: string;
  projects: stringArray;
  reach: string;
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

const draftsOfIR: any = {"usedParamSet":{"reach":true,"asker":true,"client":true,"projects":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":147,"b":153}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":156,"b":162}]},{"name":"client","required":true,"transform":{"type":"scalar"},"locs":[{"a":281,"b":288}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":452,"b":461}]}],"statement":"select\n  i.id as \"id!\",\n  i.version as \"version!\",\n  i.net_minor as \"minor!\",\n  i.created_at as \"at!\",\n  p.name as \"by!\"\nfrom\n  invoices_in_reach (:reach!, :asker!) i\n  join person p on p.firm_id = i.firm_id\n  and p.id = i.created_by\nwhere\n  i.status = 'draft'\n  and i.client_id = :client!\n  and exists (\n    select\n      1\n    from\n      invoice_line l\n    where\n      l.firm_id = i.firm_id\n      and l.invoice_id = i.id\n      and l.project_id = any (:projects!)\n  )\norder by\n  i.created_at"};

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
 *   invoices_in_reach (:reach!, :asker!) i
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


