/* @name addSheetRows */
insert into
  sheet_row (firm_id, timesheet_id, project_id, task_id, service_id, billable)
select
  :firm!,
  :sheet!,
  r."projectId",
  r."taskId",
  r."serviceId",
  r.billable
from
  jsonb_to_recordset(:rows!) as r ("projectId" uuid, "taskId" uuid, "serviceId" uuid, billable boolean)
on conflict do nothing;
