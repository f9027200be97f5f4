/** Types generated for queries found in "packages/server/src/time/queries.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

export type stringArray = (string)[];

/** 'SelectEntries' parameters type */
export interface ISelectEntriesParams {
  anyId: boolean;
  anyPerson: boolean;
  asker: string;
  from: string;
  ids: stringArray;
  people: stringArray;
  reach: string;
  to: string;
}

/** 'SelectEntries' return type */
export interface ISelectEntriesResult {
  absenceCode: string | null;
  billable: boolean;
  billableQuantity: number;
  billingState: string;
  breakSeconds: number;
  changedByOther: boolean;
  costMinor: number | null;
  date: string;
  decidedAt: string | null;
  decidedBy: string | null;
  decisionReason: string | null;
  endAt: string | null;
  explanation: string;
  holdReason: string | null;
  id: string;
  inDraft: boolean;
  kind: string;
  lagDays: number;
  late: boolean;
  note: string;
  origin: string;
  outcome: string | null;
  personId: string;
  problems: stringArray;
  projectId: string | null;
  quantity: number;
  rate: number | null;
  serviceId: string | null;
  stage: string;
  startAt: string | null;
  taskId: string | null;
  valueCurrency: string | null;
  valueMinor: number | null;
  version: number;
  zone: string;
}

/** 'SelectEntries' query type */
export interface ISelectEntriesQuery {
  params: ISelectEntriesParams;
  result: ISelectEntriesResult;
}

const selectEntriesIR: any = {"usedParamSet":{"reach":true,"asker":true,"anyId":true,"ids":true,"anyPerson":true,"people":true,"from":true,"to":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":1056,"b":1062}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":1065,"b":1071}]},{"name":"anyId","required":true,"transform":{"type":"scalar"},"locs":[{"a":1547,"b":1553}]},{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":1569,"b":1573}]},{"name":"anyPerson","required":true,"transform":{"type":"scalar"},"locs":[{"a":1582,"b":1592}]},{"name":"people","required":true,"transform":{"type":"scalar"},"locs":[{"a":1615,"b":1622}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":1650,"b":1655}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":1661,"b":1664}]}],"statement":"select e.id as \"id!\", e.kind as \"kind!\", e.person_id as \"personId!\", e.work_date as \"date!\", e.project_id as \"projectId?\", e.task_id as \"taskId?\", e.service_id as \"serviceId?\",\n  a.code as \"absenceCode?\", e.quantity as \"quantity!\", e.billable as \"billable!\", e.note as \"note!\", e.explanation as \"explanation!\", e.stage as \"stage!\", e.billing_state as \"billingState!\",\n  e.hold_reason as \"holdReason?\", (e.stage = 'approved' and e.billed_quantity > 0) as \"inDraft!\", e.origin as \"origin!\", s.start_at as \"startAt?\", s.end_at as \"endAt?\",\n  coalesce(s.break_seconds, 0) as \"breakSeconds!\", coalesce(s.zone, p.zone) as \"zone!\", e.problems as \"problems!\", e.lag_days as \"lagDays!\", e.late as \"late!\", e.changed_by_other as \"changedByOther!\",\n  d.outcome as \"outcome?\", d.reason as \"decisionReason?\", d.at as \"decidedAt?\", d.by_name as \"decidedBy?\",\n  e.billable_quantity as \"billableQuantity!\", e.rate as \"rate?\", e.value_minor as \"valueMinor?\", e.value_currency as \"valueCurrency?\", e.version as \"version!\", e.cost_minor as \"costMinor?\"\nfrom entries_in_reach(:reach!, :asker!) e\njoin person p on p.firm_id = e.firm_id and p.id = e.person_id\nleft join entry_span s on s.firm_id = e.firm_id and s.entry_id = e.id\nleft join entry_absence a on a.firm_id = e.firm_id and a.entry_id = e.id\nleft join lateral (\n  select x.outcome, x.reason, x.at, dp.name as by_name from decision x join person dp on dp.firm_id = x.firm_id and dp.id = x.by_id\n  where x.firm_id = e.firm_id and x.entry_id = e.id order by x.at desc limit 1\n) d on e.stage = 'recorded'\nwhere (:anyId! or e.id = any(:ids!)) and (:anyPerson! or e.person_id = any(:people!)) and e.work_date between :from! and :to!\norder by e.work_date, s.start_at nulls last, e.id"};

/**
 * Query generated from SQL:
 * ```
 * select e.id as "id!", e.kind as "kind!", e.person_id as "personId!", e.work_date as "date!", e.project_id as "projectId?", e.task_id as "taskId?", e.service_id as "serviceId?",
 *   a.code as "absenceCode?", e.quantity as "quantity!", e.billable as "billable!", e.note as "note!", e.explanation as "explanation!", e.stage as "stage!", e.billing_state as "billingState!",
 *   e.hold_reason as "holdReason?", (e.stage = 'approved' and e.billed_quantity > 0) as "inDraft!", e.origin as "origin!", s.start_at as "startAt?", s.end_at as "endAt?",
 *   coalesce(s.break_seconds, 0) as "breakSeconds!", coalesce(s.zone, p.zone) as "zone!", e.problems as "problems!", e.lag_days as "lagDays!", e.late as "late!", e.changed_by_other as "changedByOther!",
 *   d.outcome as "outcome?", d.reason as "decisionReason?", d.at as "decidedAt?", d.by_name as "decidedBy?",
 *   e.billable_quantity as "billableQuantity!", e.rate as "rate?", e.value_minor as "valueMinor?", e.value_currency as "valueCurrency?", e.version as "version!", e.cost_minor as "costMinor?"
 * from entries_in_reach(:reach!, :asker!) e
 * join person p on p.firm_id = e.firm_id and p.id = e.person_id
 * left join entry_span s on s.firm_id = e.firm_id and s.entry_id = e.id
 * left join entry_absence a on a.firm_id = e.firm_id and a.entry_id = e.id
 * left join lateral (
 *   select x.outcome, x.reason, x.at, dp.name as by_name from decision x join person dp on dp.firm_id = x.firm_id and dp.id = x.by_id
 *   where x.firm_id = e.firm_id and x.entry_id = e.id order by x.at desc limit 1
 * ) d on e.stage = 'recorded'
 * where (:anyId! or e.id = any(:ids!)) and (:anyPerson! or e.person_id = any(:people!)) and e.work_date between :from! and :to!
 * order by e.work_date, s.start_at nulls last, e.id
 * ```
 */
export const selectEntries = new PreparedQuery<ISelectEntriesParams,ISelectEntriesResult>(selectEntriesIR);


/** 'LockPeople' parameters type */
export interface ILockPeopleParams {
  people: stringArray;
}

/** 'LockPeople' return type */
export interface ILockPeopleResult {
  id: string;
}

/** 'LockPeople' query type */
export interface ILockPeopleQuery {
  params: ILockPeopleParams;
  result: ILockPeopleResult;
}

const lockPeopleIR: any = {"usedParamSet":{"people":true},"params":[{"name":"people","required":true,"transform":{"type":"scalar"},"locs":[{"a":46,"b":53}]}],"statement":"select id as \"id!\" from person where id = any(:people!) order by id for no key update"};

/**
 * Query generated from SQL:
 * ```
 * select id as "id!" from person where id = any(:people!) order by id for no key update
 * ```
 */
export const lockPeople = new PreparedQuery<ILockPeopleParams,ILockPeopleResult>(lockPeopleIR);


/** 'LockEntries' parameters type */
export interface ILockEntriesParams {
  ids: stringArray;
}

/** 'LockEntries' return type */
export interface ILockEntriesResult {
  id: string;
  kind: string;
  personId: string;
  stage: string;
  version: number;
  workDate: string;
}

/** 'LockEntries' query type */
export interface ILockEntriesQuery {
  params: ILockEntriesParams;
  result: ILockEntriesResult;
}

const lockEntriesIR: any = {"usedParamSet":{"ids":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":156,"b":160}]}],"statement":"select id as \"id!\", person_id as \"personId!\", work_date as \"workDate!\", stage as \"stage!\", version as \"version!\", kind as \"kind!\" from entry where id = any(:ids!) order by id for update"};

/**
 * Query generated from SQL:
 * ```
 * select id as "id!", person_id as "personId!", work_date as "workDate!", stage as "stage!", version as "version!", kind as "kind!" from entry where id = any(:ids!) order by id for update
 * ```
 */
export const lockEntries = new PreparedQuery<ILockEntriesParams,ILockEntriesResult>(lockEntriesIR);


/** 'LedgerDays' parameters type */
export interface ILedgerDaysParams {
  dates: stringArray;
  people: stringArray;
}

/** 'LedgerDays' return type */
export interface ILedgerDaysResult {
  absenceCode: string | null;
  absencePaid: boolean | null;
  billable: boolean;
  billableQuantity: number;
  billingState: string;
  breakSeconds: number;
  changedByOther: boolean;
  clientId: string | null;
  costMinor: number | null;
  endAt: string | null;
  enteredAt: string;
  enteredBy: string;
  explanation: string;
  id: string;
  kind: string;
  lagDays: number;
  late: boolean;
  note: string;
  origin: string;
  ownRate: number | null;
  ownValueMinor: number | null;
  personId: string;
  problems: stringArray;
  projectId: string | null;
  quantity: number;
  rate: number | null;
  rateReason: string;
  rateRuleId: string | null;
  rateSource: string | null;
  serviceId: string | null;
  stage: string;
  startAt: string | null;
  taskId: string | null;
  taxCategory: string | null;
  valueCurrency: string | null;
  valueMinor: number | null;
  version: number;
  workDate: string;
}

/** 'LedgerDays' query type */
export interface ILedgerDaysQuery {
  params: ILedgerDaysParams;
  result: ILedgerDaysResult;
}

const ledgerDaysIR: any = {"usedParamSet":{"people":true,"dates":true},"params":[{"name":"people","required":true,"transform":{"type":"scalar"},"locs":[{"a":1288,"b":1295}]},{"name":"dates","required":true,"transform":{"type":"scalar"},"locs":[{"a":1320,"b":1326}]}],"statement":"select e.id as \"id!\", e.kind as \"kind!\", e.person_id as \"personId!\", e.work_date as \"workDate!\", e.client_id as \"clientId?\", e.project_id as \"projectId?\", e.task_id as \"taskId?\", e.service_id as \"serviceId?\",\n  e.quantity as \"quantity!\", e.billable as \"billable!\", e.billable_quantity as \"billableQuantity!\", e.billing_state as \"billingState!\", e.rate as \"rate?\", e.rate_source as \"rateSource?\", e.rate_rule_id as \"rateRuleId?\",\n  e.rate_reason as \"rateReason!\", e.value_minor as \"valueMinor?\", e.value_currency as \"valueCurrency?\", e.cost_minor as \"costMinor?\", e.own_rate as \"ownRate?\", e.own_value_minor as \"ownValueMinor?\", e.tax_category as \"taxCategory?\", e.note as \"note!\", e.explanation as \"explanation!\",\n  e.stage as \"stage!\", e.origin as \"origin!\", e.entered_by as \"enteredBy!\", e.entered_at as \"enteredAt!\", e.changed_by_other as \"changedByOther!\", e.late as \"late!\", e.lag_days as \"lagDays!\", e.problems as \"problems!\", e.version as \"version!\",\n  s.start_at as \"startAt?\", s.end_at as \"endAt?\", coalesce(s.break_seconds, 0) as \"breakSeconds!\", a.code as \"absenceCode?\", a.paid as \"absencePaid?\"\nfrom entry e\nleft join entry_span s on s.firm_id = e.firm_id and s.entry_id = e.id\nleft join entry_absence a on a.firm_id = e.firm_id and a.entry_id = e.id\nwhere e.person_id = any(:people!) and e.work_date = any(:dates!)"};

/**
 * Query generated from SQL:
 * ```
 * select e.id as "id!", e.kind as "kind!", e.person_id as "personId!", e.work_date as "workDate!", e.client_id as "clientId?", e.project_id as "projectId?", e.task_id as "taskId?", e.service_id as "serviceId?",
 *   e.quantity as "quantity!", e.billable as "billable!", e.billable_quantity as "billableQuantity!", e.billing_state as "billingState!", e.rate as "rate?", e.rate_source as "rateSource?", e.rate_rule_id as "rateRuleId?",
 *   e.rate_reason as "rateReason!", e.value_minor as "valueMinor?", e.value_currency as "valueCurrency?", e.cost_minor as "costMinor?", e.own_rate as "ownRate?", e.own_value_minor as "ownValueMinor?", e.tax_category as "taxCategory?", e.note as "note!", e.explanation as "explanation!",
 *   e.stage as "stage!", e.origin as "origin!", e.entered_by as "enteredBy!", e.entered_at as "enteredAt!", e.changed_by_other as "changedByOther!", e.late as "late!", e.lag_days as "lagDays!", e.problems as "problems!", e.version as "version!",
 *   s.start_at as "startAt?", s.end_at as "endAt?", coalesce(s.break_seconds, 0) as "breakSeconds!", a.code as "absenceCode?", a.paid as "absencePaid?"
 * from entry e
 * left join entry_span s on s.firm_id = e.firm_id and s.entry_id = e.id
 * left join entry_absence a on a.firm_id = e.firm_id and a.entry_id = e.id
 * where e.person_id = any(:people!) and e.work_date = any(:dates!)
 * ```
 */
export const ledgerDays = new PreparedQuery<ILedgerDaysParams,ILedgerDaysResult>(ledgerDaysIR);


/** 'DeleteEntries' parameters type */
export interface IDeleteEntriesParams {
  ids: stringArray;
}

/** 'DeleteEntries' return type */
export type IDeleteEntriesResult = void;

/** 'DeleteEntries' query type */
export interface IDeleteEntriesQuery {
  params: IDeleteEntriesParams;
  result: IDeleteEntriesResult;
}

const deleteEntriesIR: any = {"usedParamSet":{"ids":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":33,"b":37}]}],"statement":"delete from entry where id = any(:ids!)"};

/**
 * Query generated from SQL:
 * ```
 * delete from entry where id = any(:ids!)
 * ```
 */
export const deleteEntries = new PreparedQuery<IDeleteEntriesParams,IDeleteEntriesResult>(deleteEntriesIR);


/** 'PutSpans' parameters type */
export interface IPutSpansParams {
  firm: string;
  spans: Json;
}

/** 'PutSpans' return type */
export type IPutSpansResult = void;

/** 'PutSpans' query type */
export interface IPutSpansQuery {
  params: IPutSpansParams;
  result: IPutSpansResult;
}

const putSpansIR: any = {"usedParamSet":{"firm":true,"spans":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":89,"b":94}]},{"name":"spans","required":true,"transform":{"type":"scalar"},"locs":[{"a":183,"b":189}]}],"statement":"insert into entry_span (firm_id, entry_id, start_at, end_at, break_seconds, zone)\nselect :firm!, s.\"entryId\", s.\"startAt\", s.\"endAt\", s.\"breakSeconds\", s.zone\nfrom jsonb_to_recordset(:spans!) as s(\"entryId\" uuid, \"startAt\" timestamptz, \"endAt\" timestamptz, \"breakSeconds\" bigint, zone text)\non conflict (firm_id, entry_id) do update set start_at = excluded.start_at, end_at = excluded.end_at, break_seconds = excluded.break_seconds, zone = excluded.zone"};

/**
 * Query generated from SQL:
 * ```
 * insert into entry_span (firm_id, entry_id, start_at, end_at, break_seconds, zone)
 * select :firm!, s."entryId", s."startAt", s."endAt", s."breakSeconds", s.zone
 * from jsonb_to_recordset(:spans!) as s("entryId" uuid, "startAt" timestamptz, "endAt" timestamptz, "breakSeconds" bigint, zone text)
 * on conflict (firm_id, entry_id) do update set start_at = excluded.start_at, end_at = excluded.end_at, break_seconds = excluded.break_seconds, zone = excluded.zone
 * ```
 */
export const putSpans = new PreparedQuery<IPutSpansParams,IPutSpansResult>(putSpansIR);


/** 'DropSpans' parameters type */
export interface IDropSpansParams {
  ids: stringArray;
}

/** 'DropSpans' return type */
export type IDropSpansResult = void;

/** 'DropSpans' query type */
export interface IDropSpansQuery {
  params: IDropSpansParams;
  result: IDropSpansResult;
}

const dropSpansIR: any = {"usedParamSet":{"ids":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":44,"b":48}]}],"statement":"delete from entry_span where entry_id = any(:ids!)"};

/**
 * Query generated from SQL:
 * ```
 * delete from entry_span where entry_id = any(:ids!)
 * ```
 */
export const dropSpans = new PreparedQuery<IDropSpansParams,IDropSpansResult>(dropSpansIR);


/** 'PutAbsences' parameters type */
export interface IPutAbsencesParams {
  absences: Json;
  firm: string;
}

/** 'PutAbsences' return type */
export type IPutAbsencesResult = void;

/** 'PutAbsences' query type */
export interface IPutAbsencesQuery {
  params: IPutAbsencesParams;
  result: IPutAbsencesResult;
}

const putAbsencesIR: any = {"usedParamSet":{"firm":true,"absences":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":65,"b":70}]},{"name":"absences","required":true,"transform":{"type":"scalar"},"locs":[{"a":125,"b":134}]}],"statement":"insert into entry_absence (firm_id, entry_id, code, paid)\nselect :firm!, a.\"entryId\", a.code, a.paid from jsonb_to_recordset(:absences!) as a(\"entryId\" uuid, code text, paid boolean)\non conflict do nothing"};

/**
 * Query generated from SQL:
 * ```
 * insert into entry_absence (firm_id, entry_id, code, paid)
 * select :firm!, a."entryId", a.code, a.paid from jsonb_to_recordset(:absences!) as a("entryId" uuid, code text, paid boolean)
 * on conflict do nothing
 * ```
 */
export const putAbsences = new PreparedQuery<IPutAbsencesParams,IPutAbsencesResult>(putAbsencesIR);


/** 'InsertEntries' parameters type */
export interface IInsertEntriesParams {
  currency: string;
  firm: string;
  rows: Json;
}

/** 'InsertEntries' return type */
export type IInsertEntriesResult = void;

/** 'InsertEntries' query type */
export interface IInsertEntriesQuery {
  params: IInsertEntriesParams;
  result: IInsertEntriesResult;
}

const insertEntriesIR: any = {"usedParamSet":{"firm":true,"currency":true,"rows":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":467,"b":472}]},{"name":"currency","required":true,"transform":{"type":"scalar"},"locs":[{"a":785,"b":794}]},{"name":"rows","required":true,"transform":{"type":"scalar"},"locs":[{"a":1018,"b":1023}]}],"statement":"insert into entry (firm_id, id, kind, person_id, work_date, posted_on, client_id, project_id, task_id, service_id, quantity, payable_quantity, billable, billable_quantity,\n  rate, rate_source, rate_rule_id, rate_reason, value_minor, value_currency, own_rate, own_value_minor, cost_minor, cost_currency, tax_category, note, explanation, billing_state, origin, entered_by, entered_at,\n  changed_by_other, late, lag_days, problems, problem_count, stage, version)\nselect :firm!, e.id, e.kind, e.\"personId\", e.\"workDate\", e.\"workDate\", e.\"clientId\", e.\"projectId\", e.\"taskId\", e.\"serviceId\", e.quantity, e.quantity, e.billable, e.\"billableQuantity\",\n  e.rate, e.\"rateSource\", e.\"rateRuleId\", e.\"rateReason\", e.\"valueMinor\", e.\"valueCurrency\", e.\"ownRate\", e.\"ownValueMinor\", e.\"costMinor\", :currency!, e.\"taxCategory\", e.note, e.explanation, e.\"billingState\", e.origin, e.\"enteredBy\", e.\"enteredAt\",\n  e.\"changedByOther\", e.late, e.\"lagDays\", e.problems, cardinality(e.problems), e.stage, e.version\nfrom jsonb_to_recordset(:rows!) as e(id uuid, kind text, \"personId\" uuid, \"workDate\" date, \"clientId\" uuid, \"projectId\" uuid, \"taskId\" uuid, \"serviceId\" uuid, quantity bigint, billable boolean,\n  \"billableQuantity\" bigint, rate bigint, \"rateSource\" text, \"rateRuleId\" uuid, \"rateReason\" text, \"valueMinor\" bigint, \"valueCurrency\" text, \"ownRate\" bigint, \"ownValueMinor\" bigint, \"costMinor\" bigint, \"taxCategory\" text, note text,\n  explanation text, \"billingState\" text, origin text, \"enteredBy\" uuid, \"enteredAt\" timestamptz, \"changedByOther\" boolean, late boolean, \"lagDays\" int, problems text[], stage text, version int)"};

/**
 * Query generated from SQL:
 * ```
 * insert into entry (firm_id, id, kind, person_id, work_date, posted_on, client_id, project_id, task_id, service_id, quantity, payable_quantity, billable, billable_quantity,
 *   rate, rate_source, rate_rule_id, rate_reason, value_minor, value_currency, own_rate, own_value_minor, cost_minor, cost_currency, tax_category, note, explanation, billing_state, origin, entered_by, entered_at,
 *   changed_by_other, late, lag_days, problems, problem_count, stage, version)
 * select :firm!, e.id, e.kind, e."personId", e."workDate", e."workDate", e."clientId", e."projectId", e."taskId", e."serviceId", e.quantity, e.quantity, e.billable, e."billableQuantity",
 *   e.rate, e."rateSource", e."rateRuleId", e."rateReason", e."valueMinor", e."valueCurrency", e."ownRate", e."ownValueMinor", e."costMinor", :currency!, e."taxCategory", e.note, e.explanation, e."billingState", e.origin, e."enteredBy", e."enteredAt",
 *   e."changedByOther", e.late, e."lagDays", e.problems, cardinality(e.problems), e.stage, e.version
 * from jsonb_to_recordset(:rows!) as e(id uuid, kind text, "personId" uuid, "workDate" date, "clientId" uuid, "projectId" uuid, "taskId" uuid, "serviceId" uuid, quantity bigint, billable boolean,
 *   "billableQuantity" bigint, rate bigint, "rateSource" text, "rateRuleId" uuid, "rateReason" text, "valueMinor" bigint, "valueCurrency" text, "ownRate" bigint, "ownValueMinor" bigint, "costMinor" bigint, "taxCategory" text, note text,
 *   explanation text, "billingState" text, origin text, "enteredBy" uuid, "enteredAt" timestamptz, "changedByOther" boolean, late boolean, "lagDays" int, problems text[], stage text, version int)
 * ```
 */
export const insertEntries = new PreparedQuery<IInsertEntriesParams,IInsertEntriesResult>(insertEntriesIR);


/** 'UpdateEntries' parameters type */
export interface IUpdateEntriesParams {
  rows: Json;
}

/** 'UpdateEntries' return type */
export type IUpdateEntriesResult = void;

/** 'UpdateEntries' query type */
export interface IUpdateEntriesQuery {
  params: IUpdateEntriesParams;
  result: IUpdateEntriesResult;
}

const updateEntriesIR: any = {"usedParamSet":{"rows":true},"params":[{"name":"rows","required":true,"transform":{"type":"scalar"},"locs":[{"a":818,"b":823}]}],"statement":"update entry t set work_date = e.\"workDate\", posted_on = e.\"workDate\", client_id = e.\"clientId\", project_id = e.\"projectId\", task_id = e.\"taskId\", service_id = e.\"serviceId\", quantity = e.quantity,\n  payable_quantity = e.quantity, billable = e.billable, billable_quantity = e.\"billableQuantity\", rate = e.rate, rate_source = e.\"rateSource\", rate_rule_id = e.\"rateRuleId\", rate_reason = e.\"rateReason\",\n  value_minor = e.\"valueMinor\", value_currency = e.\"valueCurrency\", own_rate = e.\"ownRate\", own_value_minor = e.\"ownValueMinor\", cost_minor = e.\"costMinor\", tax_category = e.\"taxCategory\", note = e.note, explanation = e.explanation, billing_state = e.\"billingState\",\n  changed_by_other = e.\"changedByOther\", problems = e.problems, problem_count = cardinality(e.problems), version = e.version\nfrom jsonb_to_recordset(:rows!) as e(id uuid, \"workDate\" date, \"clientId\" uuid, \"projectId\" uuid, \"taskId\" uuid, \"serviceId\" uuid, quantity bigint, billable boolean,\n  \"billableQuantity\" bigint, rate bigint, \"rateSource\" text, \"rateRuleId\" uuid, \"rateReason\" text, \"valueMinor\" bigint, \"valueCurrency\" text, \"ownRate\" bigint, \"ownValueMinor\" bigint, \"costMinor\" bigint, \"taxCategory\" text, note text,\n  explanation text, \"billingState\" text, \"changedByOther\" boolean, problems text[], version int)\nwhere t.id = e.id"};

/**
 * Query generated from SQL:
 * ```
 * update entry t set work_date = e."workDate", posted_on = e."workDate", client_id = e."clientId", project_id = e."projectId", task_id = e."taskId", service_id = e."serviceId", quantity = e.quantity,
 *   payable_quantity = e.quantity, billable = e.billable, billable_quantity = e."billableQuantity", rate = e.rate, rate_source = e."rateSource", rate_rule_id = e."rateRuleId", rate_reason = e."rateReason",
 *   value_minor = e."valueMinor", value_currency = e."valueCurrency", own_rate = e."ownRate", own_value_minor = e."ownValueMinor", cost_minor = e."costMinor", tax_category = e."taxCategory", note = e.note, explanation = e.explanation, billing_state = e."billingState",
 *   changed_by_other = e."changedByOther", problems = e.problems, problem_count = cardinality(e.problems), version = e.version
 * from jsonb_to_recordset(:rows!) as e(id uuid, "workDate" date, "clientId" uuid, "projectId" uuid, "taskId" uuid, "serviceId" uuid, quantity bigint, billable boolean,
 *   "billableQuantity" bigint, rate bigint, "rateSource" text, "rateRuleId" uuid, "rateReason" text, "valueMinor" bigint, "valueCurrency" text, "ownRate" bigint, "ownValueMinor" bigint, "costMinor" bigint, "taxCategory" text, note text,
 *   explanation text, "billingState" text, "changedByOther" boolean, problems text[], version int)
 * where t.id = e.id
 * ```
 */
export const updateEntries = new PreparedQuery<IUpdateEntriesParams,IUpdateEntriesResult>(updateEntriesIR);


/** 'PeopleFacts' parameters type */
export interface IPeopleFactsParams {
  asker: string;
  people: stringArray;
  reach: string;
}

/** 'PeopleFacts' return type */
export interface IPeopleFactsResult {
  id: string;
  name: string;
  zone: string;
}

/** 'PeopleFacts' query type */
export interface IPeopleFactsQuery {
  params: IPeopleFactsParams;
  result: IPeopleFactsResult;
}

const peopleFactsIR: any = {"usedParamSet":{"reach":true,"asker":true,"people":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":80,"b":86}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":89,"b":95}]},{"name":"people","required":true,"transform":{"type":"scalar"},"locs":[{"a":117,"b":124}]}],"statement":"select p.id as \"id!\", p.name as \"name!\", p.zone as \"zone!\" from people_in_reach(:reach!, :asker!) p where p.id = any(:people!)"};

/**
 * Query generated from SQL:
 * ```
 * select p.id as "id!", p.name as "name!", p.zone as "zone!" from people_in_reach(:reach!, :asker!) p where p.id = any(:people!)
 * ```
 */
export const peopleFacts = new PreparedQuery<IPeopleFactsParams,IPeopleFactsResult>(peopleFactsIR);


/** 'SubmittedSheets' parameters type */
export interface ISubmittedSheetsParams {
  earliest: string;
  latest: string;
  people: stringArray;
}

/** 'SubmittedSheets' return type */
export interface ISubmittedSheetsResult {
  from: string;
  personId: string;
  to: string;
}

/** 'SubmittedSheets' query type */
export interface ISubmittedSheetsQuery {
  params: ISubmittedSheetsParams;
  result: ISubmittedSheetsResult;
}

const submittedSheetsIR: any = {"usedParamSet":{"people":true,"latest":true,"earliest":true},"params":[{"name":"people","required":true,"transform":{"type":"scalar"},"locs":[{"a":123,"b":130}]},{"name":"latest","required":true,"transform":{"type":"scalar"},"locs":[{"a":180,"b":187}]},{"name":"earliest","required":true,"transform":{"type":"scalar"},"locs":[{"a":208,"b":217}]}],"statement":"select t.person_id as \"personId!\", t.period_from as \"from!\", t.period_to as \"to!\" from timesheet t\nwhere t.person_id = any(:people!) and t.state = 'submitted' and t.period_from <= :latest! and t.period_to >= :earliest!"};

/**
 * Query generated from SQL:
 * ```
 * select t.person_id as "personId!", t.period_from as "from!", t.period_to as "to!" from timesheet t
 * where t.person_id = any(:people!) and t.state = 'submitted' and t.period_from <= :latest! and t.period_to >= :earliest!
 * ```
 */
export const submittedSheets = new PreparedQuery<ISubmittedSheetsParams,ISubmittedSheetsResult>(submittedSheetsIR);


/** 'DeletedEntry' parameters type */
export interface IDeletedEntryParams {
  id: string;
}

/** 'DeletedEntry' return type */
export interface IDeletedEntryResult {
  before: Json;
  moneyBefore: Json | null;
}

/** 'DeletedEntry' query type */
export interface IDeletedEntryQuery {
  params: IDeletedEntryParams;
  result: IDeletedEntryResult;
}

const deletedEntryIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":171,"b":174}]}],"statement":"select s.before as \"before!\", s.money_before as \"moneyBefore?\" from audit_subject s join audit_event v on v.firm_id = s.firm_id and v.id = s.event_id\nwhere s.subject_id = :id! and s.subject_kind = 'entry' and s.after is null order by v.at desc limit 1"};

/**
 * Query generated from SQL:
 * ```
 * select s.before as "before!", s.money_before as "moneyBefore?" from audit_subject s join audit_event v on v.firm_id = s.firm_id and v.id = s.event_id
 * where s.subject_id = :id! and s.subject_kind = 'entry' and s.after is null order by v.at desc limit 1
 * ```
 */
export const deletedEntry = new PreparedQuery<IDeletedEntryParams,IDeletedEntryResult>(deletedEntryIR);


/** 'SheetOf' parameters type */
export interface ISheetOfParams {
  from: string;
  person: string;
}

/** 'SheetOf' return type */
export interface ISheetOfResult {
  id: string;
  rows: Json;
  state: string;
  submissions: Json;
  version: number;
  whole: Json | null;
}

/** 'SheetOf' query type */
export interface ISheetOfQuery {
  params: ISheetOfParams;
  result: ISheetOfResult;
}

const sheetOfIR: any = {"usedParamSet":{"person":true,"from":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":870,"b":877}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":899,"b":904}]}],"statement":"select t.id as \"id!\", t.state as \"state!\", t.version as \"version!\",\n  (select coalesce(jsonb_agg(jsonb_build_object('projectId', r.project_id, 'taskId', r.task_id, 'serviceId', r.service_id, 'billable', r.billable)), '[]')\n    from sheet_row r where r.firm_id = t.firm_id and r.timesheet_id = t.id) as \"rows!\",\n  (select coalesce(jsonb_agg(jsonb_build_object('at', s.at, 'note', s.note, 'withdrawnAt', s.withdrawn_at) order by s.at desc), '[]')\n    from submission s where s.firm_id = t.firm_id and s.timesheet_id = t.id) as \"submissions!\",\n  (select jsonb_build_object('outcome', d.outcome, 'reason', d.reason, 'at', d.at, 'by', p.name) from decision d join person p on p.firm_id = d.firm_id and p.id = d.by_id\n    where d.firm_id = t.firm_id and d.timesheet_id = t.id and d.entry_id is null order by d.at desc limit 1) as \"whole?\"\nfrom timesheet t where t.person_id = :person! and t.period_from = :from!"};

/**
 * Query generated from SQL:
 * ```
 * select t.id as "id!", t.state as "state!", t.version as "version!",
 *   (select coalesce(jsonb_agg(jsonb_build_object('projectId', r.project_id, 'taskId', r.task_id, 'serviceId', r.service_id, 'billable', r.billable)), '[]')
 *     from sheet_row r where r.firm_id = t.firm_id and r.timesheet_id = t.id) as "rows!",
 *   (select coalesce(jsonb_agg(jsonb_build_object('at', s.at, 'note', s.note, 'withdrawnAt', s.withdrawn_at) order by s.at desc), '[]')
 *     from submission s where s.firm_id = t.firm_id and s.timesheet_id = t.id) as "submissions!",
 *   (select jsonb_build_object('outcome', d.outcome, 'reason', d.reason, 'at', d.at, 'by', p.name) from decision d join person p on p.firm_id = d.firm_id and p.id = d.by_id
 *     where d.firm_id = t.firm_id and d.timesheet_id = t.id and d.entry_id is null order by d.at desc limit 1) as "whole?"
 * from timesheet t where t.person_id = :person! and t.period_from = :from!
 * ```
 */
export const sheetOf = new PreparedQuery<ISheetOfParams,ISheetOfResult>(sheetOfIR);


/** 'LockSheet' parameters type */
export interface ILockSheetParams {
  from: string;
  person: string;
}

/** 'LockSheet' return type */
export interface ILockSheetResult {
  from: string;
  id: string;
  personId: string;
  state: string;
  to: string;
  version: number;
}

/** 'LockSheet' query type */
export interface ILockSheetQuery {
  params: ILockSheetParams;
  result: ILockSheetResult;
}

const lockSheetIR: any = {"usedParamSet":{"person":true,"from":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":180,"b":187}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":209,"b":214}]}],"statement":"select t.id as \"id!\", t.state as \"state!\", t.version as \"version!\", t.person_id as \"personId!\", t.period_from as \"from!\", t.period_to as \"to!\" from timesheet t where t.person_id = :person! and t.period_from = :from! for update"};

/**
 * Query generated from SQL:
 * ```
 * select t.id as "id!", t.state as "state!", t.version as "version!", t.person_id as "personId!", t.period_from as "from!", t.period_to as "to!" from timesheet t where t.person_id = :person! and t.period_from = :from! for update
 * ```
 */
export const lockSheet = new PreparedQuery<ILockSheetParams,ILockSheetResult>(lockSheetIR);


/** 'MakeSheet' parameters type */
export interface IMakeSheetParams {
  firm: string;
  from: string;
  id: string;
  person: string;
  to: string;
}

/** 'MakeSheet' return type */
export type IMakeSheetResult = void;

/** 'MakeSheet' query type */
export interface IMakeSheetQuery {
  params: IMakeSheetParams;
  result: IMakeSheetResult;
}

const makeSheetIR: any = {"usedParamSet":{"firm":true,"id":true,"person":true,"from":true,"to":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":79,"b":84}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":87,"b":90}]},{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":93,"b":100}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":103,"b":108}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":111,"b":114}]}],"statement":"insert into timesheet (firm_id, id, person_id, period_from, period_to) values (:firm!, :id!, :person!, :from!, :to!)\non conflict (firm_id, person_id, period_from) do nothing"};

/**
 * Query generated from SQL:
 * ```
 * insert into timesheet (firm_id, id, person_id, period_from, period_to) values (:firm!, :id!, :person!, :from!, :to!)
 * on conflict (firm_id, person_id, period_from) do nothing
 * ```
 */
export const makeSheet = new PreparedQuery<IMakeSheetParams,IMakeSheetResult>(makeSheetIR);


/** 'AddSheetRows' parameters type */
export interface IAddSheetRowsParams {
  firm: string;
  rows: Json;
  sheet: string;
}

/** 'AddSheetRows' return type */
export type IAddSheetRowsResult = void;

/** 'AddSheetRows' query type */
export interface IAddSheetRowsQuery {
  params: IAddSheetRowsParams;
  result: IAddSheetRowsResult;
}

const addSheetRowsIR: any = {"usedParamSet":{"firm":true,"sheet":true,"rows":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":96,"b":101}]},{"name":"sheet","required":true,"transform":{"type":"scalar"},"locs":[{"a":104,"b":110}]},{"name":"rows","required":true,"transform":{"type":"scalar"},"locs":[{"a":190,"b":195}]}],"statement":"insert into sheet_row (firm_id, timesheet_id, project_id, task_id, service_id, billable)\nselect :firm!, :sheet!, r.\"projectId\", r.\"taskId\", r.\"serviceId\", r.billable\nfrom jsonb_to_recordset(:rows!) as r(\"projectId\" uuid, \"taskId\" uuid, \"serviceId\" uuid, billable boolean)\non conflict do nothing"};

/**
 * Query generated from SQL:
 * ```
 * insert into sheet_row (firm_id, timesheet_id, project_id, task_id, service_id, billable)
 * select :firm!, :sheet!, r."projectId", r."taskId", r."serviceId", r.billable
 * from jsonb_to_recordset(:rows!) as r("projectId" uuid, "taskId" uuid, "serviceId" uuid, billable boolean)
 * on conflict do nothing
 * ```
 */
export const addSheetRows = new PreparedQuery<IAddSheetRowsParams,IAddSheetRowsResult>(addSheetRowsIR);


/** 'RemoveSheetRow' parameters type */
export interface IRemoveSheetRowParams {
  billable: boolean;
  project: string;
  service: string;
  sheet: string;
  task?: string | null | void;
}

/** 'RemoveSheetRow' return type */
export type IRemoveSheetRowResult = void;

/** 'RemoveSheetRow' query type */
export interface IRemoveSheetRowQuery {
  params: IRemoveSheetRowParams;
  result: IRemoveSheetRowResult;
}

const removeSheetRowIR: any = {"usedParamSet":{"sheet":true,"project":true,"task":true,"service":true,"billable":true},"params":[{"name":"sheet","required":true,"transform":{"type":"scalar"},"locs":[{"a":43,"b":49}]},{"name":"project","required":true,"transform":{"type":"scalar"},"locs":[{"a":68,"b":76}]},{"name":"task","required":false,"transform":{"type":"scalar"},"locs":[{"a":111,"b":115}]},{"name":"service","required":true,"transform":{"type":"scalar"},"locs":[{"a":134,"b":142}]},{"name":"billable","required":true,"transform":{"type":"scalar"},"locs":[{"a":159,"b":168}]}],"statement":"delete from sheet_row where timesheet_id = :sheet! and project_id = :project! and task_id is not distinct from :task and service_id = :service! and billable = :billable!"};

/**
 * Query generated from SQL:
 * ```
 * delete from sheet_row where timesheet_id = :sheet! and project_id = :project! and task_id is not distinct from :task and service_id = :service! and billable = :billable!
 * ```
 */
export const removeSheetRow = new PreparedQuery<IRemoveSheetRowParams,IRemoveSheetRowResult>(removeSheetRowIR);


/** 'TimersOf' parameters type */
export interface ITimersOfParams {
  person: string;
}

/** 'TimersOf' return type */
export interface ITimersOfResult {
  billable: boolean | null;
  createdAt: string;
  endAt: string | null;
  id: string;
  note: string;
  place: number;
  projectId: string | null;
  running: boolean;
  serviceId: string | null;
  startAt: string;
  taskId: string | null;
  version: number;
}

/** 'TimersOf' query type */
export interface ITimersOfQuery {
  params: ITimersOfParams;
  result: ITimersOfResult;
}

const timersOfIR: any = {"usedParamSet":{"person":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":403,"b":410}]}],"statement":"select t.id as \"id!\", t.project_id as \"projectId?\", t.task_id as \"taskId?\", t.service_id as \"serviceId?\", t.billable as \"billable?\", t.note as \"note!\", t.running as \"running!\", t.created_at as \"createdAt!\", t.version as \"version!\",\n  s.place as \"place!\", s.start_at as \"startAt!\", s.end_at as \"endAt?\"\nfrom timer t join timer_segment s on s.firm_id = t.firm_id and s.timer_id = t.id\nwhere t.person_id = :person! order by t.created_at, t.id, s.place"};

/**
 * Query generated from SQL:
 * ```
 * select t.id as "id!", t.project_id as "projectId?", t.task_id as "taskId?", t.service_id as "serviceId?", t.billable as "billable?", t.note as "note!", t.running as "running!", t.created_at as "createdAt!", t.version as "version!",
 *   s.place as "place!", s.start_at as "startAt!", s.end_at as "endAt?"
 * from timer t join timer_segment s on s.firm_id = t.firm_id and s.timer_id = t.id
 * where t.person_id = :person! order by t.created_at, t.id, s.place
 * ```
 */
export const timersOf = new PreparedQuery<ITimersOfParams,ITimersOfResult>(timersOfIR);


/** 'InsertTimer' parameters type */
export interface IInsertTimerParams {
  billable?: boolean | null | void;
  firm: string;
  id: string;
  note: string;
  now: string;
  person: string;
  project?: string | null | void;
  service?: string | null | void;
  task?: string | null | void;
}

/** 'InsertTimer' return type */
export type IInsertTimerResult = void;

/** 'InsertTimer' query type */
export interface IInsertTimerQuery {
  params: IInsertTimerParams;
  result: IInsertTimerResult;
}

const insertTimerIR: any = {"usedParamSet":{"firm":true,"id":true,"person":true,"project":true,"task":true,"service":true,"billable":true,"note":true,"now":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":121,"b":126}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":129,"b":132}]},{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":135,"b":142}]},{"name":"project","required":false,"transform":{"type":"scalar"},"locs":[{"a":145,"b":152}]},{"name":"task","required":false,"transform":{"type":"scalar"},"locs":[{"a":155,"b":159}]},{"name":"service","required":false,"transform":{"type":"scalar"},"locs":[{"a":162,"b":169}]},{"name":"billable","required":false,"transform":{"type":"scalar"},"locs":[{"a":172,"b":180}]},{"name":"note","required":true,"transform":{"type":"scalar"},"locs":[{"a":183,"b":188}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":197,"b":201}]}],"statement":"insert into timer (firm_id, id, person_id, project_id, task_id, service_id, billable, note, running, created_at)\nvalues (:firm!, :id!, :person!, :project, :task, :service, :billable, :note!, true, :now!)"};

/**
 * Query generated from SQL:
 * ```
 * insert into timer (firm_id, id, person_id, project_id, task_id, service_id, billable, note, running, created_at)
 * values (:firm!, :id!, :person!, :project, :task, :service, :billable, :note!, true, :now!)
 * ```
 */
export const insertTimer = new PreparedQuery<IInsertTimerParams,IInsertTimerResult>(insertTimerIR);


/** 'InsertSegment' parameters type */
export interface IInsertSegmentParams {
  firm: string;
  place: number;
  startAt: string;
  timer: string;
}

/** 'InsertSegment' return type */
export type IInsertSegmentResult = void;

/** 'InsertSegment' query type */
export interface IInsertSegmentQuery {
  params: IInsertSegmentParams;
  result: IInsertSegmentResult;
}

const insertSegmentIR: any = {"usedParamSet":{"firm":true,"timer":true,"place":true,"startAt":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":71,"b":76}]},{"name":"timer","required":true,"transform":{"type":"scalar"},"locs":[{"a":79,"b":85}]},{"name":"place","required":true,"transform":{"type":"scalar"},"locs":[{"a":88,"b":94}]},{"name":"startAt","required":true,"transform":{"type":"scalar"},"locs":[{"a":97,"b":105}]}],"statement":"insert into timer_segment (firm_id, timer_id, place, start_at) values (:firm!, :timer!, :place!, :startAt!)"};

/**
 * Query generated from SQL:
 * ```
 * insert into timer_segment (firm_id, timer_id, place, start_at) values (:firm!, :timer!, :place!, :startAt!)
 * ```
 */
export const insertSegment = new PreparedQuery<IInsertSegmentParams,IInsertSegmentResult>(insertSegmentIR);


/** 'CloseSegment' parameters type */
export interface ICloseSegmentParams {
  at: string;
  timer: string;
}

/** 'CloseSegment' return type */
export type ICloseSegmentResult = void;

/** 'CloseSegment' query type */
export interface ICloseSegmentQuery {
  params: ICloseSegmentParams;
  result: ICloseSegmentResult;
}

const closeSegmentIR: any = {"usedParamSet":{"at":true,"timer":true},"params":[{"name":"at","required":true,"transform":{"type":"scalar"},"locs":[{"a":53,"b":56}]},{"name":"timer","required":true,"transform":{"type":"scalar"},"locs":[{"a":76,"b":82}]}],"statement":"update timer_segment set end_at = greatest(start_at, :at!) where timer_id = :timer! and end_at is null"};

/**
 * Query generated from SQL:
 * ```
 * update timer_segment set end_at = greatest(start_at, :at!) where timer_id = :timer! and end_at is null
 * ```
 */
export const closeSegment = new PreparedQuery<ICloseSegmentParams,ICloseSegmentResult>(closeSegmentIR);


/** 'SetRunning' parameters type */
export interface ISetRunningParams {
  id: string;
  running: boolean;
}

/** 'SetRunning' return type */
export type ISetRunningResult = void;

/** 'SetRunning' query type */
export interface ISetRunningQuery {
  params: ISetRunningParams;
  result: ISetRunningResult;
}

const setRunningIR: any = {"usedParamSet":{"running":true,"id":true},"params":[{"name":"running","required":true,"transform":{"type":"scalar"},"locs":[{"a":27,"b":35}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":71,"b":74}]}],"statement":"update timer set running = :running!, version = version + 1 where id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update timer set running = :running!, version = version + 1 where id = :id!
 * ```
 */
export const setRunning = new PreparedQuery<ISetRunningParams,ISetRunningResult>(setRunningIR);


/** 'UpdateTimer' parameters type */
export interface IUpdateTimerParams {
  billable?: boolean | null | void;
  id: string;
  note: string;
  project?: string | null | void;
  service?: string | null | void;
  task?: string | null | void;
}

/** 'UpdateTimer' return type */
export type IUpdateTimerResult = void;

/** 'UpdateTimer' query type */
export interface IUpdateTimerQuery {
  params: IUpdateTimerParams;
  result: IUpdateTimerResult;
}

const updateTimerIR: any = {"usedParamSet":{"project":true,"task":true,"service":true,"billable":true,"note":true,"id":true},"params":[{"name":"project","required":false,"transform":{"type":"scalar"},"locs":[{"a":30,"b":37}]},{"name":"task","required":false,"transform":{"type":"scalar"},"locs":[{"a":50,"b":54}]},{"name":"service","required":false,"transform":{"type":"scalar"},"locs":[{"a":70,"b":77}]},{"name":"billable","required":false,"transform":{"type":"scalar"},"locs":[{"a":91,"b":99}]},{"name":"note","required":true,"transform":{"type":"scalar"},"locs":[{"a":109,"b":114}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":150,"b":153}]}],"statement":"update timer set project_id = :project, task_id = :task, service_id = :service, billable = :billable, note = :note!, version = version + 1 where id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update timer set project_id = :project, task_id = :task, service_id = :service, billable = :billable, note = :note!, version = version + 1 where id = :id!
 * ```
 */
export const updateTimer = new PreparedQuery<IUpdateTimerParams,IUpdateTimerResult>(updateTimerIR);


/** 'MoveSegmentStart' parameters type */
export interface IMoveSegmentStartParams {
  place: number;
  startAt: string;
  timer: string;
}

/** 'MoveSegmentStart' return type */
export type IMoveSegmentStartResult = void;

/** 'MoveSegmentStart' query type */
export interface IMoveSegmentStartQuery {
  params: IMoveSegmentStartParams;
  result: IMoveSegmentStartResult;
}

const moveSegmentStartIR: any = {"usedParamSet":{"startAt":true,"timer":true,"place":true},"params":[{"name":"startAt","required":true,"transform":{"type":"scalar"},"locs":[{"a":36,"b":44}]},{"name":"timer","required":true,"transform":{"type":"scalar"},"locs":[{"a":63,"b":69}]},{"name":"place","required":true,"transform":{"type":"scalar"},"locs":[{"a":83,"b":89}]}],"statement":"update timer_segment set start_at = :startAt! where timer_id = :timer! and place = :place!"};

/**
 * Query generated from SQL:
 * ```
 * update timer_segment set start_at = :startAt! where timer_id = :timer! and place = :place!
 * ```
 */
export const moveSegmentStart = new PreparedQuery<IMoveSegmentStartParams,IMoveSegmentStartResult>(moveSegmentStartIR);


/** 'DeleteTimer' parameters type */
export interface IDeleteTimerParams {
  id: string;
}

/** 'DeleteTimer' return type */
export type IDeleteTimerResult = void;

/** 'DeleteTimer' query type */
export interface IDeleteTimerQuery {
  params: IDeleteTimerParams;
  result: IDeleteTimerResult;
}

const deleteTimerIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":29,"b":32}]}],"statement":"delete from timer where id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * delete from timer where id = :id!
 * ```
 */
export const deleteTimer = new PreparedQuery<IDeleteTimerParams,IDeleteTimerResult>(deleteTimerIR);


/** 'RecordedOn' parameters type */
export interface IRecordedOnParams {
  date: string;
  person: string;
}

/** 'RecordedOn' return type */
export interface IRecordedOnResult {
  seconds: number;
}

/** 'RecordedOn' query type */
export interface IRecordedOnQuery {
  params: IRecordedOnParams;
  result: IRecordedOnResult;
}

const recordedOnIR: any = {"usedParamSet":{"person":true,"date":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":77,"b":84}]},{"name":"date","required":true,"transform":{"type":"scalar"},"locs":[{"a":102,"b":107}]}],"statement":"select coalesce(sum(quantity), 0) as \"seconds!\" from entry where person_id = :person! and work_date = :date! and kind = 'time'"};

/**
 * Query generated from SQL:
 * ```
 * select coalesce(sum(quantity), 0) as "seconds!" from entry where person_id = :person! and work_date = :date! and kind = 'time'
 * ```
 */
export const recordedOn = new PreparedQuery<IRecordedOnParams,IRecordedOnResult>(recordedOnIR);


