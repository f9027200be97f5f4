/* @name overLimitLine */
select
  w.line_id as "lineId!",
  w.invoice_id as "invoiceId!",
  w.project_id as "projectId!",
  w.currency as "currency!",
  w.waiting_minor as "waiting!",
  l.agreement_id as "agreementId!",
  l.category as "category!",
  p.client_id as "clientId?",
  p.name as "projectName!",
  i.number_text as "number!"
from
  over_limit_waiting () w
  join invoices_to_act_on (:reach!, :asker!) i on i.firm_id = w.firm_id
  and i.id = w.invoice_id
  join invoice_line l on l.firm_id = w.firm_id
  and l.id = w.line_id
  join project p on p.firm_id = w.firm_id
  and p.id = w.project_id
where
  w.line_id = :line!;

/* What a limit has left once the work that already waits to be billed under it has taken its part. */

/* @name roomUnder */
select
  m.project_id as "projectId!",
  m.currency as "currency!",
  (
    m.left_minor - coalesce(
      (
        select
          sum(b.ready_minor)
        from
          to_bill_rows ('infinity', :day!) b
        where
          b.project_id = m.project_id
          and b.currency = m.currency
      ),
      0
    )
  )::bigint as "room!"
from
  project_limits (:day!, null) m
where
  m.project_id = any (:projects!);

/* @name decidedOfInvoice */
select
  f.entry_id as "feeId?",
  null::uuid as "writeDownId?",
  e.billed_quantity as "billed!",
  e.quantity as "minor!",
  (
    select
      max(i.number_text)
    from
      line_share s
      join invoice_line x on x.firm_id = s.firm_id
      and x.id = s.line_id
      join invoice i on i.firm_id = x.firm_id
      and i.id = x.invoice_id
    where
      s.firm_id = f.firm_id
      and s.entry_id = f.entry_id
      and s.live
  ) as "number?"
from
  entry_fee f
  join invoice_line l on l.firm_id = f.firm_id
  and l.id = f.over_limit_line_id
  join entry e on e.firm_id = f.firm_id
  and e.id = f.entry_id
where
  l.invoice_id = :invoice!
union all
select
  null,
  w.id,
  0,
  w.amount_minor,
  null
from
  limit_write_down w
  join invoice_line l on l.firm_id = w.firm_id
  and l.id = w.over_limit_line_id
where
  l.invoice_id = :invoice!;

/* @name insertWriteDown */
insert into
  limit_write_down (firm_id, id, over_limit_line_id, amount_minor, reason, by_id, at)
values
  (:firm!, :id!, :line!, :amount!, :reason!, :by!, :now!);

/* @name deleteWriteDowns */
delete from limit_write_down
where
  id = any (:ids!);
