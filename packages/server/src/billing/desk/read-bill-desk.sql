/* @name deskEntries */
select
  e.id as "id!",
  e.version as "version!",
  e.work_date as "date!",
  e.person_id as "personId!",
  pe.name as "personName!",
  e.project_id as "projectId!",
  e.task_id as "taskId?",
  t.name as "taskName?",
  s.name as "serviceName!",
  e.note as "note!",
  e.quantity as "recorded!",
  e.billable_quantity as "seconds!",
  e.rate as "rate?",
  e.value_minor as "minor?",
  e.hold_reason as "holdReason?",
  e.problems as "problems!"
from
  entries_in_reach (:reach!, :asker!) e
  join person pe on pe.firm_id = e.firm_id
  and pe.id = e.person_id
  join service s on s.firm_id = e.firm_id
  and s.id = e.service_id
  left join task t on t.firm_id = e.firm_id
  and t.id = e.task_id
where
  e.stage = 'approved'
  and e.billing_state = 'to bill'
  and e.billed_quantity = 0
  and e.work_date <= :upTo!
  and e.project_id = any (:projects!)
  and (
    :anyTask!
    or e.task_id = any (:tasks!)
  )
order by
  e.work_date,
  pe.name,
  e.id;

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
        e.stage = 'approved'
        and e.billing_state = 'to bill'
        and e.billed_quantity = 0
        and e.work_date > :upTo!
    ),
    0
  ) as "later!",
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
  and e.project_id = any (:projects!)
  and (
    :anyTask!
    or e.task_id = any (:tasks!)
  );

/* @name deskProjects */
select
  p.id as "id!",
  p.name as "name!",
  p.client_id as "clientId?",
  c.name as "clientName?",
  c.currency as "currency?",
  coalesce(a.method, 'not billable') as "method!",
  a.limit_minor as "limit?",
  coalesce(
    (
      select
        sum(e.value_minor)
      from
        entry e
      where
        e.firm_id = p.firm_id
        and e.project_id = p.id
        and e.stage = 'submitted'
    ),
    0
  ) as "submittedMinor!"
from
  projects_in_reach (:reach!, :asker!) p
  left join client c on c.firm_id = p.firm_id
  and c.id = p.client_id
  left join agreement a on a.firm_id = p.firm_id
  and a.project_id = p.id
  and a.valid_from <= :upTo!
  and (
    a.valid_to is null
    or a.valid_to >= :upTo!
  )
where
  p.id = any (:projects!)
order by
  p.name;

/* @name billedByProject */
select
  l.project_id as "projectId!",
  i.id as "invoiceId!",
  i.kind as "kind!",
  sum(l.net_minor) as "net!",
  i.gross_minor as "gross!",
  i.settled_minor as "settled!",
  i.credited_minor as "credited!"
from
  invoice_line l
  join invoice i on i.firm_id = l.firm_id
  and i.id = l.invoice_id
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
  invoice i
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
