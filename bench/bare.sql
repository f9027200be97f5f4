-- What each screen shows, by the shortest queries that give it. The lower bounds of the lists.
-- @week grid
select
  e.*,
  s.start_at,
  s.end_at,
  s.break_seconds,
  s.zone
from
  entry e
  left join entry_time s on s.firm_id = e.firm_id
  and s.entry_id = e.id
where
  e.person_id = :person
  and e.work_date between :from and :to
order by
  e.work_date,
  s.start_at;

select
  *
from
  timesheet
where
  person_id = :person
  and period_from = :from;

select
  *
from
  schedule
where
  person_id = :person
  and valid_from <= :to;

-- @review list
select
  p.id,
  p.name,
  po.name as position,
  t.id as sheet,
  t.state,
  s.at,
  s.note
from
  person p
  left join person_position pp on pp.firm_id = p.firm_id
  and pp.person_id = p.id
  and pp.valid_to is null
  left join position po on po.firm_id = pp.firm_id
  and po.id = pp.position_id
  left join timesheet t on t.firm_id = p.firm_id
  and t.person_id = p.id
  and t.period_from = :from
  left join submission s on s.firm_id = t.firm_id
  and s.timesheet_id = t.id
  and s.withdrawn_at is null;

select
  id,
  version,
  person_id,
  work_date,
  kind,
  quantity,
  billable,
  stage,
  problems,
  lag_days,
  changed_by_other
from
  entry
where
  work_date between :from and :to;

select
  *
from
  schedule;

select
  date_trunc('week', work_date),
  sum(quantity),
  count(distinct person_id)
from
  entry
where
  stage = 'submitted'
  and person_id <> :me
group by
  1;

-- @to-bill list
select
  p.id,
  p.name,
  c.id,
  c.name,
  c.currency,
  min(e.work_date),
  sum(e.billable_quantity) filter (
    where
      e.hold_reason is null
      and e.rate is not null
  ),
  sum(e.value_minor) filter (
    where
      e.hold_reason is null
      and e.rate is not null
  ),
  count(*) filter (
    where
      e.hold_reason is not null
  ),
  count(*) filter (
    where
      e.rate is null
  )
from
  entry e
  join project p on p.firm_id = e.firm_id
  and p.id = e.project_id
  join client c on c.firm_id = p.firm_id
  and c.id = p.client_id
where
  e.stage = 'approved'
  and e.billing_state = 'to bill'
  and e.billed_quantity = 0
  and e.work_date <= :upTo
group by
  p.id,
  p.name,
  c.id,
  c.name,
  c.currency;

select
  n.project_id,
  n.currency,
  n.limit_minor,
  sum(l.net_minor) filter (
    where
      i.status in ('draft', 'issued')
      and i.currency = n.currency
  )
from
  (
    select distinct
      on (project_id, currency) *
    from
      agreement
    where
      valid_from <= :today
    order by
      project_id,
      currency,
      valid_from desc
  ) n
  left join invoice_line l on l.firm_id = n.firm_id
  and l.project_id = n.project_id
  left join invoice i on i.firm_id = l.firm_id
  and i.id = l.invoice_id
where
  n.limit_minor is not null
group by
  1,
  2,
  3;

select
  l.id,
  l.project_id,
  i.currency,
  l.net_minor
from
  invoice_line l
  join invoice i on i.firm_id = l.firm_id
  and i.id = l.invoice_id
where
  l.kind = 'over-limit'
  and i.status = 'issued'
  and i.credited_minor = 0;

select
  l.project_id,
  i.currency,
  sum(l.net_minor)
from
  invoice_line l
  join invoice i on i.firm_id = l.firm_id
  and i.id = l.invoice_id
where
  i.status = 'issued'
group by
  1,
  2;

-- @project results
select
  p.*,
  a.method,
  a.currency,
  a.limit_minor
from
  project p
  left join agreement a on a.firm_id = p.firm_id
  and a.project_id = p.id
where
  p.id = :project;

select
  *
from
  task
where
  project_id = :project;

select
  task_id,
  month,
  currency,
  sum(quantity),
  sum(quantity) filter (
    where
      billable
  ),
  sum(cost_minor),
  sum(standard_cost_minor),
  sum(uncosted_seconds),
  sum(value_minor),
  sum(value_minor) filter (
    where
      billing_state = 'to bill'
      and stage in ('recorded', 'submitted', 'approved')
  ),
  sum(value_minor) filter (
    where
      stage in ('billed', 'paid')
  ),
  sum(own_minor) filter (
    where
      stage in ('billed', 'paid')
  )
from
  work_sum
where
  person_id = no_id ()
  and month > no_month ()
  and project_id = :project
group by
  1,
  2,
  3;

select
  task_id,
  currency,
  issued_on,
  sum(amount_minor),
  sum(standard_minor)
from
  billed_sum
where
  person_id = no_id ()
  and project_id = :project
group by
  1,
  2,
  3;

select
  *
from
  exchange_rate;

select
  n.project_id,
  n.currency,
  n.limit_minor,
  sum(l.net_minor) filter (
    where
      i.status in ('draft', 'issued')
      and i.currency = n.currency
  )
from
  (
    select distinct
      on (project_id, currency) *
    from
      agreement
    where
      valid_from <= :today
      and project_id = :project
    order by
      project_id,
      currency,
      valid_from desc
  ) n
  left join invoice_line l on l.firm_id = n.firm_id
  and l.project_id = n.project_id
  left join invoice i on i.firm_id = l.firm_id
  and i.id = l.invoice_id
where
  n.limit_minor is not null
group by
  1,
  2,
  3;

select
  l.id,
  l.project_id,
  i.currency,
  l.net_minor
from
  invoice_line l
  join invoice i on i.firm_id = l.firm_id
  and i.id = l.invoice_id
where
  l.kind = 'over-limit'
  and l.project_id = :project
  and i.status = 'issued'
  and i.credited_minor = 0;

-- @firm results, this quarter
select
  p.*,
  a.method,
  a.currency,
  a.limit_minor,
  c.name
from
  project p
  left join agreement a on a.firm_id = p.firm_id
  and a.project_id = p.id
  left join client c on c.firm_id = p.firm_id
  and c.id = p.client_id;

select
  project_id,
  task_id = no_id (),
  month,
  currency,
  sum(quantity),
  sum(quantity) filter (
    where
      billable
  ),
  sum(cost_minor),
  sum(standard_cost_minor),
  sum(uncosted_seconds),
  sum(value_minor),
  sum(value_minor) filter (
    where
      billing_state = 'to bill'
      and stage in ('recorded', 'submitted', 'approved')
  ),
  sum(value_minor) filter (
    where
      stage in ('billed', 'paid')
  ),
  sum(own_minor) filter (
    where
      stage in ('billed', 'paid')
  )
from
  work_sum
where
  person_id = no_id ()
  and month >= :quarter
group by
  1,
  2,
  3,
  4;

select
  project_id,
  currency,
  issued_on,
  sum(amount_minor),
  sum(standard_minor)
from
  billed_sum
where
  person_id = no_id ()
  and month >= :quarter
group by
  1,
  2,
  3;

select
  project_id,
  sum(quantity),
  sum(cost_minor)
from
  work_sum
where
  person_id = no_id ()
  and month = no_month ()
group by
  1;

select
  a.project_id,
  a.limit_minor,
  sum(s.value_minor)
from
  agreement a
  join work_sum s on s.firm_id = a.firm_id
  and s.project_id = a.project_id
  and s.person_id = no_id ()
  and s.month > no_month ()
  and s.month < :quarter
where
  a.limit_minor is not null
group by
  1,
  2;

select
  a.project_id,
  sum(s.amount_minor)
from
  agreement a
  join billed_sum s on s.firm_id = a.firm_id
  and s.project_id = a.project_id
  and s.person_id = no_id ()
  and s.month < :quarter
where
  a.limit_minor is not null
group by
  1;

select
  *
from
  exchange_rate;

select
  n.project_id,
  n.currency,
  n.limit_minor,
  sum(l.net_minor) filter (
    where
      i.status in ('draft', 'issued')
      and i.currency = n.currency
  )
from
  (
    select distinct
      on (project_id, currency) *
    from
      agreement
    where
      valid_from <= :today
    order by
      project_id,
      currency,
      valid_from desc
  ) n
  left join invoice_line l on l.firm_id = n.firm_id
  and l.project_id = n.project_id
  left join invoice i on i.firm_id = l.firm_id
  and i.id = l.invoice_id
where
  n.limit_minor is not null
group by
  1,
  2,
  3;

select
  l.id,
  l.project_id,
  i.currency,
  l.net_minor
from
  invoice_line l
  join invoice i on i.firm_id = l.firm_id
  and i.id = l.invoice_id
where
  l.kind = 'over-limit'
  and i.status = 'issued'
  and i.credited_minor = 0;

select
  date_trunc('week', work_date),
  value_currency,
  sum(cost_minor),
  sum(value_minor) filter (
    where
      billing_state <> 'written off'
  )
from
  entry
where
  work_date between :quarter and :today
group by
  1,
  2;

-- @firm results, to date
select
  p.*,
  a.method,
  a.currency,
  a.limit_minor,
  c.name
from
  project p
  left join agreement a on a.firm_id = p.firm_id
  and a.project_id = p.id
  left join client c on c.firm_id = p.firm_id
  and c.id = p.client_id;

select
  project_id,
  task_id = no_id (),
  month,
  currency,
  sum(quantity),
  sum(quantity) filter (
    where
      billable
  ),
  sum(cost_minor),
  sum(standard_cost_minor),
  sum(uncosted_seconds),
  sum(value_minor),
  sum(value_minor) filter (
    where
      billing_state = 'to bill'
      and stage in ('recorded', 'submitted', 'approved')
  ),
  sum(value_minor) filter (
    where
      stage in ('billed', 'paid')
  ),
  sum(own_minor) filter (
    where
      stage in ('billed', 'paid')
  )
from
  work_sum
where
  person_id = no_id ()
  and month > no_month ()
group by
  1,
  2,
  3,
  4;

select
  project_id,
  currency,
  issued_on,
  sum(amount_minor),
  sum(standard_minor)
from
  billed_sum
where
  person_id = no_id ()
group by
  1,
  2,
  3;

select
  *
from
  exchange_rate;

select
  n.project_id,
  n.currency,
  n.limit_minor,
  sum(l.net_minor) filter (
    where
      i.status in ('draft', 'issued')
      and i.currency = n.currency
  )
from
  (
    select distinct
      on (project_id, currency) *
    from
      agreement
    where
      valid_from <= :today
    order by
      project_id,
      currency,
      valid_from desc
  ) n
  left join invoice_line l on l.firm_id = n.firm_id
  and l.project_id = n.project_id
  left join invoice i on i.firm_id = l.firm_id
  and i.id = l.invoice_id
where
  n.limit_minor is not null
group by
  1,
  2,
  3;

select
  l.id,
  l.project_id,
  i.currency,
  l.net_minor
from
  invoice_line l
  join invoice i on i.firm_id = l.firm_id
  and i.id = l.invoice_id
where
  l.kind = 'over-limit'
  and i.status = 'issued'
  and i.credited_minor = 0;

-- @rail
select
  sum(quantity)
from
  entry
where
  person_id = :me
  and work_date between :monday and :today;

select
  *
from
  schedule
where
  person_id = :me;

select
  sum(quantity)
from
  entry
where
  stage = 'recorded'
  and work_date <= :today;

select
  sum(quantity),
  count(distinct person_id),
  min(work_date)
from
  entry
where
  stage = 'submitted'
  and person_id <> :me;

select
  value_currency,
  sum(value_minor) filter (
    where
      rate is not null
      and hold_reason is null
  ),
  min(work_date),
  count(*) filter (
    where
      rate is null
  )
from
  entry
where
  stage = 'approved'
  and billing_state = 'to bill'
  and billed_quantity = 0
  and work_date <= :today
group by
  1;

select
  currency,
  sum(gross_minor - settled_minor),
  sum(gross_minor - settled_minor) filter (
    where
      due_on < :today
  )
from
  invoice
where
  status = 'issued'
  and kind = 'invoice'
  and settled_minor < gross_minor
group by
  1;

select
  project_id,
  currency,
  billable,
  sum(quantity),
  sum(value_minor),
  sum(cost_minor)
from
  work_sum
where
  person_id = no_id ()
  and month >= :quarter
group by
  1,
  2,
  3;

select
  project_id,
  currency,
  issued_on,
  sum(amount_minor)
from
  billed_sum
where
  person_id = no_id ()
  and month >= :quarter
group by
  1,
  2,
  3;

select
  a.project_id,
  a.limit_minor,
  sum(s.value_minor)
from
  agreement a
  join work_sum s on s.firm_id = a.firm_id
  and s.project_id = a.project_id
  and s.person_id = no_id ()
  and s.month > no_month ()
  and s.month < :quarter
where
  a.limit_minor is not null
group by
  1,
  2;

select
  a.project_id,
  sum(s.amount_minor)
from
  agreement a
  join billed_sum s on s.firm_id = a.firm_id
  and s.project_id = a.project_id
  and s.person_id = no_id ()
  and s.month > no_month ()
  and s.month < :quarter
where
  a.limit_minor is not null
group by
  1;

select
  n.project_id,
  n.currency,
  n.limit_minor,
  sum(l.net_minor) filter (
    where
      i.status in ('draft', 'issued')
      and i.currency = n.currency
  )
from
  (
    select distinct
      on (project_id, currency) *
    from
      agreement
    where
      valid_from <= :today
    order by
      project_id,
      currency,
      valid_from desc
  ) n
  left join invoice_line l on l.firm_id = n.firm_id
  and l.project_id = n.project_id
  left join invoice i on i.firm_id = l.firm_id
  and i.id = l.invoice_id
where
  n.limit_minor is not null
group by
  1,
  2,
  3;

select
  l.id,
  l.project_id,
  i.currency,
  l.net_minor
from
  invoice_line l
  join invoice i on i.firm_id = l.firm_id
  and i.id = l.invoice_id
where
  l.kind = 'over-limit'
  and i.status = 'issued'
  and i.credited_minor = 0;

-- @rail of a manager
select
  sum(quantity)
from
  entry
where
  person_id = :me
  and work_date between :monday and :today;

select
  *
from
  schedule
where
  person_id = :me;

select
  sum(quantity)
from
  entry
where
  stage = 'recorded'
  and work_date <= :today
  and (
    person_id = any (
      array(
        select
          tp.person_id
        from
          team_person tp
          join team t on t.firm_id = tp.firm_id
          and t.id = tp.team_id
        where
          t.lead_id = :me
      )
    )
    or project_id = any (
      array(
        select
          p.id
        from
          project p
        where
          p.manager_id = :me
      )
    )
  );

select
  sum(quantity),
  count(distinct person_id),
  min(work_date)
from
  entry
where
  stage = 'submitted'
  and person_id <> :me
  and (
    person_id = any (
      array(
        select
          tp.person_id
        from
          team_person tp
          join team t on t.firm_id = tp.firm_id
          and t.id = tp.team_id
        where
          t.lead_id = :me
      )
    )
    or project_id = any (
      array(
        select
          p.id
        from
          project p
        where
          p.manager_id = :me
      )
    )
  );

select
  value_currency,
  sum(value_minor) filter (
    where
      rate is not null
      and hold_reason is null
  ),
  min(work_date),
  count(*) filter (
    where
      rate is null
  )
from
  entry
where
  stage = 'approved'
  and billing_state = 'to bill'
  and billed_quantity = 0
  and work_date <= :today
  and (
    person_id = any (
      array(
        select
          tp.person_id
        from
          team_person tp
          join team t on t.firm_id = tp.firm_id
          and t.id = tp.team_id
        where
          t.lead_id = :me
      )
    )
    or project_id = any (
      array(
        select
          p.id
        from
          project p
        where
          p.manager_id = :me
      )
    )
  )
group by
  1;

select
  i.currency,
  sum(i.gross_minor - i.settled_minor)
from
  invoice i
where
  i.status = 'issued'
  and i.kind = 'invoice'
  and i.settled_minor < i.gross_minor
  and exists (
    select
    from
      invoice_line l
    where
      l.firm_id = i.firm_id
      and l.invoice_id = i.id
      and l.project_id = any (
        array(
          select
            p.id
          from
            project p
          where
            p.manager_id = :me
        )
      )
  )
group by
  1;

select
  project_id,
  currency,
  billable,
  sum(quantity),
  sum(value_minor),
  sum(cost_minor)
from
  work_sum
where
  month >= :quarter
  and (
    (
      person_id = no_id ()
      and project_id = any (
        array(
          select
            p.id
          from
            project p
          where
            p.manager_id = :me
        )
      )
    )
    or (
      (
        person_id = :me
        or person_id = any (
          array(
            select
              tp.person_id
            from
              team_person tp
              join team t on t.firm_id = tp.firm_id
              and t.id = tp.team_id
            where
              t.lead_id = :me
          )
        )
      )
      and project_id <> all (
        array(
          select
            p.id
          from
            project p
          where
            p.manager_id = :me
        )
      )
    )
  )
group by
  1,
  2,
  3;

select
  project_id,
  currency,
  issued_on,
  sum(amount_minor)
from
  billed_sum
where
  month >= :quarter
  and (
    (
      person_id = no_id ()
      and project_id = any (
        array(
          select
            p.id
          from
            project p
          where
            p.manager_id = :me
        )
      )
    )
    or (
      (
        person_id = :me
        or person_id = any (
          array(
            select
              tp.person_id
            from
              team_person tp
              join team t on t.firm_id = tp.firm_id
              and t.id = tp.team_id
            where
              t.lead_id = :me
          )
        )
      )
      and project_id <> all (
        array(
          select
            p.id
          from
            project p
          where
            p.manager_id = :me
        )
      )
    )
  )
group by
  1,
  2,
  3;

select
  n.project_id,
  n.currency,
  n.limit_minor,
  sum(l.net_minor) filter (
    where
      i.status in ('draft', 'issued')
      and i.currency = n.currency
  )
from
  (
    select distinct
      on (project_id, currency) *
    from
      agreement
    where
      valid_from <= :today
      and project_id = any (
        array(
          select
            p.id
          from
            project p
          where
            p.manager_id = :me
        )
      )
    order by
      project_id,
      currency,
      valid_from desc
  ) n
  left join invoice_line l on l.firm_id = n.firm_id
  and l.project_id = n.project_id
  left join invoice i on i.firm_id = l.firm_id
  and i.id = l.invoice_id
where
  n.limit_minor is not null
group by
  1,
  2,
  3;

select
  l.id,
  l.project_id,
  i.currency,
  l.net_minor
from
  invoice_line l
  join invoice i on i.firm_id = l.firm_id
  and i.id = l.invoice_id
where
  l.kind = 'over-limit'
  and l.project_id = any (
    array(
      select
        p.id
      from
        project p
      where
        p.manager_id = :me
    )
  )
  and i.status = 'issued'
  and i.credited_minor = 0;

select
  a.project_id,
  a.limit_minor,
  sum(s.value_minor)
from
  agreement a
  join work_sum s on s.firm_id = a.firm_id
  and s.project_id = a.project_id
  and s.person_id = no_id ()
  and s.month > no_month ()
  and s.month < :quarter
where
  a.limit_minor is not null
  and a.project_id = any (
    array(
      select
        p.id
      from
        project p
      where
        p.manager_id = :me
    )
  )
group by
  1,
  2;

select
  a.project_id,
  sum(s.amount_minor)
from
  agreement a
  join billed_sum s on s.firm_id = a.firm_id
  and s.project_id = a.project_id
  and s.person_id = no_id ()
  and s.month < :quarter
where
  a.limit_minor is not null
  and a.project_id = any (
    array(
      select
        p.id
      from
        project p
      where
        p.manager_id = :me
    )
  )
group by
  1;

select
  *
from
  exchange_rate;

-- @bars of what is on screen
select
  stage,
  ends,
  sum(quantity)
from
  stage_sum
group by
  1,
  2;

select
  project_id,
  stage,
  billing_state,
  sum(quantity)
from
  work_sum
where
  person_id = no_id ()
  and month = no_month ()
  and project_id = any (:projects)
group by
  1,
  2,
  3;

select
  task_id,
  stage,
  billing_state,
  sum(quantity)
from
  work_sum
where
  person_id = no_id ()
  and month = no_month ()
  and project_id = :project
group by
  1,
  2,
  3;

-- @tree as opened
select
  id,
  name,
  currency,
  count(*) over ()
from
  client
order by
  name
limit
  100;

select
  id,
  name
from
  department;

select
  count(*)
from
  project;

select
  *
from
  project
where
  client_id = :client
order by
  name;

select
  count(*)
from
  person;

-- @outline of a project of 500 tasks
select
  *
from
  task
where
  project_id = :project
order by
  place;

-- @found in the tree
select
  e.kind,
  coalesce(t.name, p.name, c.name, s.name) as name,
  p.client_id,
  t.project_id,
  t.parent_id
from
  name_ending e
  left join task t on e.kind = 'task'
  and t.id = e.thing_id
  left join project p on e.kind = 'project'
  and p.id = e.thing_id
  left join client c on e.kind = 'client'
  and c.id = e.thing_id
  left join person s on e.kind = 'person'
  and s.id = e.thing_id
where
  e.ending >= :word
  and e.ending < :word || chr(1114111)
order by
  e.kind,
  2
limit
  40;

-- @found to record on
with
  home as (
    select
      thing_id
    from
      name_ending
    where
      kind = 'client'
      and ending >= :client
      and ending < :client || chr(1114111)
  ),
  hit as (
    select
      thing_id,
      kind
    from
      name_ending
    where
      kind in ('project', 'task')
      and ending >= :word
      and ending < :word || chr(1114111)
  )
select
  p.id,
  p.name,
  p.client_id,
  t.id,
  t.name,
  t.parent_id
from
  project p
  left join task t on t.project_id = p.id
where
  p.client_id in (
    select
      thing_id
    from
      home
  )
  and p.open
  and not p.archived
  and (
    t.id in (
      select
        thing_id
      from
        hit
    )
    or p.id in (
      select
        thing_id
      from
        hit
    )
  )
order by
  5
limit
  40;

-- @list of 2,000 people
select
  p.id,
  p.name,
  p.email,
  p.left_on,
  p.version,
  po.name as position,
  d.name as department,
  t.teams,
  r.roles,
  o.own_roles,
  e.exceptions,
  a.email is not null as active,
  w.person_id is not null as waiting,
  i.made_at
from
  person p
  left join person_position h on h.firm_id = p.firm_id
  and h.person_id = p.id
  and h.valid_from <= :today
  and (
    h.valid_to is null
    or h.valid_to >= :today
  )
  left join position po on po.firm_id = p.firm_id
  and po.id = h.position_id
  left join department d on d.firm_id = p.firm_id
  and d.id = p.department_id
  left join (
    select
      tp.person_id,
      array_agg(
        t.name
        order by
          t.name
      ) as teams
    from
      team_person tp
      join team t on t.firm_id = tp.firm_id
      and t.id = tp.team_id
    group by
      tp.person_id
  ) t on t.person_id = p.id
  left join (
    select
      person_id,
      array_agg(
        role
        order by
          role
      ) as roles
    from
      person_role
    group by
      person_id
  ) r on r.person_id = p.id
  left join (
    select
      person_id,
      jsonb_agg(role_id) as own_roles
    from
      person_own_role
    group by
      person_id
  ) o on o.person_id = p.id
  left join (
    select
      person_id,
      jsonb_object_agg(permission, reach) as exceptions
    from
      person_exception
    group by
      person_id
  ) e on e.person_id = p.id
  left join accounts_of (:firm::uuid) a on a.person_id = p.id
  left join waiting_of (:firm::uuid) w on w.person_id = p.id
  left join invitation i on i.firm_id = p.firm_id
  and i.person_id = p.id
  and i.joined_at is null
  and i.withdrawn_at is null
order by
  p.name,
  p.id;

-- @one person
select
  p.id,
  p.name,
  p.email,
  p.staff_number,
  p.kind,
  p.department_id,
  p.zone,
  p.record_ways,
  p.day_maximum,
  p.week_maximum,
  p.started_on,
  p.version,
  h.position_id,
  h.valid_from,
  s.planned,
  s.day_start,
  s.day_end,
  s.valid_from as planned_from
from
  person p
  left join person_position h on h.firm_id = p.firm_id
  and h.person_id = p.id
  and h.valid_from <= :today
  and (
    h.valid_to is null
    or h.valid_to >= :today
  )
  left join schedule s on s.firm_id = p.firm_id
  and s.person_id = p.id
  and s.valid_from <= :today
  and (
    s.valid_to is null
    or s.valid_to >= :today
  )
where
  p.id = :person::uuid;

-- @what one person looks after
select
  p.id,
  p.name,
  c.name as client
from
  project p
  left join client c on c.firm_id = p.firm_id
  and c.id = p.client_id
where
  p.manager_id = :person::uuid
  and p.open
  and not p.archived
order by
  p.name;

select
  t.id,
  t.name,
  t.version
from
  team t
where
  t.lead_id = :person::uuid
order by
  t.name;

select
  e.work_date,
  sum(e.quantity) as duration
from
  entry e
where
  e.person_id = :person::uuid
  and e.stage = 'recorded'
group by
  e.work_date;

-- @teams of 2,000 people
select
  t.id,
  t.name,
  t.version,
  t.lead_id,
  array(
    select
      tp.person_id
    from
      team_person tp
    where
      tp.firm_id = t.firm_id
      and tp.team_id = t.id
  ) as people
from
  team t
order by
  t.name;

select
  p.id,
  p.name,
  po.name as position
from
  person p
  left join person_position h on h.firm_id = p.firm_id
  and h.person_id = p.id
  and h.valid_from <= :today
  and (
    h.valid_to is null
    or h.valid_to >= :today
  )
  left join position po on po.firm_id = p.firm_id
  and po.id = h.position_id
where
  p.left_on is null
order by
  p.name;

-- @why one person may
select
  p.id,
  array(
    select
      role
    from
      person_role r
    where
      r.person_id = p.id
  ) as roles,
  array(
    select
      role_id
    from
      person_own_role o
    where
      o.person_id = p.id
  ) as own_roles,
  array(
    select
      permission
    from
      person_exception e
    where
      e.person_id = p.id
  ) as exceptions
from
  person p
where
  p.id in (:person::uuid, :whose::uuid);

select
  manager_id
from
  project
where
  id = :project::uuid;

select
  t.name
from
  team t
  join team_person tp on tp.firm_id = t.firm_id
  and tp.team_id = t.id
where
  t.lead_id = :person::uuid
  and tp.person_id = :whose::uuid;
