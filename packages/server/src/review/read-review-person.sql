/* @name returnsOfSheet */
select
  d.at as "at!",
  p.name as "by!",
  d.reason as "reason!"
from
  decision d
  join person p on p.firm_id = d.firm_id
  and p.id = d.by_id
where
  d.timesheet_id = :sheet!
  and d.entry_id is null
order by
  d.at desc;

/* @name taskEstimates */
select
  t.id as "id!",
  t.name as "name!",
  t.estimate as "estimate!",
  coalesce(
    (
      select
        sum(s.quantity)
      from
        work_sum s
      where
        s.firm_id = t.firm_id
        and s.person_id = no_id ()
        and s.month = no_month ()
        and s.project_id = t.project_id
        and s.task_id = t.id
    ),
    0
  )::bigint as "recorded!"
from
  task t
where
  t.id = any (:tasks!)
  and t.estimate > 0
order by
  t.name;
