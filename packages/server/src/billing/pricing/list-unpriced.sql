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
order by
  e.work_date,
  e.id
limit
  100;
