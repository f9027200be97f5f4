/* @name takeNumber */
update invoice_series
set
  next_number = next_number + 1
where
  series = :series!
returning
  prefix as "prefix!",
  next_number - 1 as "number!";

/* @name insertInvoice */
insert into
  invoice (
    firm_id,
    id,
    kind,
    status,
    series,
    client_id,
    currency,
    up_to,
    grouping,
    supply_from,
    supply_to,
    net_minor,
    tax_minor,
    gross_minor,
    credits_id,
    reason,
    wish,
    created_by,
    created_at
  )
values
  (
    :firm!,
    :id!,
    :kind!,
    'draft',
    :series!,
    :client!,
    :currency!,
    :upTo,
    :grouping,
    :supplyFrom!,
    :supplyTo!,
    :net!,
    :tax!,
    :gross!,
    :credits,
    :reason!,
    :wish,
    :by!,
    :now!
  );

/* @name insertLines */
insert into
  invoice_line (
    firm_id,
    id,
    invoice_id,
    place,
    key,
    kind,
    project_id,
    agreement_id,
    text,
    text_edited,
    quantity,
    rate,
    decimal_places,
    category,
    tax_rate,
    net_minor,
    reason
  )
select
  :firm!,
  l.id,
  :invoice!,
  l.place,
  l.key,
  l.kind,
  l."projectId",
  l."agreementId",
  l.text,
  l."textEdited",
  l.quantity,
  l.rate,
  l."decimalPlaces",
  l.category,
  l."taxRate",
  l.net,
  l.reason
from
  jsonb_to_recordset(:lines!) as l (
    id uuid,
    place int,
    key text,
    kind text,
    "projectId" uuid,
    "agreementId" uuid,
    text text,
    "textEdited" boolean,
    quantity bigint,
    rate bigint,
    "decimalPlaces" int,
    category text,
    "taxRate" bigint,
    net bigint,
    reason text
  );

/* @name insertShares */
insert into
  line_share (
    firm_id,
    line_id,
    entry_id,
    quantity,
    amount_minor,
    person_id,
    project_id,
    task_id,
    work_date,
    standard_minor
  )
select
  :firm!,
  s."lineId",
  s."entryId",
  s.quantity,
  s.amount,
  coalesce(e.person_id, nobody ()),
  e.project_id,
  e.task_id,
  e.work_date,
  case
    when l.kind = 'time' then standard_value (e.kind, coalesce(e.value_minor, 0)) * sign(s.quantity)::bigint
    else 0
  end
from
  jsonb_to_recordset(:shares!) as s ("lineId" uuid, "entryId" uuid, quantity bigint, amount bigint)
  join invoice_line l on l.id = s."lineId"
  join entry e on e.id = s."entryId"
order by
  s."entryId";

/* @name insertTaxes */
insert into
  invoice_tax (firm_id, invoice_id, category, rate, base_minor, tax_minor, reason)
select
  :firm!,
  :invoice!,
  t.category,
  t.rate,
  t.base,
  t.tax,
  t.reason
from
  jsonb_to_recordset(:taxes!) as t (category text, rate bigint, base bigint, tax bigint, reason text);

/* @name deleteLines */
delete from invoice_line
where
  invoice_id = :invoice!;

/* @name deleteTaxes */
delete from invoice_tax
where
  invoice_id = :invoice!;

/* @name lockInvoice */
select
  id as "id!",
  kind as "kind!",
  status as "status!",
  client_id as "clientId!",
  currency as "currency!",
  net_minor as "net!",
  tax_minor as "tax!",
  gross_minor as "gross!",
  settled_minor as "settled!",
  credited_minor as "credited!",
  supply_from as "supplyFrom!",
  supply_to as "supplyTo!",
  sent_at as "sentAt?",
  snapshot as "snapshot?",
  wish as "wish?",
  number_text as "number?",
  due_on as "dueOn?",
  version as "version!"
from
  invoice
where
  id = :id!
  and id in (
    select
      r.id
    from
      invoices_to_act_on (:reach!, :asker!) r
    where
      r.id = :id!
  )
for update;

/* @name seeInvoice */
select
  i.id as "id!",
  i.status as "status!",
  i.wish as "wish?",
  i.version as "version!"
from
  invoices_to_act_on (:reach!, :asker!) i
where
  i.id = :id!;

/* @name freezeInvoice */
update invoice
set
  status = 'issued',
  number = :number!,
  number_text = :numberText!,
  issued_on = :issuedOn!,
  due_on = :dueOn!,
  snapshot = :snapshot!,
  issued_by = :by!,
  issued_at = :now!,
  version = version + 1
where
  id = :id!;

/* @name moveInvoiceEntries */
update entry e
set
  stage = :to!,
  version = e.version + 1
where
  e.stage = :from!
  -- As an array: found by key, whatever the planner believes of a table that has just been filled.
  and e.id = any (
    array(
      select
        s.entry_id
      from
        line_share s
        join invoice_line l on l.firm_id = s.firm_id
        and l.id = s.line_id
      where
        l.invoice_id = :invoice!
    )
  )
  and (
    :to! <> 'billed'
    or :from! <> 'approved'
    or e.billed_quantity = e.billable_quantity
  )
returning
  e.id as "id!";

/* @name linesOf */
select
  id as "id!",
  place as "place!",
  key as "key!",
  kind as "kind!",
  project_id as "projectId!",
  agreement_id as "agreementId!",
  text as "text!",
  text_edited as "textEdited!",
  quantity as "quantity!",
  rate as "rate!",
  decimal_places as "decimalPlaces?",
  category as "category!",
  tax_rate as "taxRate!",
  net_minor as "net!",
  reason as "reason!"
from
  invoice_line
where
  invoice_id = :invoice!
order by
  place;

/* @name sharesOf */
select
  s.line_id as "lineId!",
  s.entry_id as "entryId!",
  s.quantity as "quantity!",
  s.amount_minor as "amount!"
from
  line_share s
  join invoice_line l on l.firm_id = s.firm_id
  and l.id = s.line_id
where
  l.invoice_id = :invoice!
order by
  s.line_id,
  s.entry_id;

/* @name taxesOf */
select
  category as "category!",
  rate as "rate!",
  base_minor as "base!",
  tax_minor as "tax!",
  reason as "reason!"
from
  invoice_tax
where
  invoice_id = :invoice!
order by
  rate desc,
  category;

/* @name invoiceSnapshot */
select
  snapshot as "snapshot?",
  wish as "wish?",
  status as "status!",
  client_id as "clientId!"
from
  invoice
where
  id = :id!;

/* @name invoiceInReach */
select
  i.id as "id!"
from
  invoices_in_reach (:reach!, :asker!) i
where
  i.id = :id!;

/* @name workOfInvoice */
select
  w.entry_id as "entryId!",
  w.project_id as "projectId!",
  e.person_id as "personId?",
  e.work_date as "date!",
  exists (
    select
    from
      agreement a
    where
      a.firm_id = e.firm_id
      and a.project_id = e.project_id
      and a.rounding_unit = 'day'
      and holds_on (a.valid_from, a.valid_to, e.work_date)
  ) as "byDay!"
from
  (
    select
      s.firm_id,
      s.entry_id,
      l.project_id
    from
      invoice_line l
      join line_share s on s.firm_id = l.firm_id
      and s.line_id = l.id
    where
      l.invoice_id = :invoice!
    union
    select
      f.firm_id,
      f.entry_id,
      l.project_id
    from
      invoice_line l
      join entry_fee f on f.firm_id = l.firm_id
      and f.over_limit_line_id = l.id
    where
      l.invoice_id = :invoice!
  ) w
  join entry e on e.firm_id = w.firm_id
  and e.id = w.entry_id;
