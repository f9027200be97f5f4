/* @name projectWithMoney */
select
  p.client_id as "clientId?"
from
  projects_with_money (:reach!, :asker!) p
where
  p.id = :project!;

/* @name usedOfProject */
select
  a.currency as "currency!",
  coalesce(u.used_minor, 0) as "used!"
from
  (
    select distinct
      firm_id,
      project_id,
      currency
    from
      agreement
    where
      project_id = :project!
  ) a
  left join lateral used_of_project (a.firm_id, a.project_id, a.currency, null) u on true;

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
