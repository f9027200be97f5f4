/* @name addTasks */
insert into
  task (firm_id, id, project_id, parent_id, kind, name, place, estimate)
select
  :firm!,
  t.id,
  t."projectId",
  t."parentId",
  t.kind,
  t.name,
  t.place,
  t.estimate
from
  jsonb_to_recordset(:tasks!) as t (
    id uuid,
    "projectId" uuid,
    "parentId" uuid,
    kind text,
    name text,
    place integer,
    estimate bigint
  );
