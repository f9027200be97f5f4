/* @name resultSums */
select
  s.project_id as "projectId!",
  case
    when :byTask!
    or s.task_id = no_id () then nullif(s.task_id, no_id ())
    else s.project_id
  end as "taskId?",
  nullif(s.currency, '') as "currency?",
  coalesce(
    sum(s.quantity) filter (
      where
        s.kind = 'time'
    ),
    0
  )::bigint as "seconds!",
  coalesce(
    sum(s.quantity) filter (
      where
        s.kind = 'time'
        and s.billable
    ),
    0
  )::bigint as "billable!",
  sum(s.cost_minor)::bigint as "cost!",
  sum(s.standard_cost_minor)::bigint as "standardCost!",
  sum(s.uncosted_seconds)::bigint as "uncosted!",
  sum(standard_value (s.kind, s.value_minor))::bigint as "value!",
  coalesce(
    sum(s.value_minor) filter (
      where
        is_unbilled (s.stage, s.billing_state)
    ),
    0
  )::bigint as "unbilled!",
  coalesce(
    sum(standard_value (s.kind, s.value_minor)) filter (
      where
        is_settled (s.stage, s.billing_state)
    ),
    0
  )::bigint as "billedStandard!",
  coalesce(
    sum(s.own_minor) filter (
      where
        is_settled (s.stage, s.billing_state)
    ),
    0
  )::bigint as "billedOwn!"
from
  work_sums_between (:reach!, :asker!, :whose, :from!, :to!) s
where
  s.kind in ('time', 'fee')
  and s.project_id <> no_id ()
  and in_scope (s.project_id, s.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)
group by
  1,
  2,
  3
having
  sum(s.entries) > 0;

/* @name resultMonths */
select
  (grouping(s.month) = 0) as "ofSeries!",
  case
    when grouping(s.month) = 0 then s.apart_id
    else s.project_id
  end as "projectId?",
  s.place_id as "taskId?",
  nullif(s.currency, '') as "currency?",
  s.month as "on?",
  coalesce(
    sum(s.quantity) filter (
      where
        s.kind = 'time'
    ),
    0
  )::bigint as "seconds!",
  coalesce(
    sum(s.quantity) filter (
      where
        s.kind = 'time'
        and s.billable
    ),
    0
  )::bigint as "billable!",
  sum(s.cost_minor)::bigint as "cost!",
  sum(s.standard_cost_minor)::bigint as "standardCost!",
  sum(s.uncosted_seconds)::bigint as "uncosted!",
  sum(standard_value (s.kind, s.value_minor))::bigint as "value!",
  coalesce(
    sum(s.value_minor) filter (
      where
        is_unbilled (s.stage, s.billing_state)
    ),
    0
  )::bigint as "unbilled!",
  coalesce(
    sum(standard_value (s.kind, s.value_minor)) filter (
      where
        is_settled (s.stage, s.billing_state)
    ),
    0
  )::bigint as "billedStandard!",
  coalesce(
    sum(s.own_minor) filter (
      where
        is_settled (s.stage, s.billing_state)
    ),
    0
  )::bigint as "billedOwn!",
  coalesce(
    sum(s.value_minor) filter (
      where
        is_earned (s.kind, s.stage, s.billing_state)
    ),
    0
  )::bigint as "earned!"
from
  (
    select
      w.*,
      case
        when :byTask!
        or w.task_id = no_id () then nullif(w.task_id, no_id ())
        else w.project_id
      end as place_id,
      case
        when w.project_id = any (:apart!)
        or w.currency <> :own! then w.project_id
      end as apart_id
    from
      work_months_between (:reach!, :asker!, :whose, :from!, :to!) w
    where
      w.kind in ('time', 'fee')
      and w.project_id <> no_id ()
      and in_scope (w.project_id, w.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)
  ) s
group by
  grouping sets ((s.project_id, s.place_id, s.currency), (s.apart_id, s.month, s.currency))
having
  sum(s.entries) > 0;

/* @name seriesRecorded */
select
  case
    when s.project_id = any (:apart!)
    or s.currency <> :own! then s.project_id
  end as "projectId?",
  s.month as "on!",
  nullif(s.currency, '') as "currency?",
  sum(s.cost_minor)::bigint as "cost!",
  sum(s.standard_cost_minor)::bigint as "standardCost!",
  coalesce(
    sum(s.value_minor) filter (
      where
        is_earned (s.kind, s.stage, s.billing_state)
    ),
    0
  )::bigint as "earned!"
from
  work_months_between (:reach!, :asker!, :whose, :from!, :to!) s
where
  s.kind in ('time', 'fee')
  and s.project_id <> no_id ()
  and in_scope (s.project_id, s.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)
group by
  1,
  2,
  3
having
  sum(s.entries) > 0;

/* @name seriesByDay */
select
  case
    when e.project_id = any (:apart!)
    or e.value_currency <> :own! then e.project_id
  end as "projectId?",
  e.work_date as "on!",
  e.value_currency as "currency?",
  coalesce(sum(e.cost_minor), 0)::bigint as "cost!",
  coalesce(sum(e.standard_cost_minor), 0)::bigint as "standardCost!",
  coalesce(
    sum(e.value_minor) filter (
      where
        is_earned (e.kind, e.stage, e.billing_state)
    ),
    0
  )::bigint as "earned!"
from
  entries_in_reach (:reach!, :asker!) e
where
  e.work_date between :from! and :to!
  and (
    :whose::uuid is null
    or e.person_id = :whose
  )
  and e.kind in ('time', 'fee')
  and e.project_id is not null
  and in_scope (e.project_id, e.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)
group by
  1,
  2,
  3;

/* @name resultToDate */
select
  s.project_id as "projectId!",
  case
    when :byTask!
    or s.task_id = no_id () then nullif(s.task_id, no_id ())
    else s.project_id
  end as "taskId?",
  coalesce(
    sum(s.quantity) filter (
      where
        s.kind = 'time'
    ),
    0
  )::bigint as "seconds!",
  sum(s.cost_minor)::bigint as "cost!",
  sum(s.standard_cost_minor)::bigint as "standardCost!",
  sum(s.uncosted_seconds)::bigint as "uncosted!"
from
  work_sums_in_reach (:reach!, :asker!, :whose) s
where
  s.month = no_month ()
  and s.kind in ('time', 'fee')
  and in_scope (s.project_id, s.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)
group by
  1,
  2;

/* @name resultBilled */
select
  (grouping(s.step) = 0) as "ofSeries!",
  case
    when grouping(s.step) = 0 then s.apart_id
    else s.project_id
  end as "projectId?",
  s.task_id as "taskId?",
  s.currency as "currency!",
  s.rate_on as "issuedOn?",
  s.step as "on?",
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
        when :series = 'day' then b.issued_on
        when :series = 'month' then month_start (b.issued_on)
      end as step,
      case
        when :series::text is not null
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
      in_scope (b.project_id, b.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)
  ) s
group by
  grouping sets (
    (s.project_id, s.task_id, s.currency, s.rate_on),
    (s.apart_id, s.currency, s.step, s.rate_on)
  );

/* @name resultNodes */
select
  p.id as "projectId!",
  work_text (p) as "name!",
  p.client_id as "clientId?",
  p.department_id as "departmentId?",
  c.name as "clientName?",
  d.name as "departmentName?",
  p.estimate as "estimate!",
  case
    when m.id is null then 0
    else p.budget_minor
  end as "budget!",
  (m.id is not null) as "money!",
  a.method as "method?",
  a.currency as "currency?"
from
  projects_in_reach (:reach!, :asker!) p
  left join projects_with_money (:moneyReach!, :asker!) m on m.firm_id = p.firm_id
  and m.id = p.id
  left join client c on c.firm_id = p.firm_id
  and c.id = p.client_id
  left join department d on d.firm_id = p.firm_id
  and d.id = p.department_id
  left join agreements_on (:today!) a on a.firm_id = p.firm_id
  and a.project_id = p.id
where
  (
    :all!
    or p.id = any (:projects!)
  )
order by
  p.name;

/* @name resultLimits */
select
  m.project_id as "projectId!",
  m.currency as "currency!",
  m.limit_minor as "limit!",
  m.used_minor as "used!"
from
  project_limits (:today!, null) m
  join projects_with_money (:reach!, :asker!) p on p.firm_id = m.firm_id
  and p.id = m.project_id
where
  (
    :all!
    or m.project_id = any (:projects!)
  );

/* @name resultWaiting */
select
  w.line_id as "lineId!",
  w.project_id as "projectId!",
  w.currency as "currency!",
  w.total_minor as "total!",
  w.waiting_minor as "waiting!",
  i.issued_on as "on!",
  coalesce(
    - sum(s.amount_minor) filter (
      where
        s.work_date < :from!
    ),
    0
  )::bigint as "before!",
  coalesce(
    - sum(s.amount_minor) filter (
      where
        s.work_date between :from! and :to!
    ),
    0
  )::bigint as "inside!"
from
  over_limit_waiting () w
  join projects_with_money (:reach!, :asker!) p on p.firm_id = w.firm_id
  and p.id = w.project_id
  join invoice i on i.firm_id = w.firm_id
  and i.id = w.invoice_id
  join line_share s on s.firm_id = w.firm_id
  and s.line_id = w.line_id
where
  w.waiting_minor > 0
  and (
    :all!
    or w.project_id = any (:projects!)
  )
group by
  w.line_id,
  w.project_id,
  w.currency,
  w.total_minor,
  w.waiting_minor,
  i.issued_on;
