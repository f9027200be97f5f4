/* @name insertSubmission */
insert into
  submission (firm_id, id, timesheet_id, by_id, at, note, confirmation, quantity)
values
  (:firm!, :id!, :sheet!, :by!, :at!, :note!, :confirmation!, :quantity!);
