/* @name deletedEntry */
select
  s.before as "before!",
  s.money_before as "moneyBefore?"
from
  audit_subject s
  join audit_event v on v.firm_id = s.firm_id
  and v.id = s.event_id
where
  s.subject_id = :id!
  and s.subject_kind = 'entry'
  and s.after is null
order by
  v.at desc
limit
  1;
