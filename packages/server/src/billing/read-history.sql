/* @name historyOf */
select
  v.id as "id!",
  v.at as "at!",
  p.name as "by!",
  v.action as "action!",
  v.reason as "reason!",
  s.subject_kind as "kind!",
  s.before as "before?",
  s.after as "after?",
  s.money_before as "moneyBefore?",
  s.money_after as "moneyAfter?"
from
  audit_subject s
  join audit_event v on v.firm_id = s.firm_id
  and v.id = s.event_id
  join person p on p.firm_id = v.firm_id
  and p.id = v.actor_id
where
  s.subject_id = :id!
order by
  v.at,
  v.xact,
  v.id;

/* @name namesOfWork */
select
  id as "id!",
  name as "name!"
from
  project
where
  id = any (:ids!)
union all
select
  id,
  name
from
  task
where
  id = any (:ids!)
union all
select
  id,
  name
from
  service
where
  id = any (:ids!)
union all
select
  id,
  name
from
  person
where
  id = any (:ids!);

/* @name goneInReach */
select
  g.entry_id as "id!"
from
  gone_in_reach (:reach!, :asker!) g
where
  g.entry_id = :id!;

/* @name workLookedAfter */
select
  p.id as "id!"
from
  projects_to_change (:reach!, :asker!) p
where
  p.id = :id!
  or p.client_id = :id!
union
select
  c.id
from
  client c
where
  c.id = :id!
  and :reach!::text = 'firm';

/* @name personHere */
select
  p.id as "id!"
from
  person p
where
  p.id = :id!
union all
select
  t.id
from
  team t
where
  t.id = :id!
union all
select
  o.id
from
  own_role o
where
  o.id = :id!
union all
select
  g.id
from
  position g
where
  g.id = :id!
union all
select
  d.id
from
  department d
where
  d.id = :id!;
