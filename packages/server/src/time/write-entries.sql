/* @name lockEntries */
select
  id as "id!",
  person_id as "personId!",
  work_date as "workDate!",
  stage as "stage!",
  version as "version!",
  kind as "kind!"
from
  entry
where
  id = any (:ids!)
order by
  id
for update;

/* @name deleteEntries */
delete from entry
where
  id = any (:ids!);

/* @name putSpans */
insert into
  entry_span (firm_id, entry_id, start_at, end_at, break_seconds, zone)
select
  :firm!,
  s."entryId",
  s."startAt",
  s."endAt",
  s."breakSeconds",
  s.zone
from
  jsonb_to_recordset(:spans!) as s (
    "entryId" uuid,
    "startAt" timestamptz,
    "endAt" timestamptz,
    "breakSeconds" bigint,
    zone text
  )
on conflict (firm_id, entry_id) do update
set
  start_at = excluded.start_at,
  end_at = excluded.end_at,
  break_seconds = excluded.break_seconds,
  zone = excluded.zone;

/* @name dropSpans */
delete from entry_span
where
  entry_id = any (:ids!);

/* @name putAbsences */
insert into
  entry_absence (firm_id, entry_id, code, paid)
select
  :firm!,
  a."entryId",
  a.code,
  a.paid
from
  jsonb_to_recordset(:absences!) as a ("entryId" uuid, code text, paid boolean)
on conflict do nothing;

/* @name insertEntries */
insert into
  entry (
    firm_id,
    id,
    kind,
    person_id,
    work_date,
    posted_on,
    client_id,
    project_id,
    task_id,
    service_id,
    quantity,
    payable_quantity,
    billable,
    billable_quantity,
    rate,
    rate_source,
    rate_rule_id,
    rate_reason,
    value_minor,
    value_currency,
    own_rate,
    own_value_minor,
    cost_minor,
    cost_currency,
    tax_category,
    note,
    explanation,
    billing_state,
    origin,
    entered_by,
    entered_at,
    changed_by_other,
    late,
    lag_days,
    problems,
    problem_count,
    stage,
    version
  )
select
  :firm!,
  e.id,
  e.kind,
  e."personId",
  e."workDate",
  e."workDate",
  e."clientId",
  e."projectId",
  e."taskId",
  e."serviceId",
  e.quantity,
  e.quantity,
  e.billable,
  e."billableQuantity",
  e.rate,
  e."rateSource",
  e."rateRuleId",
  e."rateReason",
  e."valueMinor",
  e."valueCurrency",
  e."ownRate",
  e."ownValueMinor",
  e."costMinor",
  :currency!,
  e."taxCategory",
  e.note,
  e.explanation,
  e."billingState",
  e.origin,
  e."enteredBy",
  e."enteredAt",
  e."changedByOther",
  e.late,
  e."lagDays",
  e.problems,
  cardinality(e.problems),
  e.stage,
  e.version
from
  jsonb_to_recordset(:rows!) as e (
    id uuid,
    kind text,
    "personId" uuid,
    "workDate" date,
    "clientId" uuid,
    "projectId" uuid,
    "taskId" uuid,
    "serviceId" uuid,
    quantity bigint,
    billable boolean,
    "billableQuantity" bigint,
    rate bigint,
    "rateSource" text,
    "rateRuleId" uuid,
    "rateReason" text,
    "valueMinor" bigint,
    "valueCurrency" text,
    "ownRate" bigint,
    "ownValueMinor" bigint,
    "costMinor" bigint,
    "taxCategory" text,
    note text,
    explanation text,
    "billingState" text,
    origin text,
    "enteredBy" uuid,
    "enteredAt" timestamptz,
    "changedByOther" boolean,
    late boolean,
    "lagDays" int,
    problems text[],
    stage text,
    version int
  );

/* @name updateEntries */
update entry t
set
  work_date = e."workDate",
  posted_on = e."workDate",
  client_id = e."clientId",
  project_id = e."projectId",
  task_id = e."taskId",
  service_id = e."serviceId",
  quantity = e.quantity,
  payable_quantity = e.quantity,
  billable = e.billable,
  billable_quantity = e."billableQuantity",
  rate = e.rate,
  rate_source = e."rateSource",
  rate_rule_id = e."rateRuleId",
  rate_reason = e."rateReason",
  value_minor = e."valueMinor",
  value_currency = e."valueCurrency",
  own_rate = e."ownRate",
  own_value_minor = e."ownValueMinor",
  cost_minor = e."costMinor",
  tax_category = e."taxCategory",
  note = e.note,
  explanation = e.explanation,
  billing_state = e."billingState",
  changed_by_other = e."changedByOther",
  problems = e.problems,
  problem_count = cardinality(e.problems),
  version = e.version
from
  jsonb_to_recordset(:rows!) as e (
    id uuid,
    "workDate" date,
    "clientId" uuid,
    "projectId" uuid,
    "taskId" uuid,
    "serviceId" uuid,
    quantity bigint,
    billable boolean,
    "billableQuantity" bigint,
    rate bigint,
    "rateSource" text,
    "rateRuleId" uuid,
    "rateReason" text,
    "valueMinor" bigint,
    "valueCurrency" text,
    "ownRate" bigint,
    "ownValueMinor" bigint,
    "costMinor" bigint,
    "taxCategory" text,
    note text,
    explanation text,
    "billingState" text,
    "changedByOther" boolean,
    problems text[],
    version int
  )
where
  t.id = e.id;

/* @name submittedSheets */
select
  t.person_id as "personId!",
  t.period_from as "from!",
  t.period_to as "to!"
from
  timesheet t
where
  t.person_id = any (:people!)
  and t.state = 'submitted'
  and t.period_from <= :latest!
  and t.period_to >= :earliest!;
