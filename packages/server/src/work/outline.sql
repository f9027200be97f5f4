/* @name tasksOfProjects */
select
  t.id as "id!",
  t.project_id as "projectId!",
  t.parent_id as "parentId?",
  t.kind as "kind!",
  t.name as "name!",
  t.place as "place!",
  (t.state = 'open') as "open!",
  t.estimate as "estimate!",
  t.version as "version!"
from
  task t
where
  t.project_id = any (:projects!)
order by
  t.place,
  t.id;

/* @name projectOfTask */
select
  t.project_id as "projectId!"
from
  task t
  join projects_to_change (:reach!, :asker!) p on p.firm_id = t.firm_id
  and p.id = t.project_id
where
  t.id = :id!;

/* @name projectSeen */
select
  p.id as "id!"
from
  projects_in_reach (:reach!, :asker!) p
where
  p.id = :id!;

/* @name projectToChange */
select
  p.id as "id!",
  p.name as "name!"
from
  projects_to_change (:reach!, :asker!) p
where
  p.id = :id!;

/* @name addOutlineTasks */
insert into
  task (firm_id, id, project_id, parent_id, kind, name, place, estimate, state)
select
  :firm!,
  t.id,
  t."projectId",
  t."parentId",
  t.kind,
  t.name,
  t.place,
  t.estimate,
  case
    when t.open then 'open'
    else 'done'
  end
from
  jsonb_to_recordset(:tasks!) as t (
    id uuid,
    "projectId" uuid,
    "parentId" uuid,
    kind text,
    name text,
    place integer,
    estimate bigint,
    open boolean
  );

/* @name placeTasks */
update task t
set
  project_id = m."projectId",
  parent_id = m."parentId",
  place = m.place,
  version = t.version + 1
from
  jsonb_to_recordset(:tasks!) as m (id uuid, "projectId" uuid, "parentId" uuid, place integer)
where
  t.id = m.id;

/* @name setTask */
update task
set
  name = :name!,
  kind = :kind!,
  estimate = :estimate!,
  state = :state!,
  version = version + 1
where
  id = :id!;

/* @name usedTasks */
select
  t.name as "name!"
from
  task t
where
  t.id = any (:ids!)
  and (
    exists (
      select
      from
        entry e
      where
        e.firm_id = t.firm_id
        and e.project_id = t.project_id
        and e.task_id = t.id
    )
    or exists (
      select
      from
        timer r
      where
        r.firm_id = t.firm_id
        and r.task_id = t.id
    )
    or exists (
      select
      from
        sheet_row s
      where
        s.firm_id = t.firm_id
        and s.project_id = t.project_id
        and s.task_id = t.id
    )
    or exists (
      select
      from
        rate_rule q
      where
        q.firm_id = t.firm_id
        and q.task_id = t.id
    )
  )
order by
  t.place
limit
  1;

/* @name removeTasks */
delete from task
where
  id = any (:ids!);
