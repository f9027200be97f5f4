/* @name projectKnown */
select
  p.id as "id!",
  p.client_id as "clientId?",
  c.name as "client?",
  p.name as "name!",
  p.code as "code!",
  p.order_reference as "orderReference!",
  p.manager_id as "managerId!",
  p.estimate as "estimate!",
  (p.state = 'open') as "open!",
  p.version as "version!"
from
  projects_in_reach (:reach!, :asker!) p
  left join client c on c.firm_id = p.firm_id
  and c.id = p.client_id
where
  p.id = :id!;

/* @name codeTaken */
select
  p.id as "id!"
from
  project p
where
  upper(p.code) = upper(:code!)
  and p.id <> :id!;

/* @name setProject */
update project
set
  name = :name!,
  code = :code!,
  order_reference = :orderReference!,
  manager_id = :managerId!,
  estimate = :estimate!,
  state = :state!,
  version = version + 1
where
  id = :id!;

/* @name markClosed */
update entry
set
  problems = case
    when :open! then array_remove(problems, 'project-closed')
    else array_prepend('project-closed', problems)
  end,
  problem_count = problem_count + case
    when :open! then -1
    else 1
  end,
  version = version + 1
where
  project_id = :project!
  and stage in ('recorded', 'submitted')
  and ('project-closed' = any (problems)) = :open!;
