/* @name scheduleOf */
select
  person_id as "personId!",
  valid_from as "validFrom!",
  valid_to as "validTo?",
  planned as "planned!",
  day_start as "dayStart!",
  day_end as "dayEnd!"
from
  schedule
where
  person_id = any (:people!)
  and valid_from <= :to!
  and (
    valid_to is null
    or valid_to >= :from!
  )
order by
  person_id,
  valid_from;
