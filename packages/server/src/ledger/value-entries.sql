/* @name workFacts */
select
  'project' as "what!",
  p.id as "id!",
  p.client_id as "clientId?",
  takes_time (p) as "open!",
  p.billable as "billable!",
  '' as "kind!",
  c.tax_category as "taxCategory?",
  p.restricted as "restricted!",
  case
    when p.restricted then array(
      select
        named_by (p)
    )
    else '{}'
  end as "people!"
from
  project p
  left join client c on c.firm_id = p.firm_id
  and c.id = p.client_id
where
  p.id = any (:projects!)
union all
select
  'service',
  s.id,
  null,
  true,
  s.billable,
  s.kind,
  s.tax_category,
  false,
  '{}'
from
  service s;

/* @name agreementsOf */
select
  id as "id!",
  project_id as "projectId!",
  method as "method!",
  currency as "currency!",
  limit_minor as "limitMinor?",
  rounding_increment as "increment!",
  rounding_mode as "mode!",
  rounding_unit as "unit!",
  rounding_minimum as "minimum!",
  decimal_places as "decimalPlaces?",
  valid_from as "validFrom!",
  valid_to as "validTo?"
from
  agreement
where
  project_id = any (:projects!);

/* @name taskPaths */
with recursive
  up as (
    select
      t.firm_id,
      t.id as task,
      t.id,
      t.parent_id,
      0 as depth
    from
      task t
    where
      t.id = any (:tasks!)
    union all
    select
      p.firm_id,
      up.task,
      p.id,
      p.parent_id,
      up.depth + 1
    from
      task p
      join up on p.firm_id = up.firm_id
      and p.id = up.parent_id
  )
select
  task as "id!",
  array_agg(
    id
    order by
      depth
  ) as "path!"
from
  up
group by
  task;

/* @name labourRatesOf */
select
  'pay' as "what!",
  r.person_id as "personId!",
  null::uuid as "positionId?",
  r.rate as "value?",
  r.valid_from as "validFrom!",
  r.valid_to as "validTo?"
from
  pay_rate r
where
  r.person_id = any (:people!)
union all
select
  o.kind,
  o.person_id,
  null,
  o.value,
  o.valid_from,
  o.valid_to
from
  overhead o
where
  o.person_id = any (:people!)
union all
select
  'position',
  p.person_id,
  p.position_id,
  null,
  p.valid_from,
  p.valid_to
from
  person_position p
where
  p.person_id = any (:people!)
union all
select
  'standard',
  p.person_id,
  p.position_id,
  s.rate,
  greatest(p.valid_from, s.valid_from),
  least(p.valid_to, s.valid_to)
from
  person_position p
  join standard_cost_rate s on s.firm_id = p.firm_id
  and s.position_id = p.position_id
where
  p.person_id = any (:people!);

/* @name rateRulesFor */
select
  r.id as "id!",
  r.client_id as "clientId?",
  r.project_id as "projectId?",
  r.task_id as "taskId?",
  r.service_id as "serviceId?",
  r.position_id as "positionId?",
  r.person_id as "personId?",
  r.currency as "currency!",
  r.rate as "rate!",
  r.valid_from as "validFrom!",
  r.valid_to as "validTo?"
from
  rate_rule r
where
  (
    r.project_id is null
    or r.project_id = any (:projects!)
  )
  and (
    r.client_id is null
    or r.client_id in (
      select
        p.client_id
      from
        project p
      where
        p.id = any (:projects!)
    )
  )
  and (
    r.task_id is null
    or r.task_id in (
      select
        t.id
      from
        task t
      where
        t.project_id = any (:projects!)
    )
  )
  and (
    r.person_id is null
    or r.person_id = any (:people!)
  );
