/* @name ledgerDays */
select
  e.id as "id!",
  e.kind as "kind!",
  e.person_id as "personId!",
  e.work_date as "workDate!",
  e.client_id as "clientId?",
  e.project_id as "projectId?",
  e.task_id as "taskId?",
  e.service_id as "serviceId?",
  e.quantity as "quantity!",
  e.billable as "billable!",
  e.billable_quantity as "billableQuantity!",
  e.billing_state as "billingState!",
  e.rate as "rate?",
  e.rate_source as "rateSource?",
  e.rate_rule_id as "rateRuleId?",
  e.rate_reason as "rateReason!",
  e.value_minor as "valueMinor?",
  e.value_currency as "valueCurrency?",
  e.cost_minor as "costMinor?",
  e.own_rate as "ownRate?",
  e.own_value_minor as "ownValueMinor?",
  e.tax_category as "taxCategory?",
  e.note as "note!",
  e.explanation as "explanation!",
  e.stage as "stage!",
  e.origin as "origin!",
  e.entered_by as "enteredBy!",
  e.entered_at as "enteredAt!",
  e.changed_by_other as "changedByOther!",
  e.late as "late!",
  e.lag_days as "lagDays!",
  e.problems as "problems!",
  e.version as "version!",
  s.start_at as "startAt?",
  s.end_at as "endAt?",
  coalesce(s.break_seconds, 0) as "breakSeconds!",
  a.code as "absenceCode?",
  a.paid as "absencePaid?"
from
  entry e
  left join entry_span s on s.firm_id = e.firm_id
  and s.entry_id = e.id
  left join entry_absence a on a.firm_id = e.firm_id
  and a.entry_id = e.id
where
  e.person_id = any (:people!)
  and e.work_date = any (:dates!);
