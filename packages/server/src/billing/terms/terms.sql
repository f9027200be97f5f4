/* @name termsOfFirm */
select
  f.rounding_increment as "increment!",
  f.rounding_mode as "mode!",
  f.rounding_unit as "unit!",
  f.rounding_minimum as "minimum!",
  f.decimal_places as "decimalPlaces?",
  f.version as "version!"
from
  firm f;

/* @name projectsByTerms */
select
  count(o.id) as "same!",
  count(*) - count(o.id) as "otherwise!"
from
  agreements_on (:day!) a
  join project p on p.firm_id = a.firm_id
  and p.id = a.project_id
  left join agreements_of_the_firm () o on o.firm_id = a.firm_id
  and o.id = a.id
where
  a.method = 'time and materials'
  and is_live (p);

/* @name lastRecorded */
select
  max(e.work_date) as "day?"
from
  entry e
  join agreements_of_the_firm () a on a.firm_id = e.firm_id
  and a.project_id = e.project_id
where
  e.kind = 'time'
  and holds_on (a.valid_from, a.valid_to, e.work_date);

/* @name goingAlong */
select
  a.id as "id!",
  a.project_id as "projectId!"
from
  agreement a
where
  a.id in (
    select
      id
    from
      agreements_of_the_firm ()
  )
  and a.valid_from < :from!
  and (
    a.valid_to is null
    or a.valid_to >= :from!
  )
order by
  a.id
for update of
  a;

/* @name changeLater */
update agreement
set
  rounding_increment = :increment!,
  rounding_mode = :mode!,
  rounding_unit = :unit!,
  rounding_minimum = :minimum!,
  decimal_places = :decimalPlaces
where
  valid_from >= :from!
  and id in (
    select
      id
    from
      agreements_of_the_firm ()
  );

/* @name setTerms */
update firm
set
  rounding_increment = :increment!,
  rounding_mode = :mode!,
  rounding_unit = :unit!,
  rounding_minimum = :minimum!,
  decimal_places = :decimalPlaces,
  version = version + 1;

/* @name lengthsLately */
select
  l.recorded as "recorded!",
  count(*) as "times!",
  sum(l.billed)::bigint as "billed!"
from
  (
    select
      sum(e.quantity)::bigint as recorded,
      sum(e.billable_quantity)::bigint as billed
    from
      entry e
      join agreements_of_the_firm () a on a.firm_id = e.firm_id
      and a.project_id = e.project_id
      and holds_on (a.valid_from, a.valid_to, e.work_date)
    where
      e.kind = 'time'
      and e.billable
      and e.work_date between :since! and :to!
    group by
      case
        when :unit! = 'day' then concat(e.person_id, ' ', e.work_date, ' ', e.project_id, ' ', e.task_id)
        else e.id::text
      end
  ) l
group by
  l.recorded;
