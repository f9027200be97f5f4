/* @name lockToPrice */
select
  e.id as "id!",
  e.person_id as "personId!",
  e.work_date as "workDate!",
  e.project_id as "projectId?",
  e.task_id as "taskId?",
  e.service_id as "serviceId?",
  e.quantity as "quantity!",
  e.billable as "billable!",
  e.rate as "rate?",
  e.rate_source as "rateSource?",
  e.rate_reason as "rateReason!",
  e.value_minor as "valueMinor?",
  e.billed_quantity as "billedQuantity!",
  e.billable_quantity as "billableQuantity!",
  e.stage as "stage!",
  e.problems as "problems!",
  e.version as "version!"
from
  entries_in_reach (:reach!, :asker!) r
  join entry e on e.firm_id = r.firm_id
  and e.id = r.id
where
  r.id = :id!
for update of
  e;

/* @name setTypedRate */
update entry
set
  rate = :rate,
  rate_source = :source,
  rate_rule_id = :rule,
  rate_reason = :reason!,
  value_minor = :value,
  own_rate = :ownRate,
  own_value_minor = :ownValue,
  problems = :problems!,
  problem_count = cardinality(:problems!::text[]),
  version = version + 1
where
  id = :id!;
