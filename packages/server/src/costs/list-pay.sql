/* @name payInReach */
select
  p.id as "id!",
  p.name as "name!",
  po.name as "position?",
  r.rate as "pay?",
  r.valid_from as "payFrom?",
  o.kind as "overheadKind?",
  o.value as "overhead?"
from
  people_in_reach (:reach!, :asker!) p
  left join position po on po.firm_id = p.firm_id
  and po.id = p.position_id
  left join pay_rate r on r.firm_id = p.firm_id
  and r.person_id = p.id
  and r.valid_from <= :on!
  and (
    r.valid_to is null
    or r.valid_to >= :on!
  )
  left join overhead o on o.firm_id = p.firm_id
  and o.person_id = p.id
  and o.valid_from <= :on!
  and (
    o.valid_to is null
    or o.valid_to >= :on!
  )
order by
  p.name;
