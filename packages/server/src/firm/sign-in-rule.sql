/* @name signInRule */
select
  factor_for_money as "factorForMoney!",
  version as "version!"
from
  firm;

/* @name setSignInRule */
update firm
set
  factor_for_money = :factorForMoney!,
  version = version + 1;

/* @name peopleWithAccount */
select
  p.id as "id!",
  p.name as "name!",
  h.roles as "roles!",
  h.own_roles as "ownRoles!",
  h.exceptions as "exceptions!",
  exists (
    select
    from
      second_factors_of (:firm!) f
    where
      f.person_id = p.id
  ) as "factor!"
from
  accounts_of (:firm!) a
  join person p on p.id = a.person_id
  cross join held_by (p.id) h
order by
  p.name;
