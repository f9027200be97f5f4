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
  left join positions_on (:on!) po on po.firm_id = p.firm_id
  and po.person_id = p.id
  left join standard_cost_rate sr on sr.firm_id = po.firm_id
  and sr.position_id = po.position_id
  and holds_on (sr.valid_from, sr.valid_to, :on!)
  left join pay_rate r on r.firm_id = p.firm_id
  and r.person_id = p.id
  and holds_on (r.valid_from, r.valid_to, :on!)
  left join overhead o on o.firm_id = p.firm_id
  and o.person_id = p.id
  and holds_on (o.valid_from, o.valid_to, :on!)
where
  -- Whose time costs something: who records and is there, and whoever has pay.
  r.rate is not null
  or (
    (
      p.left_on is null
      or p.left_on >= :on!
    )
    and has_right (p.id, 'time.record', :recording!)
  )
order by
  p.name;
