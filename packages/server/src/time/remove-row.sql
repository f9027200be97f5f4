/* @name removeSheetRow */
delete from sheet_row
where
  timesheet_id = :sheet!
  and project_id = :project!
  and task_id is not distinct from :task
  and service_id = :service!
  and billable = :billable!;
