/* @name lockPeople */
select
  p.id as "id!",
  p.name as "name!",
  p.email as "email!",
  p.staff_number as "staffNumber!",
  p.zone as "zone!",
  p.left_on as "leftOn?",
  p.version as "version!",
  array(
    select
      r.role
    from
      person_role r
    where
      r.person_id = p.id
    order by
      r.role
  ) as "roles!"
from
  person p
where
  p.id = any (:people!)
order by
  p.id
for update;

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

/* @name rolesWithAccount */
select
  r.role as "role!"
from
  accounts_of (:firm!) a
  join person_role r on r.person_id = a.person_id
where
  a.person_id = :person!
order by
  r.role;
