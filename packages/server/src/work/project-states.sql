/* @name statesOfProjects */
select
  s.id as "id!",
  s.name as "name!",
  s.records as "records!",
  s.open as "open!",
  s.version as "version!",
  (
    select
      count(*)
    from
      projects_in_reach (:reach!, :asker!) p
    where
      p.state_id = s.id
  ) as "projects!"
from
  project_state s
order by
  s.place,
  s.id;

/* @name addState */
insert into
  project_state (firm_id, id, name, records, open, place)
select
  :firm!,
  :id!,
  :name!,
  :records!,
  :open!,
  count(*)
from
  project_state;

/* @name projectsOfState */
select
  count(*) as "projects!"
from
  project p
where
  p.state_id = :id!;

/* @name dropState */
delete from project_state
where
  id = :id!;
