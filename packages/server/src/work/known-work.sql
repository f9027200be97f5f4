/* @name tasksKnown */
with recursive
  known as (
    select
      t.*
    from
      task t
    where
      t.id = any (:tasks!)
    union
    select
      t.*
    from
      known k
      join task t on t.firm_id = k.firm_id
      and t.id = k.parent_id
  )
select
  k.id as "id!",
  k.project_id as "projectId!",
  k.parent_id as "parentId?",
  k.name as "name!",
  k.kind as "kind!",
  (k.state = 'open') as "open!"
from
  known k
  join projects_in_reach (:reach!, :asker!) p on p.firm_id = k.firm_id
  and p.id = k.project_id;

/* @name projectsKnown */
select
  p.id as "id!",
  p.client_id as "clientId?",
  p.department_id as "departmentId?",
  p.name as "name!",
  work_text (p) as "shown!",
  p.code as "code!",
  p.order_reference as "orderReference!",
  p.tone as "tone!",
  s.name as "state!",
  is_live (p) as "open!",
  open_to (p, :asker!, :others!) as "takesTime!",
  case
    when p.restricted then json_build_object(
      'people',
      (
        select
          count(*)
        from
          project_person x
        where
          x.project_id = p.id
      ),
      'teams',
      (
        select
          count(*)
        from
          project_team x
        where
          x.project_id = p.id
      )
    )
  end as "named?",
  p.archived as "archived!",
  p.billable as "billable!",
  p.manager_id as "managerId!",
  p.starts_on as "startsOn?",
  p.ends_on as "endsOn?",
  p.complete as "complete?"
from
  projects_in_reach (:reach!, :asker!) p
  join project_state s on s.firm_id = p.firm_id
  and s.id = p.state_id
where
  p.id = any (:projects!);

/* @name clientsKnown */
select
  c.id as "id!",
  c.name as "name!",
  c.currency as "currency!",
  c.archived as "archived!"
from
  clients_in_reach (:reach!, :asker!, :adds!) c
where
  c.id = any (:clients!);

/* @name departmentsKnown */
select
  d.id as "id!",
  d.name as "name!"
from
  departments_in_reach (:reach!, :asker!) d
where
  d.id = any (:departments!);

/* @name peopleKnown */
select
  p.id as "id!",
  p.name as "name!",
  po.name as "position?"
from
  people_in_reach (:reach!, :asker!) p
  left join positions_on (:on!) po on po.firm_id = p.firm_id
  and po.person_id = p.id
where
  p.id = any (:people!);
