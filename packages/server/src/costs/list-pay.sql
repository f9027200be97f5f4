/* @name payInReach */
select
  p.id as "id!",
  p.name as "name!",
  po.name as "position?",
  r.rate as "pay?",
  r.valid_from as "payFrom?",
  o.kind as "overheadKind?",
  o.value as "overhead?",
  sr.rate as "standard?"
from
  people_in_reach (:reach!, :asker!) p
  left join person_position pp on pp.firm_id = p.firm_id
  and pp.person_id = p.id
  and pp.valid_from <= :on!
  and (
    pp.valid_to is null
    or pp.valid_to >= :on!
  )
  left join position po on po.firm_id = pp.firm_id
  and po.id = pp.position_id
  left join standard_cost_rate sr on sr.firm_id = pp.firm_id
  and sr.position_id = pp.position_id
  and sr.valid_from <= :on!
  and (
    sr.valid_to is null
    or sr.valid_to >= :on!
  )
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
