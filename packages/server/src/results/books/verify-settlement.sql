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
