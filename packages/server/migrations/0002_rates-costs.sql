-- Dated facts about money: billing rates, pay, overhead, tax, exchange. None is overwritten.
-- Up Migration
create table rate_rule (
  firm_id uuid not null references firm,
  id uuid not null,
  client_id uuid,
  project_id uuid,
  task_id uuid,
  service_id uuid,
  position_id uuid,
  person_id uuid,
  currency text not null check (currency ~ '^[A-Z]{3}$'),
  -- Ten-thousandths of the major unit per hour.
  rate bigint not null check (rate >= 0),
  valid_from date not null,
  valid_to date,
  reason text not null default '',
  -- Nulls never conflict in an exclusion constraint, so the scope is spelled out.
  scope_key text not null generated always as (
    coalesce(client_id::text, '-') || coalesce(project_id::text, '-') || coalesce(task_id::text, '-') ||
    -- the labour, and its currency
    coalesce(service_id::text, '-') || coalesce(position_id::text, '-') || coalesce(person_id::text, '-') || currency
  ) stored,
  primary key (firm_id, id),
  check (
    valid_to is null
    or valid_to >= valid_from
  ),
  check (
    person_id is null
    or position_id is null
  ),
  foreign key (firm_id, client_id) references client,
  foreign key (firm_id, project_id) references project,
  foreign key (firm_id, task_id) references task,
  foreign key (firm_id, service_id) references service,
  foreign key (firm_id, position_id) references position,
  foreign key (firm_id, person_id) references person,
  constraint rate_rule_no_tie exclude using gist (
    firm_id
    with
      =,
      scope_key
    with
      =,
      daterange (valid_from, valid_to, '[]')
    with
      &&
  )
);

create table pay_rate (
  firm_id uuid not null references firm,
  person_id uuid not null,
  rate bigint not null check (rate >= 0),
  valid_from date not null,
  valid_to date,
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

-- Overhead of a person; percent in millionths of pay, or money per hour in ten-thousandths.
create table overhead (
  firm_id uuid not null references firm,
  person_id uuid not null,
  kind text not null check (kind in ('per-hour', 'percent')),
  value bigint not null check (value >= 0),
  valid_from date not null,
  valid_to date,
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

create table tax_rate (
  firm_id uuid not null references firm,
  category text not null check (category in ('S', 'Z', 'E', 'AE', 'O')),
  name text not null,
  rate bigint not null check (rate >= 0),
  -- Why no tax is charged; printed on the document.
  reason text not null default '',
  valid_from date not null,
  valid_to date,
  primary key (firm_id, category, valid_from),
  check (
    category = 'S'
    or rate = 0
  ),
  check (
    category in ('S', 'Z')
    or reason <> ''
  ),
  exclude using gist (
    firm_id
    with
      =,
      category
    with
      =,
      daterange (valid_from, valid_to, '[]')
    with
      &&
  )
);

-- Ten-thousandths of the firm's major unit for one major unit of the other currency.
create table exchange_rate (
  firm_id uuid not null references firm,
  currency text not null check (currency ~ '^[A-Z]{3}$'),
  rate bigint not null check (rate > 0),
  valid_from date not null,
  valid_to date,
  primary key (firm_id, currency, valid_from),
  exclude using gist (
    firm_id
    with
      =,
      currency
    with
      =,
      daterange (valid_from, valid_to, '[]')
    with
      &&
  )
);
