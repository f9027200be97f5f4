/* @name toBillProjects */
select
  p.id as "projectId!",
  p.name as "projectName!",
  c.id as "clientId!",
  c.name as "clientName!",
  c.currency as "currency!",
  min(e.work_date) as "oldest!",
  coalesce(
    sum(e.billable_quantity) filter (
      where
        e.hold_reason is null
        and e.rate is not null
    ),
    0
  ) as "seconds!",
  coalesce(
    sum(e.value_minor) filter (
      where
        e.hold_reason is null
        and e.rate is not null
    ),
    0
  ) as "minor!",
  count(*) filter (
    where
      e.hold_reason is not null
  ) as "held!",
  count(*) filter (
    where
      e.rate is null
  ) as "unpriced!",
  (
    select
      a.limit_minor
    from
      agreement a
    where
      a.firm_id = p.firm_id
      and a.project_id = p.id
      and a.valid_from <= :upTo!
      and (
        a.valid_to is null
        or a.valid_to >= :upTo!
      )
  ) as "limit?",
  coalesce(
    (
      select
        sum(l.net_minor)
      from
        invoice_line l
        join invoice i on i.firm_id = l.firm_id
        and i.id = l.invoice_id
      where
        l.firm_id = p.firm_id
        and l.project_id = p.id
        and i.status = 'issued'
    ),
    0
  ) as "billedNet!"
from
  entries_in_reach (:reach!, :asker!) e
  join project p on p.firm_id = e.firm_id
  and p.id = e.project_id
  join client c on c.firm_id = p.firm_id
  and c.id = p.client_id
where
  e.stage = 'approved'
  and e.billing_state = 'to bill'
  and e.billed_quantity = 0
  and e.work_date <= :upTo!
  and (
    :all!
    or e.project_id = any (:projects!)
  )
  and (
    :anyTask!
    or e.task_id = any (:tasks!)
  )
  and (
    :whose::uuid is null
    or e.person_id = :whose
  )
group by
  p.firm_id,
  p.id,
  p.name,
  c.id,
  c.name,
  c.currency
order by
  min(e.work_date),
  p.name;
