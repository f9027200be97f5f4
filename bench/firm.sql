-- A firm for measuring: the same people, clients, projects and tasks, and the same open work, at every
-- size. Only the history grows. Placeholders: :entries, :password.
-- Loaded past triggers and keys' checks; sums.sql writes, last, what they would have written.
set
  session_replication_role = replica;

create function pg_temp.id (text) returns uuid language sql immutable as $$ select md5($1)::uuid $$;

insert into
  firm (
    firm_id,
    slug,
    name,
    currency,
    zone,
    address,
    country,
    tax_id,
    email,
    payment_details,
    day_maximum,
    week_maximum,
    gap_tolerance
  )
values
  (
    pg_temp.id ('firm'),
    'measured',
    'Measured Works',
    'GBP',
    'Europe/London',
    '{"Yard 1"}',
    'GB',
    'GB 1',
    'office@measured.example',
    'Bank 1',
    36000,
    172800,
    900
  );

insert into
  firm_address
values
  ('measured', pg_temp.id ('firm'), 'Measured Works');

insert into
  tax_rate
values
  (pg_temp.id ('firm'), 'S', 'VAT', 200000, '', '2000-01-01', null);

insert into
  exchange_rate
values
  (pg_temp.id ('firm'), 'EUR', 8500, '2000-01-01', null);

insert into
  position
values
  (pg_temp.id ('firm'), pg_temp.id ('position'), 'Surveyor');

insert into
  department
values
  (pg_temp.id ('firm'), pg_temp.id ('department'), 'Practice');

insert into
  person (firm_id, id, name, email, staff_number, kind, department_id, zone, started_on)
select
  pg_temp.id ('firm'),
  pg_temp.id ('person' || p),
  'Person ' || p,
  'person' || p || '@measured.example',
  'M' || p,
  'employee',
  pg_temp.id ('department'),
  'Europe/London',
  '2000-01-01'
from
  generate_series(0, 149) p;

insert into
  person_position (firm_id, person_id, position_id, valid_from, valid_to)
select
  pg_temp.id ('firm'),
  pg_temp.id ('person' || p),
  pg_temp.id ('position'),
  '2000-01-01',
  null
from
  generate_series(0, 149) p;

insert into
  standard_cost_rate (firm_id, position_id, rate, valid_from, valid_to)
values
  (pg_temp.id ('firm'), pg_temp.id ('position'), 300000, '2000-01-01', null);

insert into
  team
select
  pg_temp.id ('firm'),
  pg_temp.id ('team' || t),
  'Team ' || t,
  pg_temp.id ('person' || t)
from
  generate_series(0, 14) t;

insert into
  team_person
select
  pg_temp.id ('firm'),
  pg_temp.id ('team' || p % 15),
  pg_temp.id ('person' || p)
from
  generate_series(0, 149) p;

insert into
  schedule
select
  pg_temp.id ('firm'),
  pg_temp.id ('person' || p),
  '2000-01-01',
  null,
  '{27000,27000,27000,27000,27000,0,0}',
  '08:00',
  '16:30'
from
  generate_series(0, 149) p;

insert into
  account (id, email, name, password_hash)
select
  pg_temp.id ('account' || p),
  'person' || p || '@measured.example',
  'Person ' || p,
  :password
from
  generate_series(0, 3) p;

insert into
  membership
select
  pg_temp.id ('account' || p),
  pg_temp.id ('firm'),
  pg_temp.id ('person' || p)
from
  generate_series(0, 3) p;

insert into
  person_role
select
  pg_temp.id ('firm'),
  pg_temp.id ('person' || p),
  coalesce((array['owner', 'manager', 'bookkeeper']) [p + 1], 'staff')
from
  generate_series(0, 149) p;

insert into
  client
select
  pg_temp.id ('firm'),
  pg_temp.id ('client' || c),
  'Client ' || c,
  '{"Road 1"}',
  'GB',
  null,
  'accounts@client' || c || '.example',
  case
    when c % 20 = 0 then 'EUR'
    else 'GBP'
  end,
  30,
  null
from
  generate_series(0, 59) c;

insert into
  service
values
  (
    pg_temp.id ('firm'),
    pg_temp.id ('service'),
    'S1',
    'Survey',
    'direct',
    true,
    'S'
  );

-- Every eighth project is internal; the last one is the one that is billed over and over.
create temporary table work as
select
  p,
  pg_temp.id ('project' || p) as id,
  p % 8 = 7
  and p < 240 as internal,
  case
    when p % 8 = 7
    and p < 240 then null
    else p % 60
  end as client,
  case
    when p % 60 % 20 = 0
    and p < 240 then 'EUR'
    else 'GBP'
  end as currency
from
  generate_series(0, 240) p;

update work
set
  client = 1
where
  p = 240;

insert into
  project_state (firm_id, id, name, records, open, place)
values
  (pg_temp.id ('firm'), pg_temp.id ('state'), 'Open', true, true, 0),
  (pg_temp.id ('firm'), pg_temp.id ('finished'), 'Finished', false, false, 1);

insert into
  project (
    firm_id,
    id,
    client_id,
    department_id,
    name,
    code,
    tone,
    state_id,
    records,
    open,
    manager_id,
    billable,
    estimate,
    budget_minor
  )
select
  pg_temp.id ('firm'),
  id,
  case
    when client is not null then pg_temp.id ('client' || client)
  end,
  case
    when client is null then pg_temp.id ('department')
  end,
  'Project ' || p,
  'P' || p,
  1 + p % 12,
  pg_temp.id ('state'),
  true,
  true,
  pg_temp.id (
    'person' || case
      when p % 12 = 3 then 1
      else 0
    end
  ),
  not internal,
  3600000,
  10000000
from
  work;

insert into
  task (firm_id, id, project_id, parent_id, kind, name, place, estimate)
select
  pg_temp.id ('firm'),
  pg_temp.id ('task' || p || '-' || t),
  id,
  case
    when t = 3 then pg_temp.id ('task' || p || '-2')
  end,
  'task',
  'Task ' || t,
  t,
  360000
from
  work,
  generate_series(0, 3) t;

insert into
  agreement (firm_id, id, project_id, method, currency, limit_minor, valid_from)
select
  pg_temp.id ('firm'),
  pg_temp.id ('agreement' || p),
  id,
  case
    when internal then 'internal'
    else 'time and materials'
  end,
  case
    when internal then 'GBP'
    else currency
  end,
  case
    when p % 10 = 1 then 100000000000
  end,
  '2000-01-01'
from
  work;

insert into
  rate_rule (firm_id, id, currency, rate, valid_from)
values
  (pg_temp.id ('firm'), pg_temp.id ('rule GBP'), 'GBP', 900000, '2000-01-01'),
  (pg_temp.id ('firm'), pg_temp.id ('rule EUR'), 'EUR', 1040000, '2000-01-01');

insert into
  pay_rate
select
  pg_temp.id ('firm'),
  pg_temp.id ('person' || p),
  280000,
  '2000-01-01',
  null
from
  generate_series(0, 149) p;

-- 150 people record five times a day; 40 of the projects are busy at any time. Today is Friday, 12 June 2026.
-- This week is recorded, 3,750 entries of the week before are submitted, 2,500 more are to bill.
create temporary table recorded as
select
  i,
  pg_temp.id ('entry' || i) as id,
  i % 150 as person,
  date '2026-06-12' - (i / 750 / 5 * 7 + i / 750 % 5) as date,
  case
    when i between 9500 and 9999 then 240
    else (i % 150 + i / 150 % 5 * 31) % 40 * 6 + (i::bigint * 6 / :entries)
  end as p,
  (i % 150 + i / 150 % 5 + i / 750) % 4 as t,
  (i / 150 % 5) as slot
from
  generate_series(0, :entries - 1) i
union all
-- Besides, at every size, five years of one entry a month on forty projects, on Sundays: charts are as long in a
-- young firm as in an old one.
select
  2000000 + k,
  pg_temp.id ('early' || k),
  k % 150,
  date '2026-05-03' - k / 40 * 28,
  k % 40 * 6 + k * 6 / 2600,
  k % 4,
  k / 40 % 5
from
  generate_series(0, 2599) k;

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
    billed_quantity,
    rate,
    rate_source,
    rate_rule_id,
    value_minor,
    value_currency,
    own_rate,
    own_value_minor,
    cost_minor,
    standard_cost_minor,
    cost_currency,
    tax_category,
    note,
    stage,
    billing_state,
    origin,
    entered_by,
    entered_at
  )
select
  pg_temp.id ('firm'),
  r.id,
  'time',
  pg_temp.id ('person' || r.person),
  r.date,
  r.date,
  case
    when w.client is not null then pg_temp.id ('client' || w.client)
  end,
  w.id,
  pg_temp.id ('task' || r.p || '-' || r.t),
  pg_temp.id ('service'),
  5400,
  5400,
  not w.internal,
  case
    when w.internal then 0
    else 5400
  end,
  case
    when w.internal
    or i < 10000 then 0
    else 5400
  end,
  case
    when not w.internal then case w.currency
      when 'GBP' then 900000
      else 1040000
    end
  end,
  case
    when not w.internal then 'rule'
  end,
  case
    when not w.internal then pg_temp.id ('rule ' || w.currency)
  end,
  case
    when w.internal then 0
    when w.currency = 'GBP' then 13500
    else 15600
  end,
  case
    when w.internal then 'GBP'
    else w.currency
  end,
  case
    when not w.internal then 900000
  end,
  case
    when w.internal then 0
    else 13500
  end,
  4200,
  4500,
  'GBP',
  case
    when w.internal then null
    else 'S'
  end,
  'Work of the day',
  case
    when i < 3750 then 'recorded'
    when i < 7500 then 'submitted'
    when i < 10000
    or w.internal then 'approved'
    when i < 30000 then 'billed'
    else 'paid'
  end,
  case
    when w.internal then 'nothing to bill'
    else 'to bill'
  end,
  'grid',
  pg_temp.id ('person' || r.person),
  r.date + time '17:00'
from
  recorded r
  join work w using (p)
order by
  i desc;

insert into
  entry_time
select
  pg_temp.id ('firm'),
  id,
  (date + time '08:00' + slot * interval '95 minutes') at time zone 'Europe/London',
  (date + time '09:30' + slot * interval '95 minutes') at time zone 'Europe/London',
  0,
  'Europe/London'
from
  recorded;

insert into
  timesheet (firm_id, id, person_id, period_from, period_to, state)
select
  pg_temp.id ('firm'),
  gen_random_uuid(),
  pg_temp.id ('person' || p),
  w::date,
  w::date + 6,
  case
    when w < '2026-06-08' then 'submitted'
    else 'open'
  end
from
  generate_series(0, 149) p,
  generate_series(
    (
      select
        min(date) - extract(
          isodow
          from
            min(date)
        )::int + 1
      from
        recorded
      where
        i < 2000000
    ),
    date '2026-06-08',
    interval '7 days'
  ) w
union
select
  pg_temp.id ('firm'),
  pg_temp.id ('early sheet' || person || date),
  pg_temp.id ('person' || person),
  date - 6,
  date,
  'submitted'
from
  recorded r
where
  i >= 2000000
  and date - 6 < (
    select
      min(date) - extract(
        isodow
        from
          min(date)
      )::int + 1
    from
      recorded
    where
      i < 2000000
  );

-- Billed work stands on invoices of at most 500 entries each, one line per task.
create temporary table share as
select
  r.id as entry,
  r.person,
  r.t,
  w.p,
  w.currency,
  case w.currency
    when 'GBP' then 13500
    else 15600
  end as minor,
  r.date,
  r.i < 30000 as open,
  pg_temp.id (
    'invoice' || w.p || (r.i < 30000) || (
      row_number() over (
        partition by
          w.p,
          r.i < 30000
        order by
          r.i desc
      ) - 1
    ) / 500
  ) as invoice
from
  recorded r
  join work w using (p)
where
  not w.internal
  and r.i >= 10000;

create temporary table document as
select
  invoice,
  p,
  currency,
  open,
  min(date) as first,
  max(date) as last,
  sum(minor) as net,
  row_number() over (
    order by
      max(date),
      p,
      invoice
  ) as number
from
  share
group by
  1,
  2,
  3,
  4;

create temporary table line as
select
  invoice,
  t,
  p,
  currency,
  count(*) * 5400 as quantity,
  sum(minor) as net
from
  share
group by
  1,
  2,
  3,
  4;

create index on line(invoice);

analyze line;

insert into
  invoice (
    firm_id,
    id,
    kind,
    status,
    series,
    number,
    number_text,
    client_id,
    currency,
    up_to,
    grouping,
    issued_on,
    supply_from,
    supply_to,
    due_on,
    net_minor,
    tax_minor,
    gross_minor,
    settled_minor,
    snapshot,
    created_by,
    created_at,
    issued_by,
    issued_at
  )
select
  pg_temp.id ('firm'),
  invoice,
  'invoice',
  'issued',
  'invoice',
  number,
  'M-' || lpad(number::text, 4, '0'),
  pg_temp.id ('client' || w.client),
  d.currency,
  last,
  'task',
  last,
  first,
  last,
  last + 30,
  net,
  net / 5,
  net + net / 5,
  case
    when open then 0
    else net + net / 5
  end,
  jsonb_build_object(
    'net',
    net,
    'tax',
    net / 5,
    'gross',
    net + net / 5,
    'number',
    'M-' || lpad(number::text, 4, '0'),
    'lines',
    (
      select
        jsonb_agg(
          jsonb_build_object('minor', l.net)
          order by
            l.t
        )
      from
        line l
      where
        l.invoice = d.invoice
    )
  ),
  pg_temp.id ('person2'),
  last + time '18:00',
  pg_temp.id ('person2'),
  last + time '18:00'
from
  document d
  join work w using (p);

insert into
  invoice_series
values
  (
    pg_temp.id ('firm'),
    'invoice',
    'M-',
    (
      select
        count(*) + 1
      from
        document
    )
  ),
  (pg_temp.id ('firm'), 'credit note', 'MC-', 1);

insert into
  invoice_line (
    firm_id,
    id,
    invoice_id,
    place,
    key,
    kind,
    project_id,
    agreement_id,
    text,
    quantity,
    rate,
    category,
    tax_rate,
    net_minor
  )
select
  pg_temp.id ('firm'),
  pg_temp.id ('line' || invoice || t),
  invoice,
  t + 1,
  'task ' || t,
  'time',
  pg_temp.id ('project' || p),
  pg_temp.id ('agreement' || p),
  'Task ' || t,
  quantity,
  case currency
    when 'GBP' then 900000
    else 1040000
  end,
  'S',
  200000,
  net
from
  line;

insert into
  line_share (
    firm_id,
    line_id,
    entry_id,
    quantity,
    amount_minor,
    person_id,
    project_id,
    task_id,
    work_date,
    standard_minor
  )
select
  pg_temp.id ('firm'),
  pg_temp.id ('line' || invoice || t),
  entry,
  5400,
  minor,
  pg_temp.id ('person' || person),
  pg_temp.id ('project' || p),
  pg_temp.id ('task' || p || '-' || t),
  date,
  minor
from
  share;

insert into
  invoice_tax
select
  pg_temp.id ('firm'),
  invoice,
  'S',
  200000,
  net,
  net / 5,
  ''
from
  document;

insert into
  payment
select
  pg_temp.id ('firm'),
  pg_temp.id ('payment' || invoice),
  pg_temp.id ('client' || w.client),
  d.currency,
  net + net / 5,
  last + 20,
  '',
  pg_temp.id ('person2'),
  last + time '18:00',
  null,
  ''
from
  document d
  join work w using (p)
where
  not open;

insert into
  allocation
select
  pg_temp.id ('firm'),
  pg_temp.id ('allocation' || invoice),
  invoice,
  'payment',
  pg_temp.id ('payment' || invoice),
  null,
  net + net / 5,
  true,
  last + time '18:00'
from
  document
where
  not open;

drop table line,
share,
document,
recorded,
work;
