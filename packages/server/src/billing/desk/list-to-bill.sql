/* @name toBillProjects */
select
  b.project_id as "projectId!",
  work_text (p) as "projectName!",
  c.id as "clientId!",
  c.name as "clientName!",
  b.currency as "currency!",
  b.oldest as "oldest!",
  b.seconds as "seconds!",
  b.ready as "ready!",
  b.over as "over!",
  b.held as "held!",
  b.unpriced as "unpriced!"
from
  (
    select
      r.firm_id,
      r.project_id,
      r.currency,
      min(r.work_date) as oldest,
      coalesce(
        sum(r.seconds) filter (
          where
            not r.held
            and not r.unpriced
        ),
        0
      )::bigint as seconds,
      sum(r.ready_minor)::bigint as ready,
      sum(r.over_minor)::bigint as over,
      count(*) filter (
        where
          r.held
      ) as held,
      count(*) filter (
        where
          r.unpriced
      ) as unpriced
    from
      to_bill_in_reach (:upTo!, :day!, :reach!, :asker!) r
    where
      in_scope (
        r.project_id,
        r.task_id,
        r.person_id,
        :all!,
        :projects!,
        :anyTask!,
        :tasks!,
        :whose
      )
    group by
      r.firm_id,
      r.project_id,
      r.currency
  ) b
  join project p on p.firm_id = b.firm_id
  and p.id = b.project_id
  join client c on c.firm_id = p.firm_id
  and c.id = p.client_id
where
  b.ready > 0
  or b.over > 0
  or b.held > 0
order by
  b.oldest,
  p.name;

/* @name limitsInSight */
select
  m.project_id as "projectId!",
  m.currency as "currency!",
  m.limit_minor as "limit!",
  m.used_minor as "used!",
  m.left_minor as "left!"
from
  project_limits (:day!, null) m
  join projects_with_money (:reach!, :asker!) p on p.firm_id = m.firm_id
  and p.id = m.project_id
where
  m.project_id = any (:projects!);

/* @name billedOfProjects */
select
  p.id as "projectId!",
  b.currency as "currency?",
  coalesce(b.net, 0) as "net!"
from
  projects_with_money (:reach!, :asker!) p
  left join lateral (
    select
      i.currency,
      sum(l.net_minor)::bigint as net
    from
      invoice_line l
      join invoice i on i.firm_id = l.firm_id
      and i.id = l.invoice_id
    where
      l.firm_id = p.firm_id
      and l.project_id = p.id
      and i.status = 'issued'
    group by
      i.currency
  ) b on true
where
  p.id = any (:projects!);

/* @name overLimitInSight */
select
  w.line_id as "lineId!",
  w.invoice_id as "invoiceId!",
  i.number_text as "number!",
  w.project_id as "projectId!",
  work_text (p) as "projectName!",
  c.id as "clientId!",
  c.name as "clientName!",
  w.currency as "currency!",
  w.total_minor as "total!",
  w.waiting_minor as "waiting!",
  i.issued_on as "issuedOn!"
from
  over_limit_waiting () w
  join projects_with_money (:reach!, :asker!) p on p.firm_id = w.firm_id
  and p.id = w.project_id
  join client c on c.firm_id = p.firm_id
  and c.id = p.client_id
  join invoice i on i.firm_id = w.firm_id
  and i.id = w.invoice_id
where
  w.waiting_minor > 0
  and (
    :all!
    or w.project_id = any (:projects!)
  )
order by
  i.issued_on,
  i.number_text,
  w.line_id;
