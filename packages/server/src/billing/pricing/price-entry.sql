/* @name entriesToPrice */
select
  r.id as "id!",
  r.person_id as "personId!",
  r.work_date as "workDate!"
from
  entries_in_reach (:reach!, :asker!) r
where
  r.id = any (:ids!)
  and r.kind = 'time';
