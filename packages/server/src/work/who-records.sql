/* @name whoRecords */
select
  p.id as "id!",
  p.version as "version!",
  not p.restricted as "everyone!"
from
  projects_to_change (:reach!, :asker!) p
where
  p.id = :id!;

/* @name peopleNamed */
select
  r.id as "id!",
  r.name as "name!"
from
  project_person x
  join person r on r.firm_id = x.firm_id
  and r.id = x.person_id
where
  x.project_id = :id!
order by
  r.name,
  r.id;

/* @name teamsNamed */
select
  t.id as "id!",
  t.name as "name!",
  (
    select
      count(*)
    from
      (
        select
          t.lead_id
        union
        select
          m.person_id
        from
          team_person m
        where
          m.team_id = t.id
      ) m
  ) as "people!",
  exists (
    select
    from
      project_team x
    where
      x.project_id = :id!
      and x.team_id = t.id
  ) as "named!"
from
  team t
order by
  t.name,
  t.id;

/* @name peopleToName */
select
  r.id as "id!",
  r.name as "name!",
  r.left_on as "leftOn?"
from
  person r
where
  r.id = any (:people!);

/* @name setEveryone */
update project
set
  restricted = not :everyone!,
  version = version + 1
where
  id = :id!;

/* @name forgetNamed */
with
  people as (
    delete from project_person
    where
      project_id = :id!
  )
delete from project_team
where
  project_id = :id!;

/* @name namePeople */
insert into
  project_person (firm_id, project_id, person_id)
select
  :firm!,
  :id!,
  unnest(:people!::uuid[]);

/* @name nameTeams */
insert into
  project_team (firm_id, project_id, team_id)
select
  :firm!,
  :id!,
  unnest(:teams!::uuid[]);
