/* @name lockAgreements */
select
  a.id as "id!",
  a.project_id as "projectId!",
  a.currency as "currency!",
  a.limit_minor as "limit?",
  a.decimal_places as "decimalPlaces?",
  a.valid_from as "validFrom!",
  a.valid_to as "validTo?"
from
  agreement a
where
  a.project_id in (
    select
      e.project_id
    from
      entry e
    where
      e.id = any (:entries!)
  )
order by
  a.id
for update;

/* @name readAgreements */
select
  a.id as "id!",
  a.project_id as "projectId!",
  a.currency as "currency!",
  a.limit_minor as "limit?",
  a.decimal_places as "decimalPlaces?",
  a.valid_from as "validFrom!",
  a.valid_to as "validTo?"
from
  agreement a
where
  a.project_id in (
    select
      e.project_id
    from
      entry e
    where
      e.id = any (:entries!)
  )
order by
  a.id;

/* @name lockEntriesById */
select
  id as "id!"
from
  entry
where
  id = any (:ids!)
order by
  id
for update;

/* @name billableEntries */
select
  e.id as "id!",
  e.work_date as "workDate!",
  e.client_id as "clientId?",
  e.project_id as "projectId!",
  p.name as "projectName!",
  p.order_reference as "orderReference!",
  e.task_id as "taskId?",
  t.name as "taskName?",
  s.name as "serviceName!",
  pe.name as "personName!",
  e.note as "note!",
  e.billable_quantity as "billableQuantity!",
  e.rate as "rate?",
  e.value_minor as "valueMinor?",
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
  entries_in_reach ('firm', :asker!) e
  join project p on p.firm_id = e.firm_id
  and p.id = e.project_id
  join service s on s.firm_id = e.firm_id
  and s.id = e.service_id
  join person pe on pe.firm_id = e.firm_id
  and pe.id = e.person_id
  left join task t on t.firm_id = e.firm_id
  and t.id = e.task_id
where
  e.id = any (:ids!)
order by
  e.work_date,
  pe.name,
  e.id;

/* @name limitUsed */
select
  l.agreement_id as "agreementId!",
  sum(l.net_minor) as "used!"
from
  invoice_line l
  join invoice i on i.firm_id = l.firm_id
  and i.id = l.invoice_id
where
  l.agreement_id = any (:agreements!)
  and i.status in ('draft', 'issued')
  and i.id is distinct from :draft
group by
  l.agreement_id;

/* @name taxRatesOn */
select
  category as "category!",
  name as "name!",
  rate as "rate!",
  reason as "reason!"
from
  tax_rate
where
  valid_from <= :on!
  and (
    valid_to is null
    or valid_to >= :on!
  );

/* @name partiesOf */
select
  f.name as "sellerName!",
  f.address as "sellerAddress!",
  f.country as "sellerCountry!",
  f.tax_id as "sellerTaxId!",
  f.email as "sellerEmail!",
  f.payment_details as "paymentDetails!",
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
where
  c.id = :client!;
