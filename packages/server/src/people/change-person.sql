/* @name lockPeople */
select
  p.id as "id!",
  p.name as "name!",
  p.email as "email!",
  p.staff_number as "staffNumber!",
  p.zone as "zone!",
  p.kind as "kind!",
  p.department_id as "departmentId?",
  p.started_on as "startedOn!",
  p.left_on as "leftOn?",
  p.version as "version!",
  h.roles as "roles!",
  h.own_roles as "ownRoles!",
  h.exceptions as "exceptions!"
from
  person p
  cross join held_by (p.id) h
where
  p.id = any (:people!)
order by
  p.id
for update of
  p;

/* @name giveRoles */
insert into
  person_role (firm_id, person_id, role)
select
  :firm!,
  g.person,
  g.role
from
  jsonb_to_recordset(:given!) as g (person uuid, role text);

/* @name setPerson */
update person
set
  name = :name!,
  email = :email!,
  staff_number = :staffNumber!,
  kind = :kind!,
  department_id = :departmentId,
  zone = :zone!,
  started_on = :startedOn!,
  version = version + 1
where
  id = :person!;

/* @name dropRoles */
delete from person_role
where
  person_id = any (:people!);

/* @name raisePeople */
update person
set
  version = version + 1
where
  id = any (:people!);

/* @name raisePerson */
update person
set
  left_on = :leftOn,
  version = version + 1
where
  id = :person!;

/* @name endMembership */
select
  end_membership (:firm!, :person!, :at);

/* @name ownersWithAccount */
select
  a.person_id as "id!"
from
  accounts_of (:firm!) a
  join person_role r on r.person_id = a.person_id
  and r.role = 'owner';

/* @name heldWithAccount */
select
  h.roles as "roles!",
  h.own_roles as "ownRoles!",
  h.exceptions as "exceptions!"
from
  accounts_of (:firm!) a
  cross join held_by (a.person_id) h
where
  a.person_id = :person!;

/* @name ownRolesByIds */
select
  id as "id!",
  name as "name!",
  rights as "rights!"
from
  own_role
where
  id = any (:ids!)
order by
  name;

/* @name dropOwnRoles */
delete from person_own_role
where
  person_id = any (:people!);

/* @name giveOwnRoles */
insert into
  person_own_role (firm_id, person_id, role_id)
select
  :firm!,
  g.person,
  g.role
from
  jsonb_to_recordset(:given!) as g (person uuid, role uuid);

/* @name dropExceptions */
delete from person_exception
where
  person_id = any (:people!);

/* @name addExceptions */
insert into
  person_exception (firm_id, person_id, permission, reach)
select
  :firm!,
  :person!,
  e.permission,
  e.reach
from
  jsonb_to_recordset(:exceptions!) as e (permission text, reach text);

/* @name groupByIds */
select
  g.id as "id!",
  g.kind as "kind!",
  g.name as "name!",
  g.ended as "ended!"
from
  (
    select
      id,
      'position' as kind,
      name,
      ended
    from
      position
    union all
    select
      id,
      'department',
      name,
      ended
    from
      department
  ) g
where
  g.id = any (:ids!);

/* @name positionNow */
select
  po.position_id as "id?",
  po.name as "name?"
from
  positions_on (:on!) po
where
  po.person_id = :person!;

/* @name lastRecorded */
select
  max(e.work_date) as "day?"
from
  entry e
where
  e.person_id = :person!
  and e.work_date >= :from!;

/* @name endPositions */
update person_position
set
  valid_to = :from!::date - 1
where
  person_id = :person!
  and valid_from < :from!
  and (
    valid_to is null
    or valid_to >= :from!
  );

/* @name dropLaterPositions */
delete from person_position
where
  person_id = :person!
  and valid_from >= :from!;

/* @name addPositionOf */
insert into
  person_position (firm_id, person_id, position_id, valid_from)
values
  (:firm!, :person!, :position!, :from!);
