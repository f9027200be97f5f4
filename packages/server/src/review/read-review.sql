/* @name waitingDays */
select
  e.work_date as "date!",
  e.person_id as "personId!",
  sum(e.quantity)::bigint as "submitted!"
from
  entries_in_reach (:reach!, :asker!) e
where
  e.stage = 'submitted'
  and e.kind = 'time'
  and e.person_id <> :asker!
  and in_scope (
    e.project_id,
    e.task_id,
    e.person_id,
    :all!,
    :projects!,
    :anyTask!,
    :tasks!,
    :whose
  )
group by
  1,
  2
order by
  1,
  2;
