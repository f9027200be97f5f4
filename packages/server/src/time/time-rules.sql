/* @name timeRules */
select
  f.day_maximum as "dayMaximum!",
  f.week_maximum as "weekMaximum!",
  f.gap_tolerance as "gapTolerance!",
  f.record_ways as "ways!",
  f.planned as "hours!",
  f.day_start as "dayStart!",
  f.day_end as "dayEnd!",
  f.period_kind as "periodKind!",
  f.week_start as "weekStart!",
  f.period_days as "periodDays!",
  f.period_anchor as "periodAnchor!",
  f.period_from as "periodFrom?",
  f.periods_earlier as "periodsEarlier!",
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
  record_ways = :ways!,
  planned = :hours!,
  day_start = :dayStart!,
  day_end = :dayEnd!,
  locked_until = :lockedUntil,
  review = :review!,
  version = version + 1;

/* @name setPeriods */
update firm
set
  period_kind = :kind!,
  week_start = :weekStart!,
  period_days = :days!,
  period_anchor = :anchor!,
  period_from = :from!,
  periods_earlier = :earlier!,
  version = version + 1;

/* @name lastSubmitted */
select
  max(t.period_to) as "day?"
from
  timesheet t
where
  t.period_to >= :from!
  and (
    t.state = 'submitted'
    or exists (
      select
      from
        submission s
      where
        s.firm_id = t.firm_id
        and s.timesheet_id = t.id
    )
  );

/* @name dropSheets */
delete from timesheet
where
  period_from >= :from!;

/* @name cutSheets */
update timesheet
set
  period_to = :last!,
  version = version + 1
where
  period_from <= :last!
  and period_to > :last!;

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
  sum(e.quantity)::bigint as "seconds!",
  p.day_maximum as "dayMaximum?",
  p.week_maximum as "weekMaximum?"
from
  entry e
  join person p on p.firm_id = e.firm_id
  and p.id = e.person_id
where
  e.kind = 'time'
  and e.work_date between :from! and :to!
group by
  e.person_id,
  e.work_date,
  p.day_maximum,
  p.week_maximum;

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
