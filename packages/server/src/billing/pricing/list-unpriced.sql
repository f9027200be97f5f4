/* @name unpricedEntries */
select
  e.id as "id!",
  count(*) over ()::int as "count!"
from
  entries_in_reach (:reach!, :asker!) e
where
  e.billing_state = 'to bill'
  and e.rate is null
  and e.project_id is not null
  and e.service_id is not null
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
order by
  e.work_date,
  e.id
limit
  100;
