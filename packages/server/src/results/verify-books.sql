/* @name bookEntries */
select
  e.id as "id!",
  e.kind as "kind!",
  e.person_id as "personId!",
  e.work_date as "workDate!",
  e.project_id as "projectId?",
  e.task_id as "taskId?",
  e.service_id as "serviceId?",
  e.client_id as "clientId?",
  e.quantity as "quantity!",
  e.payable_quantity as "payable!",
  e.billable as "billable!",
  e.billable_quantity as "billableQuantity!",
  e.billed_quantity as "billedQuantity!",
  e.billing_state as "billingState!",
  e.rate as "rate?",
  e.rate_source as "rateSource?",
  e.value_minor as "value?",
  e.value_currency as "valueCurrency?",
  e.own_rate as "ownRate?",
  e.own_value_minor as "ownValue?",
  e.cost_minor as "cost?",
  e.stage as "stage!",
  e.hold_reason as "holdReason?"
from
  entry e
order by
  e.id;

/* @name bookInvoices */
select
  id as "id!",
  kind as "kind!",
  status as "status!",
  series as "series!",
  number as "number?",
  number_text as "numberText?",
  currency as "currency!",
  issued_on as "issuedOn?",
  due_on as "dueOn?",
  net_minor as "net!",
  tax_minor as "tax!",
  gross_minor as "gross!",
  settled_minor as "settled!",
  credited_minor as "credited!",
  snapshot as "snapshot?"
from
  invoice
order by
  id;

/* @name bookLines */
select
  l.id as "id!",
  l.invoice_id as "invoiceId!",
  l.agreement_id as "agreementId!",
  l.kind as "kind!",
  l.quantity as "quantity!",
  l.rate as "rate!",
  l.decimal_places as "decimalPlaces?",
  l.category as "category!",
  l.tax_rate as "taxRate!",
  l.net_minor as "net!",
  a.limit_minor as "limit?"
from
  invoice_line l
  join agreement a on a.firm_id = l.firm_id
  and a.id = l.agreement_id
order by
  l.invoice_id,
  l.place;

/* @name bookShares */
select
  s.line_id as "lineId!",
  s.entry_id as "entryId!",
  s.quantity as "quantity!",
  s.amount_minor as "amount!",
  s.live as "live!",
  s.person_id as "personId!",
  s.project_id as "projectId!",
  s.task_id as "taskId?",
  s.work_date as "workDate!",
  s.standard_minor as "standard!"
from
  line_share s
order by
  s.line_id,
  s.entry_id;

/* @name bookTaxes */
select
  invoice_id as "invoiceId!",
  category as "category!",
  rate as "rate!",
  base_minor as "base!",
  tax_minor as "tax!"
from
  invoice_tax
order by
  invoice_id;

/* @name bookAllocations */
select
  a.invoice_id as "invoiceId!",
  a.payment_id as "paymentId?",
  a.kind as "kind!",
  a.amount_minor as "amount!",
  a.live as "live!",
  p.amount_minor as "paid?",
  p.reversed_at as "reversedAt?"
from
  allocation a
  left join payment p on p.firm_id = a.firm_id
  and p.id = a.payment_id;

/* @name bookSeries */
select
  series as "series!",
  next_number as "next!"
from
  invoice_series;

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
  sum(cost_minor)::bigint as "cost!"
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
