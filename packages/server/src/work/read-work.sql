/* @name clientsSeen */
select
  c.id as "id!",
  c.name as "name!",
  c.currency as "currency!"
from
  client c
where
  exists (
    select
      1
    from
      projects_in_reach (:reach!, :asker!) p
    where
      p.client_id = c.id
  )
  -- One that has no project yet is seen by those who see all work, or may add some.
  or (
    (
      :reach! = 'firm'
      or :changes!
    )
    and not exists (
      select
      from
        project p
      where
        p.client_id = c.id
    )
  )
order by
  c.name;

/* @name departmentsSeen */
select
  d.id as "id!",
  d.name as "name!"
from
  department d
where
  exists (
    select
      1
    from
      projects_in_reach (:reach!, :asker!) p
    where
      p.department_id = d.id
  )
order by
  d.name;

/* @name projectsSeen */
select
  p.id as "id!",
  p.client_id as "clientId?",
  p.department_id as "departmentId?",
  p.name as "name!",
  work_text (p) as "shown!",
  p.code as "code!",
  p.order_reference as "orderReference!",
  p.tone as "tone!",
  (p.state = 'open') as "open!",
  p.billable as "billable!",
  p.manager_id as "managerId!"
from
  projects_in_reach (:reach!, :asker!) p
order by
  p.name;

/* @name tasksSeen */
select
  t.id as "id!",
  t.project_id as "projectId!",
  t.parent_id as "parentId?",
  t.name as "name!",
  t.kind as "kind!",
  (t.state = 'open') as "open!"
from
  task t
  join projects_in_reach (:reach!, :asker!) p on p.firm_id = t.firm_id
  and p.id = t.project_id
order by
  t.project_id,
  t.place,
  t.name;

/* @name servicesSeen */
select
  id as "id!",
  code as "code!",
  name as "name!",
  kind as "kind!",
  billable as "billable!"
from
  service
order by
  name;

/* @name workedLately */
select
  e.project_id as "projectId!",
  e.task_id as "taskId?"
from
  entry e
where
  e.person_id = :asker!
  and e.work_date > :since!
  and e.project_id is not null
group by
  e.project_id,
  e.task_id
order by
  max(e.work_date) desc,
  max(e.id::text) desc
limit
  12;
