/* @name lockToBill */
select
  e.id as "id!",
  e.version as "version!",
  is_to_bill (e.stage, e.billing_state, e.billed_quantity) as "toBill!",
  (
    e.stage = 'approved'
    and e.billing_state = 'written off'
  ) as "writtenOff!",
  e.hold_reason as "holdReason?",
  e.write_off_reason as "writeOffReason?",
  e.value_minor as "valueMinor?",
  e.value_currency as "valueCurrency?"
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
  )
order by
  e.id
for update;

/* @name setHold */
update entry
set
  hold_reason = :reason,
  version = version + 1
where
  id = any (:ids!);
