/* @name entryToPrice */
select
  r.person_id as "personId!",
  r.work_date as "workDate!"
from
  entries_in_reach (:reach!, :asker!) r
where
  r.id = :id!
  and r.kind = 'time';
