/* @name selectEntries */
select e.id as "id!", e.kind as "kind!", e.person_id as "personId!", e.work_date as "date!", e.project_id as "projectId?", e.task_id as "taskId?", e.service_id as "serviceId?",
  a.code as "absenceCode?", e.quantity as "quantity!", e.billable as "billable!", e.note as "note!", e.explanation as "explanation!", e.stage as "stage!", e.billing_state as "billingState!",
  e.hold_reason as "holdReason?", (e.stage = 'approved' and e.billed_quantity > 0) as "inDraft!", e.origin as "origin!", s.start_at as "startAt?", s.end_at as "endAt?",
  coalesce(s.break_seconds, 0) as "breakSeconds!", coalesce(s.zone, p.zone) as "zone!", e.problems as "problems!", e.lag_days as "lagDays!", e.late as "late!", e.changed_by_other as "changedByOther!",
  d.outcome as "outcome?", d.reason as "decisionReason?", d.at as "decidedAt?", d.by_name as "decidedBy?",
  e.billable_quantity as "billableQuantity!", e.rate as "rate?", e.value_minor as "valueMinor?", e.value_currency as "valueCurrency?", e.version as "version!", e.cost_minor as "costMinor?"
from entries_in_reach(:reach!, :asker!) e
join person p on p.firm_id = e.firm_id and p.id = e.person_id
left join entry_span s on s.firm_id = e.firm_id and s.entry_id = e.id
left join entry_absence a on a.firm_id = e.firm_id and a.entry_id = e.id
left join lateral (
  select x.outcome, x.reason, x.at, dp.name as by_name from decision x join person dp on dp.firm_id = x.firm_id and dp.id = x.by_id
  where x.firm_id = e.firm_id and x.entry_id = e.id order by x.at desc limit 1
) d on e.stage = 'recorded'
where (:anyId! or e.id = any(:ids!)) and (:anyPerson! or e.person_id = any(:people!)) and e.work_date between :from! and :to!
order by e.work_date, s.start_at nulls last, e.id;

/* @name lockPeople */
select id as "id!" from person where id = any(:people!) order by id for no key update;

/* @name lockEntries */
select id as "id!", person_id as "personId!", work_date as "workDate!", stage as "stage!", version as "version!", kind as "kind!" from entry where id = any(:ids!) order by id for update;

/* @name ledgerDays */
select e.id as "id!", e.kind as "kind!", e.person_id as "personId!", e.work_date as "workDate!", e.client_id as "clientId?", e.project_id as "projectId?", e.task_id as "taskId?", e.service_id as "serviceId?",
  e.quantity as "quantity!", e.billable as "billable!", e.billable_quantity as "billableQuantity!", e.billing_state as "billingState!", e.rate as "rate?", e.rate_source as "rateSource?", e.rate_rule_id as "rateRuleId?",
  e.rate_reason as "rateReason!", e.value_minor as "valueMinor?", e.value_currency as "valueCurrency?", e.cost_minor as "costMinor?", e.own_rate as "ownRate?", e.own_value_minor as "ownValueMinor?", e.tax_category as "taxCategory?", e.note as "note!", e.explanation as "explanation!",
  e.stage as "stage!", e.origin as "origin!", e.entered_by as "enteredBy!", e.entered_at as "enteredAt!", e.changed_by_other as "changedByOther!", e.late as "late!", e.lag_days as "lagDays!", e.problems as "problems!", e.version as "version!",
  s.start_at as "startAt?", s.end_at as "endAt?", coalesce(s.break_seconds, 0) as "breakSeconds!", a.code as "absenceCode?", a.paid as "absencePaid?"
from entry e
left join entry_span s on s.firm_id = e.firm_id and s.entry_id = e.id
left join entry_absence a on a.firm_id = e.firm_id and a.entry_id = e.id
where e.person_id = any(:people!) and e.work_date = any(:dates!);

/* @name deleteEntries */
delete from entry where id = any(:ids!);

/* @name putSpans */
insert into entry_span (firm_id, entry_id, start_at, end_at, break_seconds, zone)
select :firm!, s."entryId", s."startAt", s."endAt", s."breakSeconds", s.zone
from jsonb_to_recordset(:spans!) as s("entryId" uuid, "startAt" timestamptz, "endAt" timestamptz, "breakSeconds" bigint, zone text)
on conflict (firm_id, entry_id) do update set start_at = excluded.start_at, end_at = excluded.end_at, break_seconds = excluded.break_seconds, zone = excluded.zone;

/* @name dropSpans */
delete from entry_span where entry_id = any(:ids!);

/* @name putAbsences */
insert into entry_absence (firm_id, entry_id, code, paid)
select :firm!, a."entryId", a.code, a.paid from jsonb_to_recordset(:absences!) as a("entryId" uuid, code text, paid boolean)
on conflict do nothing;

/* @name insertEntries */
insert into entry (firm_id, id, kind, person_id, work_date, posted_on, client_id, project_id, task_id, service_id, quantity, payable_quantity, billable, billable_quantity,
  rate, rate_source, rate_rule_id, rate_reason, value_minor, value_currency, own_rate, own_value_minor, cost_minor, cost_currency, tax_category, note, explanation, billing_state, origin, entered_by, entered_at,
  changed_by_other, late, lag_days, problems, problem_count, stage, version)
select :firm!, e.id, e.kind, e."personId", e."workDate", e."workDate", e."clientId", e."projectId", e."taskId", e."serviceId", e.quantity, e.quantity, e.billable, e."billableQuantity",
  e.rate, e."rateSource", e."rateRuleId", e."rateReason", e."valueMinor", e."valueCurrency", e."ownRate", e."ownValueMinor", e."costMinor", :currency!, e."taxCategory", e.note, e.explanation, e."billingState", e.origin, e."enteredBy", e."enteredAt",
  e."changedByOther", e.late, e."lagDays", e.problems, cardinality(e.problems), e.stage, e.version
from jsonb_to_recordset(:rows!) as e(id uuid, kind text, "personId" uuid, "workDate" date, "clientId" uuid, "projectId" uuid, "taskId" uuid, "serviceId" uuid, quantity bigint, billable boolean,
  "billableQuantity" bigint, rate bigint, "rateSource" text, "rateRuleId" uuid, "rateReason" text, "valueMinor" bigint, "valueCurrency" text, "ownRate" bigint, "ownValueMinor" bigint, "costMinor" bigint, "taxCategory" text, note text,
  explanation text, "billingState" text, origin text, "enteredBy" uuid, "enteredAt" timestamptz, "changedByOther" boolean, late boolean, "lagDays" int, problems text[], stage text, version int);

/* @name updateEntries */
update entry t set work_date = e."workDate", posted_on = e."workDate", client_id = e."clientId", project_id = e."projectId", task_id = e."taskId", service_id = e."serviceId", quantity = e.quantity,
  payable_quantity = e.quantity, billable = e.billable, billable_quantity = e."billableQuantity", rate = e.rate, rate_source = e."rateSource", rate_rule_id = e."rateRuleId", rate_reason = e."rateReason",
  value_minor = e."valueMinor", value_currency = e."valueCurrency", own_rate = e."ownRate", own_value_minor = e."ownValueMinor", cost_minor = e."costMinor", tax_category = e."taxCategory", note = e.note, explanation = e.explanation, billing_state = e."billingState",
  changed_by_other = e."changedByOther", problems = e.problems, problem_count = cardinality(e.problems), version = e.version
from jsonb_to_recordset(:rows!) as e(id uuid, "workDate" date, "clientId" uuid, "projectId" uuid, "taskId" uuid, "serviceId" uuid, quantity bigint, billable boolean,
  "billableQuantity" bigint, rate bigint, "rateSource" text, "rateRuleId" uuid, "rateReason" text, "valueMinor" bigint, "valueCurrency" text, "ownRate" bigint, "ownValueMinor" bigint, "costMinor" bigint, "taxCategory" text, note text,
  explanation text, "billingState" text, "changedByOther" boolean, problems text[], version int)
where t.id = e.id;

/* @name peopleFacts */
select p.id as "id!", p.name as "name!", p.zone as "zone!" from people_in_reach(:reach!, :asker!) p where p.id = any(:people!);

/* @name submittedSheets */
select t.person_id as "personId!", t.period_from as "from!", t.period_to as "to!" from timesheet t
where t.person_id = any(:people!) and t.state = 'submitted' and t.period_from <= :latest! and t.period_to >= :earliest!;

/* @name deletedEntry */
select s.before as "before!", s.money_before as "moneyBefore?" from audit_subject s join audit_event v on v.firm_id = s.firm_id and v.id = s.event_id
where s.subject_id = :id! and s.subject_kind = 'entry' and s.after is null order by v.at desc limit 1;

/* @name sheetOf */
select t.id as "id!", t.state as "state!", t.version as "version!",
  (select coalesce(jsonb_agg(jsonb_build_object('projectId', r.project_id, 'taskId', r.task_id, 'serviceId', r.service_id, 'billable', r.billable)), '[]')
    from sheet_row r where r.firm_id = t.firm_id and r.timesheet_id = t.id) as "rows!",
  (select coalesce(jsonb_agg(jsonb_build_object('at', s.at, 'note', s.note, 'withdrawnAt', s.withdrawn_at) order by s.at desc), '[]')
    from submission s where s.firm_id = t.firm_id and s.timesheet_id = t.id) as "submissions!",
  (select jsonb_build_object('outcome', d.outcome, 'reason', d.reason, 'at', d.at, 'by', p.name) from decision d join person p on p.firm_id = d.firm_id and p.id = d.by_id
    where d.firm_id = t.firm_id and d.timesheet_id = t.id and d.entry_id is null order by d.at desc limit 1) as "whole?"
from timesheet t where t.person_id = :person! and t.period_from = :from!;

/* @name lockSheet */
select t.id as "id!", t.state as "state!", t.version as "version!", t.person_id as "personId!", t.period_from as "from!", t.period_to as "to!" from timesheet t where t.person_id = :person! and t.period_from = :from! for update;

/* @name makeSheet */
insert into timesheet (firm_id, id, person_id, period_from, period_to) values (:firm!, :id!, :person!, :from!, :to!)
on conflict (firm_id, person_id, period_from) do nothing;

/* @name addSheetRows */
insert into sheet_row (firm_id, timesheet_id, project_id, task_id, service_id, billable)
select :firm!, :sheet!, r."projectId", r."taskId", r."serviceId", r.billable
from jsonb_to_recordset(:rows!) as r("projectId" uuid, "taskId" uuid, "serviceId" uuid, billable boolean)
on conflict do nothing;

/* @name removeSheetRow */
delete from sheet_row where timesheet_id = :sheet! and project_id = :project! and task_id is not distinct from :task and service_id = :service! and billable = :billable!;

/* @name timersOf */
select t.id as "id!", t.project_id as "projectId?", t.task_id as "taskId?", t.service_id as "serviceId?", t.billable as "billable?", t.note as "note!", t.running as "running!", t.created_at as "createdAt!", t.version as "version!",
  s.place as "place!", s.start_at as "startAt!", s.end_at as "endAt?"
from timer t join timer_segment s on s.firm_id = t.firm_id and s.timer_id = t.id
where t.person_id = :person! order by t.created_at, t.id, s.place;

/* @name insertTimer */
insert into timer (firm_id, id, person_id, project_id, task_id, service_id, billable, note, running, created_at)
values (:firm!, :id!, :person!, :project, :task, :service, :billable, :note!, true, :now!);

/* @name insertSegment */
insert into timer_segment (firm_id, timer_id, place, start_at) values (:firm!, :timer!, :place!, :startAt!);

/* @name closeSegment */
update timer_segment set end_at = greatest(start_at, :at!) where timer_id = :timer! and end_at is null;

/* @name setRunning */
update timer set running = :running!, version = version + 1 where id = :id!;

/* @name updateTimer */
update timer set project_id = :project, task_id = :task, service_id = :service, billable = :billable, note = :note!, version = version + 1 where id = :id!;

/* @name moveSegmentStart */
update timer_segment set start_at = :startAt! where timer_id = :timer! and place = :place!;

/* @name deleteTimer */
delete from timer where id = :id!;

/* @name recordedOn */
select coalesce(sum(quantity), 0) as "seconds!" from entry where person_id = :person! and work_date = :date! and kind = 'time';
