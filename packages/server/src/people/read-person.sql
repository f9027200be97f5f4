/* @name factsOfPerson */
select
  p.id as "id!",
  p.name as "name!",
  p.email as "email!",
  p.staff_number as "staffNumber!",
  p.version as "version!",
  p.kind as "kind!",
  po.position_id as "positionId?",
  po.valid_from as "positionFrom?",
  p.department_id as "departmentId?",
  p.zone as "zone!",
  p.record_ways as "ways?",
  p.day_maximum as "dayMaximum?",
  p.week_maximum as "weekMaximum?",
  s.planned as "hours?",
  s.day_start as "dayStart?",
  s.day_end as "dayEnd?",
  s.valid_from as "plannedFrom?",
  p.started_on as "startedOn!"
from
  person p
  left join person_position po on po.firm_id = p.firm_id
  and po.person_id = p.id
  and holds_on (po.valid_from, po.valid_to, :on!)
  left join schedule s on s.firm_id = p.firm_id
  and s.person_id = p.id
  and holds_on (s.valid_from, s.valid_to, :on!)
where
  p.id = :person!;
