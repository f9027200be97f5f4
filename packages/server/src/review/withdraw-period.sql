/* @name withdrawSubmissions */
update submission
set
  withdrawn_at = :at!
where
  timesheet_id = :sheet!
  and withdrawn_at is null;

/* @name approvedByPolicy */
select
  e.id as "id!"
from
  entry e
  join last_decision (e.firm_id, e.id) d on d.by_policy
where
  e.id = any (:ids!)
  and e.stage = 'approved'
  and e.billed_quantity = 0;
