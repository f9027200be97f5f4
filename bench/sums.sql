-- What triggers would have written of everything that is loaded: sums, and the endings of names by which work is found.
insert into
  work_sum
select
  e.firm_id,
  coalesce(e.person_id, no_id ()),
  e.kind,
  e.project_id,
  e.task_id,
  coalesce(e.month, no_month ()),
  e.stage,
  e.billing_state,
  e.billable,
  e.value_currency,
  count(*),
  sum(e.quantity),
  sum(e.value_minor),
  sum(e.own_value_minor),
  sum(e.cost_minor),
  sum(e.standard_cost_minor),
  0
from
  (
    select
      *,
      date_trunc('month', work_date)::date as month
    from
      entry
  ) e
group by
  e.firm_id,
  e.kind,
  e.project_id,
  e.task_id,
  e.stage,
  e.billing_state,
  e.billable,
  e.value_currency,
  grouping sets ((e.person_id, e.month), (e.person_id), (e.month), ());

insert into
  stage_sum
select
  firm_id,
  stage,
  ends_there (stage, billing_state),
  sum(quantity)
from
  work_sum
where
  kind = 'time'
  and person_id = no_id ()
  and month = no_month ()
group by
  1,
  2,
  3;

insert into
  name_ending
select
  c.firm_id,
  e,
  c.kind,
  c.id
from
  (
    select
      firm_id,
      'client' as kind,
      id,
      name
    from
      client
    union all
    select
      firm_id,
      'department',
      id,
      name
    from
      department
    union all
    select
      p.firm_id,
      'project',
      p.id,
      found_by (p)
    from
      project p
    union all
    select
      firm_id,
      'task',
      id,
      name
    from
      task
    union all
    select
      firm_id,
      'person',
      id,
      name
    from
      person
  ) c,
  endings_of (c.name) e
on conflict do nothing;

select
  set_config('app.firm_id', pg_temp.id ('firm')::text, false);

select
  count(sum_document (firm_id, id))
from
  invoice;

set
  session_replication_role = origin;
