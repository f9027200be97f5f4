/** Types generated for queries found in "packages/server/src/time/write-entries.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

export type stringArray = (string)[];

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

const lockEntriesIR: any = {"usedParamSet":{"ids":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":173,"b":177}]}],"statement":"select\n  id as \"id!\",\n  person_id as \"personId!\",\n  work_date as \"workDate!\",\n  stage as \"stage!\",\n  version as \"version!\",\n  kind as \"kind!\"\nfrom\n  entry\nwhere\n  id = any (:ids!)\norder by\n  id\nfor update"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   id as "id!",
 *   person_id as "personId!",
 *   work_date as "workDate!",
 *   stage as "stage!",
 *   version as "version!",
 *   kind as "kind!"
 * from
 *   entry
 * where
 *   id = any (:ids!)
 * order by
 *   id
 * for update
 * ```
 */
export const lockEntries = new PreparedQuery<ILockEntriesParams,ILockEntriesResult>(lockEntriesIR);


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

const deleteEntriesIR: any = {"usedParamSet":{"ids":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":36,"b":40}]}],"statement":"delete from entry\nwhere\n  id = any (:ids!)"};

/**
 * Query generated from SQL:
 * ```
 * delete from entry
 * where
 *   id = any (:ids!)
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

const putSpansIR: any = {"usedParamSet":{"firm":true,"spans":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":93,"b":98}]},{"name":"spans","required":true,"transform":{"type":"scalar"},"locs":[{"a":199,"b":205}]}],"statement":"insert into\n  entry_span (firm_id, entry_id, start_at, end_at, break_seconds, zone)\nselect\n  :firm!,\n  s.\"entryId\",\n  s.\"startAt\",\n  s.\"endAt\",\n  s.\"breakSeconds\",\n  s.zone\nfrom\n  jsonb_to_recordset(:spans!) as s (\n    \"entryId\" uuid,\n    \"startAt\" timestamptz,\n    \"endAt\" timestamptz,\n    \"breakSeconds\" bigint,\n    zone text\n  )\non conflict (firm_id, entry_id) do update\nset\n  start_at = excluded.start_at,\n  end_at = excluded.end_at,\n  break_seconds = excluded.break_seconds,\n  zone = excluded.zone"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   entry_span (firm_id, entry_id, start_at, end_at, break_seconds, zone)
 * select
 *   :firm!,
 *   s."entryId",
 *   s."startAt",
 *   s."endAt",
 *   s."breakSeconds",
 *   s.zone
 * from
 *   jsonb_to_recordset(:spans!) as s (
 *     "entryId" uuid,
 *     "startAt" timestamptz,
 *     "endAt" timestamptz,
 *     "breakSeconds" bigint,
 *     zone text
 *   )
 * on conflict (firm_id, entry_id) do update
 * set
 *   start_at = excluded.start_at,
 *   end_at = excluded.end_at,
 *   break_seconds = excluded.break_seconds,
 *   zone = excluded.zone
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

const dropSpansIR: any = {"usedParamSet":{"ids":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":47,"b":51}]}],"statement":"delete from entry_span\nwhere\n  entry_id = any (:ids!)"};

/**
 * Query generated from SQL:
 * ```
 * delete from entry_span
 * where
 *   entry_id = any (:ids!)
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

const putAbsencesIR: any = {"usedParamSet":{"firm":true,"absences":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":69,"b":74}]},{"name":"absences","required":true,"transform":{"type":"scalar"},"locs":[{"a":137,"b":146}]}],"statement":"insert into\n  entry_absence (firm_id, entry_id, code, paid)\nselect\n  :firm!,\n  a.\"entryId\",\n  a.code,\n  a.paid\nfrom\n  jsonb_to_recordset(:absences!) as a (\"entryId\" uuid, code text, paid boolean)\non conflict do nothing"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   entry_absence (firm_id, entry_id, code, paid)
 * select
 *   :firm!,
 *   a."entryId",
 *   a.code,
 *   a.paid
 * from
 *   jsonb_to_recordset(:absences!) as a ("entryId" uuid, code text, paid boolean)
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

const insertEntriesIR: any = {"usedParamSet":{"firm":true,"currency":true,"rows":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":623,"b":628}]},{"name":"currency","required":true,"transform":{"type":"scalar"},"locs":[{"a":985,"b":994}]},{"name":"rows","required":true,"transform":{"type":"scalar"},"locs":[{"a":1246,"b":1251}]}],"statement":"insert into\n  entry (\n    firm_id,\n    id,\n    kind,\n    person_id,\n    work_date,\n    posted_on,\n    client_id,\n    project_id,\n    task_id,\n    service_id,\n    quantity,\n    payable_quantity,\n    billable,\n    billable_quantity,\n    rate,\n    rate_source,\n    rate_rule_id,\n    rate_reason,\n    value_minor,\n    value_currency,\n    own_rate,\n    own_value_minor,\n    cost_minor,\n    cost_currency,\n    tax_category,\n    note,\n    explanation,\n    billing_state,\n    origin,\n    entered_by,\n    entered_at,\n    changed_by_other,\n    late,\n    lag_days,\n    problems,\n    problem_count,\n    stage,\n    version\n  )\nselect\n  :firm!,\n  e.id,\n  e.kind,\n  e.\"personId\",\n  e.\"workDate\",\n  e.\"workDate\",\n  e.\"clientId\",\n  e.\"projectId\",\n  e.\"taskId\",\n  e.\"serviceId\",\n  e.quantity,\n  e.quantity,\n  e.billable,\n  e.\"billableQuantity\",\n  e.rate,\n  e.\"rateSource\",\n  e.\"rateRuleId\",\n  e.\"rateReason\",\n  e.\"valueMinor\",\n  e.\"valueCurrency\",\n  e.\"ownRate\",\n  e.\"ownValueMinor\",\n  e.\"costMinor\",\n  :currency!,\n  e.\"taxCategory\",\n  e.note,\n  e.explanation,\n  e.\"billingState\",\n  e.origin,\n  e.\"enteredBy\",\n  e.\"enteredAt\",\n  e.\"changedByOther\",\n  e.late,\n  e.\"lagDays\",\n  e.problems,\n  cardinality(e.problems),\n  e.stage,\n  e.version\nfrom\n  jsonb_to_recordset(:rows!) as e (\n    id uuid,\n    kind text,\n    \"personId\" uuid,\n    \"workDate\" date,\n    \"clientId\" uuid,\n    \"projectId\" uuid,\n    \"taskId\" uuid,\n    \"serviceId\" uuid,\n    quantity bigint,\n    billable boolean,\n    \"billableQuantity\" bigint,\n    rate bigint,\n    \"rateSource\" text,\n    \"rateRuleId\" uuid,\n    \"rateReason\" text,\n    \"valueMinor\" bigint,\n    \"valueCurrency\" text,\n    \"ownRate\" bigint,\n    \"ownValueMinor\" bigint,\n    \"costMinor\" bigint,\n    \"taxCategory\" text,\n    note text,\n    explanation text,\n    \"billingState\" text,\n    origin text,\n    \"enteredBy\" uuid,\n    \"enteredAt\" timestamptz,\n    \"changedByOther\" boolean,\n    late boolean,\n    \"lagDays\" int,\n    problems text[],\n    stage text,\n    version int\n  )"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   entry (
 *     firm_id,
 *     id,
 *     kind,
 *     person_id,
 *     work_date,
 *     posted_on,
 *     client_id,
 *     project_id,
 *     task_id,
 *     service_id,
 *     quantity,
 *     payable_quantity,
 *     billable,
 *     billable_quantity,
 *     rate,
 *     rate_source,
 *     rate_rule_id,
 *     rate_reason,
 *     value_minor,
 *     value_currency,
 *     own_rate,
 *     own_value_minor,
 *     cost_minor,
 *     cost_currency,
 *     tax_category,
 *     note,
 *     explanation,
 *     billing_state,
 *     origin,
 *     entered_by,
 *     entered_at,
 *     changed_by_other,
 *     late,
 *     lag_days,
 *     problems,
 *     problem_count,
 *     stage,
 *     version
 *   )
 * select
 *   :firm!,
 *   e.id,
 *   e.kind,
 *   e."personId",
 *   e."workDate",
 *   e."workDate",
 *   e."clientId",
 *   e."projectId",
 *   e."taskId",
 *   e."serviceId",
 *   e.quantity,
 *   e.quantity,
 *   e.billable,
 *   e."billableQuantity",
 *   e.rate,
 *   e."rateSource",
 *   e."rateRuleId",
 *   e."rateReason",
 *   e."valueMinor",
 *   e."valueCurrency",
 *   e."ownRate",
 *   e."ownValueMinor",
 *   e."costMinor",
 *   :currency!,
 *   e."taxCategory",
 *   e.note,
 *   e.explanation,
 *   e."billingState",
 *   e.origin,
 *   e."enteredBy",
 *   e."enteredAt",
 *   e."changedByOther",
 *   e.late,
 *   e."lagDays",
 *   e.problems,
 *   cardinality(e.problems),
 *   e.stage,
 *   e.version
 * from
 *   jsonb_to_recordset(:rows!) as e (
 *     id uuid,
 *     kind text,
 *     "personId" uuid,
 *     "workDate" date,
 *     "clientId" uuid,
 *     "projectId" uuid,
 *     "taskId" uuid,
 *     "serviceId" uuid,
 *     quantity bigint,
 *     billable boolean,
 *     "billableQuantity" bigint,
 *     rate bigint,
 *     "rateSource" text,
 *     "rateRuleId" uuid,
 *     "rateReason" text,
 *     "valueMinor" bigint,
 *     "valueCurrency" text,
 *     "ownRate" bigint,
 *     "ownValueMinor" bigint,
 *     "costMinor" bigint,
 *     "taxCategory" text,
 *     note text,
 *     explanation text,
 *     "billingState" text,
 *     origin text,
 *     "enteredBy" uuid,
 *     "enteredAt" timestamptz,
 *     "changedByOther" boolean,
 *     late boolean,
 *     "lagDays" int,
 *     problems text[],
 *     stage text,
 *     version int
 *   )
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

const updateEntriesIR: any = {"usedParamSet":{"rows":true},"params":[{"name":"rows","required":true,"transform":{"type":"scalar"},"locs":[{"a":868,"b":873}]}],"statement":"update entry t\nset\n  work_date = e.\"workDate\",\n  posted_on = e.\"workDate\",\n  client_id = e.\"clientId\",\n  project_id = e.\"projectId\",\n  task_id = e.\"taskId\",\n  service_id = e.\"serviceId\",\n  quantity = e.quantity,\n  payable_quantity = e.quantity,\n  billable = e.billable,\n  billable_quantity = e.\"billableQuantity\",\n  rate = e.rate,\n  rate_source = e.\"rateSource\",\n  rate_rule_id = e.\"rateRuleId\",\n  rate_reason = e.\"rateReason\",\n  value_minor = e.\"valueMinor\",\n  value_currency = e.\"valueCurrency\",\n  own_rate = e.\"ownRate\",\n  own_value_minor = e.\"ownValueMinor\",\n  cost_minor = e.\"costMinor\",\n  tax_category = e.\"taxCategory\",\n  note = e.note,\n  explanation = e.explanation,\n  billing_state = e.\"billingState\",\n  changed_by_other = e.\"changedByOther\",\n  problems = e.problems,\n  problem_count = cardinality(e.problems),\n  version = e.version\nfrom\n  jsonb_to_recordset(:rows!) as e (\n    id uuid,\n    \"workDate\" date,\n    \"clientId\" uuid,\n    \"projectId\" uuid,\n    \"taskId\" uuid,\n    \"serviceId\" uuid,\n    quantity bigint,\n    billable boolean,\n    \"billableQuantity\" bigint,\n    rate bigint,\n    \"rateSource\" text,\n    \"rateRuleId\" uuid,\n    \"rateReason\" text,\n    \"valueMinor\" bigint,\n    \"valueCurrency\" text,\n    \"ownRate\" bigint,\n    \"ownValueMinor\" bigint,\n    \"costMinor\" bigint,\n    \"taxCategory\" text,\n    note text,\n    explanation text,\n    \"billingState\" text,\n    \"changedByOther\" boolean,\n    problems text[],\n    version int\n  )\nwhere\n  t.id = e.id"};

/**
 * Query generated from SQL:
 * ```
 * update entry t
 * set
 *   work_date = e."workDate",
 *   posted_on = e."workDate",
 *   client_id = e."clientId",
 *   project_id = e."projectId",
 *   task_id = e."taskId",
 *   service_id = e."serviceId",
 *   quantity = e.quantity,
 *   payable_quantity = e.quantity,
 *   billable = e.billable,
 *   billable_quantity = e."billableQuantity",
 *   rate = e.rate,
 *   rate_source = e."rateSource",
 *   rate_rule_id = e."rateRuleId",
 *   rate_reason = e."rateReason",
 *   value_minor = e."valueMinor",
 *   value_currency = e."valueCurrency",
 *   own_rate = e."ownRate",
 *   own_value_minor = e."ownValueMinor",
 *   cost_minor = e."costMinor",
 *   tax_category = e."taxCategory",
 *   note = e.note,
 *   explanation = e.explanation,
 *   billing_state = e."billingState",
 *   changed_by_other = e."changedByOther",
 *   problems = e.problems,
 *   problem_count = cardinality(e.problems),
 *   version = e.version
 * from
 *   jsonb_to_recordset(:rows!) as e (
 *     id uuid,
 *     "workDate" date,
 *     "clientId" uuid,
 *     "projectId" uuid,
 *     "taskId" uuid,
 *     "serviceId" uuid,
 *     quantity bigint,
 *     billable boolean,
 *     "billableQuantity" bigint,
 *     rate bigint,
 *     "rateSource" text,
 *     "rateRuleId" uuid,
 *     "rateReason" text,
 *     "valueMinor" bigint,
 *     "valueCurrency" text,
 *     "ownRate" bigint,
 *     "ownValueMinor" bigint,
 *     "costMinor" bigint,
 *     "taxCategory" text,
 *     note text,
 *     explanation text,
 *     "billingState" text,
 *     "changedByOther" boolean,
 *     problems text[],
 *     version int
 *   )
 * where
 *   t.id = e.id
 * ```
 */
export const updateEntries = new PreparedQuery<IUpdateEntriesParams,IUpdateEntriesResult>(updateEntriesIR);


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

const submittedSheetsIR: any = {"usedParamSet":{"people":true,"latest":true,"earliest":true},"params":[{"name":"people","required":true,"transform":{"type":"scalar"},"locs":[{"a":134,"b":141}]},{"name":"latest","required":true,"transform":{"type":"scalar"},"locs":[{"a":195,"b":202}]},{"name":"earliest","required":true,"transform":{"type":"scalar"},"locs":[{"a":225,"b":234}]}],"statement":"select\n  t.person_id as \"personId!\",\n  t.period_from as \"from!\",\n  t.period_to as \"to!\"\nfrom\n  timesheet t\nwhere\n  t.person_id = any (:people!)\n  and t.state = 'submitted'\n  and t.period_from <= :latest!\n  and t.period_to >= :earliest!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   t.person_id as "personId!",
 *   t.period_from as "from!",
 *   t.period_to as "to!"
 * from
 *   timesheet t
 * where
 *   t.person_id = any (:people!)
 *   and t.state = 'submitted'
 *   and t.period_from <= :latest!
 *   and t.period_to >= :earliest!
 * ```
 */
export const submittedSheets = new PreparedQuery<ISubmittedSheetsParams,ISubmittedSheetsResult>(submittedSheetsIR);


