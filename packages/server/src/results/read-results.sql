/* @name resultTasks */
select
  t.id as "id!",
  t.project_id as "projectId!",
  t.parent_id as "parentId?",
  t.name as "name!",
  t.estimate as "estimate!",
  t.budget_minor as "budget!"
from
  task t
where
  t.project_id = any (:projects!)
order by
  t.place,
  t.name;

/* @name ownHours */
select
  p.id as "projectId!",
  min(work_text (p)) as "name!",
  sum(s.quantity)::bigint as "seconds!",
  coalesce(
    sum(s.quantity) filter (
      where
        s.billable
    ),
    0
  )::bigint as "billable!"
from
  work_sums_between ('own', :person!, null, :from!, :to!) s
  join project p on p.firm_id = s.firm_id
  and p.id = s.project_id
where
  s.kind = 'time'
  and in_scope (s.project_id, s.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)
group by
  p.id
having
  sum(s.entries) > 0
order by
  3 desc,
  2;
