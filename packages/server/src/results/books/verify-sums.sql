/* @name bookWorkSums */
select
  person_id as "personId!",
  kind as "kind!",
  project_id as "projectId!",
  task_id as "taskId!",
  month as "month!",
  stage as "stage!",
  billing_state as "billingState!",
  billable as "billable!",
  currency as "currency!",
  sum(entries)::bigint as "entries!",
  sum(quantity)::bigint as "quantity!",
  sum(value_minor)::bigint as "value!",
  sum(own_minor)::bigint as "own!",
  sum(cost_minor)::bigint as "cost!",
  sum(standard_cost_minor)::bigint as "standardCost!",
  sum(uncosted_seconds)::bigint as "uncosted!"
from
  work_sum
group by
  1,
  2,
  3,
  4,
  5,
  6,
  7,
  8,
  9;

/* @name bookBilledSums */
select
  invoice_id as "invoiceId!",
  person_id as "personId!",
  project_id as "projectId!",
  task_id as "taskId!",
  month as "month!",
  currency as "currency!",
  issued_on as "issuedOn!",
  amount_minor as "amount!",
  standard_minor as "standard!"
from
  billed_sum;
