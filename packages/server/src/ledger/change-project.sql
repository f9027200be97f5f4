/* @name projectKnown */
select
  p.id as "id!",
  p.client_id as "clientId?",
  c.name as "client?",
  p.name as "name!",
  p.code as "code!",
  p.order_reference as "orderReference!",
  p.manager_id as "managerId!",
  p.tone as "tone!",
  p.estimate as "estimate!",
  p.starts_on as "startsOn?",
  p.ends_on as "endsOn?",
  p.complete as "complete?",
  p.notes as "notes!",
  p.state_id as "stateId!",
  s.name as "state!",
  takes_time (p) as "takesTime!",
  p.archived as "archived!",
  p.version as "version!"
from
  projects_in_reach (:reach!, :asker!) p
  join project_state s on s.firm_id = p.firm_id
  and s.id = p.state_id
  left join client c on c.firm_id = p.firm_id
  and c.id = p.client_id
where
  p.id = :id!;

/* @name stateOf */
select
  s.name as "name!",
  s.records as "records!",
  s.open as "open!"
from
  project_state s
where
  s.id = :id!;

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
  tone = :tone!,
  estimate = :estimate!,
  starts_on = :startsOn,
  ends_on = :endsOn,
  complete = :complete,
  notes = :notes!,
  state_id = :stateId!,
  records = :records!,
  open = :open!,
  archived = :archived!,
  version = version + 1
where
  id = :id!;

/* @name markTaking */
update entry
set
  problems = case
    when :takeTime! then array_remove(problems, 'project-closed')
    else array_prepend('project-closed', problems)
  end,
  problem_count = problem_count + case
    when :takeTime! then -1
    else 1
  end,
  version = version + 1
where
  project_id = any (:projects!)
  and stage in ('recorded', 'submitted')
  and ('project-closed' = any (problems)) = :takeTime!;
