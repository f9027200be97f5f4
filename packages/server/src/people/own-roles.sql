/* @name listOwnRoles */
select
  o.id as "id!",
  o.name as "name!",
  o.rights as "rights!",
  o.version as "version!",
  (
    select
      count(*)
    from
      person_own_role p
    where
      p.role_id = o.id
  ) as "people!"
from
  own_role o
order by
  o.name;

/* @name addOwnRole */
insert into
  own_role (firm_id, id, name, rights)
values
  (:firm!, :id!, :name!, :rights!);

/* @name setOwnRole */
update own_role
set
  name = :name!,
  rights = :rights!,
  version = version + 1
where
  id = :id!;

/* @name dropOwnRole */
delete from own_role
where
  id = :id!;

/* @name heldByPeople */
select
  p.id as "id!",
  h.roles as "roles!",
  h.own_roles as "ownRoles!",
  h.exceptions as "exceptions!"
from
  person p
  cross join held_by (p.id) h
where
  p.id = any (:people!);

/* @name teamsLedWith */
select
  t.name as "name!"
from
  team t
  join team_person tp on tp.firm_id = t.firm_id
  and tp.team_id = t.id
where
  t.lead_id = :lead!
  and tp.person_id = :person!
order by
  t.name;

/* @name accessTo */
select
  p.manager_id as "managerId!",
  not p.restricted as "open!",
  p.id in (
    select
      projects_naming (:person!)
  ) as "named!"
from
  project p
where
  p.id = :project!;
