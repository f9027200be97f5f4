/* @name agreementsOfProjects */
select
  a.id as "id!",
  a.project_id as "projectId!",
  a.currency as "currency!",
  a.decimal_places as "decimalPlaces?",
  a.valid_from as "validFrom!",
  a.valid_to as "validTo?"
from
  agreement a
where
  a.project_id = any (:projects!)
order by
  a.valid_from;

/* @name projectsOfEntries */
select distinct
  e.project_id as "projectId!"
from
  entry e
where
  e.id = any (:ids!)
  and e.project_id is not null;

/* @name billableEntries */
select
  e.id as "id!",
  e.kind as "kind!",
  e.work_date as "workDate!",
  e.client_id as "clientId?",
  e.project_id as "projectId!",
  p.name as "projectName!",
  p.order_reference as "orderReference!",
  e.task_id as "taskId?",
  t.name as "taskName?",
  coalesce(s.name, '') as "serviceName!",
  coalesce(pe.name, '') as "personName!",
  e.note as "note!",
  e.billable_quantity as "billableQuantity!",
  e.rate as "rate?",
  e.value_minor as "valueMinor?",
  e.value_currency as "valueCurrency?",
  e.tax_category as "taxCategory?",
  e.stage as "stage!",
  e.billing_state as "billingState!",
  e.hold_reason as "holdReason?",
  e.billed_quantity - coalesce(
    (
      select
        sum(x.quantity)
      from
        line_share x
        join invoice_line l on l.firm_id = x.firm_id
        and l.id = x.line_id
      where
        x.firm_id = e.firm_id
        and x.entry_id = e.id
        and x.live
        and l.invoice_id = :draft
    ),
    0
  ) as "takenByOthers!"
from
  entries_in_reach (:reach!, :asker!) e
  join project p on p.firm_id = e.firm_id
  and p.id = e.project_id
  left join service s on s.firm_id = e.firm_id
  and s.id = e.service_id
  left join person pe on pe.firm_id = e.firm_id
  and pe.id = e.person_id
  left join task t on t.firm_id = e.firm_id
  and t.id = e.task_id
where
  e.id = any (:ids!)
order by
  e.work_date,
  pe.name,
  e.id;

/* @name limitsOfProjects */
select
  m.project_id as "projectId!",
  m.agreement_id as "agreementId!",
  m.limit_minor as "limit!",
  m.used_minor as "used!",
  m.left_minor as "left!"
from
  project_limits (:day!, :draft) m
where
  m.project_id = any (:projects!)
  and m.currency = :currency!;

/* @name taxRatesOn */
select
  category as "category!",
  name as "name!",
  rate as "rate!",
  reason as "reason!"
from
  tax_rate
where
  holds_on (valid_from, valid_to, :on!);

/* @name partiesOf */
select
  f.name as "sellerName!",
  f.address as "sellerAddress!",
  f.country as "sellerCountry!",
  f.tax_id as "sellerTaxId!",
  f.email as "sellerEmail!",
  f.payment_details as "paymentDetails!",
  f.opening as "opening!",
  f.closing as "closing!",
  l.id as "logoId?",
  l.width as "logoWidth?",
  l.height as "logoHeight?",
  c.name as "buyerName!",
  c.address as "buyerAddress!",
  c.country as "buyerCountry!",
  c.tax_id as "buyerTaxId?",
  c.email as "buyerEmail!",
  c.currency as "currency!",
  c.payment_days as "paymentDays!"
from
  client c
  join firm f on f.firm_id = c.firm_id
  left join logo l on l.firm_id = f.firm_id
  and l.id = f.logo_id
where
  c.id = :client!;
