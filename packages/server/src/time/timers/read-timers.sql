/* @name recordedOn */
select
  coalesce(sum(quantity), 0) as "seconds!"
from
  entry
where
  person_id = :person!
  and work_date = :date!
  and kind = 'time';
