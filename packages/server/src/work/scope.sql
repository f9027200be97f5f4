/* @name scopeProjects */
select
  p.id as "id!"
from
  projects_in_reach (:reach!, :asker!) p
where
  (
    :kind! = 'project'
    and p.id = :id!
  )
  or (
    :kind! = 'client'
    and p.client_id = :id!
  )
  or (
    :kind! = 'department'
    and p.department_id = :id!
  );

/* @name scopeTask */
with recursive
  below as (
    select
      t.firm_id,
      t.id,
      t.project_id
    from
      task t
      join projects_in_reach (:reach!, :asker!) p on p.firm_id = t.firm_id
      and p.id = t.project_id
    where
      t.id = :id!
    union all
    select
      c.firm_id,
      c.id,
      c.project_id
    from
      task c
      join below b on c.firm_id = b.firm_id
      and c.parent_id = b.id
  )
select
  id as "id!",
  project_id as "projectId!"
from
  below;
