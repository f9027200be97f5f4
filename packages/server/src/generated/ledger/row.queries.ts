/** Types generated for queries found in "packages/server/src/ledger/row.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

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

const ledgerDaysIR: any = {"usedParamSet":{"people":true,"dates":true},"params":[{"name":"people","required":true,"transform":{"type":"scalar"},"locs":[{"a":1369,"b":1376}]},{"name":"dates","required":true,"transform":{"type":"scalar"},"locs":[{"a":1404,"b":1410}]}],"statement":"select\n  e.id as \"id!\",\n  e.kind as \"kind!\",\n  e.person_id as \"personId!\",\n  e.work_date as \"workDate!\",\n  e.client_id as \"clientId?\",\n  e.project_id as \"projectId?\",\n  e.task_id as \"taskId?\",\n  e.service_id as \"serviceId?\",\n  e.quantity as \"quantity!\",\n  e.billable as \"billable!\",\n  e.billable_quantity as \"billableQuantity!\",\n  e.billing_state as \"billingState!\",\n  e.rate as \"rate?\",\n  e.rate_source as \"rateSource?\",\n  e.rate_rule_id as \"rateRuleId?\",\n  e.rate_reason as \"rateReason!\",\n  e.value_minor as \"valueMinor?\",\n  e.value_currency as \"valueCurrency?\",\n  e.cost_minor as \"costMinor?\",\n  e.own_rate as \"ownRate?\",\n  e.own_value_minor as \"ownValueMinor?\",\n  e.tax_category as \"taxCategory?\",\n  e.note as \"note!\",\n  e.explanation as \"explanation!\",\n  e.stage as \"stage!\",\n  e.origin as \"origin!\",\n  e.entered_by as \"enteredBy!\",\n  e.entered_at as \"enteredAt!\",\n  e.changed_by_other as \"changedByOther!\",\n  e.late as \"late!\",\n  e.lag_days as \"lagDays!\",\n  e.problems as \"problems!\",\n  e.version as \"version!\",\n  s.start_at as \"startAt?\",\n  s.end_at as \"endAt?\",\n  coalesce(s.break_seconds, 0) as \"breakSeconds!\",\n  a.code as \"absenceCode?\",\n  a.paid as \"absencePaid?\"\nfrom\n  entry e\n  left join entry_span s on s.firm_id = e.firm_id\n  and s.entry_id = e.id\n  left join entry_absence a on a.firm_id = e.firm_id\n  and a.entry_id = e.id\nwhere\n  e.person_id = any (:people!)\n  and e.work_date = any (:dates!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   e.id as "id!",
 *   e.kind as "kind!",
 *   e.person_id as "personId!",
 *   e.work_date as "workDate!",
 *   e.client_id as "clientId?",
 *   e.project_id as "projectId?",
 *   e.task_id as "taskId?",
 *   e.service_id as "serviceId?",
 *   e.quantity as "quantity!",
 *   e.billable as "billable!",
 *   e.billable_quantity as "billableQuantity!",
 *   e.billing_state as "billingState!",
 *   e.rate as "rate?",
 *   e.rate_source as "rateSource?",
 *   e.rate_rule_id as "rateRuleId?",
 *   e.rate_reason as "rateReason!",
 *   e.value_minor as "valueMinor?",
 *   e.value_currency as "valueCurrency?",
 *   e.cost_minor as "costMinor?",
 *   e.own_rate as "ownRate?",
 *   e.own_value_minor as "ownValueMinor?",
 *   e.tax_category as "taxCategory?",
 *   e.note as "note!",
 *   e.explanation as "explanation!",
 *   e.stage as "stage!",
 *   e.origin as "origin!",
 *   e.entered_by as "enteredBy!",
 *   e.entered_at as "enteredAt!",
 *   e.changed_by_other as "changedByOther!",
 *   e.late as "late!",
 *   e.lag_days as "lagDays!",
 *   e.problems as "problems!",
 *   e.version as "version!",
 *   s.start_at as "startAt?",
 *   s.end_at as "endAt?",
 *   coalesce(s.break_seconds, 0) as "breakSeconds!",
 *   a.code as "absenceCode?",
 *   a.paid as "absencePaid?"
 * from
 *   entry e
 *   left join entry_span s on s.firm_id = e.firm_id
 *   and s.entry_id = e.id
 *   left join entry_absence a on a.firm_id = e.firm_id
 *   and a.entry_id = e.id
 * where
 *   e.person_id = any (:people!)
 *   and e.work_date = any (:dates!)
 * ```
 */
export const ledgerDays = new PreparedQuery<ILedgerDaysParams,ILedgerDaysResult>(ledgerDaysIR);


