/* @name lockSheet */
select
  t.id as "id!",
  t.state as "state!",
  t.version as "version!",
  t.person_id as "personId!",
  t.period_from as "from!",
  t.period_to as "to!"
from
  timesheet t
where
  t.person_id = :person!
  and t.period_from = :from!
for update;

/* @name makeSheet */
insert into
  timesheet (firm_id, id, person_id, period_from, period_to)
values
  (:firm!, :id!, :person!, :from!, :to!)
on conflict (firm_id, person_id, period_from) do nothing;

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
