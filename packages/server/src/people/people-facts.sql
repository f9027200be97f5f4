/* @name corrected */
select
  p.id as "id!",
  p.zone as "zone!",
  -- Who has no account here cannot submit: it is done for them.
  not exists (
    select
    from
      accounts_of (:firm!) a
    where
      a.person_id = p.id
  ) as "absent!"
from
  people_in_reach (:reach!, :asker!) p
where
  p.id = :person!;

/* @name peopleFacts */
select
  p.id as "id!",
  p.name as "name!",
  p.zone as "zone!",
  p.record_ways as "ways?",
  p.day_maximum as "dayMaximum?",
  p.week_maximum as "weekMaximum?"
from
  people_in_reach (:reach!, :asker!) p
where
  p.id = any (:people!);
