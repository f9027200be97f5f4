/* @name periodEntries */
select
  id as "id!",
  stage as "stage!",
  kind as "kind!",
  quantity as "quantity!",
  problems as "problems!",
  version as "version!"
from
  entry
where
  person_id = :person!
  and work_date between :from! and :to!
order by
  id
for update;

/* @name setSheetState */
update timesheet
set
  state = :state!,
  version = version + 1
where
  id = :id!;

/* @name insertDecisions */
insert into
  decision (firm_id, id, timesheet_id, entry_id, outcome, reason, by_id, at, by_policy)
select
  :firm!,
  d.id,
  d."sheetId",
  d."entryId",
  :outcome!,
  :reason!,
  :by!,
  :at!,
  :byPolicy!
from
  jsonb_to_recordset(:decisions!) as d (id uuid, "sheetId" uuid, "entryId" uuid);
