-- Entries of more kinds, versions that never go back, dated positions with standard cost rates, rules said
-- once, and a role of the application that can do no more than its use cases.
-- Up Migration
-- Kinds. A fee is nobody's work in particular; its quantity is its sum in minor units.
alter table entry
alter person_id
drop not null,
drop constraint entry_kind_check,
drop constraint entry_origin_check,
drop constraint entry_billed_priced,
add constraint entry_kind check (kind in ('time', 'absence', 'fee')),
add constraint entry_person check (
  person_id is not null
  or kind = 'fee'
),
add constraint entry_origin check (origin in ('timer', 'typed', 'grid', 'limit')),
add constraint entry_billed_priced check (
  billed_quantity = 0
  or value_minor is not null
),
-- Rises where the value changes and nothing that a reviewer looks at does.
add value_version integer not null default 1,
-- At the standard cost rate of the position held on the work date; null where there is none.
add standard_cost_minor bigint,
add write_off_reason text check (write_off_reason <> ''),
add constraint entry_written_off check ((billing_state = 'written off') = (write_off_reason is not null));

-- A side table is named after its kind, its columns after the facts that only this kind has.
alter table entry_span
rename to entry_time;

alter table entry_absence
rename code to absence_code;

alter table entry_absence
rename paid to absence_paid;

create table entry_fee (
  firm_id uuid not null references firm,
  entry_id uuid not null,
  -- The line of an invoice on which the sum stood over the agreed limit.
  over_limit_line_id uuid not null,
  primary key (firm_id, entry_id),
  foreign key (firm_id, entry_id) references entry on delete cascade,
  foreign key (firm_id, over_limit_line_id) references invoice_line
);

create index entry_fee_line on entry_fee (firm_id, over_limit_line_id);

alter table invoice_line
drop constraint invoice_line_kind_check,
add constraint invoice_line_kind check (kind in ('time', 'fee', 'write-down', 'over-limit'));

-- What of a sum over the limit will never be billed, by somebody's decision.
create table limit_write_down (
  firm_id uuid not null references firm,
  id uuid not null,
  over_limit_line_id uuid not null,
  amount_minor bigint not null check (amount_minor > 0),
  reason text not null check (reason <> ''),
  by_id uuid not null,
  at timestamptz not null,
  primary key (firm_id, id),
  foreign key (firm_id, over_limit_line_id) references invoice_line,
  foreign key (firm_id, by_id) references person
);

create index limit_write_down_line on limit_write_down (firm_id, over_limit_line_id);

-- Versions never go back: an entry that comes back under an old id goes on from the highest version that the
-- id ever had. Whose it was stands here too, for its history.
create table entry_gone (
  firm_id uuid not null references firm,
  entry_id uuid not null,
  version integer not null,
  person_id uuid,
  project_id uuid,
  primary key (firm_id, entry_id)
);

create function keep_gone_entry() returns trigger language plpgsql security definer
  set search_path = pg_catalog, public, pg_temp as $$
begin
  insert into entry_gone (firm_id, entry_id, version, person_id, project_id)
  values (old.firm_id, old.id, old.version, old.person_id, old.project_id)
  on conflict (firm_id, entry_id) do update
    set version = greatest(entry_gone.version, excluded.version), person_id = excluded.person_id,
      project_id = excluded.project_id;
  return null;
end $$;

create trigger entry_keep_gone
after delete on entry for each row
execute function keep_gone_entry ();

create function go_on_from_gone() returns trigger language plpgsql security definer
  set search_path = pg_catalog, public, pg_temp as $$
declare
  highest integer;
begin
  select g.version into highest from entry_gone g where g.firm_id = new.firm_id and g.entry_id = new.id;
  if found then new.version := greatest(new.version, highest + 1); end if;
  return new;
end $$;

create trigger entry_go_on
before insert on entry for each row
execute function go_on_from_gone ();

create function version_only_rises() returns trigger language plpgsql as $$
begin
  if new.version < old.version or new.value_version < old.value_version then
    raise exception 'a version never goes back';
  end if;
  return new;
end $$;

create trigger entry_version_rises
before update on entry for each row when (
  new.version < old.version
  or new.value_version < old.value_version
)
execute function version_only_rises ();

-- What somebody does in the firm, dated; and what an hour of it costs by standard.
create table person_position (
  firm_id uuid not null references firm,
  person_id uuid not null,
  position_id uuid not null,
  valid_from date not null,
  valid_to date,
  primary key (firm_id, person_id, valid_from),
  foreign key (firm_id, person_id) references person,
  foreign key (firm_id, position_id) references position,
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

create table standard_cost_rate (
  firm_id uuid not null references firm,
  position_id uuid not null,
  -- Ten-thousandths of the firm's major unit per hour.
  rate bigint not null check (rate >= 0),
  valid_from date not null,
  valid_to date,
  primary key (firm_id, position_id, valid_from),
  foreign key (firm_id, position_id) references position,
  exclude using gist (
    firm_id
    with
      =,
      position_id
    with
      =,
      daterange (valid_from, valid_to, '[]')
    with
      &&
  )
);

-- The firm's period of submission: weeks from some weekday, half-months, months, or so many days from a date.
alter table firm
add period_kind text not null default 'week' check (period_kind in ('week', 'half-month', 'month', 'days')),
add week_start integer not null default 1 check (week_start between 1 and 7),
add period_days integer not null default 14 check (period_days between 1 and 62),
add period_anchor date not null default '2024-01-01';

do $$
declare
  t text;
  one uuid;
begin
  foreach t in array array['entry_fee', 'limit_write_down', 'entry_gone', 'person_position', 'standard_cost_rate'] loop
    execute format('alter table %I enable row level security', t);
    execute format('alter table %I force row level security', t);
    execute format('create policy own_firm on %I using
      (firm_id = nullif(current_setting(''app.firm_id'', true), '''')::uuid)', t);
  end loop;
  for one in select firm_id from firm_address loop
    perform set_config('app.firm_id', one::text, true);
    insert into person_position (firm_id, person_id, position_id, valid_from)
    select p.firm_id, p.id, p.position_id, p.started_on from person p where p.position_id is not null;
  end loop;
  perform set_config('app.firm_id', '', true);
end $$;

alter table person
drop position_id;

-- Whether a scope covers work: everything, or some projects, of these any task or some, and anybody's or
-- somebody's.
create function in_scope(
  project uuid, task uuid, person uuid, everything boolean, projects uuid[], any_task boolean, tasks uuid[], whose uuid
) returns boolean language sql immutable parallel safe as $$
  select (everything or project = any(projects)) and (any_task or task = any(tasks)) and (whose is null
    or person = whose)
$$;

-- Documents of which somebody sees at least a line.
create function invoices_in_reach(reach text, asker uuid) returns setof invoice
  language sql stable as $$
  select i.* from invoice i
  where reach = 'firm' or exists (
    select from invoice_line l join project p on p.firm_id = l.firm_id and p.id = l.project_id
    where l.firm_id = i.firm_id and l.invoice_id = i.id and p.manager_id = asker)
$$;

-- Documents that somebody may act on: all of their lines lie within the reach.
create function invoices_to_act_on(reach text, asker uuid) returns setof invoice
  language sql stable as $$
  select i.* from invoice i
  where reach = 'firm' or (reach = 'team' and not exists (
    select from invoice_line l join project p on p.firm_id = l.firm_id and p.id = l.project_id
    where l.firm_id = i.firm_id and l.invoice_id = i.id and p.manager_id is distinct from asker))
$$;

-- Whether something is still to be paid on a document.
create function is_open(status text, kind text, settled bigint, gross bigint) returns boolean
  language sql immutable parallel safe as $$
  select status = 'issued' and kind = 'invoice' and settled < gross
$$;

-- Whether a document bills work of a scope: of some projects, or of somebody.
create function invoice_in_scope(firm uuid, invoice uuid, everything boolean, projects uuid[],
  whose uuid) returns boolean
  language sql stable as $$
  select (everything or exists (
      select from invoice_line l where l.firm_id = firm and l.invoice_id = invoice and l.project_id = any(projects)))
    and (whose is null or exists (
      select from invoice_line l join line_share s on s.firm_id = l.firm_id and s.line_id = l.id
      where l.firm_id = firm and l.invoice_id = invoice and s.person_id = whose))
$$;

-- Projects whose terms, limits, budgets and documents somebody may know.
create function projects_with_money(reach text, asker uuid) returns setof project
  language sql stable as $$
  select p.* from project p where reach = 'firm' or (reach = 'team' and p.manager_id = asker)
$$;

-- Approved work that may be charged and stands on no document and in no draft; held work and work without a
-- rate included.
create function is_to_bill(stage text, billing_state text, billed bigint) returns boolean
  language sql immutable parallel safe as $$
  select stage = 'approved' and billing_state = 'to bill' and billed = 0
$$;

-- Work whose value stands on no issued document yet, whatever its stage.
create function is_unbilled(stage text, billing_state text) returns boolean
  language sql immutable parallel safe as $$
  select billing_state = 'to bill' and stage in ('recorded', 'submitted', 'approved')
$$;

-- What counts in realisation: what documents bill, and what was written off for good.
create function is_settled(stage text, billing_state text) returns boolean
  language sql immutable parallel safe as $$
  select stage in ('billed', 'paid') or billing_state = 'written off'
$$;

-- Which entries stand behind a figure of the results.
create function is_behind(figure text, kind text, billable boolean, stage text, billing_state text) returns boolean
  language sql immutable parallel safe as $$
  select case figure
    when 'unbilled' then is_unbilled(stage, billing_state)
    when 'realisation' then is_settled(stage, billing_state)
    when 'billable-hours' then billable and kind = 'time'
    when 'standard-value' then billable and kind = 'time'
    else kind = 'time' end
$$;

-- Time has a standard value; a fee has none, since the hours behind it have theirs.
create function standard_value(kind text, value bigint) returns bigint language sql immutable parallel safe as $$
  select case when kind = 'time' then value else 0 end
$$;

-- The agreement of each project on a date.
-- Whether something dated holds on a day.
create function holds_on(valid_from date, valid_to date, day date) returns boolean
  language sql immutable parallel safe as $$
  select valid_from <= day and (valid_to is null or valid_to >= day)
$$;

create function agreements_on(day date) returns setof agreement language sql stable as $$
  select a.* from agreement a where holds_on(a.valid_from, a.valid_to, day)
$$;

-- What people are on a day.
create function positions_on(day date) returns table (firm_id uuid, person_id uuid, position_id uuid, name text)
  language sql stable as $$
  select h.firm_id, h.person_id, h.position_id, p.name from person_position h
  join position p on p.firm_id = h.firm_id and p.id = h.position_id
  where holds_on(h.valid_from, h.valid_to, day)
$$;

-- Limits that hold on a date, and what has used them, by project and currency. The newest agreement of the
-- project in a currency decides, for earlier work too. Used is the net of all live documents, over-the-limit
-- lines and write-downs included, credits taken off, drafts counted, but for one draft (but), whose own
-- document is being made.
create function project_limits(day date, but uuid) returns table (
  firm_id uuid, project_id uuid, currency text, agreement_id uuid, limit_minor bigint, used_minor bigint,
    left_minor bigint
) language sql stable as $$
  select n.firm_id, n.project_id, n.currency, n.id, n.limit_minor, coalesce(u.used_minor, 0),
    greatest(n.limit_minor - coalesce(u.used_minor, 0), 0)
  from (
    select distinct on (a.firm_id, a.project_id, a.currency) a.*
    from agreement a where a.valid_from <= day order by a.firm_id, a.project_id, a.currency, a.valid_from desc
  ) n
  left join lateral (
    select sum(l.net_minor)::bigint as used_minor
    from invoice_line l join invoice i on i.firm_id = l.firm_id and i.id = l.invoice_id
    where l.firm_id = n.firm_id and l.project_id = n.project_id and i.currency = n.currency
      and i.status in ('draft', 'issued') and i.id is distinct from but
  ) u on true
  where n.limit_minor is not null
$$;

-- Sums over the limit on issued invoices that nobody has decided on: neither released as a fee nor written
-- down. A credited or void invoice has none.
create function over_limit_waiting() returns table (
  firm_id uuid, line_id uuid, invoice_id uuid, project_id uuid, currency text, total_minor bigint, waiting_minor bigint
) language sql stable as $$
  select l.firm_id, l.id, i.id, l.project_id, i.currency, -l.net_minor, -l.net_minor
    - coalesce((select sum(e.quantity) from entry_fee f join entry e on e.firm_id = f.firm_id and e.id = f.entry_id
        where f.firm_id = l.firm_id and f.over_limit_line_id = l.id), 0)::bigint
    - coalesce((select sum(w.amount_minor) from limit_write_down w
        where w.firm_id = l.firm_id and w.over_limit_line_id = l.id), 0)::bigint
  from invoice_line l
  join invoice i on i.firm_id = l.firm_id and i.id = l.invoice_id
  where l.kind = 'over-limit' and i.kind = 'invoice' and i.status = 'issued' and i.credited_minor = 0
$$;

create index invoice_line_over_limit on invoice_line (firm_id, project_id)
where
  kind = 'over-limit';

-- Everything to bill up to a date, with what of it may be billed now and what is over an agreed limit. Held
-- and unpriced work uses nothing up. The limit is used up in the order of the work dates, then ids.
create type to_bill_row as (
  firm_id uuid,
  id uuid,
  kind text,
  person_id uuid,
  client_id uuid,
  project_id uuid,
  task_id uuid,
  work_date date,
  quantity bigint,
  seconds bigint,
  currency text,
  value_minor bigint,
  held boolean,
  unpriced boolean,
  ready_minor bigint,
  over_minor bigint
);

create function to_bill_rows(up_to date, day date) returns setof to_bill_row language sql stable as $$
  select t.firm_id, t.id, t.kind, t.person_id, t.client_id, t.project_id, t.task_id, t.work_date, t.quantity,
    case when t.kind = 'time' then t.billable_quantity else 0 end, t.value_currency, t.value_minor,
    t.hold_reason is not null, t.value_minor is null, t.ready::bigint, (t.value - t.ready)::bigint
  from (
    select e.*, case when m.left_minor is null then v.value
      else greatest(0, least(v.value, m.left_minor - sum(v.value) over used + v.value)) end as ready, v.value as value
    from entry e
    cross join lateral (
      select case when e.hold_reason is null then coalesce(e.value_minor, 0) else 0 end as value
    ) v
    left join project_limits(day, null) m
      on m.firm_id = e.firm_id and m.project_id = e.project_id and m.currency = e.value_currency
    where is_to_bill(e.stage, e.billing_state, e.billed_quantity) and e.work_date <= up_to
    window used as (partition by e.project_id, e.value_currency order by e.work_date, e.id rows unbounded preceding)
  ) t
$$;

-- Who may see what, once. The texts are put into one function each for entries, shares and sums, since the
-- planner makes the lists of a team once only where they stand in the statement itself.
do $$
declare
  people constant text := 'array(select tp.person_id from team_person tp
    join team t on t.firm_id = tp.firm_id and t.id = tp.team_id where t.lead_id = asker)';
  projects constant text := 'array(select p.id from project p where p.manager_id = asker)';
  -- Of a row r: oneself, the people of the teams that one leads, the work on projects that one manages.
  covered constant text := format('reach = ''firm'' or (reach = ''own'' and r.person_id = asker)
    or (reach = ''team'' and (r.person_id = asker or r.person_id = any(%s) or r.project_id = any(%s)))',
    people, projects);
  -- Of a sum r, with as few rows as hold them: all people together for those who see the firm and for the
  -- projects that somebody manages; one by one the people of a team on other work, and whoever is asked for.
  summed constant text := format('(reach = ''firm'' and r.person_id = coalesce(whose, no_id()))
    or (reach = ''own'' and r.person_id = asker and (whose is null or whose = asker))
    or (reach = ''team'' and whose is null and r.person_id = no_id() and r.project_id = any(%2$s))
    or (reach = ''team'' and whose is null and (r.person_id = asker or r.person_id = any(%1$s))
      and r.project_id <> all(%2$s))
    or (reach = ''team'' and r.person_id = whose and (whose = asker or whose = any(%1$s) or r.project_id = any(%2$s)))',
    people, projects);
begin
  execute format('create or replace function entries_in_reach(reach text, asker uuid) returns setof entry
    language sql stable as $f$ select r.* from entry r where %s $f$', covered);
  execute format('create or replace function shares_in_reach(reach text, asker uuid) returns setof line_share
    language sql stable as $f$ select r.* from line_share r where %s $f$', covered);
  -- What was deleted is seen by whoever could see it before.
  execute format('create function gone_in_reach(reach text, asker uuid) returns setof entry_gone
    language sql stable as $f$ select r.* from entry_gone r where %s $f$', covered);
  execute format('create or replace function people_in_reach(reach text, asker uuid) returns setof person
    language sql stable as $f$ select r.* from person r
      where reach = ''firm'' or r.id = asker or (reach = ''team'' and r.id = any(%s)) $f$', people);
  execute format('create or replace function work_sums_in_reach(reach text, asker uuid, whose uuid)
    returns setof work_sum language sql stable as $f$ select r.* from work_sum r where %s $f$', summed);
  execute format('create or replace function billed_sums_in_reach(reach text, asker uuid, whose uuid)
    returns setof billed_sum language sql stable as $f$ select r.* from billed_sum r where %s $f$', summed);
  execute format('create function to_bill_in_reach(up_to date, day date, reach text, asker uuid)
    returns setof to_bill_row language sql stable as $f$ select r.* from to_bill_rows(up_to, day) r where %s $f$',
    covered);
end $$;

-- Nobody in particular: a fee's person in sums and shares, where all people together have no_id().
create function nobody() returns uuid language sql immutable parallel safe as $$
  select 'ffffffff-ffff-ffff-ffff-ffffffffffff'::uuid
$$;

-- Sums carry the standard cost, and how many seconds have none.
alter table work_sum
add standard_cost_minor bigint not null default 0,
add uncosted_seconds bigint not null default 0;

create or replace function add_to_work_sums(deltas work_sum[]) returns void
  language sql security definer set search_path = pg_catalog, public, pg_temp as $$
  with delta as (
    select d.firm_id, coalesce(d.person_id, no_id()) as person_id, d.kind, d.project_id, d.task_id,
      coalesce(d.month, no_month()) as month, d.stage, d.billing_state, d.billable, d.currency,
      sum(d.entries)::bigint as entries, sum(d.quantity)::bigint as quantity,
      sum(d.value_minor)::bigint as value_minor, sum(d.own_minor)::bigint as own_minor,
      sum(d.cost_minor)::bigint as cost_minor, sum(d.standard_cost_minor)::bigint as standard_cost_minor,
      sum(d.uncosted_seconds)::bigint as uncosted_seconds
    from unnest(deltas) d
    group by d.firm_id, d.kind, d.project_id, d.task_id, d.stage, d.billing_state, d.billable, d.currency,
      grouping sets ((d.person_id, d.month), (d.person_id), (d.month), ())
    having sum(d.entries) <> 0 or sum(d.quantity) <> 0 or sum(d.value_minor) <> 0 or sum(d.own_minor) <> 0
      or sum(d.cost_minor) <> 0 or sum(d.standard_cost_minor) <> 0 or sum(d.uncosted_seconds) <> 0
  ), free as (
    select s.ctid as place, d.*, s.entries + d.entries as new_entries, s.quantity + d.quantity as new_quantity,
      s.value_minor + d.value_minor as new_value, s.own_minor + d.own_minor as new_own,
      s.cost_minor + d.cost_minor as new_cost, s.standard_cost_minor + d.standard_cost_minor as new_standard,
      s.uncosted_seconds + d.uncosted_seconds as new_uncosted
    from delta d join work_sum s using
      (firm_id, person_id, kind, project_id, task_id, month, stage, billing_state, billable, currency)
    for update of s skip locked
  ), chosen as (
    select distinct on (firm_id, person_id, kind, project_id, task_id, month, stage, billing_state, billable, currency)
      f.*, f.new_entries = 0 and f.new_quantity = 0 and f.new_value = 0 and f.new_own = 0 and f.new_cost = 0
        and f.new_standard = 0 and f.new_uncosted = 0 as nothing_left
    from free f
  ), emptied as (
    delete from work_sum s using chosen c where s.ctid = c.place and c.nothing_left
    returning s.firm_id, s.person_id, s.kind, s.project_id, s.task_id, s.month, s.stage, s.billing_state, s.billable,
      s.currency
  ), counted as (
    update work_sum s set entries = c.new_entries, quantity = c.new_quantity, value_minor = c.new_value,
      own_minor = c.new_own, cost_minor = c.new_cost, standard_cost_minor = c.new_standard,
      uncosted_seconds = c.new_uncosted
    from chosen c where s.ctid = c.place and not c.nothing_left
    returning s.firm_id, s.person_id, s.kind, s.project_id, s.task_id, s.month, s.stage, s.billing_state, s.billable,
      s.currency
  ), done as (
    select * from emptied union all select * from counted
  )
  insert into work_sum (firm_id, person_id, kind, project_id, task_id, month, stage, billing_state, billable, currency,
    entries, quantity, value_minor, own_minor, cost_minor, standard_cost_minor, uncosted_seconds)
  select d.* from delta d
  where not exists (
    select from done c
    where (c.firm_id, c.person_id, c.kind, c.project_id, c.task_id, c.month, c.stage, c.billing_state, c.billable,
      c.currency)
      = (d.firm_id, d.person_id, d.kind, d.project_id, d.task_id, d.month, d.stage, d.billing_state, d.billable,
        d.currency))
$$;

-- What one entry brings to the sums, once for all that count it.
create function sum_of_entry(e entry, sign integer) returns work_sum language sql immutable
  set search_path = pg_catalog, public, pg_temp as $$
  select row(e.firm_id, coalesce(e.person_id, nobody()), e.kind, coalesce(e.project_id, no_id()),
    coalesce(e.task_id, no_id()), month_start(e.work_date), e.stage, e.billing_state, e.billable,
    coalesce(e.value_currency, ''), sign, sign * e.quantity, sign * coalesce(e.value_minor, 0),
    sign * coalesce(e.own_value_minor, 0), sign * coalesce(e.cost_minor, 0), sign * coalesce(e.standard_cost_minor, 0),
    case when e.kind = 'time' and e.standard_cost_minor is null then sign * e.quantity else 0 end)::work_sum
$$;

create or replace function sum_entries() returns trigger language plpgsql security definer
  set search_path = pg_catalog, public, pg_temp as $$
declare
  deltas work_sum[] := '{}';
begin
  if tg_op <> 'DELETE' then
    deltas := array(select sum_of_entry(c.*, 1) from come c);
  end if;
  if tg_op <> 'INSERT' then
    deltas := deltas || array(select sum_of_entry(g.*, -1) from gone g);
  end if;
  perform add_to_work_sums(deltas);
  return null;
end $$;

create or replace function work_less(reach text, asker uuid, whose uuid, first date, last date) returns setof work_sum
  language plpgsql stable as $$
begin
  return query
  select (sum_of_entry(e.*, -1)).* from entries_in_reach(reach, asker) e
  where e.work_date between first and last and (whose is null or e.person_id = whose);
end $$;

create or replace function sum_document(of_firm uuid, document uuid) returns void language sql security definer
  set search_path = pg_catalog, public, pg_temp as $$
  insert into billed_sum
  select i.firm_id, i.id, coalesce(s.person_id, no_id()), s.project_id, coalesce(s.task_id, no_id()),
    month_start(s.work_date), i.currency, i.issued_on, sum(s.amount_minor), sum(s.standard_minor)
  from invoice i
  join invoice_line l on l.firm_id = i.firm_id and l.invoice_id = i.id
  join line_share s on s.firm_id = l.firm_id and s.line_id = l.id
  where i.firm_id = of_firm and i.id = document
  group by i.firm_id, i.id, s.project_id, coalesce(s.task_id, no_id()), month_start(s.work_date),
    grouping sets ((s.person_id), ())
$$;

-- What is issued stays as it is. Counters and shares move by triggers of the owner's, in the ways that exist;
-- the application's role may write none of them itself.
create or replace function sum_billed() returns trigger language plpgsql security definer
  set search_path = pg_catalog, public, pg_temp as $$
begin
  if old.status = 'issued' then delete from billed_sum where firm_id = old.firm_id and invoice_id = old.id; end if;
  if new.status = 'issued' then perform sum_document(new.firm_id, new.id); end if;
  -- A void document lets go of its shares.
  if new.status = 'void' then
    update line_share s set live = false from invoice_line l
    where s.firm_id = new.firm_id and l.firm_id = s.firm_id and l.id = s.line_id and l.invoice_id = new.id;
  end if;
  return null;
end $$;

create or replace function move_billed_quantities() returns trigger language plpgsql security definer
  set search_path = pg_catalog, public, pg_temp as $$
begin
  if tg_op = 'INSERT' then
    update entry e set billed_quantity = billed_quantity + d.quantity
    from (select firm_id, entry_id, sum(quantity)::bigint as quantity from come where live group by 1, 2
      having sum(quantity) <> 0) d
    where e.firm_id = d.firm_id and e.id = d.entry_id;
  elsif tg_op = 'DELETE' then
    update entry e set billed_quantity = billed_quantity - d.quantity
    from (select firm_id, entry_id, sum(quantity)::bigint as quantity from gone where live group by 1, 2
      having sum(quantity) <> 0) d
    where e.firm_id = d.firm_id and e.id = d.entry_id;
  else
    if exists (select from come c full join gone g using (firm_id, line_id, entry_id) where c.live is null
      or g.live is null
    ) then
      raise exception 'a share cannot move to another entry or line';
    end if;
    update entry e set billed_quantity = billed_quantity + d.quantity
    from (
      select firm_id, entry_id, sum(quantity)::bigint as quantity
      from (select firm_id, entry_id, quantity from come where live
        union all select firm_id, entry_id, -quantity from gone where live) m
      group by 1, 2 having sum(quantity) <> 0
    ) d where e.firm_id = d.firm_id and e.id = d.entry_id;
  end if;
  return null;
end $$;

create or replace function move_settled() returns trigger language plpgsql security definer
  set search_path = pg_catalog, public, pg_temp as $$
declare
  gone bigint := 0;
  come bigint := 0;
begin
  if tg_op in ('UPDATE', 'DELETE') and old.live then gone := old.amount_minor; end if;
  if tg_op in ('UPDATE', 'INSERT') and new.live then come := new.amount_minor; end if;
  if tg_op = 'UPDATE' and new.live and not old.live then raise exception 'an ended allocation stays ended'; end if;
  if come <> gone then
    update invoice
      set settled_minor = settled_minor + come - gone,
          credited_minor = credited_minor
            + case when coalesce(new.kind, old.kind) = 'credit note' then come - gone else 0 end
      where firm_id = coalesce(new.firm_id, old.firm_id) and id = coalesce(new.invoice_id, old.invoice_id);
  end if;
  return null;
end $$;

create or replace function keep_issued() returns trigger language plpgsql security definer
  set search_path = pg_catalog, public, pg_temp as $$
begin
  if tg_op = 'DELETE' then
    if old.status <> 'draft' then raise exception 'an issued document cannot be deleted'; end if;
    return old;
  end if;
  -- A credit note settles itself when it is issued.
  if old.status = 'draft' and new.status = 'issued' and new.kind = 'credit note' then
    new.settled_minor := new.gross_minor;
  end if;
  if old.status <> 'draft' and (
    (to_jsonb(old) - '{status,sent_at,reason,version,settled_minor,credited_minor}'::text[])
    is distinct from
    (to_jsonb(new) - '{status,sent_at,reason,version,settled_minor,credited_minor}'::text[])
    or (new.status <> old.status and not (old.status = 'issued' and new.status = 'void'))
    or (new.reason <> old.reason and new.status <> 'void')
    or (old.sent_at is not null and new.sent_at is distinct from old.sent_at)
  ) then
    raise exception 'an issued document cannot be changed';
  end if;
  return new;
end $$;

create function only_in_drafts() returns trigger language plpgsql security definer
  set search_path = pg_catalog, public, pg_temp as $$
declare
  document uuid;
begin
  if tg_table_name = 'line_share' then
    select l.invoice_id into document from invoice_line l
    where l.firm_id = coalesce(new.firm_id, old.firm_id) and l.id = coalesce(new.line_id, old.line_id);
  else
    document := coalesce(new.invoice_id, old.invoice_id);
  end if;
  if exists (select from invoice i where i.firm_id = coalesce(new.firm_id, old.firm_id) and i.id = document
    and i.status <> 'draft') then
    raise exception 'what an issued document says cannot be changed';
  end if;
  return coalesce(new, old);
end $$;

create trigger invoice_line_only_in_drafts
before insert or delete on invoice_line for each row
execute function only_in_drafts ();

create trigger line_share_only_in_drafts
before insert or delete on line_share for each row
execute function only_in_drafts ();

create trigger invoice_tax_only_in_drafts
before insert or delete on invoice_tax for each row
execute function only_in_drafts ();

-- A number is taken once, and no number is left out.
create function series_counts() returns trigger language plpgsql as $$
begin
  if new.next_number <> old.next_number + 1 then raise exception 'a series goes on by one'; end if;
  return new;
end $$;

create trigger invoice_series_counts
before update of next_number on invoice_series for each row
execute function series_counts ();

-- Answers of commands are kept for thirty days.
create index replay_at on replay (firm_id, at);

create function prune_replays(before timestamptz) returns bigint language plpgsql security definer
  set search_path = pg_catalog, public, pg_temp as $$
declare
  one uuid;
  gone bigint := 0;
  of_one bigint;
begin
  for one in select firm_id from firm_address loop
    perform set_config('app.firm_id', one::text, true);
    delete from replay where at < before;
    get diagnostics of_one = row_count;
    gone := gone + of_one;
  end loop;
  perform set_config('app.firm_id', '', true);
  return gone;
end $$;

drop function enter_firm;

-- Opens a firm for the rest of the transaction and says who asks, in one step. No row where the account
-- does not belong to the firm.
create function enter_firm(wanted text, account uuid, day date)
  returns table (
    firm_id uuid, name text, currency text, zone text, day_maximum bigint, week_maximum bigint, gap_tolerance bigint,
    period_kind text, week_start integer, period_days integer, period_anchor date,
    person_id uuid, person_name text, person_zone text, position_name text, roles text[])
  language plpgsql security definer set search_path = pg_catalog, public, pg_temp as $$
declare
  m record;
begin
  select mm.firm_id, mm.person_id, mm.roles into m
    from membership mm join firm_address a on a.firm_id = mm.firm_id
   where a.slug = wanted and mm.account_id = account;
  if not found then return; end if;
  perform set_config('app.firm_id', m.firm_id::text, true);
  return query
    select f.firm_id, f.name, f.currency, f.zone, f.day_maximum, f.week_maximum, f.gap_tolerance,
           f.period_kind, f.week_start, f.period_days, f.period_anchor,
           p.id, p.name, p.zone, po.name, m.roles
      from firm f
      join person p on p.firm_id = f.firm_id and p.id = m.person_id
      left join positions_on(day) po on po.firm_id = p.firm_id and po.person_id = p.id
     where f.firm_id = m.firm_id;
end $$;

-- Sign-ins that failed, by account and by address: outside tenancy, since nobody is signed in yet.
create table sign_in_failure (subject text primary key, count integer not null, last_at timestamptz not null);

create function sign_in_failures(subjects text[]) returns table (subject text, count integer, last_at timestamptz)
  language sql stable security definer set search_path = pg_catalog, public, pg_temp as $$
  select f.subject, f.count, f.last_at from sign_in_failure f where f.subject = any(subjects)
$$;

-- Counts from one again where the last failure is forgotten.
create function note_sign_in_failure(subjects text[], now timestamptz, forgotten_before timestamptz) returns void
  language sql security definer set search_path = pg_catalog, public, pg_temp as $$
  insert into sign_in_failure (subject, count, last_at) select s, 1, now from unnest(subjects) s order by s
  on conflict (subject) do update set
    count = case when sign_in_failure.last_at < forgotten_before then 1 else sign_in_failure.count + 1 end,
      last_at = now
$$;

create function forget_sign_in_failures(of_subjects text[]) returns void
  language sql security definer set search_path = pg_catalog, public, pg_temp as $$
  delete from sign_in_failure where subject = any(of_subjects)
$$;

-- The application's role: what its use cases need, and nothing else. It makes no objects, temporary ones
-- neither, and calls no function that is not named here.
do $$
declare
  f record;
begin
  execute format('revoke temporary on database %I from public', current_database());
  for f in
    select p.oid::regprocedure as name, p.prosecdef as definer from pg_proc p
      join pg_namespace n on n.oid = p.pronamespace
     where n.nspname = 'public' and pg_get_userbyid(p.proowner) = current_user
  loop
    execute format('revoke execute on function %s from public', f.name);
    if f.definer then
      execute format('alter function %s set search_path = pg_catalog, public, pg_temp', f.name);
    end if;
    if f.name::text !~ '^(add_to_work_sums|sum_document|sum_of_entry)\(' then
      execute format('grant execute on function %s to yellowwood_app', f.name);
    end if;
  end loop;
end $$;

alter default privileges
revoke
execute on functions
from
  public;

grant
execute on function sum_of_entry to yellowwood_app;

grant
select
  on person_position,
  standard_cost_rate,
  entry_gone to yellowwood_app;

grant
select
,
  insert,
update,
delete on entry_fee to yellowwood_app;

grant
select
,
  insert,
  delete on limit_write_down to yellowwood_app;

-- What was priced or paid by a rate stays explained by it: rates end, they are not altered.
revoke
update on rate_rule,
pay_rate,
overhead
from
  yellowwood_app;

grant
update (valid_to) on rate_rule,
pay_rate,
overhead to yellowwood_app;

revoke
update on entry,
invoice,
invoice_line,
line_share,
invoice_tax,
payment,
allocation,
invoice_series,
agreement
from
  yellowwood_app;

revoke delete on invoice_series,
timesheet,
person,
client,
project
from
  yellowwood_app;

grant
update (
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
  standard_cost_minor,
  tax_category,
  note,
  explanation,
  stage,
  billing_state,
  write_off_reason,
  hold_reason,
  changed_by_other,
  problems,
  problem_count,
  version,
  value_version
) on entry to yellowwood_app;

grant
update (
  status,
  number,
  number_text,
  issued_on,
  due_on,
  snapshot,
  issued_by,
  issued_at,
  sent_at,
  reason,
  version,
  supply_from,
  supply_to,
  net_minor,
  tax_minor,
  gross_minor,
  up_to,
  grouping,
  wish
) on invoice to yellowwood_app;

grant
update (reversed_at, reversal_reason) on payment to yellowwood_app;

grant
update (live) on allocation to yellowwood_app;

grant
update (next_number) on invoice_series to yellowwood_app;

grant
update (valid_to) on agreement to yellowwood_app;
