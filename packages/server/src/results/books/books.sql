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
  l.project_id as "projectId!"
from
  invoice_line l
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
