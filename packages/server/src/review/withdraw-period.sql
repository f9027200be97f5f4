/* @name withdrawSubmissions */
update submission
set
  withdrawn_at = :at!
where
  timesheet_id = :sheet!
  and withdrawn_at is null;
