/* @name resultSums */
select
  s.project_id as "projectId!",
  case
    when :byTask!
    or s.task_id = no_id () then nullif(s.task_id, no_id ())
    else s.project_id
  end as "taskId?",
  nullif(s.currency, '') as "currency?",
  sum(s.quantity)::bigint as "seconds!",
  coalesce(
    sum(s.quantity) filter (
      where
        s.billable
    ),
    0
  )::bigint as "billable!",
  sum(s.cost_minor)::bigint as "cost!",
  sum(s.value_minor)::bigint as "value!",
  coalesce(
    sum(s.value_minor) filter (
      where
        s.billing_state = 'to bill'
        and s.stage in ('recorded', 'submitted', 'approved')
    ),
    0
  )::bigint as "unbilled!",
  coalesce(
    sum(s.value_minor) filter (
      where
        s.stage in ('billed', 'paid')
    ),
    0
  )::bigint as "billedStandard!",
  coalesce(
    sum(s.own_minor) filter (
      where
        s.stage in ('billed', 'paid')
    ),
    0
  )::bigint as "billedOwn!"
from
  work_sums_between (:reach!, :asker!, :whose, :from!, :to!) s
where
  s.kind = 'time'
  and s.project_id <> no_id ()
  and (
    :all!
    or s.project_id = any (:projects!)
  )
  and (
    :anyTask!
    or s.task_id = any (:tasks!)
  )
group by
  1,
  2,
  3
having
  sum(s.entries) > 0;

/* @name resultBilled */
select
  (grouping(s.month) = 0) as "ofSeries!",
  case
    when grouping(s.month) = 0 then s.apart_id
    else s.project_id
  end as "projectId?",
  s.task_id as "taskId?",
  s.currency as "currency!",
  s.rate_on as "issuedOn?",
  s.month as "month?",
  sum(s.amount_minor)::bigint as "amount!",
  sum(s.standard_minor)::bigint as "standard!"
from
  (
    select
      b.project_id,
      case
        when :byTask! then nullif(b.task_id, no_id ())
      end as task_id,
      b.currency,
      case
        when b.currency <> :own! then b.issued_on
      end as rate_on,
      case
        when :series! then month_start (b.issued_on)
      end as month,
      case
        when :series!
        and (
          b.project_id = any (:apart!)
          or b.currency <> :own!
        ) then b.project_id
      end as apart_id,
      b.amount_minor,
      b.standard_minor
    from
      billed_sums_between (:reach!, :asker!, :whose, :from!, :to!) b
    where
      (
        :all!
        or b.project_id = any (:projects!)
      )
      and (
        :anyTask!
        or b.task_id = any (:tasks!)
      )
  ) s
group by
  grouping sets (
    (s.project_id, s.task_id, s.currency, s.rate_on),
    (s.apart_id, s.currency, s.month, s.rate_on)
  );

/* @name resultNodes */
select
  p.id as "projectId!",
  p.name as "name!",
  p.client_id as "clientId?",
  p.department_id as "departmentId?",
  c.name as "clientName?",
  d.name as "departmentName?",
  p.estimate as "estimate!",
  p.budget_minor as "budget!",
  a.method as "method?",
  a.currency as "currency?",
  a.limit_minor as "limit?"
from
  projects_in_reach (:reach!, :asker!) p
  left join client c on c.firm_id = p.firm_id
  and c.id = p.client_id
  left join department d on d.firm_id = p.firm_id
  and d.id = p.department_id
  left join agreement a on a.firm_id = p.firm_id
  and a.project_id = p.id
  and a.valid_from <= :today!
  and (
    a.valid_to is null
    or a.valid_to >= :today!
  )
where
  (
    :all!
    or p.id = any (:projects!)
  )
order by
  p.name;
