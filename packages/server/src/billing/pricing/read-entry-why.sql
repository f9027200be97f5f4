/* @name sharesOfEntry */
select
  i.id as "invoiceId!",
  i.number_text as "number?",
  sum(s.quantity) as "quantity!",
  sum(s.amount_minor) as "minor!"
from
  line_share s
  join invoice_line l on l.firm_id = s.firm_id
  and l.id = s.line_id
  join invoice i on i.firm_id = l.firm_id
  and i.id = l.invoice_id
where
  s.entry_id = :entry!
  and s.live
group by
  i.id,
  i.number_text,
  i.created_at
order by
  i.created_at;

/* @name rulesInWords */
select
  r.id as "id!",
  r.rate as "rate!",
  r.currency as "currency!",
  r.valid_from as "validFrom!",
  r.valid_to as "validTo?",
  p.name as "person?",
  po.name as "position?",
  s.name as "service?",
  t.name as "task?",
  work_text (pr) as "project?",
  c.name as "client?"
from
  rate_rule r
  left join person p on p.firm_id = r.firm_id
  and p.id = r.person_id
  left join position po on po.firm_id = r.firm_id
  and po.id = r.position_id
  left join service s on s.firm_id = r.firm_id
  and s.id = r.service_id
  left join task t on t.firm_id = r.firm_id
  and t.id = r.task_id
  left join project pr on pr.firm_id = r.firm_id
  and pr.id = r.project_id
  left join client c on c.firm_id = r.firm_id
  and c.id = r.client_id
where
  r.id = any (:ids!);
