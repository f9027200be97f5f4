/* @name peopleFacts */
select
  p.id as "id!",
  p.name as "name!",
  p.zone as "zone!"
from
  people_in_reach (:reach!, :asker!) p
where
  p.id = any (:people!);
