/* @name deletedEntries */
select distinct
  on (s.subject_id) s.subject_id as "id!",
  s.before as "before!",
  s.money_before as "moneyBefore?",
  e.actor_id as "deletedBy!",
  t.project_id as "projectNow?"
from
  audit_subject s
  join audit_event e on e.firm_id = s.firm_id
  and e.id = s.event_id
  left join task t on t.firm_id = s.firm_id
  and t.id = (s.before ->> 'taskId')::uuid
where
  s.subject_id = any (:ids!)
  and s.after is null
order by
  s.subject_id,
  -- Versions only rise: the highest is the one that was deleted last.
  (s.before ->> 'version')::int desc;
