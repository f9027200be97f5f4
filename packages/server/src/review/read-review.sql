/* @name waitingWeeks */
select
  (date_trunc('week', e.work_date))::date as "from!",
  sum(e.quantity) as "submitted!",
  count(distinct e.person_id) as "people!"
from
  entries_in_reach (:reach!, :asker!) e
where
  e.stage = 'submitted'
  and e.kind = 'time'
  and e.person_id <> :asker!
  and (
    :all!
    or e.project_id = any (:projects!)
  )
  and (
    :anyTask!
    or e.task_id = any (:tasks!)
  )
  and (
    :whose::uuid is null
    or e.person_id = :whose
  )
group by
  1
order by
  1;
