/* @name rulesNow */
select
  locked_until as "lockedUntil?",
  period_from as "periodFrom?"
from
  firm;

/* @name lockProjectRows */
select
  id as "id!"
from
  project
where
  id = any (:ids!)
order by
  id
for no key update;

/* @name lockSheets */
select
  t.id as "id!",
  t.person_id as "personId!",
  t.period_from as "from!",
  t.period_to as "to!",
  t.state as "state!",
  t.version as "version!"
from
  timesheet t
where
  (t.person_id, t.period_from) in (
    select
      s."personId",
      s."from"
    from
      jsonb_to_recordset(:sheets!) as s ("personId" uuid, "from" date)
  )
order by
  t.id
for update;

/* @name makeSheets */
insert into
  timesheet (firm_id, id, person_id, period_from, period_to)
select
  :firm!,
  s.id,
  s."personId",
  s."from",
  s."to"
from
  jsonb_to_recordset(:sheets!) as s (id uuid, "personId" uuid, "from" date, "to" date)
order by
  s."personId",
  s."from"
on conflict do nothing;
