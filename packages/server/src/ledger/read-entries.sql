/* @name selectEntries */
select
  e.id as "id!",
  e.kind as "kind!",
  e.person_id as "personId!",
  e.work_date as "date!",
  e.project_id as "projectId?",
  e.task_id as "taskId?",
  e.service_id as "serviceId?",
  a.code as "absenceCode?",
  e.quantity as "quantity!",
  e.billable as "billable!",
  e.note as "note!",
  e.explanation as "explanation!",
  e.stage as "stage!",
  e.billing_state as "billingState!",
  e.hold_reason as "holdReason?",
  (
    e.stage = 'approved'
    and e.billed_quantity > 0
  ) as "inDraft!",
  e.origin as "origin!",
  s.start_at as "startAt?",
  s.end_at as "endAt?",
  coalesce(s.break_seconds, 0) as "breakSeconds!",
  coalesce(s.zone, p.zone) as "zone!",
  e.problems as "problems!",
  e.lag_days as "lagDays!",
  e.late as "late!",
  e.changed_by_other as "changedByOther!",
  d.outcome as "outcome?",
  d.reason as "decisionReason?",
  d.at as "decidedAt?",
  d.by_name as "decidedBy?",
  e.billable_quantity as "billableQuantity!",
  e.rate as "rate?",
  e.value_minor as "valueMinor?",
  e.value_currency as "valueCurrency?",
  e.version as "version!",
  e.cost_minor as "costMinor?"
from
  entries_in_reach (:reach!, :asker!) e
  join person p on p.firm_id = e.firm_id
  and p.id = e.person_id
  left join entry_span s on s.firm_id = e.firm_id
  and s.entry_id = e.id
  left join entry_absence a on a.firm_id = e.firm_id
  and a.entry_id = e.id
  left join lateral (
    select
      x.outcome,
      x.reason,
      x.at,
      dp.name as by_name
    from
      decision x
      join person dp on dp.firm_id = x.firm_id
      and dp.id = x.by_id
    where
      x.firm_id = e.firm_id
      and x.entry_id = e.id
    order by
      x.at desc
    limit
      1
  ) d on e.stage = 'recorded'
where
  (
    :anyId!
    or e.id = any (:ids!)
  )
  and (
    :anyPerson!
    or e.person_id = any (:people!)
  )
  and e.work_date between :from! and :to!
order by
  e.work_date,
  s.start_at nulls last,
  e.id;
