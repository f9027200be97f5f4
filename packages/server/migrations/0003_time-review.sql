-- One ledger of work, and what leads an entry from recorded to approved.
-- Up Migration
create table entry (
  firm_id uuid not null references firm,
  id uuid not null,
  kind text not null check (kind in ('time', 'absence')),
  person_id uuid not null,
  work_date date not null,
  posted_on date not null,
  client_id uuid,
  project_id uuid,
  task_id uuid,
  service_id uuid,
  -- Seconds; never changed by rounding, pricing or billing.
  quantity bigint not null check (quantity > 0),
  payable_quantity bigint not null check (payable_quantity >= 0),
  billable boolean not null,
  billable_quantity bigint not null check (billable_quantity >= 0),
  -- Moved by the trigger on line_share alone; the check makes billing an hour twice impossible.
  billed_quantity bigint not null default 0,
  rate bigint check (rate >= 0),
  rate_source text check (rate_source in ('rule', 'typed')),
  rate_rule_id uuid,
  rate_reason text not null default '',
  value_minor bigint,
  value_currency text,
  cost_minor bigint,
  cost_currency text not null,
  tax_category text check (tax_category in ('S', 'Z', 'E', 'AE', 'O')),
  note text not null default '',
  stage text not null default 'recorded' check (stage in ('recorded', 'submitted', 'approved', 'billed', 'paid')),
  billing_state text not null check (billing_state in ('to bill', 'nothing to bill', 'covered', 'written off')),
  hold_reason text check (hold_reason <> ''),
  origin text not null check (origin in ('timer', 'typed', 'grid')),
  entered_by uuid not null,
  entered_at timestamptz not null,
  changed_by_other boolean not null default false,
  -- Arrived in a period that was already submitted.
  late boolean not null default false,
  lag_days integer not null default 0 check (lag_days >= 0),
  explanation text not null default '',
  problems text[] not null default '{}',
  problem_count integer not null default 0,
  version integer not null default 1,
  primary key (firm_id, id),
  foreign key (firm_id, person_id) references person,
  foreign key (firm_id, client_id) references client,
  foreign key (firm_id, project_id) references project,
  foreign key (firm_id, project_id, task_id) references task (firm_id, project_id, id),
  foreign key (firm_id, service_id) references service,
  foreign key (firm_id, rate_rule_id) references rate_rule,
  constraint entry_billed_within check (billed_quantity between 0 and billable_quantity),
  constraint entry_problem_count check (problem_count = cardinality(problems)),
  constraint entry_billable_whole check (
    billable
    or billable_quantity = 0
  ),
  constraint entry_submitted_complete check (
    stage = 'recorded'
    or kind <> 'time'
    or (
      project_id is not null
      and service_id is not null
    )
  ),
  constraint entry_rate_source check ((rate is null) = (rate_source is null)),
  constraint entry_value_needs_currency check (
    value_minor is null
    or value_minor = 0
    or value_currency is not null
  ),
  constraint entry_billed_priced check (
    billed_quantity = 0
    or rate is not null
  )
  -- An entry is updated several times on its way: room on its page keeps these updates out of the indexes.
)
with
  (fillfactor = 75);

create index entry_person_date on entry (firm_id, person_id, work_date);

create index entry_project on entry (firm_id, project_id, task_id, work_date);

create index entry_date on entry (firm_id, work_date);

create index entry_submitted on entry (firm_id, work_date)
where
  stage = 'submitted';

create index entry_recorded on entry (firm_id, work_date)
where
  stage = 'recorded';

create index entry_to_bill on entry (firm_id, client_id, project_id, work_date)
where
  stage = 'approved'
  and billing_state = 'to bill';

-- Start and end where they are known.
create table entry_span (
  firm_id uuid not null references firm,
  entry_id uuid not null,
  start_at timestamptz not null,
  end_at timestamptz not null,
  break_seconds bigint not null default 0 check (break_seconds >= 0),
  zone text not null,
  primary key (firm_id, entry_id),
  check (end_at > start_at),
  foreign key (firm_id, entry_id) references entry on delete cascade
);

create table entry_absence (
  firm_id uuid not null references firm,
  entry_id uuid not null,
  code text not null check (code in ('holiday', 'sick', 'training')),
  paid boolean not null,
  primary key (firm_id, entry_id),
  foreign key (firm_id, entry_id) references entry on delete cascade
);

create table timer (
  firm_id uuid not null references firm,
  id uuid not null,
  person_id uuid not null,
  project_id uuid,
  task_id uuid,
  service_id uuid,
  billable boolean,
  note text not null default '',
  running boolean not null,
  created_at timestamptz not null,
  version integer not null default 1,
  primary key (firm_id, id),
  foreign key (firm_id, person_id) references person,
  foreign key (firm_id, project_id) references project,
  foreign key (firm_id, project_id, task_id) references task (firm_id, project_id, id),
  foreign key (firm_id, service_id) references service
);

create unique index timer_one_running on timer (firm_id, person_id)
where
  running;

create index timer_person on timer (firm_id, person_id);

-- What actually ran, so that pauses keep their place.
create table timer_segment (
  firm_id uuid not null references firm,
  timer_id uuid not null,
  place integer not null,
  start_at timestamptz not null,
  end_at timestamptz,
  primary key (firm_id, timer_id, place),
  check (
    end_at is null
    or end_at >= start_at
  ),
  foreign key (firm_id, timer_id) references timer on delete cascade
);

create unique index timer_segment_one_open on timer_segment (firm_id, timer_id)
where
  end_at is null;

create table timesheet (
  firm_id uuid not null references firm,
  id uuid not null,
  person_id uuid not null,
  period_from date not null,
  period_to date not null,
  -- Submitted periods refuse new cells; a return, a withdrawal or a re-opening opens them again.
  state text not null default 'open' check (state in ('open', 'submitted')),
  version integer not null default 1,
  primary key (firm_id, id),
  unique (firm_id, person_id, period_from),
  check (period_to >= period_from),
  foreign key (firm_id, person_id) references person,
  exclude using gist (
    firm_id
    with
      =,
      person_id
    with
      =,
      daterange (period_from, period_to, '[]')
    with
      &&
  )
);

-- Rows brought into a period without hours yet.
create table sheet_row (
  firm_id uuid not null references firm,
  timesheet_id uuid not null,
  project_id uuid not null,
  task_id uuid,
  service_id uuid not null,
  billable boolean not null,
  unique nulls not distinct (firm_id, timesheet_id, project_id, task_id, service_id, billable),
  foreign key (firm_id, timesheet_id) references timesheet on delete cascade,
  foreign key (firm_id, project_id) references project,
  foreign key (firm_id, project_id, task_id) references task (firm_id, project_id, id),
  foreign key (firm_id, service_id) references service
);

create table submission (
  firm_id uuid not null references firm,
  id uuid not null,
  timesheet_id uuid not null,
  by_id uuid not null,
  at timestamptz not null,
  note text not null default '',
  confirmation text not null,
  quantity bigint not null,
  withdrawn_at timestamptz,
  primary key (firm_id, id),
  foreign key (firm_id, timesheet_id) references timesheet,
  foreign key (firm_id, by_id) references person
);

create index submission_timesheet on submission (firm_id, timesheet_id, at);

-- Without an entry a decision concerns the whole period. The entry's id has no foreign key: deleting an
-- entry leaves its decisions standing.
create table decision (
  firm_id uuid not null references firm,
  id uuid not null,
  timesheet_id uuid not null,
  entry_id uuid,
  outcome text not null check (outcome in ('approve', 'return', 'reopen')),
  reason text not null default '',
  by_id uuid not null,
  at timestamptz not null,
  primary key (firm_id, id),
  check (
    outcome = 'approve'
    or reason <> ''
  ),
  foreign key (firm_id, timesheet_id) references timesheet,
  foreign key (firm_id, by_id) references person
);

create index decision_timesheet on decision (firm_id, timesheet_id, at);

create index decision_entry on decision (firm_id, entry_id, at);
