/** Types generated for queries found in "packages/server/src/billing/queries.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

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

const toBillProjectsIR: any = {"usedParamSet":{"upTo":true,"reach":true,"asker":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"whose":true},"params":[{"name":"upTo","required":true,"transform":{"type":"scalar"},"locs":[{"a":613,"b":618},{"a":661,"b":666},{"a":1172,"b":1177}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":922,"b":928}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":931,"b":937}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":1186,"b":1190}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":1214,"b":1223}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":1232,"b":1240}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":1261,"b":1267}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":1276,"b":1281},{"a":1314,"b":1319}]}],"statement":"select p.id as \"projectId!\", p.name as \"projectName!\", c.id as \"clientId!\", c.name as \"clientName!\", c.currency as \"currency!\", min(e.work_date) as \"oldest!\",\n  coalesce(sum(e.billable_quantity) filter (where e.hold_reason is null and e.rate is not null), 0) as \"seconds!\",\n  coalesce(sum(e.value_minor) filter (where e.hold_reason is null and e.rate is not null), 0) as \"minor!\",\n  count(*) filter (where e.hold_reason is not null) as \"held!\", count(*) filter (where e.rate is null) as \"unpriced!\",\n  (select a.limit_minor from agreement a where a.firm_id = p.firm_id and a.project_id = p.id and a.valid_from <= :upTo! and (a.valid_to is null or a.valid_to >= :upTo!)) as \"limit?\",\n  coalesce((select sum(l.net_minor) from invoice_line l join invoice i on i.firm_id = l.firm_id and i.id = l.invoice_id where l.firm_id = p.firm_id and l.project_id = p.id and i.status = 'issued'), 0) as \"billedNet!\"\nfrom entries_in_reach(:reach!, :asker!) e\njoin project p on p.firm_id = e.firm_id and p.id = e.project_id\njoin client c on c.firm_id = p.firm_id and c.id = p.client_id\nwhere e.stage = 'approved' and e.billing_state = 'to bill' and e.billed_quantity = 0 and e.work_date <= :upTo!\n  and (:all! or e.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!)) and (:whose::uuid is null or e.person_id = :whose)\ngroup by p.firm_id, p.id, p.name, c.id, c.name, c.currency\norder by min(e.work_date), p.name"};

/**
 * Query generated from SQL:
 * ```
 * select p.id as "projectId!", p.name as "projectName!", c.id as "clientId!", c.name as "clientName!", c.currency as "currency!", min(e.work_date) as "oldest!",
 *   coalesce(sum(e.billable_quantity) filter (where e.hold_reason is null and e.rate is not null), 0) as "seconds!",
 *   coalesce(sum(e.value_minor) filter (where e.hold_reason is null and e.rate is not null), 0) as "minor!",
 *   count(*) filter (where e.hold_reason is not null) as "held!", count(*) filter (where e.rate is null) as "unpriced!",
 *   (select a.limit_minor from agreement a where a.firm_id = p.firm_id and a.project_id = p.id and a.valid_from <= :upTo! and (a.valid_to is null or a.valid_to >= :upTo!)) as "limit?",
 *   coalesce((select sum(l.net_minor) from invoice_line l join invoice i on i.firm_id = l.firm_id and i.id = l.invoice_id where l.firm_id = p.firm_id and l.project_id = p.id and i.status = 'issued'), 0) as "billedNet!"
 * from entries_in_reach(:reach!, :asker!) e
 * join project p on p.firm_id = e.firm_id and p.id = e.project_id
 * join client c on c.firm_id = p.firm_id and c.id = p.client_id
 * where e.stage = 'approved' and e.billing_state = 'to bill' and e.billed_quantity = 0 and e.work_date <= :upTo!
 *   and (:all! or e.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!)) and (:whose::uuid is null or e.person_id = :whose)
 * group by p.firm_id, p.id, p.name, c.id, c.name, c.currency
 * order by min(e.work_date), p.name
 * ```
 */
export const toBillProjects = new PreparedQuery<IToBillProjectsParams,IToBillProjectsResult>(toBillProjectsIR);


/** 'UnpricedEntries' parameters type */
export interface IUnpricedEntriesParams {
  all: boolean;
  anyTask: boolean;
  asker: string;
  projects: stringArray;
  reach: string;
  tasks: stringArray;
  whose?: string | null | void;
}

/** 'UnpricedEntries' return type */
export interface IUnpricedEntriesResult {
  count: number;
  id: string;
}

/** 'UnpricedEntries' query type */
export interface IUnpricedEntriesQuery {
  params: IUnpricedEntriesParams;
  result: IUnpricedEntriesResult;
}

const unpricedEntriesIR: any = {"usedParamSet":{"reach":true,"asker":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"whose":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":78,"b":84}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":87,"b":93}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":216,"b":220}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":244,"b":253}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":262,"b":270}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":291,"b":297}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":306,"b":311},{"a":344,"b":349}]}],"statement":"select e.id as \"id!\", count(*) over ()::int as \"count!\" from entries_in_reach(:reach!, :asker!) e\nwhere e.billing_state = 'to bill' and e.rate is null and e.project_id is not null and e.service_id is not null\n  and (:all! or e.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!)) and (:whose::uuid is null or e.person_id = :whose)\norder by e.work_date, e.id limit 100"};

/**
 * Query generated from SQL:
 * ```
 * select e.id as "id!", count(*) over ()::int as "count!" from entries_in_reach(:reach!, :asker!) e
 * where e.billing_state = 'to bill' and e.rate is null and e.project_id is not null and e.service_id is not null
 *   and (:all! or e.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!)) and (:whose::uuid is null or e.person_id = :whose)
 * order by e.work_date, e.id limit 100
 * ```
 */
export const unpricedEntries = new PreparedQuery<IUnpricedEntriesParams,IUnpricedEntriesResult>(unpricedEntriesIR);


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

const deskEntriesIR: any = {"usedParamSet":{"reach":true,"asker":true,"upTo":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":437,"b":443}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":446,"b":452}]},{"name":"upTo","required":true,"transform":{"type":"scalar"},"locs":[{"a":753,"b":758}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":785,"b":794}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":802,"b":810}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":831,"b":837}]}],"statement":"select e.id as \"id!\", e.version as \"version!\", e.work_date as \"date!\", e.person_id as \"personId!\", pe.name as \"personName!\", e.project_id as \"projectId!\", e.task_id as \"taskId?\", t.name as \"taskName?\",\n  s.name as \"serviceName!\", e.note as \"note!\", e.quantity as \"recorded!\", e.billable_quantity as \"seconds!\", e.rate as \"rate?\", e.value_minor as \"minor?\", e.hold_reason as \"holdReason?\", e.problems as \"problems!\"\nfrom entries_in_reach(:reach!, :asker!) e\njoin person pe on pe.firm_id = e.firm_id and pe.id = e.person_id\njoin service s on s.firm_id = e.firm_id and s.id = e.service_id\nleft join task t on t.firm_id = e.firm_id and t.id = e.task_id\nwhere e.stage = 'approved' and e.billing_state = 'to bill' and e.billed_quantity = 0 and e.work_date <= :upTo!\n  and e.project_id = any(:projects!) and (:anyTask! or e.task_id = any(:tasks!))\norder by e.work_date, pe.name, e.id"};

/**
 * Query generated from SQL:
 * ```
 * select e.id as "id!", e.version as "version!", e.work_date as "date!", e.person_id as "personId!", pe.name as "personName!", e.project_id as "projectId!", e.task_id as "taskId?", t.name as "taskName?",
 *   s.name as "serviceName!", e.note as "note!", e.quantity as "recorded!", e.billable_quantity as "seconds!", e.rate as "rate?", e.value_minor as "minor?", e.hold_reason as "holdReason?", e.problems as "problems!"
 * from entries_in_reach(:reach!, :asker!) e
 * join person pe on pe.firm_id = e.firm_id and pe.id = e.person_id
 * join service s on s.firm_id = e.firm_id and s.id = e.service_id
 * left join task t on t.firm_id = e.firm_id and t.id = e.task_id
 * where e.stage = 'approved' and e.billing_state = 'to bill' and e.billed_quantity = 0 and e.work_date <= :upTo!
 *   and e.project_id = any(:projects!) and (:anyTask! or e.task_id = any(:tasks!))
 * order by e.work_date, pe.name, e.id
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

const deskRestIR: any = {"usedParamSet":{"upTo":true,"reach":true,"asker":true,"projects":true,"anyTask":true,"tasks":true},"params":[{"name":"upTo","required":true,"transform":{"type":"scalar"},"locs":[{"a":86,"b":91},{"a":196,"b":201},{"a":346,"b":351},{"a":515,"b":520}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":677,"b":683}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":686,"b":692}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":742,"b":751}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":759,"b":767}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":788,"b":794}]}],"statement":"select coalesce(sum(e.quantity) filter (where e.stage = 'recorded' and e.work_date <= :upTo!), 0) as \"recorded!\",\n  coalesce(sum(e.quantity) filter (where e.stage = 'submitted' and e.work_date <= :upTo!), 0) as \"submitted!\",\n  coalesce(sum(e.quantity) filter (where e.stage = 'approved' and e.billing_state = 'nothing to bill' and e.work_date <= :upTo!), 0) as \"notBillable!\",\n  coalesce(sum(e.quantity) filter (where e.stage = 'approved' and e.billing_state = 'to bill' and e.billed_quantity = 0 and e.work_date > :upTo!), 0) as \"later!\",\n  coalesce(sum(e.billed_quantity) filter (where e.stage = 'approved' and e.billed_quantity > 0), 0) as \"inDrafts!\"\nfrom entries_in_reach(:reach!, :asker!) e where e.kind = 'time' and e.project_id = any(:projects!) and (:anyTask! or e.task_id = any(:tasks!))"};

/**
 * Query generated from SQL:
 * ```
 * select coalesce(sum(e.quantity) filter (where e.stage = 'recorded' and e.work_date <= :upTo!), 0) as "recorded!",
 *   coalesce(sum(e.quantity) filter (where e.stage = 'submitted' and e.work_date <= :upTo!), 0) as "submitted!",
 *   coalesce(sum(e.quantity) filter (where e.stage = 'approved' and e.billing_state = 'nothing to bill' and e.work_date <= :upTo!), 0) as "notBillable!",
 *   coalesce(sum(e.quantity) filter (where e.stage = 'approved' and e.billing_state = 'to bill' and e.billed_quantity = 0 and e.work_date > :upTo!), 0) as "later!",
 *   coalesce(sum(e.billed_quantity) filter (where e.stage = 'approved' and e.billed_quantity > 0), 0) as "inDrafts!"
 * from entries_in_reach(:reach!, :asker!) e where e.kind = 'time' and e.project_id = any(:projects!) and (:anyTask! or e.task_id = any(:tasks!))
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

const deskProjectsIR: any = {"usedParamSet":{"reach":true,"asker":true,"upTo":true,"projects":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":375,"b":381}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":384,"b":390}]},{"name":"upTo","required":true,"transform":{"type":"scalar"},"locs":[{"a":553,"b":558},{"a":601,"b":606}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":626,"b":635}]}],"statement":"select p.id as \"id!\", p.name as \"name!\", p.client_id as \"clientId?\", c.name as \"clientName?\", c.currency as \"currency?\", coalesce(a.method, 'not billable') as \"method!\", a.limit_minor as \"limit?\",\n  coalesce((select sum(e.value_minor) from entry e where e.firm_id = p.firm_id and e.project_id = p.id and e.stage = 'submitted'), 0) as \"submittedMinor!\"\nfrom projects_in_reach(:reach!, :asker!) p\nleft join client c on c.firm_id = p.firm_id and c.id = p.client_id\nleft join agreement a on a.firm_id = p.firm_id and a.project_id = p.id and a.valid_from <= :upTo! and (a.valid_to is null or a.valid_to >= :upTo!)\nwhere p.id = any(:projects!) order by p.name"};

/**
 * Query generated from SQL:
 * ```
 * select p.id as "id!", p.name as "name!", p.client_id as "clientId?", c.name as "clientName?", c.currency as "currency?", coalesce(a.method, 'not billable') as "method!", a.limit_minor as "limit?",
 *   coalesce((select sum(e.value_minor) from entry e where e.firm_id = p.firm_id and e.project_id = p.id and e.stage = 'submitted'), 0) as "submittedMinor!"
 * from projects_in_reach(:reach!, :asker!) p
 * left join client c on c.firm_id = p.firm_id and c.id = p.client_id
 * left join agreement a on a.firm_id = p.firm_id and a.project_id = p.id and a.valid_from <= :upTo! and (a.valid_to is null or a.valid_to >= :upTo!)
 * where p.id = any(:projects!) order by p.name
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

const billedByProjectIR: any = {"usedParamSet":{"projects":true},"params":[{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":329,"b":338}]}],"statement":"select l.project_id as \"projectId!\", i.id as \"invoiceId!\", i.kind as \"kind!\", sum(l.net_minor) as \"net!\", i.gross_minor as \"gross!\", i.settled_minor as \"settled!\", i.credited_minor as \"credited!\"\nfrom invoice_line l join invoice i on i.firm_id = l.firm_id and i.id = l.invoice_id\nwhere i.status = 'issued' and l.project_id = any(:projects!) group by l.project_id, i.id, i.kind, i.gross_minor, i.settled_minor, i.credited_minor"};

/**
 * Query generated from SQL:
 * ```
 * select l.project_id as "projectId!", i.id as "invoiceId!", i.kind as "kind!", sum(l.net_minor) as "net!", i.gross_minor as "gross!", i.settled_minor as "settled!", i.credited_minor as "credited!"
 * from invoice_line l join invoice i on i.firm_id = l.firm_id and i.id = l.invoice_id
 * where i.status = 'issued' and l.project_id = any(:projects!) group by l.project_id, i.id, i.kind, i.gross_minor, i.settled_minor, i.credited_minor
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

const draftsOfIR: any = {"usedParamSet":{"client":true,"projects":true},"params":[{"name":"client","required":true,"transform":{"type":"scalar"},"locs":[{"a":232,"b":239}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":359,"b":368}]}],"statement":"select i.id as \"id!\", i.version as \"version!\", i.net_minor as \"minor!\", i.created_at as \"at!\", p.name as \"by!\"\nfrom invoice i join person p on p.firm_id = i.firm_id and p.id = i.created_by\nwhere i.status = 'draft' and i.client_id = :client!\n  and exists (select 1 from invoice_line l where l.firm_id = i.firm_id and l.invoice_id = i.id and l.project_id = any(:projects!)) order by i.created_at"};

/**
 * Query generated from SQL:
 * ```
 * select i.id as "id!", i.version as "version!", i.net_minor as "minor!", i.created_at as "at!", p.name as "by!"
 * from invoice i join person p on p.firm_id = i.firm_id and p.id = i.created_by
 * where i.status = 'draft' and i.client_id = :client!
 *   and exists (select 1 from invoice_line l where l.firm_id = i.firm_id and l.invoice_id = i.id and l.project_id = any(:projects!)) order by i.created_at
 * ```
 */
export const draftsOf = new PreparedQuery<IDraftsOfParams,IDraftsOfResult>(draftsOfIR);


/** 'LockToHold' parameters type */
export interface ILockToHoldParams {
  ids: stringArray;
}

/** 'LockToHold' return type */
export interface ILockToHoldResult {
  billedQuantity: number;
  billingState: string;
  holdReason: string | null;
  id: string;
  stage: string;
  version: number;
}

/** 'LockToHold' query type */
export interface ILockToHoldQuery {
  params: ILockToHoldParams;
  result: ILockToHoldResult;
}

const lockToHoldIR: any = {"usedParamSet":{"ids":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":205,"b":209}]}],"statement":"select e.id as \"id!\", e.version as \"version!\", e.stage as \"stage!\", e.billing_state as \"billingState!\", e.billed_quantity as \"billedQuantity!\", e.hold_reason as \"holdReason?\"\nfrom entry e where e.id = any(:ids!) order by e.id for update"};

/**
 * Query generated from SQL:
 * ```
 * select e.id as "id!", e.version as "version!", e.stage as "stage!", e.billing_state as "billingState!", e.billed_quantity as "billedQuantity!", e.hold_reason as "holdReason?"
 * from entry e where e.id = any(:ids!) order by e.id for update
 * ```
 */
export const lockToHold = new PreparedQuery<ILockToHoldParams,ILockToHoldResult>(lockToHoldIR);


/** 'SetHold' parameters type */
export interface ISetHoldParams {
  ids: stringArray;
  reason?: string | null | void;
}

/** 'SetHold' return type */
export type ISetHoldResult = void;

/** 'SetHold' query type */
export interface ISetHoldQuery {
  params: ISetHoldParams;
  result: ISetHoldResult;
}

const setHoldIR: any = {"usedParamSet":{"reason":true,"ids":true},"params":[{"name":"reason","required":false,"transform":{"type":"scalar"},"locs":[{"a":31,"b":37}]},{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":77,"b":81}]}],"statement":"update entry set hold_reason = :reason, version = version + 1 where id = any(:ids!)"};

/**
 * Query generated from SQL:
 * ```
 * update entry set hold_reason = :reason, version = version + 1 where id = any(:ids!)
 * ```
 */
export const setHold = new PreparedQuery<ISetHoldParams,ISetHoldResult>(setHoldIR);


/** 'LockAgreements' parameters type */
export interface ILockAgreementsParams {
  entries: stringArray;
}

/** 'LockAgreements' return type */
export interface ILockAgreementsResult {
  currency: string;
  decimalPlaces: number | null;
  id: string;
  limit: number | null;
  projectId: string;
  validFrom: string;
  validTo: string | null;
}

/** 'LockAgreements' query type */
export interface ILockAgreementsQuery {
  params: ILockAgreementsParams;
  result: ILockAgreementsResult;
}

const lockAgreementsIR: any = {"usedParamSet":{"entries":true},"params":[{"name":"entries","required":true,"transform":{"type":"scalar"},"locs":[{"a":289,"b":297}]}],"statement":"select a.id as \"id!\", a.project_id as \"projectId!\", a.currency as \"currency!\", a.limit_minor as \"limit?\", a.decimal_places as \"decimalPlaces?\", a.valid_from as \"validFrom!\", a.valid_to as \"validTo?\"\nfrom agreement a where a.project_id in (select e.project_id from entry e where e.id = any(:entries!)) order by a.id for update"};

/**
 * Query generated from SQL:
 * ```
 * select a.id as "id!", a.project_id as "projectId!", a.currency as "currency!", a.limit_minor as "limit?", a.decimal_places as "decimalPlaces?", a.valid_from as "validFrom!", a.valid_to as "validTo?"
 * from agreement a where a.project_id in (select e.project_id from entry e where e.id = any(:entries!)) order by a.id for update
 * ```
 */
export const lockAgreements = new PreparedQuery<ILockAgreementsParams,ILockAgreementsResult>(lockAgreementsIR);


/** 'ReadAgreements' parameters type */
export interface IReadAgreementsParams {
  entries: stringArray;
}

/** 'ReadAgreements' return type */
export interface IReadAgreementsResult {
  currency: string;
  decimalPlaces: number | null;
  id: string;
  limit: number | null;
  projectId: string;
  validFrom: string;
  validTo: string | null;
}

/** 'ReadAgreements' query type */
export interface IReadAgreementsQuery {
  params: IReadAgreementsParams;
  result: IReadAgreementsResult;
}

const readAgreementsIR: any = {"usedParamSet":{"entries":true},"params":[{"name":"entries","required":true,"transform":{"type":"scalar"},"locs":[{"a":289,"b":297}]}],"statement":"select a.id as \"id!\", a.project_id as \"projectId!\", a.currency as \"currency!\", a.limit_minor as \"limit?\", a.decimal_places as \"decimalPlaces?\", a.valid_from as \"validFrom!\", a.valid_to as \"validTo?\"\nfrom agreement a where a.project_id in (select e.project_id from entry e where e.id = any(:entries!)) order by a.id"};

/**
 * Query generated from SQL:
 * ```
 * select a.id as "id!", a.project_id as "projectId!", a.currency as "currency!", a.limit_minor as "limit?", a.decimal_places as "decimalPlaces?", a.valid_from as "validFrom!", a.valid_to as "validTo?"
 * from agreement a where a.project_id in (select e.project_id from entry e where e.id = any(:entries!)) order by a.id
 * ```
 */
export const readAgreements = new PreparedQuery<IReadAgreementsParams,IReadAgreementsResult>(readAgreementsIR);


/** 'LockEntriesById' parameters type */
export interface ILockEntriesByIdParams {
  ids: stringArray;
}

/** 'LockEntriesById' return type */
export interface ILockEntriesByIdResult {
  id: string;
}

/** 'LockEntriesById' query type */
export interface ILockEntriesByIdQuery {
  params: ILockEntriesByIdParams;
  result: ILockEntriesByIdResult;
}

const lockEntriesByIdIR: any = {"usedParamSet":{"ids":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":45,"b":49}]}],"statement":"select id as \"id!\" from entry where id = any(:ids!) order by id for update"};

/**
 * Query generated from SQL:
 * ```
 * select id as "id!" from entry where id = any(:ids!) order by id for update
 * ```
 */
export const lockEntriesById = new PreparedQuery<ILockEntriesByIdParams,ILockEntriesByIdResult>(lockEntriesByIdIR);


/** 'BillableEntries' parameters type */
export interface IBillableEntriesParams {
  asker: string;
  draft?: string | null | void;
  ids: stringArray;
}

/** 'BillableEntries' return type */
export interface IBillableEntriesResult {
  billableQuantity: number;
  billingState: string;
  clientId: string | null;
  holdReason: string | null;
  id: string;
  note: string;
  orderReference: string;
  personName: string;
  projectId: string;
  projectName: string;
  rate: number | null;
  serviceName: string;
  stage: string;
  takenByOthers: number;
  taskId: string | null;
  taskName: string | null;
  taxCategory: string | null;
  valueMinor: number | null;
  workDate: string;
}

/** 'BillableEntries' query type */
export interface IBillableEntriesQuery {
  params: IBillableEntriesParams;
  result: IBillableEntriesResult;
}

const billableEntriesIR: any = {"usedParamSet":{"draft":true,"asker":true,"ids":true},"params":[{"name":"draft","required":false,"transform":{"type":"scalar"},"locs":[{"a":733,"b":738}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":795,"b":801}]},{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":1079,"b":1083}]}],"statement":"select e.id as \"id!\", e.work_date as \"workDate!\", e.client_id as \"clientId?\", e.project_id as \"projectId!\", p.name as \"projectName!\", p.order_reference as \"orderReference!\", e.task_id as \"taskId?\", t.name as \"taskName?\",\n  s.name as \"serviceName!\", pe.name as \"personName!\", e.note as \"note!\", e.billable_quantity as \"billableQuantity!\", e.rate as \"rate?\", e.value_minor as \"valueMinor?\", e.tax_category as \"taxCategory?\",\n  e.stage as \"stage!\", e.billing_state as \"billingState!\", e.hold_reason as \"holdReason?\",\n  e.billed_quantity - coalesce((select sum(x.quantity) from line_share x join invoice_line l on l.firm_id = x.firm_id and l.id = x.line_id where x.firm_id = e.firm_id and x.entry_id = e.id and x.live and l.invoice_id = :draft), 0) as \"takenByOthers!\"\nfrom entries_in_reach('firm', :asker!) e\njoin project p on p.firm_id = e.firm_id and p.id = e.project_id\njoin service s on s.firm_id = e.firm_id and s.id = e.service_id\njoin person pe on pe.firm_id = e.firm_id and pe.id = e.person_id\nleft join task t on t.firm_id = e.firm_id and t.id = e.task_id\nwhere e.id = any(:ids!) order by e.work_date, pe.name, e.id"};

/**
 * Query generated from SQL:
 * ```
 * select e.id as "id!", e.work_date as "workDate!", e.client_id as "clientId?", e.project_id as "projectId!", p.name as "projectName!", p.order_reference as "orderReference!", e.task_id as "taskId?", t.name as "taskName?",
 *   s.name as "serviceName!", pe.name as "personName!", e.note as "note!", e.billable_quantity as "billableQuantity!", e.rate as "rate?", e.value_minor as "valueMinor?", e.tax_category as "taxCategory?",
 *   e.stage as "stage!", e.billing_state as "billingState!", e.hold_reason as "holdReason?",
 *   e.billed_quantity - coalesce((select sum(x.quantity) from line_share x join invoice_line l on l.firm_id = x.firm_id and l.id = x.line_id where x.firm_id = e.firm_id and x.entry_id = e.id and x.live and l.invoice_id = :draft), 0) as "takenByOthers!"
 * from entries_in_reach('firm', :asker!) e
 * join project p on p.firm_id = e.firm_id and p.id = e.project_id
 * join service s on s.firm_id = e.firm_id and s.id = e.service_id
 * join person pe on pe.firm_id = e.firm_id and pe.id = e.person_id
 * left join task t on t.firm_id = e.firm_id and t.id = e.task_id
 * where e.id = any(:ids!) order by e.work_date, pe.name, e.id
 * ```
 */
export const billableEntries = new PreparedQuery<IBillableEntriesParams,IBillableEntriesResult>(billableEntriesIR);


/** 'LimitUsed' parameters type */
export interface ILimitUsedParams {
  agreements: stringArray;
  draft?: string | null | void;
}

/** 'LimitUsed' return type */
export interface ILimitUsedResult {
  agreementId: string;
  used: number;
}

/** 'LimitUsed' query type */
export interface ILimitUsedQuery {
  params: ILimitUsedParams;
  result: ILimitUsedResult;
}

const limitUsedIR: any = {"usedParamSet":{"agreements":true,"draft":true},"params":[{"name":"agreements","required":true,"transform":{"type":"scalar"},"locs":[{"a":180,"b":191}]},{"name":"draft","required":false,"transform":{"type":"scalar"},"locs":[{"a":256,"b":261}]}],"statement":"select l.agreement_id as \"agreementId!\", sum(l.net_minor) as \"used!\"\nfrom invoice_line l join invoice i on i.firm_id = l.firm_id and i.id = l.invoice_id\nwhere l.agreement_id = any(:agreements!) and i.status in ('draft', 'issued') and i.id is distinct from :draft\ngroup by l.agreement_id"};

/**
 * Query generated from SQL:
 * ```
 * select l.agreement_id as "agreementId!", sum(l.net_minor) as "used!"
 * from invoice_line l join invoice i on i.firm_id = l.firm_id and i.id = l.invoice_id
 * where l.agreement_id = any(:agreements!) and i.status in ('draft', 'issued') and i.id is distinct from :draft
 * group by l.agreement_id
 * ```
 */
export const limitUsed = new PreparedQuery<ILimitUsedParams,ILimitUsedResult>(limitUsedIR);


/** 'TaxRatesOn' parameters type */
export interface ITaxRatesOnParams {
  on: string;
}

/** 'TaxRatesOn' return type */
export interface ITaxRatesOnResult {
  category: string;
  name: string;
  rate: number;
  reason: string;
}

/** 'TaxRatesOn' query type */
export interface ITaxRatesOnQuery {
  params: ITaxRatesOnParams;
  result: ITaxRatesOnResult;
}

const taxRatesOnIR: any = {"usedParamSet":{"on":true},"params":[{"name":"on","required":true,"transform":{"type":"scalar"},"locs":[{"a":120,"b":123},{"a":162,"b":165}]}],"statement":"select category as \"category!\", name as \"name!\", rate as \"rate!\", reason as \"reason!\" from tax_rate where valid_from <= :on! and (valid_to is null or valid_to >= :on!)"};

/**
 * Query generated from SQL:
 * ```
 * select category as "category!", name as "name!", rate as "rate!", reason as "reason!" from tax_rate where valid_from <= :on! and (valid_to is null or valid_to >= :on!)
 * ```
 */
export const taxRatesOn = new PreparedQuery<ITaxRatesOnParams,ITaxRatesOnResult>(taxRatesOnIR);


/** 'PartiesOf' parameters type */
export interface IPartiesOfParams {
  client: string;
}

/** 'PartiesOf' return type */
export interface IPartiesOfResult {
  buyerAddress: stringArray;
  buyerCountry: string;
  buyerEmail: string;
  buyerName: string;
  buyerTaxId: string | null;
  currency: string;
  paymentDays: number;
  paymentDetails: string;
  sellerAddress: stringArray;
  sellerCountry: string;
  sellerEmail: string;
  sellerName: string;
  sellerTaxId: string;
}

/** 'PartiesOf' query type */
export interface IPartiesOfQuery {
  params: IPartiesOfParams;
  result: IPartiesOfResult;
}

const partiesOfIR: any = {"usedParamSet":{"client":true},"params":[{"name":"client","required":true,"transform":{"type":"scalar"},"locs":[{"a":452,"b":459}]}],"statement":"select f.name as \"sellerName!\", f.address as \"sellerAddress!\", f.country as \"sellerCountry!\", f.tax_id as \"sellerTaxId!\", f.email as \"sellerEmail!\", f.payment_details as \"paymentDetails!\",\n  c.name as \"buyerName!\", c.address as \"buyerAddress!\", c.country as \"buyerCountry!\", c.tax_id as \"buyerTaxId?\", c.email as \"buyerEmail!\", c.currency as \"currency!\", c.payment_days as \"paymentDays!\"\nfrom client c join firm f on f.firm_id = c.firm_id where c.id = :client!"};

/**
 * Query generated from SQL:
 * ```
 * select f.name as "sellerName!", f.address as "sellerAddress!", f.country as "sellerCountry!", f.tax_id as "sellerTaxId!", f.email as "sellerEmail!", f.payment_details as "paymentDetails!",
 *   c.name as "buyerName!", c.address as "buyerAddress!", c.country as "buyerCountry!", c.tax_id as "buyerTaxId?", c.email as "buyerEmail!", c.currency as "currency!", c.payment_days as "paymentDays!"
 * from client c join firm f on f.firm_id = c.firm_id where c.id = :client!
 * ```
 */
export const partiesOf = new PreparedQuery<IPartiesOfParams,IPartiesOfResult>(partiesOfIR);


/** 'NextNumber' parameters type */
export interface INextNumberParams {
  series: string;
}

/** 'NextNumber' return type */
export interface INextNumberResult {
  next: number;
  prefix: string;
}

/** 'NextNumber' query type */
export interface INextNumberQuery {
  params: INextNumberParams;
  result: INextNumberResult;
}

const nextNumberIR: any = {"usedParamSet":{"series":true},"params":[{"name":"series","required":true,"transform":{"type":"scalar"},"locs":[{"a":86,"b":93}]}],"statement":"select prefix as \"prefix!\", next_number as \"next!\" from invoice_series where series = :series!"};

/**
 * Query generated from SQL:
 * ```
 * select prefix as "prefix!", next_number as "next!" from invoice_series where series = :series!
 * ```
 */
export const nextNumber = new PreparedQuery<INextNumberParams,INextNumberResult>(nextNumberIR);


/** 'TakeNumber' parameters type */
export interface ITakeNumberParams {
  series: string;
}

/** 'TakeNumber' return type */
export interface ITakeNumberResult {
  number: number;
  prefix: string;
}

/** 'TakeNumber' query type */
export interface ITakeNumberQuery {
  params: ITakeNumberParams;
  result: ITakeNumberResult;
}

const takeNumberIR: any = {"usedParamSet":{"series":true},"params":[{"name":"series","required":true,"transform":{"type":"scalar"},"locs":[{"a":71,"b":78}]}],"statement":"update invoice_series set next_number = next_number + 1 where series = :series! returning prefix as \"prefix!\", next_number - 1 as \"number!\""};

/**
 * Query generated from SQL:
 * ```
 * update invoice_series set next_number = next_number + 1 where series = :series! returning prefix as "prefix!", next_number - 1 as "number!"
 * ```
 */
export const takeNumber = new PreparedQuery<ITakeNumberParams,ITakeNumberResult>(takeNumberIR);


/** 'InsertInvoice' parameters type */
export interface IInsertInvoiceParams {
  by: string;
  client: string;
  credits?: string | null | void;
  currency: string;
  firm: string;
  gross: number;
  grouping?: string | null | void;
  id: string;
  kind: string;
  net: number;
  now: string;
  reason: string;
  series: string;
  supplyFrom: string;
  supplyTo: string;
  tax: number;
  upTo?: string | null | void;
  wish?: Json | null | void;
}

/** 'InsertInvoice' return type */
export type IInsertInvoiceResult = void;

/** 'InsertInvoice' query type */
export interface IInsertInvoiceQuery {
  params: IInsertInvoiceParams;
  result: IInsertInvoiceResult;
}

const insertInvoiceIR: any = {"usedParamSet":{"firm":true,"id":true,"kind":true,"series":true,"client":true,"currency":true,"upTo":true,"grouping":true,"supplyFrom":true,"supplyTo":true,"net":true,"tax":true,"gross":true,"credits":true,"reason":true,"wish":true,"by":true,"now":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":211,"b":216}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":219,"b":222}]},{"name":"kind","required":true,"transform":{"type":"scalar"},"locs":[{"a":225,"b":230}]},{"name":"series","required":true,"transform":{"type":"scalar"},"locs":[{"a":242,"b":249}]},{"name":"client","required":true,"transform":{"type":"scalar"},"locs":[{"a":252,"b":259}]},{"name":"currency","required":true,"transform":{"type":"scalar"},"locs":[{"a":262,"b":271}]},{"name":"upTo","required":false,"transform":{"type":"scalar"},"locs":[{"a":274,"b":278}]},{"name":"grouping","required":false,"transform":{"type":"scalar"},"locs":[{"a":281,"b":289}]},{"name":"supplyFrom","required":true,"transform":{"type":"scalar"},"locs":[{"a":292,"b":303}]},{"name":"supplyTo","required":true,"transform":{"type":"scalar"},"locs":[{"a":306,"b":315}]},{"name":"net","required":true,"transform":{"type":"scalar"},"locs":[{"a":318,"b":322}]},{"name":"tax","required":true,"transform":{"type":"scalar"},"locs":[{"a":325,"b":329}]},{"name":"gross","required":true,"transform":{"type":"scalar"},"locs":[{"a":332,"b":338}]},{"name":"credits","required":false,"transform":{"type":"scalar"},"locs":[{"a":341,"b":348}]},{"name":"reason","required":true,"transform":{"type":"scalar"},"locs":[{"a":351,"b":358}]},{"name":"wish","required":false,"transform":{"type":"scalar"},"locs":[{"a":361,"b":365}]},{"name":"by","required":true,"transform":{"type":"scalar"},"locs":[{"a":368,"b":371}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":374,"b":378}]}],"statement":"insert into invoice (firm_id, id, kind, status, series, client_id, currency, up_to, grouping, supply_from, supply_to, net_minor, tax_minor, gross_minor, credits_id, reason, wish, created_by, created_at)\nvalues (:firm!, :id!, :kind!, 'draft', :series!, :client!, :currency!, :upTo, :grouping, :supplyFrom!, :supplyTo!, :net!, :tax!, :gross!, :credits, :reason!, :wish, :by!, :now!)"};

/**
 * Query generated from SQL:
 * ```
 * insert into invoice (firm_id, id, kind, status, series, client_id, currency, up_to, grouping, supply_from, supply_to, net_minor, tax_minor, gross_minor, credits_id, reason, wish, created_by, created_at)
 * values (:firm!, :id!, :kind!, 'draft', :series!, :client!, :currency!, :upTo, :grouping, :supplyFrom!, :supplyTo!, :net!, :tax!, :gross!, :credits, :reason!, :wish, :by!, :now!)
 * ```
 */
export const insertInvoice = new PreparedQuery<IInsertInvoiceParams,IInsertInvoiceResult>(insertInvoiceIR);


/** 'InsertLines' parameters type */
export interface IInsertLinesParams {
  firm: string;
  invoice: string;
  lines: Json;
}

/** 'InsertLines' return type */
export type IInsertLinesResult = void;

/** 'InsertLines' query type */
export interface IInsertLinesQuery {
  params: IInsertLinesParams;
  result: IInsertLinesResult;
}

const insertLinesIR: any = {"usedParamSet":{"firm":true,"invoice":true,"lines":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":192,"b":197}]},{"name":"invoice","required":true,"transform":{"type":"scalar"},"locs":[{"a":206,"b":214}]},{"name":"lines","required":true,"transform":{"type":"scalar"},"locs":[{"a":401,"b":407}]}],"statement":"insert into invoice_line (firm_id, id, invoice_id, place, key, kind, project_id, agreement_id, text, text_edited, quantity, rate, decimal_places, category, tax_rate, net_minor, reason)\nselect :firm!, l.id, :invoice!, l.place, l.key, l.kind, l.\"projectId\", l.\"agreementId\", l.text, l.\"textEdited\", l.quantity, l.rate, l.\"decimalPlaces\", l.category, l.\"taxRate\", l.net, l.reason\nfrom jsonb_to_recordset(:lines!) as l(id uuid, place int, key text, kind text, \"projectId\" uuid, \"agreementId\" uuid, text text, \"textEdited\" boolean, quantity bigint, rate bigint, \"decimalPlaces\" int,\n  category text, \"taxRate\" bigint, net bigint, reason text)"};

/**
 * Query generated from SQL:
 * ```
 * insert into invoice_line (firm_id, id, invoice_id, place, key, kind, project_id, agreement_id, text, text_edited, quantity, rate, decimal_places, category, tax_rate, net_minor, reason)
 * select :firm!, l.id, :invoice!, l.place, l.key, l.kind, l."projectId", l."agreementId", l.text, l."textEdited", l.quantity, l.rate, l."decimalPlaces", l.category, l."taxRate", l.net, l.reason
 * from jsonb_to_recordset(:lines!) as l(id uuid, place int, key text, kind text, "projectId" uuid, "agreementId" uuid, text text, "textEdited" boolean, quantity bigint, rate bigint, "decimalPlaces" int,
 *   category text, "taxRate" bigint, net bigint, reason text)
 * ```
 */
export const insertLines = new PreparedQuery<IInsertLinesParams,IInsertLinesResult>(insertLinesIR);


/** 'InsertShares' parameters type */
export interface IInsertSharesParams {
  firm: string;
  shares: Json;
}

/** 'InsertShares' return type */
export type IInsertSharesResult = void;

/** 'InsertShares' query type */
export interface IInsertSharesQuery {
  params: IInsertSharesParams;
  result: IInsertSharesResult;
}

const insertSharesIR: any = {"usedParamSet":{"firm":true,"shares":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":142,"b":147}]},{"name":"shares","required":true,"transform":{"type":"scalar"},"locs":[{"a":368,"b":375}]}],"statement":"insert into line_share (firm_id, line_id, entry_id, quantity, amount_minor, person_id, project_id, task_id, work_date, standard_minor)\nselect :firm!, s.\"lineId\", s.\"entryId\", s.quantity, s.amount, e.person_id, e.project_id, e.task_id, e.work_date, case when l.kind = 'time' then coalesce(e.value_minor, 0) * sign(s.quantity)::bigint else 0 end\nfrom jsonb_to_recordset(:shares!) as s(\"lineId\" uuid, \"entryId\" uuid, quantity bigint, amount bigint)\njoin invoice_line l on l.id = s.\"lineId\" join entry e on e.id = s.\"entryId\" order by s.\"entryId\""};

/**
 * Query generated from SQL:
 * ```
 * insert into line_share (firm_id, line_id, entry_id, quantity, amount_minor, person_id, project_id, task_id, work_date, standard_minor)
 * select :firm!, s."lineId", s."entryId", s.quantity, s.amount, e.person_id, e.project_id, e.task_id, e.work_date, case when l.kind = 'time' then coalesce(e.value_minor, 0) * sign(s.quantity)::bigint else 0 end
 * from jsonb_to_recordset(:shares!) as s("lineId" uuid, "entryId" uuid, quantity bigint, amount bigint)
 * join invoice_line l on l.id = s."lineId" join entry e on e.id = s."entryId" order by s."entryId"
 * ```
 */
export const insertShares = new PreparedQuery<IInsertSharesParams,IInsertSharesResult>(insertSharesIR);


/** 'InsertTaxes' parameters type */
export interface IInsertTaxesParams {
  firm: string;
  invoice: string;
  taxes: Json;
}

/** 'InsertTaxes' return type */
export type IInsertTaxesResult = void;

/** 'InsertTaxes' query type */
export interface IInsertTaxesQuery {
  params: IInsertTaxesParams;
  result: IInsertTaxesResult;
}

const insertTaxesIR: any = {"usedParamSet":{"firm":true,"invoice":true,"taxes":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":100,"b":105}]},{"name":"invoice","required":true,"transform":{"type":"scalar"},"locs":[{"a":108,"b":116}]},{"name":"taxes","required":true,"transform":{"type":"scalar"},"locs":[{"a":187,"b":193}]}],"statement":"insert into invoice_tax (firm_id, invoice_id, category, rate, base_minor, tax_minor, reason)\nselect :firm!, :invoice!, t.category, t.rate, t.base, t.tax, t.reason from jsonb_to_recordset(:taxes!) as t(category text, rate bigint, base bigint, tax bigint, reason text)"};

/**
 * Query generated from SQL:
 * ```
 * insert into invoice_tax (firm_id, invoice_id, category, rate, base_minor, tax_minor, reason)
 * select :firm!, :invoice!, t.category, t.rate, t.base, t.tax, t.reason from jsonb_to_recordset(:taxes!) as t(category text, rate bigint, base bigint, tax bigint, reason text)
 * ```
 */
export const insertTaxes = new PreparedQuery<IInsertTaxesParams,IInsertTaxesResult>(insertTaxesIR);


/** 'DeleteLines' parameters type */
export interface IDeleteLinesParams {
  invoice: string;
}

/** 'DeleteLines' return type */
export type IDeleteLinesResult = void;

/** 'DeleteLines' query type */
export interface IDeleteLinesQuery {
  params: IDeleteLinesParams;
  result: IDeleteLinesResult;
}

const deleteLinesIR: any = {"usedParamSet":{"invoice":true},"params":[{"name":"invoice","required":true,"transform":{"type":"scalar"},"locs":[{"a":44,"b":52}]}],"statement":"delete from invoice_line where invoice_id = :invoice!"};

/**
 * Query generated from SQL:
 * ```
 * delete from invoice_line where invoice_id = :invoice!
 * ```
 */
export const deleteLines = new PreparedQuery<IDeleteLinesParams,IDeleteLinesResult>(deleteLinesIR);


/** 'DeleteTaxes' parameters type */
export interface IDeleteTaxesParams {
  invoice: string;
}

/** 'DeleteTaxes' return type */
export type IDeleteTaxesResult = void;

/** 'DeleteTaxes' query type */
export interface IDeleteTaxesQuery {
  params: IDeleteTaxesParams;
  result: IDeleteTaxesResult;
}

const deleteTaxesIR: any = {"usedParamSet":{"invoice":true},"params":[{"name":"invoice","required":true,"transform":{"type":"scalar"},"locs":[{"a":43,"b":51}]}],"statement":"delete from invoice_tax where invoice_id = :invoice!"};

/**
 * Query generated from SQL:
 * ```
 * delete from invoice_tax where invoice_id = :invoice!
 * ```
 */
export const deleteTaxes = new PreparedQuery<IDeleteTaxesParams,IDeleteTaxesResult>(deleteTaxesIR);


/** 'UpdateDraftTotals' parameters type */
export interface IUpdateDraftTotalsParams {
  gross: number;
  id: string;
  net: number;
  supplyFrom: string;
  supplyTo: string;
  tax: number;
}

/** 'UpdateDraftTotals' return type */
export type IUpdateDraftTotalsResult = void;

/** 'UpdateDraftTotals' query type */
export interface IUpdateDraftTotalsQuery {
  params: IUpdateDraftTotalsParams;
  result: IUpdateDraftTotalsResult;
}

const updateDraftTotalsIR: any = {"usedParamSet":{"supplyFrom":true,"supplyTo":true,"net":true,"tax":true,"gross":true,"id":true},"params":[{"name":"supplyFrom","required":true,"transform":{"type":"scalar"},"locs":[{"a":33,"b":44}]},{"name":"supplyTo","required":true,"transform":{"type":"scalar"},"locs":[{"a":59,"b":68}]},{"name":"net","required":true,"transform":{"type":"scalar"},"locs":[{"a":83,"b":87}]},{"name":"tax","required":true,"transform":{"type":"scalar"},"locs":[{"a":102,"b":106}]},{"name":"gross","required":true,"transform":{"type":"scalar"},"locs":[{"a":123,"b":129}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":142,"b":145}]}],"statement":"update invoice set supply_from = :supplyFrom!, supply_to = :supplyTo!, net_minor = :net!, tax_minor = :tax!, gross_minor = :gross! where id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update invoice set supply_from = :supplyFrom!, supply_to = :supplyTo!, net_minor = :net!, tax_minor = :tax!, gross_minor = :gross! where id = :id!
 * ```
 */
export const updateDraftTotals = new PreparedQuery<IUpdateDraftTotalsParams,IUpdateDraftTotalsResult>(updateDraftTotalsIR);


/** 'LockInvoice' parameters type */
export interface ILockInvoiceParams {
  id: string;
}

/** 'LockInvoice' return type */
export interface ILockInvoiceResult {
  clientId: string;
  credited: number;
  currency: string;
  dueOn: string | null;
  gross: number;
  id: string;
  kind: string;
  net: number;
  number: string | null;
  sentAt: string | null;
  settled: number;
  snapshot: Json | null;
  status: string;
  supplyFrom: string;
  supplyTo: string;
  tax: number;
  version: number;
  wish: Json | null;
}

/** 'LockInvoice' query type */
export interface ILockInvoiceQuery {
  params: ILockInvoiceParams;
  result: ILockInvoiceResult;
}

const lockInvoiceIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":450,"b":453}]}],"statement":"select id as \"id!\", kind as \"kind!\", status as \"status!\", client_id as \"clientId!\", currency as \"currency!\", net_minor as \"net!\", tax_minor as \"tax!\", gross_minor as \"gross!\", settled_minor as \"settled!\", credited_minor as \"credited!\",\n  supply_from as \"supplyFrom!\", supply_to as \"supplyTo!\", sent_at as \"sentAt?\", snapshot as \"snapshot?\", wish as \"wish?\", number_text as \"number?\", due_on as \"dueOn?\", version as \"version!\"\nfrom invoice where id = :id! for update"};

/**
 * Query generated from SQL:
 * ```
 * select id as "id!", kind as "kind!", status as "status!", client_id as "clientId!", currency as "currency!", net_minor as "net!", tax_minor as "tax!", gross_minor as "gross!", settled_minor as "settled!", credited_minor as "credited!",
 *   supply_from as "supplyFrom!", supply_to as "supplyTo!", sent_at as "sentAt?", snapshot as "snapshot?", wish as "wish?", number_text as "number?", due_on as "dueOn?", version as "version!"
 * from invoice where id = :id! for update
 * ```
 */
export const lockInvoice = new PreparedQuery<ILockInvoiceParams,ILockInvoiceResult>(lockInvoiceIR);


/** 'DeleteInvoice' parameters type */
export interface IDeleteInvoiceParams {
  id: string;
}

/** 'DeleteInvoice' return type */
export type IDeleteInvoiceResult = void;

/** 'DeleteInvoice' query type */
export interface IDeleteInvoiceQuery {
  params: IDeleteInvoiceParams;
  result: IDeleteInvoiceResult;
}

const deleteInvoiceIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":31,"b":34}]}],"statement":"delete from invoice where id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * delete from invoice where id = :id!
 * ```
 */
export const deleteInvoice = new PreparedQuery<IDeleteInvoiceParams,IDeleteInvoiceResult>(deleteInvoiceIR);


/** 'FreezeInvoice' parameters type */
export interface IFreezeInvoiceParams {
  by: string;
  dueOn: string;
  id: string;
  issuedOn: string;
  now: string;
  number: number;
  numberText: string;
  settled: number;
  snapshot: Json;
}

/** 'FreezeInvoice' return type */
export type IFreezeInvoiceResult = void;

/** 'FreezeInvoice' query type */
export interface IFreezeInvoiceQuery {
  params: IFreezeInvoiceParams;
  result: IFreezeInvoiceResult;
}

const freezeInvoiceIR: any = {"usedParamSet":{"number":true,"numberText":true,"issuedOn":true,"dueOn":true,"snapshot":true,"by":true,"now":true,"settled":true,"id":true},"params":[{"name":"number","required":true,"transform":{"type":"scalar"},"locs":[{"a":47,"b":54}]},{"name":"numberText","required":true,"transform":{"type":"scalar"},"locs":[{"a":71,"b":82}]},{"name":"issuedOn","required":true,"transform":{"type":"scalar"},"locs":[{"a":97,"b":106}]},{"name":"dueOn","required":true,"transform":{"type":"scalar"},"locs":[{"a":118,"b":124}]},{"name":"snapshot","required":true,"transform":{"type":"scalar"},"locs":[{"a":138,"b":147}]},{"name":"by","required":true,"transform":{"type":"scalar"},"locs":[{"a":162,"b":165}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":180,"b":184}]},{"name":"settled","required":true,"transform":{"type":"scalar"},"locs":[{"a":205,"b":213}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":249,"b":252}]}],"statement":"update invoice set status = 'issued', number = :number!, number_text = :numberText!, issued_on = :issuedOn!, due_on = :dueOn!, snapshot = :snapshot!, issued_by = :by!, issued_at = :now!,\n  settled_minor = :settled!, version = version + 1 where id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update invoice set status = 'issued', number = :number!, number_text = :numberText!, issued_on = :issuedOn!, due_on = :dueOn!, snapshot = :snapshot!, issued_by = :by!, issued_at = :now!,
 *   settled_minor = :settled!, version = version + 1 where id = :id!
 * ```
 */
export const freezeInvoice = new PreparedQuery<IFreezeInvoiceParams,IFreezeInvoiceResult>(freezeInvoiceIR);


/** 'MoveInvoiceEntries' parameters type */
export interface IMoveInvoiceEntriesParams {
  from: string;
  invoice: string;
  to: string;
}

/** 'MoveInvoiceEntries' return type */
export interface IMoveInvoiceEntriesResult {
  id: string;
}

/** 'MoveInvoiceEntries' query type */
export interface IMoveInvoiceEntriesQuery {
  params: IMoveInvoiceEntriesParams;
  result: IMoveInvoiceEntriesResult;
}

const moveInvoiceEntriesIR: any = {"usedParamSet":{"to":true,"from":true,"invoice":true},"params":[{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":27,"b":30},{"a":254,"b":257}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":73,"b":78},{"a":274,"b":279}]},{"name":"invoice","required":true,"transform":{"type":"scalar"},"locs":[{"a":216,"b":224}]}],"statement":"update entry e set stage = :to!, version = e.version + 1\nwhere e.stage = :from! and e.id in (select s.entry_id from line_share s join invoice_line l on l.firm_id = s.firm_id and l.id = s.line_id where l.invoice_id = :invoice! and l.kind = 'time')\n  and (:to! <> 'billed' or :from! <> 'approved' or e.billed_quantity = e.billable_quantity)\nreturning e.id as \"id!\""};

/**
 * Query generated from SQL:
 * ```
 * update entry e set stage = :to!, version = e.version + 1
 * where e.stage = :from! and e.id in (select s.entry_id from line_share s join invoice_line l on l.firm_id = s.firm_id and l.id = s.line_id where l.invoice_id = :invoice! and l.kind = 'time')
 *   and (:to! <> 'billed' or :from! <> 'approved' or e.billed_quantity = e.billable_quantity)
 * returning e.id as "id!"
 * ```
 */
export const moveInvoiceEntries = new PreparedQuery<IMoveInvoiceEntriesParams,IMoveInvoiceEntriesResult>(moveInvoiceEntriesIR);


/** 'MarkInvoiceSent' parameters type */
export interface IMarkInvoiceSentParams {
  id: string;
  now: string;
}

/** 'MarkInvoiceSent' return type */
export type IMarkInvoiceSentResult = void;

/** 'MarkInvoiceSent' query type */
export interface IMarkInvoiceSentQuery {
  params: IMarkInvoiceSentParams;
  result: IMarkInvoiceSentResult;
}

const markInvoiceSentIR: any = {"usedParamSet":{"now":true,"id":true},"params":[{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":29,"b":33}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":69,"b":72}]}],"statement":"update invoice set sent_at = :now!, version = version + 1 where id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update invoice set sent_at = :now!, version = version + 1 where id = :id!
 * ```
 */
export const markInvoiceSent = new PreparedQuery<IMarkInvoiceSentParams,IMarkInvoiceSentResult>(markInvoiceSentIR);


/** 'MarkInvoiceVoid' parameters type */
export interface IMarkInvoiceVoidParams {
  id: string;
  reason: string;
}

/** 'MarkInvoiceVoid' return type */
export type IMarkInvoiceVoidResult = void;

/** 'MarkInvoiceVoid' query type */
export interface IMarkInvoiceVoidQuery {
  params: IMarkInvoiceVoidParams;
  result: IMarkInvoiceVoidResult;
}

const markInvoiceVoidIR: any = {"usedParamSet":{"reason":true,"id":true},"params":[{"name":"reason","required":true,"transform":{"type":"scalar"},"locs":[{"a":45,"b":52}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":88,"b":91}]}],"statement":"update invoice set status = 'void', reason = :reason!, version = version + 1 where id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update invoice set status = 'void', reason = :reason!, version = version + 1 where id = :id!
 * ```
 */
export const markInvoiceVoid = new PreparedQuery<IMarkInvoiceVoidParams,IMarkInvoiceVoidResult>(markInvoiceVoidIR);


/** 'BumpInvoice' parameters type */
export interface IBumpInvoiceParams {
  id: string;
}

/** 'BumpInvoice' return type */
export type IBumpInvoiceResult = void;

/** 'BumpInvoice' query type */
export interface IBumpInvoiceQuery {
  params: IBumpInvoiceParams;
  result: IBumpInvoiceResult;
}

const bumpInvoiceIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":52,"b":55}]}],"statement":"update invoice set version = version + 1 where id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update invoice set version = version + 1 where id = :id!
 * ```
 */
export const bumpInvoice = new PreparedQuery<IBumpInvoiceParams,IBumpInvoiceResult>(bumpInvoiceIR);


/** 'ReleaseShares' parameters type */
export interface IReleaseSharesParams {
  invoice: string;
}

/** 'ReleaseShares' return type */
export type IReleaseSharesResult = void;

/** 'ReleaseShares' query type */
export interface IReleaseSharesQuery {
  params: IReleaseSharesParams;
  result: IReleaseSharesResult;
}

const releaseSharesIR: any = {"usedParamSet":{"invoice":true},"params":[{"name":"invoice","required":true,"transform":{"type":"scalar"},"locs":[{"a":125,"b":133}]}],"statement":"update line_share s set live = false from invoice_line l where l.firm_id = s.firm_id and l.id = s.line_id and l.invoice_id = :invoice!"};

/**
 * Query generated from SQL:
 * ```
 * update line_share s set live = false from invoice_line l where l.firm_id = s.firm_id and l.id = s.line_id and l.invoice_id = :invoice!
 * ```
 */
export const releaseShares = new PreparedQuery<IReleaseSharesParams,IReleaseSharesResult>(releaseSharesIR);


/** 'LinesOf' parameters type */
export interface ILinesOfParams {
  invoice: string;
}

/** 'LinesOf' return type */
export interface ILinesOfResult {
  agreementId: string;
  category: string;
  decimalPlaces: number | null;
  id: string;
  key: string;
  kind: string;
  net: number;
  place: number;
  projectId: string;
  quantity: number;
  rate: number;
  reason: string;
  taxRate: number;
  text: string;
  textEdited: boolean;
}

/** 'LinesOf' query type */
export interface ILinesOfQuery {
  params: ILinesOfParams;
  result: ILinesOfResult;
}

const linesOfIR: any = {"usedParamSet":{"invoice":true},"params":[{"name":"invoice","required":true,"transform":{"type":"scalar"},"locs":[{"a":385,"b":393}]}],"statement":"select id as \"id!\", place as \"place!\", key as \"key!\", kind as \"kind!\", project_id as \"projectId!\", agreement_id as \"agreementId!\", text as \"text!\", text_edited as \"textEdited!\", quantity as \"quantity!\", rate as \"rate!\",\n  decimal_places as \"decimalPlaces?\", category as \"category!\", tax_rate as \"taxRate!\", net_minor as \"net!\", reason as \"reason!\"\nfrom invoice_line where invoice_id = :invoice! order by place"};

/**
 * Query generated from SQL:
 * ```
 * select id as "id!", place as "place!", key as "key!", kind as "kind!", project_id as "projectId!", agreement_id as "agreementId!", text as "text!", text_edited as "textEdited!", quantity as "quantity!", rate as "rate!",
 *   decimal_places as "decimalPlaces?", category as "category!", tax_rate as "taxRate!", net_minor as "net!", reason as "reason!"
 * from invoice_line where invoice_id = :invoice! order by place
 * ```
 */
export const linesOf = new PreparedQuery<ILinesOfParams,ILinesOfResult>(linesOfIR);


/** 'SharesOf' parameters type */
export interface ISharesOfParams {
  invoice: string;
}

/** 'SharesOf' return type */
export interface ISharesOfResult {
  amount: number;
  entryId: string;
  lineId: string;
  quantity: number;
}

/** 'SharesOf' query type */
export interface ISharesOfQuery {
  params: ISharesOfParams;
  result: ISharesOfResult;
}

const sharesOfIR: any = {"usedParamSet":{"invoice":true},"params":[{"name":"invoice","required":true,"transform":{"type":"scalar"},"locs":[{"a":217,"b":225}]}],"statement":"select s.line_id as \"lineId!\", s.entry_id as \"entryId!\", s.quantity as \"quantity!\", s.amount_minor as \"amount!\"\nfrom line_share s join invoice_line l on l.firm_id = s.firm_id and l.id = s.line_id where l.invoice_id = :invoice! order by s.line_id, s.entry_id"};

/**
 * Query generated from SQL:
 * ```
 * select s.line_id as "lineId!", s.entry_id as "entryId!", s.quantity as "quantity!", s.amount_minor as "amount!"
 * from line_share s join invoice_line l on l.firm_id = s.firm_id and l.id = s.line_id where l.invoice_id = :invoice! order by s.line_id, s.entry_id
 * ```
 */
export const sharesOf = new PreparedQuery<ISharesOfParams,ISharesOfResult>(sharesOfIR);


/** 'TaxesOf' parameters type */
export interface ITaxesOfParams {
  invoice: string;
}

/** 'TaxesOf' return type */
export interface ITaxesOfResult {
  base: number;
  category: string;
  rate: number;
  reason: string;
  tax: number;
}

/** 'TaxesOf' query type */
export interface ITaxesOfQuery {
  params: ITaxesOfParams;
  result: ITaxesOfResult;
}

const taxesOfIR: any = {"usedParamSet":{"invoice":true},"params":[{"name":"invoice","required":true,"transform":{"type":"scalar"},"locs":[{"a":149,"b":157}]}],"statement":"select category as \"category!\", rate as \"rate!\", base_minor as \"base!\", tax_minor as \"tax!\", reason as \"reason!\" from invoice_tax where invoice_id = :invoice! order by rate desc, category"};

/**
 * Query generated from SQL:
 * ```
 * select category as "category!", rate as "rate!", base_minor as "base!", tax_minor as "tax!", reason as "reason!" from invoice_tax where invoice_id = :invoice! order by rate desc, category
 * ```
 */
export const taxesOf = new PreparedQuery<ITaxesOfParams,ITaxesOfResult>(taxesOfIR);


/** 'InvoiceRows' parameters type */
export interface IInvoiceRowsParams {
  all: boolean;
  anyId: boolean;
  asker: string;
  beforeAt: string;
  beforeId: string;
  id?: string | null | void;
  limit: number;
  projects: stringArray;
  reach: string;
  show: string;
  whose?: string | null | void;
}

/** 'InvoiceRows' return type */
export interface IInvoiceRowsResult {
  clientId: string;
  clientName: string;
  createdAt: string;
  credited: number;
  currency: string;
  dueOn: string | null;
  gross: number;
  hasCredit: boolean;
  id: string;
  issuedOn: string | null;
  kind: string;
  lastPaid: string | null;
  net: number;
  number: string | null;
  projects: stringArray | null;
  sentAt: string | null;
  settled: number;
  status: string;
  version: number;
}

/** 'InvoiceRows' query type */
export interface IInvoiceRowsQuery {
  params: IInvoiceRowsParams;
  result: IInvoiceRowsResult;
}

const invoiceRowsIR: any = {"usedParamSet":{"anyId":true,"id":true,"show":true,"all":true,"projects":true,"reach":true,"asker":true,"whose":true,"beforeAt":true,"beforeId":true,"limit":true},"params":[{"name":"anyId","required":true,"transform":{"type":"scalar"},"locs":[{"a":999,"b":1005}]},{"name":"id","required":false,"transform":{"type":"scalar"},"locs":[{"a":1017,"b":1019}]},{"name":"show","required":true,"transform":{"type":"scalar"},"locs":[{"a":1029,"b":1034},{"a":1048,"b":1053},{"a":1094,"b":1099},{"a":1764,"b":1769},{"a":1870,"b":1875}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":1202,"b":1206}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":1323,"b":1332}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":1344,"b":1350}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":1536,"b":1542}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":1553,"b":1558},{"a":1748,"b":1753}]},{"name":"beforeAt","required":true,"transform":{"type":"scalar"},"locs":[{"a":1807,"b":1816}]},{"name":"beforeId","required":true,"transform":{"type":"scalar"},"locs":[{"a":1832,"b":1841}]},{"name":"limit","required":true,"transform":{"type":"scalar"},"locs":[{"a":1940,"b":1946}]}],"statement":"select i.id as \"id!\", i.kind as \"kind!\", i.status as \"status!\", i.number_text as \"number?\", i.client_id as \"clientId!\", c.name as \"clientName!\", i.currency as \"currency!\", i.issued_on as \"issuedOn?\", i.due_on as \"dueOn?\",\n  i.net_minor as \"net!\", i.gross_minor as \"gross!\", i.settled_minor as \"settled!\", i.credited_minor as \"credited!\", i.sent_at as \"sentAt?\", i.version as \"version!\", i.created_at as \"createdAt!\",\n  (select array_agg(distinct p.name) from invoice_line l join project p on p.firm_id = l.firm_id and p.id = l.project_id where l.firm_id = i.firm_id and l.invoice_id = i.id) as \"projects?\",\n  (select max(pay.received_on) from allocation al join payment pay on pay.firm_id = al.firm_id and pay.id = al.payment_id where al.firm_id = i.firm_id and al.invoice_id = i.id and al.live) as \"lastPaid?\",\n  exists (select 1 from invoice n where n.firm_id = i.firm_id and n.credits_id = i.id) as \"hasCredit!\"\nfrom invoice i join client c on c.firm_id = i.firm_id and c.id = i.client_id\nwhere (:anyId! or i.id = :id)\n  and (:show! = 'all' or (:show! = 'drafts' and i.status = 'draft') or (:show! = 'open' and i.status = 'issued' and i.kind = 'invoice' and i.settled_minor < i.gross_minor))\n  and (:all! or exists (select 1 from invoice_line l where l.firm_id = i.firm_id and l.invoice_id = i.id and l.project_id = any(:projects!)))\n  and (:reach! = 'firm' or exists (select 1 from invoice_line l join project p on p.firm_id = l.firm_id and p.id = l.project_id where l.firm_id = i.firm_id and l.invoice_id = i.id and p.manager_id = :asker!))\n  and (:whose::uuid is null or exists (select 1 from invoice_line l join line_share s on s.firm_id = l.firm_id and s.line_id = l.id where l.firm_id = i.firm_id and l.invoice_id = i.id and s.person_id = :whose))\n  and (:show! = 'open' or (i.created_at, i.id) < (:beforeAt!::timestamptz, :beforeId!::uuid))\norder by case when :show! = 'open' then i.due_on end, i.created_at desc, i.id desc\nlimit :limit!"};

/**
 * Query generated from SQL:
 * ```
 * select i.id as "id!", i.kind as "kind!", i.status as "status!", i.number_text as "number?", i.client_id as "clientId!", c.name as "clientName!", i.currency as "currency!", i.issued_on as "issuedOn?", i.due_on as "dueOn?",
 *   i.net_minor as "net!", i.gross_minor as "gross!", i.settled_minor as "settled!", i.credited_minor as "credited!", i.sent_at as "sentAt?", i.version as "version!", i.created_at as "createdAt!",
 *   (select array_agg(distinct p.name) from invoice_line l join project p on p.firm_id = l.firm_id and p.id = l.project_id where l.firm_id = i.firm_id and l.invoice_id = i.id) as "projects?",
 *   (select max(pay.received_on) from allocation al join payment pay on pay.firm_id = al.firm_id and pay.id = al.payment_id where al.firm_id = i.firm_id and al.invoice_id = i.id and al.live) as "lastPaid?",
 *   exists (select 1 from invoice n where n.firm_id = i.firm_id and n.credits_id = i.id) as "hasCredit!"
 * from invoice i join client c on c.firm_id = i.firm_id and c.id = i.client_id
 * where (:anyId! or i.id = :id)
 *   and (:show! = 'all' or (:show! = 'drafts' and i.status = 'draft') or (:show! = 'open' and i.status = 'issued' and i.kind = 'invoice' and i.settled_minor < i.gross_minor))
 *   and (:all! or exists (select 1 from invoice_line l where l.firm_id = i.firm_id and l.invoice_id = i.id and l.project_id = any(:projects!)))
 *   and (:reach! = 'firm' or exists (select 1 from invoice_line l join project p on p.firm_id = l.firm_id and p.id = l.project_id where l.firm_id = i.firm_id and l.invoice_id = i.id and p.manager_id = :asker!))
 *   and (:whose::uuid is null or exists (select 1 from invoice_line l join line_share s on s.firm_id = l.firm_id and s.line_id = l.id where l.firm_id = i.firm_id and l.invoice_id = i.id and s.person_id = :whose))
 *   and (:show! = 'open' or (i.created_at, i.id) < (:beforeAt!::timestamptz, :beforeId!::uuid))
 * order by case when :show! = 'open' then i.due_on end, i.created_at desc, i.id desc
 * limit :limit!
 * ```
 */
export const invoiceRows = new PreparedQuery<IInvoiceRowsParams,IInvoiceRowsResult>(invoiceRowsIR);


/** 'ClientCredit' parameters type */
export type IClientCreditParams = void;

/** 'ClientCredit' return type */
export interface IClientCreditResult {
  clientId: string;
  clientName: string;
  currency: string;
  minor: number;
}

/** 'ClientCredit' query type */
export interface IClientCreditQuery {
  params: IClientCreditParams;
  result: IClientCreditResult;
}

const clientCreditIR: any = {"usedParamSet":{},"params":[],"statement":"select p.client_id as \"clientId!\", c.name as \"clientName!\", p.currency as \"currency!\",\n  sum(p.amount_minor - coalesce((select sum(a.amount_minor) from allocation a where a.firm_id = p.firm_id and a.payment_id = p.id and a.live), 0)) as \"minor!\"\nfrom payment p join client c on c.firm_id = p.firm_id and c.id = p.client_id where p.reversed_at is null\ngroup by p.client_id, c.name, p.currency\nhaving sum(p.amount_minor - coalesce((select sum(a.amount_minor) from allocation a where a.firm_id = p.firm_id and a.payment_id = p.id and a.live), 0)) > 0 order by c.name"};

/**
 * Query generated from SQL:
 * ```
 * select p.client_id as "clientId!", c.name as "clientName!", p.currency as "currency!",
 *   sum(p.amount_minor - coalesce((select sum(a.amount_minor) from allocation a where a.firm_id = p.firm_id and a.payment_id = p.id and a.live), 0)) as "minor!"
 * from payment p join client c on c.firm_id = p.firm_id and c.id = p.client_id where p.reversed_at is null
 * group by p.client_id, c.name, p.currency
 * having sum(p.amount_minor - coalesce((select sum(a.amount_minor) from allocation a where a.firm_id = p.firm_id and a.payment_id = p.id and a.live), 0)) > 0 order by c.name
 * ```
 */
export const clientCredit = new PreparedQuery<IClientCreditParams,IClientCreditResult>(clientCreditIR);


/** 'InvoiceSnapshot' parameters type */
export interface IInvoiceSnapshotParams {
  id: string;
}

/** 'InvoiceSnapshot' return type */
export interface IInvoiceSnapshotResult {
  clientId: string;
  snapshot: Json | null;
  status: string;
  wish: Json | null;
}

/** 'InvoiceSnapshot' query type */
export interface IInvoiceSnapshotQuery {
  params: IInvoiceSnapshotParams;
  result: IInvoiceSnapshotResult;
}

const invoiceSnapshotIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":119,"b":122}]}],"statement":"select snapshot as \"snapshot?\", wish as \"wish?\", status as \"status!\", client_id as \"clientId!\" from invoice where id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * select snapshot as "snapshot?", wish as "wish?", status as "status!", client_id as "clientId!" from invoice where id = :id!
 * ```
 */
export const invoiceSnapshot = new PreparedQuery<IInvoiceSnapshotParams,IInvoiceSnapshotResult>(invoiceSnapshotIR);


/** 'AllocationsOf' parameters type */
export interface IAllocationsOfParams {
  invoice: string;
}

/** 'AllocationsOf' return type */
export interface IAllocationsOfResult {
  by: string;
  creditNumber: string | null;
  id: string;
  kind: string;
  live: boolean;
  minor: number;
  paymentId: string | null;
  receivedOn: string;
  reference: string;
}

/** 'AllocationsOf' query type */
export interface IAllocationsOfQuery {
  params: IAllocationsOfParams;
  result: IAllocationsOfResult;
}

const allocationsOfIR: any = {"usedParamSet":{"invoice":true},"params":[{"name":"invoice","required":true,"transform":{"type":"scalar"},"locs":[{"a":531,"b":539}]}],"statement":"select a.id as \"id!\", a.payment_id as \"paymentId?\", a.kind as \"kind!\", a.amount_minor as \"minor!\", a.live as \"live!\", coalesce(p.received_on, n.issued_on) as \"receivedOn!\", coalesce(p.reference, '') as \"reference!\",\n  coalesce(pe.name, '') as \"by!\", n.number_text as \"creditNumber?\"\nfrom allocation a\nleft join payment p on p.firm_id = a.firm_id and p.id = a.payment_id\nleft join person pe on pe.firm_id = p.firm_id and pe.id = p.recorded_by\nleft join invoice n on n.firm_id = a.firm_id and n.id = a.credit_id\nwhere a.invoice_id = :invoice! order by a.at"};

/**
 * Query generated from SQL:
 * ```
 * select a.id as "id!", a.payment_id as "paymentId?", a.kind as "kind!", a.amount_minor as "minor!", a.live as "live!", coalesce(p.received_on, n.issued_on) as "receivedOn!", coalesce(p.reference, '') as "reference!",
 *   coalesce(pe.name, '') as "by!", n.number_text as "creditNumber?"
 * from allocation a
 * left join payment p on p.firm_id = a.firm_id and p.id = a.payment_id
 * left join person pe on pe.firm_id = p.firm_id and pe.id = p.recorded_by
 * left join invoice n on n.firm_id = a.firm_id and n.id = a.credit_id
 * where a.invoice_id = :invoice! order by a.at
 * ```
 */
export const allocationsOf = new PreparedQuery<IAllocationsOfParams,IAllocationsOfResult>(allocationsOfIR);


/** 'InsertPayment' parameters type */
export interface IInsertPaymentParams {
  amount: number;
  by: string;
  client: string;
  currency: string;
  firm: string;
  id: string;
  now: string;
  receivedOn: string;
  reference: string;
}

/** 'InsertPayment' return type */
export type IInsertPaymentResult = void;

/** 'InsertPayment' query type */
export interface IInsertPaymentQuery {
  params: IInsertPaymentParams;
  result: IInsertPaymentResult;
}

const insertPaymentIR: any = {"usedParamSet":{"firm":true,"id":true,"client":true,"currency":true,"amount":true,"receivedOn":true,"reference":true,"by":true,"now":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":127,"b":132}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":135,"b":138}]},{"name":"client","required":true,"transform":{"type":"scalar"},"locs":[{"a":141,"b":148}]},{"name":"currency","required":true,"transform":{"type":"scalar"},"locs":[{"a":151,"b":160}]},{"name":"amount","required":true,"transform":{"type":"scalar"},"locs":[{"a":163,"b":170}]},{"name":"receivedOn","required":true,"transform":{"type":"scalar"},"locs":[{"a":173,"b":184}]},{"name":"reference","required":true,"transform":{"type":"scalar"},"locs":[{"a":187,"b":197}]},{"name":"by","required":true,"transform":{"type":"scalar"},"locs":[{"a":200,"b":203}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":206,"b":210}]}],"statement":"insert into payment (firm_id, id, client_id, currency, amount_minor, received_on, reference, recorded_by, recorded_at)\nvalues (:firm!, :id!, :client!, :currency!, :amount!, :receivedOn!, :reference!, :by!, :now!)"};

/**
 * Query generated from SQL:
 * ```
 * insert into payment (firm_id, id, client_id, currency, amount_minor, received_on, reference, recorded_by, recorded_at)
 * values (:firm!, :id!, :client!, :currency!, :amount!, :receivedOn!, :reference!, :by!, :now!)
 * ```
 */
export const insertPayment = new PreparedQuery<IInsertPaymentParams,IInsertPaymentResult>(insertPaymentIR);


/** 'InsertAllocation' parameters type */
export interface IInsertAllocationParams {
  amount: number;
  credit?: string | null | void;
  firm: string;
  id: string;
  invoice: string;
  kind: string;
  now: string;
  payment?: string | null | void;
}

/** 'InsertAllocation' return type */
export type IInsertAllocationResult = void;

/** 'InsertAllocation' query type */
export interface IInsertAllocationQuery {
  params: IInsertAllocationParams;
  result: IInsertAllocationResult;
}

const insertAllocationIR: any = {"usedParamSet":{"firm":true,"id":true,"invoice":true,"kind":true,"payment":true,"credit":true,"amount":true,"now":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":104,"b":109}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":112,"b":115}]},{"name":"invoice","required":true,"transform":{"type":"scalar"},"locs":[{"a":118,"b":126}]},{"name":"kind","required":true,"transform":{"type":"scalar"},"locs":[{"a":129,"b":134}]},{"name":"payment","required":false,"transform":{"type":"scalar"},"locs":[{"a":137,"b":144}]},{"name":"credit","required":false,"transform":{"type":"scalar"},"locs":[{"a":147,"b":153}]},{"name":"amount","required":true,"transform":{"type":"scalar"},"locs":[{"a":156,"b":163}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":166,"b":170}]}],"statement":"insert into allocation (firm_id, id, invoice_id, kind, payment_id, credit_id, amount_minor, at)\nvalues (:firm!, :id!, :invoice!, :kind!, :payment, :credit, :amount!, :now!)"};

/**
 * Query generated from SQL:
 * ```
 * insert into allocation (firm_id, id, invoice_id, kind, payment_id, credit_id, amount_minor, at)
 * values (:firm!, :id!, :invoice!, :kind!, :payment, :credit, :amount!, :now!)
 * ```
 */
export const insertAllocation = new PreparedQuery<IInsertAllocationParams,IInsertAllocationResult>(insertAllocationIR);


/** 'LockPayment' parameters type */
export interface ILockPaymentParams {
  id: string;
}

/** 'LockPayment' return type */
export interface ILockPaymentResult {
  amount: number;
  currency: string;
  id: string;
  reversedAt: string | null;
}

/** 'LockPayment' query type */
export interface ILockPaymentQuery {
  params: ILockPaymentParams;
  result: ILockPaymentResult;
}

const lockPaymentIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":137,"b":140}]}],"statement":"select p.id as \"id!\", p.amount_minor as \"amount!\", p.reversed_at as \"reversedAt?\", p.currency as \"currency!\" from payment p where p.id = :id! for update"};

/**
 * Query generated from SQL:
 * ```
 * select p.id as "id!", p.amount_minor as "amount!", p.reversed_at as "reversedAt?", p.currency as "currency!" from payment p where p.id = :id! for update
 * ```
 */
export const lockPayment = new PreparedQuery<ILockPaymentParams,ILockPaymentResult>(lockPaymentIR);


/** 'ReversePaymentRow' parameters type */
export interface IReversePaymentRowParams {
  id: string;
  now: string;
  reason: string;
}

/** 'ReversePaymentRow' return type */
export type IReversePaymentRowResult = void;

/** 'ReversePaymentRow' query type */
export interface IReversePaymentRowQuery {
  params: IReversePaymentRowParams;
  result: IReversePaymentRowResult;
}

const reversePaymentRowIR: any = {"usedParamSet":{"now":true,"reason":true,"id":true},"params":[{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":33,"b":37}]},{"name":"reason","required":true,"transform":{"type":"scalar"},"locs":[{"a":58,"b":65}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":78,"b":81}]}],"statement":"update payment set reversed_at = :now!, reversal_reason = :reason! where id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update payment set reversed_at = :now!, reversal_reason = :reason! where id = :id!
 * ```
 */
export const reversePaymentRow = new PreparedQuery<IReversePaymentRowParams,IReversePaymentRowResult>(reversePaymentRowIR);


/** 'LiveAllocations' parameters type */
export interface ILiveAllocationsParams {
  invoice?: string | null | void;
  payment?: string | null | void;
}

/** 'LiveAllocations' return type */
export interface ILiveAllocationsResult {
  amount: number;
  id: string;
  invoiceId: string;
  kind: string;
}

/** 'LiveAllocations' query type */
export interface ILiveAllocationsQuery {
  params: ILiveAllocationsParams;
  result: ILiveAllocationsResult;
}

const liveAllocationsIR: any = {"usedParamSet":{"payment":true,"invoice":true},"params":[{"name":"payment","required":false,"transform":{"type":"scalar"},"locs":[{"a":150,"b":157}]},{"name":"invoice","required":false,"transform":{"type":"scalar"},"locs":[{"a":177,"b":184}]}],"statement":"select a.id as \"id!\", a.invoice_id as \"invoiceId!\", a.amount_minor as \"amount!\", a.kind as \"kind!\" from allocation a\nwhere a.live and (a.payment_id = :payment or a.invoice_id = :invoice) order by a.invoice_id, a.id"};

/**
 * Query generated from SQL:
 * ```
 * select a.id as "id!", a.invoice_id as "invoiceId!", a.amount_minor as "amount!", a.kind as "kind!" from allocation a
 * where a.live and (a.payment_id = :payment or a.invoice_id = :invoice) order by a.invoice_id, a.id
 * ```
 */
export const liveAllocations = new PreparedQuery<ILiveAllocationsParams,ILiveAllocationsResult>(liveAllocationsIR);


/** 'EndAllocations' parameters type */
export interface IEndAllocationsParams {
  ids: stringArray;
}

/** 'EndAllocations' return type */
export type IEndAllocationsResult = void;

/** 'EndAllocations' query type */
export interface IEndAllocationsQuery {
  params: IEndAllocationsParams;
  result: IEndAllocationsResult;
}

const endAllocationsIR: any = {"usedParamSet":{"ids":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":50,"b":54}]}],"statement":"update allocation set live = false where id = any(:ids!)"};

/**
 * Query generated from SQL:
 * ```
 * update allocation set live = false where id = any(:ids!)
 * ```
 */
export const endAllocations = new PreparedQuery<IEndAllocationsParams,IEndAllocationsResult>(endAllocationsIR);


/** 'PdfOf' parameters type */
export interface IPdfOfParams {
  invoice: string;
}

/** 'PdfOf' return type */
export interface IPdfOfResult {
  bytes: Buffer;
  sha256: string;
}

/** 'PdfOf' query type */
export interface IPdfOfQuery {
  params: IPdfOfParams;
  result: IPdfOfResult;
}

const pdfOfIR: any = {"usedParamSet":{"invoice":true},"params":[{"name":"invoice","required":true,"transform":{"type":"scalar"},"locs":[{"a":82,"b":90}]}],"statement":"select bytes as \"bytes!\", sha256 as \"sha256!\" from invoice_pdf where invoice_id = :invoice!"};

/**
 * Query generated from SQL:
 * ```
 * select bytes as "bytes!", sha256 as "sha256!" from invoice_pdf where invoice_id = :invoice!
 * ```
 */
export const pdfOf = new PreparedQuery<IPdfOfParams,IPdfOfResult>(pdfOfIR);


/** 'KeepPdf' parameters type */
export interface IKeepPdfParams {
  bytes: Buffer;
  firm: string;
  invoice: string;
  now: string;
  sha256: string;
}

/** 'KeepPdf' return type */
export type IKeepPdfResult = void;

/** 'KeepPdf' query type */
export interface IKeepPdfQuery {
  params: IKeepPdfParams;
  result: IKeepPdfResult;
}

const keepPdfIR: any = {"usedParamSet":{"firm":true,"invoice":true,"bytes":true,"sha256":true,"now":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":78,"b":83}]},{"name":"invoice","required":true,"transform":{"type":"scalar"},"locs":[{"a":86,"b":94}]},{"name":"bytes","required":true,"transform":{"type":"scalar"},"locs":[{"a":97,"b":103}]},{"name":"sha256","required":true,"transform":{"type":"scalar"},"locs":[{"a":106,"b":113}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":116,"b":120}]}],"statement":"insert into invoice_pdf (firm_id, invoice_id, bytes, sha256, made_at) values (:firm!, :invoice!, :bytes!, :sha256!, :now!) on conflict do nothing"};

/**
 * Query generated from SQL:
 * ```
 * insert into invoice_pdf (firm_id, invoice_id, bytes, sha256, made_at) values (:firm!, :invoice!, :bytes!, :sha256!, :now!) on conflict do nothing
 * ```
 */
export const keepPdf = new PreparedQuery<IKeepPdfParams,IKeepPdfResult>(keepPdfIR);


/** 'SharesOfEntry' parameters type */
export interface ISharesOfEntryParams {
  entry: string;
}

/** 'SharesOfEntry' return type */
export interface ISharesOfEntryResult {
  invoiceId: string;
  minor: number;
  number: string | null;
  quantity: number;
}

/** 'SharesOfEntry' query type */
export interface ISharesOfEntryQuery {
  params: ISharesOfEntryParams;
  result: ISharesOfEntryResult;
}

const sharesOfEntryIR: any = {"usedParamSet":{"entry":true},"params":[{"name":"entry","required":true,"transform":{"type":"scalar"},"locs":[{"a":288,"b":294}]}],"statement":"select i.id as \"invoiceId!\", i.number_text as \"number?\", sum(s.quantity) as \"quantity!\", sum(s.amount_minor) as \"minor!\"\nfrom line_share s join invoice_line l on l.firm_id = s.firm_id and l.id = s.line_id join invoice i on i.firm_id = l.firm_id and i.id = l.invoice_id\nwhere s.entry_id = :entry! and s.live group by i.id, i.number_text, i.created_at order by i.created_at"};

/**
 * Query generated from SQL:
 * ```
 * select i.id as "invoiceId!", i.number_text as "number?", sum(s.quantity) as "quantity!", sum(s.amount_minor) as "minor!"
 * from line_share s join invoice_line l on l.firm_id = s.firm_id and l.id = s.line_id join invoice i on i.firm_id = l.firm_id and i.id = l.invoice_id
 * where s.entry_id = :entry! and s.live group by i.id, i.number_text, i.created_at order by i.created_at
 * ```
 */
export const sharesOfEntry = new PreparedQuery<ISharesOfEntryParams,ISharesOfEntryResult>(sharesOfEntryIR);


/** 'RulesInWords' parameters type */
export interface IRulesInWordsParams {
  ids: stringArray;
}

/** 'RulesInWords' return type */
export interface IRulesInWordsResult {
  client: string | null;
  id: string;
  person: string | null;
  position: string | null;
  project: string | null;
  service: string | null;
  task: string | null;
}

/** 'RulesInWords' query type */
export interface IRulesInWordsQuery {
  params: IRulesInWordsParams;
  result: IRulesInWordsResult;
}

const rulesInWordsIR: any = {"usedParamSet":{"ids":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":597,"b":601}]}],"statement":"select r.id as \"id!\", p.name as \"person?\", po.name as \"position?\", s.name as \"service?\", t.name as \"task?\", pr.name as \"project?\", c.name as \"client?\"\nfrom rate_rule r\nleft join person p on p.firm_id = r.firm_id and p.id = r.person_id\nleft join position po on po.firm_id = r.firm_id and po.id = r.position_id\nleft join service s on s.firm_id = r.firm_id and s.id = r.service_id\nleft join task t on t.firm_id = r.firm_id and t.id = r.task_id\nleft join project pr on pr.firm_id = r.firm_id and pr.id = r.project_id\nleft join client c on c.firm_id = r.firm_id and c.id = r.client_id\nwhere r.id = any(:ids!)"};

/**
 * Query generated from SQL:
 * ```
 * select r.id as "id!", p.name as "person?", po.name as "position?", s.name as "service?", t.name as "task?", pr.name as "project?", c.name as "client?"
 * from rate_rule r
 * left join person p on p.firm_id = r.firm_id and p.id = r.person_id
 * left join position po on po.firm_id = r.firm_id and po.id = r.position_id
 * left join service s on s.firm_id = r.firm_id and s.id = r.service_id
 * left join task t on t.firm_id = r.firm_id and t.id = r.task_id
 * left join project pr on pr.firm_id = r.firm_id and pr.id = r.project_id
 * left join client c on c.firm_id = r.firm_id and c.id = r.client_id
 * where r.id = any(:ids!)
 * ```
 */
export const rulesInWords = new PreparedQuery<IRulesInWordsParams,IRulesInWordsResult>(rulesInWordsIR);


/** 'LockToPrice' parameters type */
export interface ILockToPriceParams {
  asker: string;
  id: string;
  reach: string;
}

/** 'LockToPrice' return type */
export interface ILockToPriceResult {
  billable: boolean;
  billableQuantity: number;
  billedQuantity: number;
  id: string;
  personId: string;
  problems: stringArray;
  projectId: string | null;
  quantity: number;
  rate: number | null;
  rateReason: string;
  rateSource: string | null;
  serviceId: string | null;
  stage: string;
  taskId: string | null;
  valueMinor: number | null;
  version: number;
  workDate: string;
}

/** 'LockToPrice' query type */
export interface ILockToPriceQuery {
  params: ILockToPriceParams;
  result: ILockToPriceResult;
}

const lockToPriceIR: any = {"usedParamSet":{"reach":true,"asker":true,"id":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":511,"b":517}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":520,"b":526}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":598,"b":601}]}],"statement":"select e.id as \"id!\", e.person_id as \"personId!\", e.work_date as \"workDate!\", e.project_id as \"projectId?\", e.task_id as \"taskId?\", e.service_id as \"serviceId?\", e.quantity as \"quantity!\", e.billable as \"billable!\",\n  e.rate as \"rate?\", e.rate_source as \"rateSource?\", e.rate_reason as \"rateReason!\", e.value_minor as \"valueMinor?\", e.billed_quantity as \"billedQuantity!\", e.billable_quantity as \"billableQuantity!\", e.stage as \"stage!\", e.problems as \"problems!\", e.version as \"version!\"\nfrom entries_in_reach(:reach!, :asker!) r join entry e on e.firm_id = r.firm_id and e.id = r.id where r.id = :id! for update of e"};

/**
 * Query generated from SQL:
 * ```
 * select e.id as "id!", e.person_id as "personId!", e.work_date as "workDate!", e.project_id as "projectId?", e.task_id as "taskId?", e.service_id as "serviceId?", e.quantity as "quantity!", e.billable as "billable!",
 *   e.rate as "rate?", e.rate_source as "rateSource?", e.rate_reason as "rateReason!", e.value_minor as "valueMinor?", e.billed_quantity as "billedQuantity!", e.billable_quantity as "billableQuantity!", e.stage as "stage!", e.problems as "problems!", e.version as "version!"
 * from entries_in_reach(:reach!, :asker!) r join entry e on e.firm_id = r.firm_id and e.id = r.id where r.id = :id! for update of e
 * ```
 */
export const lockToPrice = new PreparedQuery<ILockToPriceParams,ILockToPriceResult>(lockToPriceIR);


/** 'SetTypedRate' parameters type */
export interface ISetTypedRateParams {
  id: string;
  ownRate?: number | null | void;
  ownValue?: number | null | void;
  problems: stringArray;
  rate?: number | null | void;
  reason: string;
  rule?: string | null | void;
  source?: string | null | void;
  value?: number | null | void;
}

/** 'SetTypedRate' return type */
export type ISetTypedRateResult = void;

/** 'SetTypedRate' query type */
export interface ISetTypedRateQuery {
  params: ISetTypedRateParams;
  result: ISetTypedRateResult;
}

const setTypedRateIR: any = {"usedParamSet":{"rate":true,"source":true,"rule":true,"reason":true,"value":true,"ownRate":true,"ownValue":true,"problems":true,"id":true},"params":[{"name":"rate","required":false,"transform":{"type":"scalar"},"locs":[{"a":24,"b":28}]},{"name":"source","required":false,"transform":{"type":"scalar"},"locs":[{"a":45,"b":51}]},{"name":"rule","required":false,"transform":{"type":"scalar"},"locs":[{"a":69,"b":73}]},{"name":"reason","required":true,"transform":{"type":"scalar"},"locs":[{"a":90,"b":97}]},{"name":"value","required":false,"transform":{"type":"scalar"},"locs":[{"a":114,"b":119}]},{"name":"ownRate","required":false,"transform":{"type":"scalar"},"locs":[{"a":133,"b":140}]},{"name":"ownValue","required":false,"transform":{"type":"scalar"},"locs":[{"a":161,"b":169}]},{"name":"problems","required":true,"transform":{"type":"scalar"},"locs":[{"a":183,"b":192},{"a":223,"b":232}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":277,"b":280}]}],"statement":"update entry set rate = :rate, rate_source = :source, rate_rule_id = :rule, rate_reason = :reason!, value_minor = :value, own_rate = :ownRate, own_value_minor = :ownValue, problems = :problems!, problem_count = cardinality(:problems!::text[]), version = version + 1 where id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update entry set rate = :rate, rate_source = :source, rate_rule_id = :rule, rate_reason = :reason!, value_minor = :value, own_rate = :ownRate, own_value_minor = :ownValue, problems = :problems!, problem_count = cardinality(:problems!::text[]), version = version + 1 where id = :id!
 * ```
 */
export const setTypedRate = new PreparedQuery<ISetTypedRateParams,ISetTypedRateResult>(setTypedRateIR);


