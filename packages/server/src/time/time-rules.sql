/* @name timeRules */
select
  f.day_maximum as "dayMaximum!",
  f.week_maximum as "weekMaximum!",
  f.gap_tolerance as "gapTolerance!",
  f.locked_until as "lockedUntil?",
  f.review as "review!",
  array(
    select
      p.id
    from
      project p
    where
      not p.review
    order by
      p.id
  ) as "unreviewed!",
  f.version as "version!"
from
  firm f;

/* @name setTimeRules */
update firm
set
  day_maximum = :dayMaximum!,
  week_maximum = :weekMaximum!,
  gap_tolerance = :gapTolerance!,
  locked_until = :lockedUntil,
  review = :review!,
  version = version + 1;

/* @name setReviewOfProjects */
update project
set
  review = id <> all (:unreviewed!)
where
  review = (id = any (:unreviewed!));

/* @name projectsByIds */
select
  id as "id!",
  name as "name!"
from
  project
where
  id = any (:ids!)
order by
  name;

/* @name dayTotals */
select
  e.person_id as "personId!",
  e.work_date as "date!",
  sum(e.quantity)::bigint as "seconds!"
from
  entry e
where
  e.kind = 'time'
  and e.work_date between :from! and :to!
group by
  e.person_id,
  e.work_date;

/* @name leftUndone */
select
  coalesce(
    sum(e.quantity) filter (
      where
        e.stage = 'recorded'
    ),
    0
  )::bigint as "recorded!",
  coalesce(
    sum(e.quantity) filter (
      where
        e.stage = 'submitted'
    ),
    0
  )::bigint as "submitted!",
  count(distinct e.person_id) as "people!"
from
  entry e
where
  e.kind = 'time'
  and e.stage in ('recorded', 'submitted')
  and e.work_date <= :until!;
