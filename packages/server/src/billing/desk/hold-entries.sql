/* @name lockToHold */
select
  e.id as "id!",
  e.version as "version!",
  e.stage as "stage!",
  e.billing_state as "billingState!",
  e.billed_quantity as "billedQuantity!",
  e.hold_reason as "holdReason?"
from
  entry e
where
  e.id = any (:ids!)
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
