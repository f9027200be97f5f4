/* @name setRecording */
update person
set
  record_ways = :ways,
  day_maximum = :dayMaximum,
  week_maximum = :weekMaximum,
  version = version + 1
where
  id = :person!;

/* @name recordingNow */
select
  p.record_ways as "ways?",
  p.day_maximum as "dayMaximum?",
  p.week_maximum as "weekMaximum?"
from
  person p
where
  p.id = :person!;

/* @name dropLaterPlans */
delete from schedule
where
  person_id = :person!
  and valid_from >= :from!;

/* @name endPlans */
update schedule
set
  valid_to = :last!
where
  person_id = :person!
  and valid_from <= :last!
  and (
    valid_to is null
    or valid_to > :last!
  );

/* @name plannedForNew */
select
  planned as "planned!",
  day_start as "dayStart!",
  day_end as "dayEnd!"
from
  firm;

/* @name setPlannedForNew */
update firm
set
  planned = :planned!;
