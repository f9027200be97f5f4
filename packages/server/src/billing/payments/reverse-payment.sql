/* @name invoicesOfPayment */
select distinct
  a.invoice_id as "invoiceId!"
from
  allocation a
where
  a.payment_id = :payment!;

/* @name lockPayment */
select
  p.id as "id!",
  p.amount_minor as "amount!",
  p.reversed_at as "reversedAt?",
  p.currency as "currency!"
from
  payment p
where
  p.id = :id!
for update;

/* @name reversePaymentRow */
update payment
set
  reversed_at = :now!,
  reversal_reason = :reason!
where
  id = :id!;
