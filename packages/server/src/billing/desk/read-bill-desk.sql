/* @name deskEntries */
select
  b.id as "id!",
  b.kind as "kind!",
  e.version as "version!",
  b.work_date as "date!",
  b.person_id as "personId?",
  coalesce(pe.name, '') as "personName!",
  b.project_id as "projectId!",
  b.task_id as "taskId?",
  t.name as "taskName?",
  coalesce(s.name, '') as "serviceName!",
  e.note as "note!",
  e.quantity as "recorded!",
  b.seconds as "seconds!",
  e.rate as "rate?",
  b.value_minor as "minor?",
  b.ready_minor as "ready!",
  e.hold_reason as "holdReason?",
  e.problems as "problems!"
from
  to_bill_in_reach (:upTo!, :day!, :reach!, :asker!) b
  join entry e on e.firm_id = b.firm_id
  and e.id = b.id
  left join person pe on pe.firm_id = b.firm_id
  and pe.id = b.person_id
  left join service s on s.firm_id = e.firm_id
  and s.id = e.service_id
  left join task t on t.firm_id = e.firm_id
  and t.id = e.task_id
where
  in_scope (
    b.project_id,
    b.task_id,
    b.person_id,
    false,
    :projects!,
    :anyTask!,
    :tasks!,
    null
  )
order by
  b.work_date,
  pe.name,
  b.id;

/* @name deskRest */
select
  coalesce(
    sum(e.quantity) filter (
      where
        e.stage = 'recorded'
        and e.work_date <= :upTo!
    ),
    0
  ) as "recorded!",
  coalesce(
    sum(e.quantity) filter (
      where
        e.stage = 'submitted'
        and e.work_date <= :upTo!
    ),
    0
  ) as "submitted!",
  coalesce(
    sum(e.quantity) filter (
      where
        e.stage = 'approved'
        and e.billing_state = 'nothing to bill'
        and e.work_date <= :upTo!
    ),
    0
  ) as "notBillable!",
  coalesce(
    sum(e.quantity) filter (
      where
        is_to_bill (e.stage, e.billing_state, e.billed_quantity)
        and e.work_date > :upTo!
    ),
    0
  ) as "later!",
  coalesce(
    sum(e.quantity) filter (
      where
        e.stage = 'approved'
        and e.billing_state = 'written off'
    ),
    0
  ) as "writtenOff!",
  coalesce(
    sum(e.billed_quantity) filter (
      where
        e.stage = 'approved'
        and e.billed_quantity > 0
    ),
    0
  ) as "inDrafts!"
from
  entries_in_reach (:reach!, :asker!) e
where
  e.kind = 'time'
  and in_scope (
    e.project_id,
    e.task_id,
    e.person_id,
    false,
    :projects!,
    :anyTask!,
    :tasks!,
    null
  );

/* @name deskWrittenOff */
select
  count(*) over ()::int as "count!",
  e.id as "id!",
  e.version as "version!",
  e.work_date as "date!",
  coalesce(pe.name, '') as "personName!",
  e.quantity as "recorded!",
  e.value_minor as "minor?",
  e.write_off_reason as "reason!"
from
  entries_in_reach (:reach!, :asker!) e
  left join person pe on pe.firm_id = e.firm_id
  and pe.id = e.person_id
where
  e.billing_state = 'written off'
  and e.work_date <= :upTo!
  and in_scope (
    e.project_id,
    e.task_id,
    e.person_id,
    false,
    :projects!,
    :anyTask!,
    :tasks!,
    null
  )
order by
  e.work_date,
  e.id
limit
  200;

/* @name deskProjects */
select
  p.id as "id!",
  work_text (p) as "name!",
  p.client_id as "clientId?",
  c.name as "clientName?",
  c.currency as "currency?",
  coalesce(a.method, 'not billable') as "method!",
  (m.id is not null) as "money!",
  coalesce(
    (
      select
        sum(e.value_minor)
      from
        entries_in_reach (:moneyReach!, :asker!) e
      where
        e.project_id = p.id
        and e.stage = 'submitted'
    ),
    0
  )::bigint as "submittedMinor!"
from
  projects_in_reach (:reach!, :asker!) p
  left join projects_with_money (:moneyReach!, :asker!) m on m.firm_id = p.firm_id
  and m.id = p.id
  left join client c on c.firm_id = p.firm_id
  and c.id = p.client_id
  left join agreements_on (:upTo!) a on a.firm_id = p.firm_id
  and a.project_id = p.id
where
  p.id = any (:projects!)
order by
  p.name;

/* @name billedByProject */
select
  l.project_id as "projectId!",
  i.id as "invoiceId!",
  i.kind as "kind!",
  sum(l.net_minor)::bigint as "net!",
  i.gross_minor as "gross!",
  i.settled_minor as "settled!",
  i.credited_minor as "credited!"
from
  invoice_line l
  join invoice i on i.firm_id = l.firm_id
  and i.id = l.invoice_id
  join projects_with_money (:reach!, :asker!) p on p.firm_id = l.firm_id
  and p.id = l.project_id
where
  i.status = 'issued'
  and l.project_id = any (:projects!)
group by
  l.project_id,
  i.id,
  i.kind,
  i.gross_minor,
  i.settled_minor,
  i.credited_minor;

/* @name draftsOf */
select
  i.id as "id!",
  i.version as "version!",
  i.net_minor as "minor!",
  i.created_at as "at!",
  p.name as "by!"
from
  invoices_in_reach (:reach!, :asker!) i
  join person p on p.firm_id = i.firm_id
  and p.id = i.created_by
where
  i.status = 'draft'
  and i.client_id = :client!
  and exists (
    select
      1
    from
      invoice_line l
    where
      l.firm_id = i.firm_id
      and l.invoice_id = i.id
      and l.project_id = any (:projects!)
  )
order by
  i.created_at;
