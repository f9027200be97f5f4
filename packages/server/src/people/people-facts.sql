/* @name lockPeople */
select
  id as "id!"
from
  person
where
  id = any (:people!)
order by
  id
for no key update;

/* @name peopleFacts */
select
  p.id as "id!",
  p.name as "name!",
  p.zone as "zone!"
from
  people_in_reach (:reach!, :asker!) p
where
  p.id = any (:people!);
