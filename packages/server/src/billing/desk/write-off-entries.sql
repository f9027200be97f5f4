/* @name setWrittenOff */
update entry
set
  billing_state = 'written off',
  write_off_reason = :reason!,
  hold_reason = null,
  version = version + 1
where
  id = any (:ids!);

/* @name setToBillAgain */
update entry
set
  -- As the core says: what is billed as nothing is not offered for billing.
  billing_state = case
    when billable_quantity = 0 then 'nothing to bill'
    else 'to bill'
  end,
  write_off_reason = null,
  version = version + 1
where
  id = any (:ids!);
