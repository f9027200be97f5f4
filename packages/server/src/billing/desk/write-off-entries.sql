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
  billing_state = 'to bill',
  write_off_reason = null,
  version = version + 1
where
  id = any (:ids!);
