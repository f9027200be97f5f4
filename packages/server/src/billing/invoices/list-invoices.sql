/* @name clientCredit */
select
  p.client_id as "clientId!",
  c.name as "clientName!",
  p.currency as "currency!",
  sum(
    p.amount_minor - coalesce(
      (
        select
          sum(a.amount_minor)
        from
          allocation a
        where
          a.firm_id = p.firm_id
          and a.payment_id = p.id
          and a.live
      ),
      0
    )
  ) as "minor!"
from
  payment p
  join client c on c.firm_id = p.firm_id
  and c.id = p.client_id
where
  p.reversed_at is null
group by
  p.client_id,
  c.name,
  p.currency
having
  sum(
    p.amount_minor - coalesce(
      (
        select
          sum(a.amount_minor)
        from
          allocation a
        where
          a.firm_id = p.firm_id
          and a.payment_id = p.id
          and a.live
      ),
      0
    )
  ) > 0
order by
  c.name;
