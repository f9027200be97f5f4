/* @name projectWithMoney */
select
  p.client_id as "clientId?"
from
  projects_with_money (:reach!, :asker!) p
where
  p.id = :project!;

/* @name agreementsOfProject */
select
  a.id as "id!",
  a.project_id as "projectId!",
  a.method as "method!",
  a.currency as "currency!",
  a.limit_minor as "limit?",
  a.rounding_increment as "increment!",
  a.rounding_mode as "mode!",
  a.rounding_unit as "unit!",
  a.rounding_minimum as "minimum!",
  a.decimal_places as "decimalPlaces?",
  a.valid_from as "validFrom!",
  a.valid_to as "validTo?",
  (
    select
      coalesce(sum(l.net_minor), 0)::bigint
    from
      invoice_line l
      join invoice i on i.firm_id = l.firm_id
      and i.id = l.invoice_id
    where
      l.firm_id = a.firm_id
      and l.project_id = a.project_id
      and i.currency = a.currency
      and i.status in ('draft', 'issued')
  ) as "used!"
from
  agreement a
where
  a.project_id = :project!
order by
  a.valid_from desc;

/* @name ratesOfProject */
select
  r.id as "id!",
  r.currency as "currency!",
  r.rate as "rate!",
  r.valid_from as "validFrom!",
  r.valid_to as "validTo?"
from
  rate_rule r
where
  r.project_id = :project!
  and num_nonnulls (r.client_id, r.task_id, r.service_id, r.position_id, r.person_id) = 0
order by
  r.valid_from desc,
  r.currency;

/* @name deferRules */
set constraints entry_firm_id_rate_rule_id_fkey deferred;

/* @name isAgreementBilled */
select
  exists (
    select
      1
    from
      invoice_line l
    where
      l.agreement_id = :id!
  ) as "billed!";

/* @name isRuleBilled */
select
  exists (
    select
      1
    from
      entry e
    where
      e.rate_rule_id = :id!
      and e.billed_quantity <> 0
  ) as "billed!";

/* @name dropAgreement */
delete from agreement
where
  id = :id!;

/* @name dropRule */
delete from rate_rule
where
  id = :id!;

/* @name endRule */
update rate_rule
set
  valid_to = :last!
where
  id = :id!;

/* @name addRule */
insert into
  rate_rule (firm_id, id, project_id, currency, rate, valid_from, valid_to, reason)
values
  (:firm!, :id!, :project!, :currency!, :rate!, :from!, :to, :reason!);

/* @name timeSince */
select
  e.id as "id!"
from
  entry e
where
  e.project_id = :project!
  and e.kind = 'time'
  and e.work_date >= :from!
order by
  e.id;
