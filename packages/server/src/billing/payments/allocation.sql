/* @name insertAllocation */
insert into
  allocation (firm_id, id, invoice_id, kind, payment_id, credit_id, amount_minor, at)
values
  (:firm!, :id!, :invoice!, :kind!, :payment, :credit, :amount!, :now!);

/* @name liveAllocations */
select
  a.id as "id!",
  a.invoice_id as "invoiceId!",
  a.amount_minor as "amount!",
  a.kind as "kind!"
from
  allocation a
where
  a.live
  and (
    a.payment_id = :payment
    or a.invoice_id = :invoice
  )
order by
  a.invoice_id,
  a.id;

/* @name endAllocations */
update allocation
set
  live = false
where
  id = any (:ids!);
