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
