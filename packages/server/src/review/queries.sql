/* @name periodEntries */
select id as "id!", stage as "stage!", kind as "kind!", quantity as "quantity!", problems as "problems!", version as "version!" from entry
where person_id = :person! and work_date between :from! and :to! order by id for update;

/* @name moveEntries */
update entry e set stage = m.stage, version = e.version + 1 from jsonb_to_recordset(:moves!) as m(id uuid, stage text) where e.id = m.id;

/* @name insertSubmission */
insert into submission (firm_id, id, timesheet_id, by_id, at, note, confirmation, quantity) values (:firm!, :id!, :sheet!, :by!, :at!, :note!, :confirmation!, :quantity!);

/* @name withdrawSubmissions */
update submission set withdrawn_at = :at! where timesheet_id = :sheet! and withdrawn_at is null;

/* @name setSheetState */
update timesheet set state = :state!, version = version + 1 where id = :id!;

/* @name lockDecidable */
select e.id as "id!", e.version as "version!", e.stage as "stage!", e.person_id as "personId!", e.work_date as "workDate!", e.quantity as "quantity!", e.billed_quantity as "billedQuantity!"
from entry e where e.id in (select r.id from entries_in_reach(:reach!, :asker!) r where r.id = any(:ids!)) order by e.id for update;

/* @name insertDecisions */
insert into decision (firm_id, id, timesheet_id, entry_id, outcome, reason, by_id, at)
select :firm!, d.id, d."sheetId", d."entryId", :outcome!, :reason!, :by!, :at! from jsonb_to_recordset(:decisions!) as d(id uuid, "sheetId" uuid, "entryId" uuid);

/* @name sheetsOfDates */
select t.id as "id!", t.person_id as "personId!", t.period_from as "from!", t.period_to as "to!", t.state as "state!"
from timesheet t where t.person_id = any(:people!) and t.period_from <= :latest! and t.period_to >= :earliest! order by t.id for update;

/* @name reviewPeople */
select p.id as "id!", p.name as "name!", po.name as "position?", t.id as "sheetId?", t.state as "state?",
  (select max(s.at) from submission s where s.firm_id = t.firm_id and s.timesheet_id = t.id and s.withdrawn_at is null) as "submittedAt?",
  coalesce((select s.note from submission s where s.firm_id = t.firm_id and s.timesheet_id = t.id and s.withdrawn_at is null order by s.at desc limit 1), '') as "note!"
from people_in_reach(:reach!, :asker!) p
left join position po on po.firm_id = p.firm_id and po.id = p.position_id
left join timesheet t on t.firm_id = p.firm_id and t.person_id = p.id and t.period_from = :from!
where p.started_on <= :to!
order by p.name;

/* @name reviewEntries */
select e.id as "id!", e.version as "version!", e.person_id as "personId!", e.work_date as "date!", e.kind as "kind!", e.quantity as "quantity!", e.billable as "billable!", e.stage as "stage!",
  e.problems as "problems!", e.lag_days as "lagDays!", e.changed_by_other as "changedByOther!", a.code as "absenceCode?"
from entries_in_reach(:reach!, :asker!) e
left join entry_absence a on a.firm_id = e.firm_id and a.entry_id = e.id
where e.work_date between :from! and :to! and (:all! or e.project_id = any(:projects!) or e.kind = 'absence') and (:anyTask! or e.task_id = any(:tasks!) or e.kind = 'absence') and (:whose::uuid is null or e.person_id = :whose);

/* @name waitingWeeks */
select (date_trunc('week', e.work_date))::date as "from!", sum(e.quantity) as "submitted!", count(distinct e.person_id) as "people!"
from entries_in_reach(:reach!, :asker!) e
where e.stage = 'submitted' and e.kind = 'time' and e.person_id <> :asker! and (:all! or e.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!)) and (:whose::uuid is null or e.person_id = :whose)
group by 1 order by 1;

/* @name decisionsOfSheet */
select d.at as "at!", p.name as "by!", d.outcome as "outcome!", d.reason as "reason!", d.entry_id as "entryId?"
from decision d join person p on p.firm_id = d.firm_id and p.id = d.by_id where d.timesheet_id = :sheet! order by d.at desc limit 100;

/* @name taskEstimates */
select t.id as "id!", t.name as "name!", t.estimate as "estimate!", coalesce((select sum(s.quantity) from work_sum s where s.firm_id = t.firm_id and s.person_id = no_id() and s.month = no_month() and s.project_id = t.project_id and s.task_id = t.id), 0)::bigint as "recorded!"
from task t where t.id = any(:tasks!) and t.estimate > 0 order by t.name;

/* @name historyOf */
select v.id as "id!", v.at as "at!", p.name as "by!", v.action as "action!", v.reason as "reason!", s.subject_kind as "kind!", s.before as "before?", s.after as "after?", s.money_before as "moneyBefore?", s.money_after as "moneyAfter?"
from audit_subject s
join audit_event v on v.firm_id = s.firm_id and v.id = s.event_id
join person p on p.firm_id = v.firm_id and p.id = v.actor_id
where s.subject_id = :id! order by v.at, v.xact, v.id;

/* @name namesOfWork */
select id as "id!", name as "name!" from project where id = any(:ids!)
union all select id, name from task where id = any(:ids!)
union all select id, name from service where id = any(:ids!)
union all select id, name from person where id = any(:ids!);

/* @name invoiceInReach */
select i.id as "id!" from invoice i where i.id = :id! and (:reach! = 'firm' or exists (
  select 1 from invoice_line l join project p on p.firm_id = l.firm_id and p.id = l.project_id where l.firm_id = i.firm_id and l.invoice_id = i.id and p.manager_id = :asker!));
