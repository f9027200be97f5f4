/* @name allocationsOf */
select
  a.id as "id!",
  a.payment_id as "paymentId?",
  a.kind as "kind!",
  a.amount_minor as "minor!",
  a.live as "live!",
  coalesce(p.received_on, n.issued_on) as "receivedOn!",
  coalesce(p.reference, '') as "reference!",
  coalesce(pe.name, '') as "by!",
  n.number_text as "creditNumber?"
from
  allocation a
  left join payment p on p.firm_id = a.firm_id
  and p.id = a.payment_id
  left join person pe on pe.firm_id = p.firm_id
  and pe.id = p.recorded_by
  left join invoice n on n.firm_id = a.firm_id
  and n.id = a.credit_id
where
  a.invoice_id = :invoice!
order by
  a.at;

/* @name roundedLines */
select
  l.key as "key!",
  l.rate as "rate!",
  l.decimal_places as "places?",
  array_agg(s.quantity) as "quantities!"
from
  invoice_line l
  join line_share s on s.firm_id = l.firm_id
  and s.line_id = l.id
where
  l.invoice_id = :invoice!
group by
  l.id,
  l.key,
  l.rate,
  l.decimal_places,
  l.place
order by
  l.place;
