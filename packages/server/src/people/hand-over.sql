/* @name projectsManaged */
select
  p.id as "id!",
  p.name as "name!",
  c.name as "client?"
from
  project p
  left join client c on c.firm_id = p.firm_id
  and c.id = p.client_id
where
  p.manager_id = :person!
  and is_live (p)
order by
  c.name nulls first,
  p.name;

/* @name openDays */
select
  e.work_date as "date!",
  sum(e.quantity)::bigint as "duration!"
from
  entry e
where
  e.person_id = :person!
  and e.stage = 'recorded'
  and e.kind = 'time'
group by
  e.work_date
order by
  e.work_date;

/* @name giveProjects */
update project
set
  manager_id = :to!
where
  id = any (:projects!)
  and manager_id = :person!
returning
  id as "id!",
  name as "name!";

/* @name leadTeams */
update team
set
  lead_id = :to!,
  version = version + 1
where
  id = any (:teams!);
