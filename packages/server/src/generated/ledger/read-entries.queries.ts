/** Types generated for queries found in "packages/server/src/ledger/read-entries.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

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

const selectEntriesIR: any = {"usedParamSet":{"reach":true,"asker":true,"anyId":true,"ids":true,"anyPerson":true,"people":true,"from":true,"to":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":1131,"b":1137}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":1140,"b":1146}]},{"name":"anyId","required":true,"transform":{"type":"scalar"},"locs":[{"a":1727,"b":1733}]},{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":1754,"b":1758}]},{"name":"anyPerson","required":true,"transform":{"type":"scalar"},"locs":[{"a":1777,"b":1787}]},{"name":"people","required":true,"transform":{"type":"scalar"},"locs":[{"a":1815,"b":1822}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":1855,"b":1860}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":1866,"b":1869}]}],"statement":"select\n  e.id as \"id!\",\n  e.kind as \"kind!\",\n  e.person_id as \"personId!\",\n  e.work_date as \"date!\",\n  e.project_id as \"projectId?\",\n  e.task_id as \"taskId?\",\n  e.service_id as \"serviceId?\",\n  a.code as \"absenceCode?\",\n  e.quantity as \"quantity!\",\n  e.billable as \"billable!\",\n  e.note as \"note!\",\n  e.explanation as \"explanation!\",\n  e.stage as \"stage!\",\n  e.billing_state as \"billingState!\",\n  e.hold_reason as \"holdReason?\",\n  (\n    e.stage = 'approved'\n    and e.billed_quantity > 0\n  ) as \"inDraft!\",\n  e.origin as \"origin!\",\n  s.start_at as \"startAt?\",\n  s.end_at as \"endAt?\",\n  coalesce(s.break_seconds, 0) as \"breakSeconds!\",\n  coalesce(s.zone, p.zone) as \"zone!\",\n  e.problems as \"problems!\",\n  e.lag_days as \"lagDays!\",\n  e.late as \"late!\",\n  e.changed_by_other as \"changedByOther!\",\n  d.outcome as \"outcome?\",\n  d.reason as \"decisionReason?\",\n  d.at as \"decidedAt?\",\n  d.by_name as \"decidedBy?\",\n  e.billable_quantity as \"billableQuantity!\",\n  e.rate as \"rate?\",\n  e.value_minor as \"valueMinor?\",\n  e.value_currency as \"valueCurrency?\",\n  e.version as \"version!\",\n  e.cost_minor as \"costMinor?\"\nfrom\n  entries_in_reach (:reach!, :asker!) e\n  join person p on p.firm_id = e.firm_id\n  and p.id = e.person_id\n  left join entry_span s on s.firm_id = e.firm_id\n  and s.entry_id = e.id\n  left join entry_absence a on a.firm_id = e.firm_id\n  and a.entry_id = e.id\n  left join lateral (\n    select\n      x.outcome,\n      x.reason,\n      x.at,\n      dp.name as by_name\n    from\n      decision x\n      join person dp on dp.firm_id = x.firm_id\n      and dp.id = x.by_id\n    where\n      x.firm_id = e.firm_id\n      and x.entry_id = e.id\n    order by\n      x.at desc\n    limit\n      1\n  ) d on e.stage = 'recorded'\nwhere\n  (\n    :anyId!\n    or e.id = any (:ids!)\n  )\n  and (\n    :anyPerson!\n    or e.person_id = any (:people!)\n  )\n  and e.work_date between :from! and :to!\norder by\n  e.work_date,\n  s.start_at nulls last,\n  e.id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   e.id as "id!",
 *   e.kind as "kind!",
 *   e.person_id as "personId!",
 *   e.work_date as "date!",
 *   e.project_id as "projectId?",
 *   e.task_id as "taskId?",
 *   e.service_id as "serviceId?",
 *   a.code as "absenceCode?",
 *   e.quantity as "quantity!",
 *   e.billable as "billable!",
 *   e.note as "note!",
 *   e.explanation as "explanation!",
 *   e.stage as "stage!",
 *   e.billing_state as "billingState!",
 *   e.hold_reason as "holdReason?",
 *   (
 *     e.stage = 'approved'
 *     and e.billed_quantity > 0
 *   ) as "inDraft!",
 *   e.origin as "origin!",
 *   s.start_at as "startAt?",
 *   s.end_at as "endAt?",
 *   coalesce(s.break_seconds, 0) as "breakSeconds!",
 *   coalesce(s.zone, p.zone) as "zone!",
 *   e.problems as "problems!",
 *   e.lag_days as "lagDays!",
 *   e.late as "late!",
 *   e.changed_by_other as "changedByOther!",
 *   d.outcome as "outcome?",
 *   d.reason as "decisionReason?",
 *   d.at as "decidedAt?",
 *   d.by_name as "decidedBy?",
 *   e.billable_quantity as "billableQuantity!",
 *   e.rate as "rate?",
 *   e.value_minor as "valueMinor?",
 *   e.value_currency as "valueCurrency?",
 *   e.version as "version!",
 *   e.cost_minor as "costMinor?"
 * from
 *   entries_in_reach (:reach!, :asker!) e
 *   join person p on p.firm_id = e.firm_id
 *   and p.id = e.person_id
 *   left join entry_span s on s.firm_id = e.firm_id
 *   and s.entry_id = e.id
 *   left join entry_absence a on a.firm_id = e.firm_id
 *   and a.entry_id = e.id
 *   left join lateral (
 *     select
 *       x.outcome,
 *       x.reason,
 *       x.at,
 *       dp.name as by_name
 *     from
 *       decision x
 *       join person dp on dp.firm_id = x.firm_id
 *       and dp.id = x.by_id
 *     where
 *       x.firm_id = e.firm_id
 *       and x.entry_id = e.id
 *     order by
 *       x.at desc
 *     limit
 *       1
 *   ) d on e.stage = 'recorded'
 * where
 *   (
 *     :anyId!
 *     or e.id = any (:ids!)
 *   )
 *   and (
 *     :anyPerson!
 *     or e.person_id = any (:people!)
 *   )
 *   and e.work_date between :from! and :to!
 * order by
 *   e.work_date,
 *   s.start_at nulls last,
 *   e.id
 * ```
 */
export const selectEntries = new PreparedQuery<ISelectEntriesParams,ISelectEntriesResult>(selectEntriesIR);


