-- The firm, its people and its work. Every table of a firm has firm_id first in its key; 0005 puts
-- row-level security on all of them.
-- Up Migration
create extension if not exists btree_gist;

create table firm (
  firm_id uuid primary key,
  slug text not null unique check (slug ~ '^[a-z][a-z0-9-]{1,40}$'),
  name text not null,
  currency text not null check (currency ~ '^[A-Z]{3}$'),
  zone text not null,
  address text[] not null,
  country text not null check (country ~ '^[A-Z]{2}$'),
  tax_id text not null,
  email text not null,
  payment_details text not null,
  invoice_prefix text not null,
  day_maximum bigint not null check (day_maximum > 0),
  week_maximum bigint not null check (week_maximum > 0),
  gap_tolerance bigint not null check (gap_tolerance >= 0),
  created_at timestamptz not null default now()
);

create table position(
  firm_id uuid not null references firm,
  id uuid not null,
  name text not null,
  primary key (firm_id, id)
);

create table department (
  firm_id uuid not null references firm,
  id uuid not null,
  name text not null,
  primary key (firm_id, id)
);

create table person (
  firm_id uuid not null references firm,
  id uuid not null,
  name text not null,
  email text not null,
  staff_number text not null,
  kind text not null check (kind in ('employee', 'subcontractor', 'other')),
  position_id uuid,
  department_id uuid,
  zone text not null,
  started_on date not null,
  primary key (firm_id, id),
  foreign key (firm_id, position_id) references position,
  foreign key (firm_id, department_id) references department
);

create table team (
  firm_id uuid not null references firm,
  id uuid not null,
  name text not null,
  lead_id uuid not null,
  primary key (firm_id, id),
  foreign key (firm_id, lead_id) references person
);

create index team_lead on team (firm_id, lead_id);

create table team_person (
  firm_id uuid not null references firm,
  team_id uuid not null,
  person_id uuid not null,
  primary key (firm_id, team_id, person_id),
  foreign key (firm_id, team_id) references team,
  foreign key (firm_id, person_id) references person
);

create index team_person_person on team_person (firm_id, person_id);

-- Planned working time, dated: seconds from Monday to Sunday, and when the day starts and ends.
create table schedule (
  firm_id uuid not null references firm,
  person_id uuid not null,
  valid_from date not null,
  valid_to date,
  planned bigint[] not null check (array_length(planned, 1) = 7),
  day_start text not null check (day_start ~ '^[0-2][0-9]:[0-5][0-9]$'),
  day_end text not null check (day_end ~ '^[0-2][0-9]:[0-5][0-9]$'),
  primary key (firm_id, person_id, valid_from),
  foreign key (firm_id, person_id) references person,
  exclude using gist (
    firm_id
    with
      =,
      person_id
    with
      =,
      daterange (valid_from, valid_to, '[]')
    with
      &&
  )
);

create table client (
  firm_id uuid not null references firm,
  id uuid not null,
  name text not null,
  address text[] not null,
  country text not null check (country ~ '^[A-Z]{2}$'),
  tax_id text,
  email text not null,
  currency text not null check (currency ~ '^[A-Z]{3}$'),
  payment_days integer not null check (payment_days between 0 and 365),
  -- Overrides the services' categories: reverse charge abroad, for one.
  tax_category text check (tax_category in ('S', 'Z', 'E', 'AE', 'O')),
  primary key (firm_id, id)
);

create table project (
  firm_id uuid not null references firm,
  id uuid not null,
  client_id uuid,
  department_id uuid,
  name text not null,
  code text not null,
  tone integer not null check (tone between 1 and 12),
  state text not null check (state in ('open', 'closed')),
  restricted boolean not null default false,
  manager_id uuid not null,
  billable boolean not null,
  order_reference text not null default '',
  estimate bigint not null default 0 check (estimate >= 0),
  budget_minor bigint not null default 0 check (budget_minor >= 0),
  primary key (firm_id, id),
  unique (firm_id, code),
  check (num_nonnulls (client_id, department_id) = 1),
  foreign key (firm_id, client_id) references client,
  foreign key (firm_id, department_id) references department,
  foreign key (firm_id, manager_id) references person
);

create index project_client on project (firm_id, client_id);

create index project_manager on project (firm_id, manager_id);

-- Who alone may see and record on a restricted project.
create table project_person (
  firm_id uuid not null references firm,
  project_id uuid not null,
  person_id uuid not null,
  primary key (firm_id, project_id, person_id),
  foreign key (firm_id, project_id) references project,
  foreign key (firm_id, person_id) references person
);

create table task (
  firm_id uuid not null references firm,
  id uuid not null,
  project_id uuid not null,
  parent_id uuid,
  kind text not null check (kind in ('phase', 'deliverable', 'work order', 'task')),
  name text not null,
  place integer not null default 0,
  estimate bigint not null default 0 check (estimate >= 0),
  budget_minor bigint not null default 0 check (budget_minor >= 0),
  state text not null default 'open' check (state in ('open', 'done')),
  primary key (firm_id, id),
  unique (firm_id, project_id, id),
  foreign key (firm_id, project_id) references project,
  foreign key (firm_id, project_id, parent_id) references task (firm_id, project_id, id)
);

create index task_project on task (firm_id, project_id);

create table service (
  firm_id uuid not null references firm,
  id uuid not null,
  code text not null,
  name text not null,
  kind text not null check (kind in ('direct', 'indirect', 'leave')),
  billable boolean not null,
  tax_category text not null check (tax_category in ('S', 'Z', 'E', 'AE', 'O')),
  primary key (firm_id, id),
  unique (firm_id, code)
);

-- The dated billing terms of a project.
create table agreement (
  firm_id uuid not null references firm,
  id uuid not null,
  project_id uuid not null,
  method text not null check (method in ('time and materials', 'internal', 'not billable')),
  currency text not null check (currency ~ '^[A-Z]{3}$'),
  limit_minor bigint check (limit_minor >= 0),
  rounding_increment integer not null default 1 check (rounding_increment in (1, 5, 6, 10, 15, 30, 60)),
  rounding_mode text not null default 'nearest' check (rounding_mode in ('nearest', 'up', 'down')),
  rounding_unit text not null default 'entry' check (rounding_unit in ('entry', 'day')),
  rounding_minimum integer not null default 0 check (rounding_minimum between 0 and 1440),
  -- Places of decimal hours on a document; null shows hours and minutes.
  decimal_places integer check (decimal_places between 2 and 6),
  valid_from date not null,
  valid_to date,
  primary key (firm_id, id),
  foreign key (firm_id, project_id) references project,
  exclude using gist (
    firm_id
    with
      =,
      project_id
    with
      =,
      daterange (valid_from, valid_to, '[]')
    with
      &&
  )
);

create index agreement_project on agreement (firm_id, project_id);
