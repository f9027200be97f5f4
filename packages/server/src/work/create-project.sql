/* @name clientOf */
select
  c.id as "id!",
  c.name as "name!",
  c.currency as "currency!",
  c.archived as "archived!"
from
  client c
where
  c.id = :id!;

/* @name clientNamed */
select
  c.id as "id!"
from
  client c
where
  lower(c.name) = lower(:name!);

/* @name addClient */
insert into
  client (firm_id, id, name, address, country, email, currency, payment_days)
values
  (:firm!, :id!, :name!, '{}', :country!, '', :currency!, :days!);

/* @name firstDepartment */
select
  d.id as "id!"
from
  department d
order by
  d.ended,
  d.id
limit
  1;

/* @name projectNamed */
select
  p.id as "id!"
from
  project p
where
  lower(p.name) = lower(:name!)
  and p.client_id is not distinct from :client
  and is_live (p);

/* @name codesAndCount */
select
  array_agg(p.code) as "codes?",
  count(*) as "count!"
from
  project p;

/* @name firstState */
select
  s.id as "id!",
  s.name as "name!"
from
  project_state s
where
  s.records
  and s.open
order by
  s.place,
  s.id
limit
  1;

/* @name addProjectRow */
insert into
  project (
    firm_id,
    id,
    client_id,
    department_id,
    name,
    code,
    tone,
    state_id,
    records,
    open,
    manager_id,
    billable,
    estimate
  )
values
  (
    :firm!,
    :id!,
    :client,
    :department,
    :name!,
    :code!,
    :tone!,
    :state!,
    true,
    true,
    :manager!,
    :billable!,
    :estimate!
  );

/* @name addAgreement */
insert into
  agreement (
    firm_id,
    id,
    project_id,
    method,
    currency,
    rounding_increment,
    rounding_mode,
    rounding_unit,
    rounding_minimum,
    decimal_places,
    valid_from
  )
select
  f.firm_id,
  :id!,
  :project!,
  :method!,
  :currency!,
  f.rounding_increment,
  f.rounding_mode,
  f.rounding_unit,
  f.rounding_minimum,
  f.decimal_places,
  :validFrom!
from
  firm f;
