/* @name decidableHeads */
select
  r.person_id as "personId!",
  r.work_date as "workDate!"
from
  entries_in_reach (:reach!, :asker!) r
where
  r.id = any (:ids!)
  and r.kind in ('time', 'absence');

/* @name lockDecidable */
select
  e.id as "id!",
  e.version as "version!",
  e.stage as "stage!",
  e.person_id as "personId!",
  e.work_date as "workDate!",
  e.quantity as "quantity!",
  e.billed_quantity as "billedQuantity!",
  (
    select
      d.by_id
    from
      last_decision (e.firm_id, e.id) d
  ) as "decidedBy?"
from
  entry e
where
  e.id in (
    select
      r.id
    from
      entries_in_reach (:reach!, :asker!) r
    where
      r.id = any (:ids!)
      and r.kind in ('time', 'absence')
  )
order by
  e.id
for update;
