/* @name teamsOfFirm */
select
  t.id as "id!",
  t.name as "name!",
  t.lead_id as "leadId!",
  t.version as "version!",
  array(
    select
      tp.person_id
    from
      team_person tp
    where
      tp.team_id = t.id
    order by
      tp.person_id
  ) as "people!"
from
  team t
where
  :lead::uuid is null
  or t.lead_id = :lead
order by
  t.name;

/* @name peopleForTeams */
select
  p.id as "id!",
  p.name as "name!",
  po.name as "position?",
  p.left_on as "leftOn?"
from
  person p
  left join positions_on (:on!) po on po.firm_id = p.firm_id
  and po.person_id = p.id
order by
  p.name;

/* @name addTeam */
insert into
  team (firm_id, id, name, lead_id)
values
  (:firm!, :id!, :name!, :leadId!);

/* @name setTeam */
update team
set
  name = :name!,
  lead_id = :leadId!,
  version = version + 1
where
  id = :id!;

/* @name outdateNaming */
update project
set
  version = version + 1
where
  id in (
    select
      x.project_id
    from
      project_team x
    where
      x.team_id = :id!
  );

/* @name nameItsPeople */
insert into
  project_person (firm_id, project_id, person_id)
select
  x.firm_id,
  x.project_id,
  m.id
from
  project_team x
  join (
    select
      t.id as team,
      t.lead_id as id
    from
      team t
    union
    select
      m.team_id,
      m.person_id
    from
      team_person m
  ) m on m.team = x.team_id
where
  x.team_id = :id!
on conflict do nothing;

/* @name nameOther */
insert into
  project_team (firm_id, project_id, team_id)
select
  x.firm_id,
  x.project_id,
  :into!
from
  project_team x
where
  x.team_id = :id!
on conflict do nothing;

/* @name nameNoMore */
delete from project_team
where
  team_id = :id!;

/* @name dropTeam */
delete from team
where
  id = :id!;

/* @name dropFromTeam */
delete from team_person
where
  team_id = :id!;

/* @name addToTeam */
insert into
  team_person (firm_id, team_id, person_id)
select
  :firm!,
  :id!,
  unnest(:people!::uuid[])
on conflict do nothing;
