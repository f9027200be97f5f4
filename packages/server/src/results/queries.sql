/* @name resultSums */
select e.project_id as "projectId!", e.task_id as "taskId?", e.value_currency as "currency?",
  sum(e.quantity) as "seconds!", coalesce(sum(e.quantity) filter (where e.billable), 0) as "billable!", coalesce(sum(e.cost_minor), 0) as "cost!",
  coalesce(sum(e.value_minor), 0) as "value!",
  coalesce(sum(e.value_minor) filter (where e.billing_state = 'to bill' and e.stage in ('recorded', 'submitted', 'approved')), 0) as "unbilled!",
  coalesce(sum(e.value_minor) filter (where e.stage in ('billed', 'paid')), 0) as "billedStandard!"
from entries_in_reach(:reach!, :asker!) e
where e.kind = 'time' and e.project_id is not null and e.work_date between :from! and :to!
  and (:all! or e.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!))
group by 1, 2, 3;

/* @name resultBilled */
select e.project_id as "projectId!", e.task_id as "taskId?", i.currency as "currency!", i.issued_on as "issuedOn!", sum(s.amount_minor) as "amount!",
  coalesce(sum(case when l.kind = 'time' then e.value_minor * sign(s.quantity) end), 0)::bigint as "standard!"
from invoice i
join invoice_line l on l.firm_id = i.firm_id and l.invoice_id = i.id
join line_share s on s.firm_id = l.firm_id and s.line_id = l.id
join entries_in_reach(:reach!, :asker!) e on e.firm_id = s.firm_id and e.id = s.entry_id
where i.status = 'issued' and (:all! or l.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!)) and e.work_date between :from! and :to!
group by 1, 2, 3, 4;

/* @name monthSums */
select e.project_id as "projectId!", to_char(e.work_date, 'YYYY-MM') as "month!", e.value_currency as "currency?", coalesce(sum(e.value_minor), 0) as "value!", coalesce(sum(e.cost_minor), 0) as "cost!"
from entries_in_reach(:reach!, :asker!) e
where e.kind = 'time' and e.project_id is not null and e.work_date between :from! and :to!
  and (:all! or e.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!))
group by 1, 2, 3 order by 2;

/* @name resultNodes */
select p.id as "projectId!", p.name as "name!", p.client_id as "clientId?", p.department_id as "departmentId?", c.name as "clientName?", d.name as "departmentName?", p.estimate as "estimate!", p.budget_minor as "budget!",
  a.method as "method?", a.currency as "currency?", a.limit_minor as "limit?"
from projects_in_reach(:reach!, :asker!) p
left join client c on c.firm_id = p.firm_id and c.id = p.client_id
left join department d on d.firm_id = p.firm_id and d.id = p.department_id
left join agreement a on a.firm_id = p.firm_id and a.project_id = p.id and a.valid_from <= :today! and (a.valid_to is null or a.valid_to >= :today!)
where (:all! or p.id = any(:projects!)) order by p.name;

/* @name resultTasks */
select t.id as "id!", t.project_id as "projectId!", t.parent_id as "parentId?", t.name as "name!", t.estimate as "estimate!", t.budget_minor as "budget!"
from task t where t.project_id = any(:projects!) order by t.place, t.name;

/* @name ownHours */
select p.id as "projectId!", p.name as "name!", sum(e.quantity) as "seconds!", coalesce(sum(e.quantity) filter (where e.billable), 0) as "billable!"
from entry e join project p on p.firm_id = e.firm_id and p.id = e.project_id
where e.person_id = :person! and e.kind = 'time' and e.work_date between :from! and :to! and (:all! or e.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!))
group by p.id, p.name order by 3 desc;

/* @name behindEntries */
select e.id as "id!" from entries_in_reach(:reach!, :asker!) e
where e.kind = 'time' and e.project_id is not null and e.work_date between :from! and :to!
  and (:all! or e.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!))
  and case :figure! when 'billable-hours' then e.billable when 'standard-value' then coalesce(e.value_minor, 0) <> 0
    when 'unbilled' then e.billing_state = 'to bill' and e.stage in ('recorded', 'submitted', 'approved') when 'realisation' then e.stage in ('billed', 'paid') else true end
order by e.work_date desc, e.id desc offset :offset! limit :limit!;

/* @name behindSums */
select e.value_currency as "currency?", count(*) as "count!", sum(e.quantity) as "seconds!", coalesce(sum(e.value_minor), 0) as "value!", coalesce(sum(e.cost_minor), 0) as "cost!"
from entries_in_reach(:reach!, :asker!) e
where e.kind = 'time' and e.project_id is not null and e.work_date between :from! and :to!
  and (:all! or e.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!))
  and case :figure! when 'billable-hours' then e.billable when 'standard-value' then coalesce(e.value_minor, 0) <> 0
    when 'unbilled' then e.billing_state = 'to bill' and e.stage in ('recorded', 'submitted', 'approved') when 'realisation' then e.stage in ('billed', 'paid') else true end
group by 1;

/* @name behindDocuments */
select i.id as "id!", i.number_text as "number!", i.issued_on as "issuedOn!", i.currency as "currency!", sum(s.amount_minor) as "minor!"
from invoice i
join invoice_line l on l.firm_id = i.firm_id and l.invoice_id = i.id
join line_share s on s.firm_id = l.firm_id and s.line_id = l.id
join entries_in_reach(:reach!, :asker!) e on e.firm_id = s.firm_id and e.id = s.entry_id
where i.status = 'issued' and (:all! or l.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!)) and e.work_date between :from! and :to!
group by 1, 2, 3, 4 order by i.issued_on desc, i.number_text desc;
