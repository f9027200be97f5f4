/* @name barOfFirm */
select
  stage as "stage!",
  ends as "ends!",
  sum(quantity)::bigint as "seconds!"
from
  stage_sum
group by
  1,
  2
having
  sum(quantity) <> 0;

/* @name barOfReach */
select
  stage as "stage!",
  ends_there (stage, billing_state) as "ends!",
  sum(quantity)::bigint as "seconds!"
from
  work_sums_in_reach (:reach!, :asker!, null)
where
  month = no_month ()
  and kind = 'time'
group by
  1,
  2
having
  sum(quantity) <> 0;

/* @name barsOfProjects */
select
  s.project_id as "id!",
  s.stage as "stage!",
  ends_there (s.stage, s.billing_state) as "ends!",
  sum(s.quantity)::bigint as "seconds!"
from
  work_sums_in_reach (:reach!, :asker!, null) s
  join projects_in_reach (:seen!, :asker!) p on p.firm_id = s.firm_id
  and p.id = s.project_id
where
  s.month = no_month ()
  and s.kind = 'time'
  and s.project_id = any (:projects!)
group by
  1,
  2,
  3
having
  sum(s.quantity) <> 0;

/* @name barsOfTasks */
with recursive
  below as (
    select
      t.firm_id,
      t.id as root,
      t.id,
      t.project_id
    from
      task t
      join projects_in_reach (:seen!, :asker!) p on p.firm_id = t.firm_id
      and p.id = t.project_id
    where
      t.id = any (:tasks!)
    union all
    select
      b.firm_id,
      b.root,
      c.id,
      c.project_id
    from
      below b
      join task c on c.firm_id = b.firm_id
      and c.parent_id = b.id
  )
select
  b.root as "id!",
  s.stage as "stage!",
  ends_there (s.stage, s.billing_state) as "ends!",
  sum(s.quantity)::bigint as "seconds!"
from
  below b
  join work_sums_in_reach (:reach!, :asker!, null) s on s.firm_id = b.firm_id
  and s.project_id = b.project_id
  and s.task_id = b.id
where
  s.month = no_month ()
  and s.kind = 'time'
group by
  1,
  2,
  3
having
  sum(s.quantity) <> 0;
