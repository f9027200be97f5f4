/* @name projectWithMoney */
select
  p.id as "id!"
from
  projects_with_money (:reach!, :asker!) p
where
  p.id = :project!;

/* @name agreementOn */
select
  a.id as "id!",
  a.currency as "currency!",
  a.limit_minor as "limit?",
  a.valid_from as "validFrom!",
  a.valid_to as "validTo?"
from
  agreements_on (:day!) a
where
  a.project_id = :project!;

/* @name usedOf */
select
  coalesce(sum(l.net_minor), 0)::bigint as "used!"
from
  invoice_line l
  join invoice i on i.firm_id = l.firm_id
  and i.id = l.invoice_id
where
  l.project_id = :project!
  and i.currency = :currency!
  and i.status in ('draft', 'issued');
