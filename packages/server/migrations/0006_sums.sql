-- Coarse sums, so that the overviews read as little in ten years as on the first day. Kept by triggers
-- in the transaction of every change; verify-books proves them equal to the plain sums.
-- Up Migration
-- The id of nothing: all people, no project, no task.
create function no_id() returns uuid language sql immutable parallel safe as $$
  select '00000000-0000-0000-0000-000000000000'::uuid
$$;

-- First day of the month of a date, and last. Of the timestamp without zone, so that the planner can tell
-- for given dates whether anything lies outside of whole months.
create function month_start(d date) returns date language sql immutable parallel safe as $$
  select date_trunc('month', d::timestamp)::date
$$;

create function month_end(d date) returns date language sql immutable parallel safe as $$ select (date_trunc('month',
  d::timestamp) + interval '1 month' - interval '1 day')::date $$;

-- The month of sums over all months.
create function no_month() returns date language sql immutable parallel safe as $$ select '0001-01-01'::date $$;

-- What the firm's own rate makes of an entry, in its currency: what the time is worth without any agreement.
alter table entry
add own_rate bigint,
add own_value_minor bigint;

-- The ledger by work: for each person and for all people together, each by month and over all months.
-- Nothing is null, so that keys compare by =: no_month() stands for all months, no_id() for all people, or for no
-- project and no task; '' for
-- no currency. (What nobody recorded would need an id of its own here; everything has a person so far.) The figures
-- of a key are the sum of its rows, of which there may be several.
create table work_sum (
  firm_id uuid not null references firm,
  person_id uuid not null,
  kind text not null,
  project_id uuid not null,
  task_id uuid not null,
  -- First day of the month of the work dates.
  month date not null,
  stage text not null,
  billing_state text not null,
  billable boolean not null,
  currency text not null,
  entries bigint not null,
  quantity bigint not null,
  value_minor bigint not null,
  own_minor bigint not null,
  cost_minor bigint not null
  -- Counting in place must not touch the indexes.
)
with
  (fillfactor = 70);

create index work_sum_person on work_sum (firm_id, person_id, month);

create index work_sum_project on work_sum (firm_id, project_id, person_id, month);

-- Adds what came to the sums and takes off what went. A row that another transaction is counting in is
-- passed over, and a row beside it made: writers never wait for each other here, so no two of them can
-- stop each other. A key has at most about as many rows as there were ever writers at once.
create function add_to_work_sums(deltas work_sum[]) returns void
  language sql security definer set search_path = public as $$
  with delta as (
    select d.firm_id, coalesce(d.person_id, no_id()) as person_id, d.kind, d.project_id, d.task_id, coalesce(d.month,
      no_month()) as month, d.stage, d.billing_state, d.billable, d.currency,
      sum(d.entries)::bigint as entries, sum(d.quantity)::bigint as quantity,
        sum(d.value_minor)::bigint as value_minor, sum(d.own_minor)::bigint as own_minor,
        sum(d.cost_minor)::bigint as cost_minor
    from unnest(deltas) d
    group by d.firm_id, d.kind, d.project_id, d.task_id, d.stage, d.billing_state, d.billable, d.currency,
      grouping sets ((d.person_id, d.month), (d.person_id), (d.month), ())
    having sum(d.entries) <> 0 or sum(d.quantity) <> 0 or sum(d.value_minor) <> 0 or sum(d.own_minor) <> 0
      or sum(d.cost_minor) <> 0
  ), free as (
    select s.ctid as place, d.*, s.entries + d.entries as new_entries, s.quantity + d.quantity as new_quantity,
      s.value_minor + d.value_minor as new_value, s.own_minor + d.own_minor as new_own,
      s.cost_minor + d.cost_minor as new_cost
    from delta d join work_sum s using (firm_id, person_id, kind, project_id, task_id, month, stage, billing_state,
      billable, currency)
    for update of s skip locked
  ), chosen as (
    select distinct on (firm_id, person_id, kind, project_id, task_id, month, stage, billing_state, billable,
      currency) * from free
  ), emptied as (
    delete from work_sum s using chosen c
    where s.ctid = c.place and c.new_entries = 0 and c.new_quantity = 0 and c.new_value = 0 and c.new_own = 0
      and c.new_cost = 0
    returning s.firm_id, s.person_id, s.kind, s.project_id, s.task_id, s.month, s.stage, s.billing_state, s.billable,
      s.currency
  ), counted as (
    update work_sum s set entries = c.new_entries, quantity = c.new_quantity, value_minor = c.new_value,
      own_minor = c.new_own, cost_minor = c.new_cost from chosen c
    where s.ctid = c.place and not (c.new_entries = 0 and c.new_quantity = 0 and c.new_value = 0 and c.new_own = 0
      and c.new_cost = 0)
    returning s.firm_id, s.person_id, s.kind, s.project_id, s.task_id, s.month, s.stage, s.billing_state, s.billable,
      s.currency
  ), done as (
    select * from emptied union all select * from counted
  )
  insert into work_sum
  select d.* from delta d
  where not exists (
    select from done c where (c.firm_id, c.person_id, c.kind, c.project_id, c.task_id, c.month, c.stage,
      c.billing_state, c.billable, c.currency)
      = (d.firm_id, d.person_id, d.kind, d.project_id, d.task_id, d.month, d.stage, d.billing_state, d.billable,
        d.currency))
$$;

revoke
execute on function add_to_work_sums
from
  public;

create function sum_entries() returns trigger language plpgsql security definer set search_path = public as $$
declare
  deltas work_sum[] := '{}';
begin
  if tg_op <> 'DELETE' then
    deltas := array(select row(c.firm_id, c.person_id, c.kind, coalesce(c.project_id, no_id()), coalesce(c.task_id,
      no_id()), month_start(c.work_date), c.stage, c.billing_state, c.billable,
      coalesce(c.value_currency, ''), 1, c.quantity, coalesce(c.value_minor, 0), coalesce(c.own_value_minor, 0),
        coalesce(c.cost_minor, 0))::work_sum from come c);
  end if;
  if tg_op <> 'INSERT' then
    deltas := deltas || array(select row(g.firm_id, g.person_id, g.kind, coalesce(g.project_id, no_id()),
      coalesce(g.task_id, no_id()), month_start(g.work_date), g.stage, g.billing_state, g.billable,
      coalesce(g.value_currency, ''), -1, -g.quantity, -coalesce(g.value_minor, 0), -coalesce(g.own_value_minor, 0),
        -coalesce(g.cost_minor, 0))::work_sum from gone g);
  end if;
  perform add_to_work_sums(deltas);
  return null;
end $$;

create trigger entry_sums_insert
after insert on entry referencing new table as come for each statement
execute function sum_entries ();

create trigger entry_sums_update
after update on entry referencing old table as gone new table as come for each statement
execute function sum_entries ();

create trigger entry_sums_delete
after delete on entry referencing old table as gone for each statement
execute function sum_entries ();

-- A share keeps what was billed as it was: after a credit its entry may move to other work or another day.
alter table line_share
add person_id uuid,
add project_id uuid,
add task_id uuid,
add work_date date,
-- The value by its rate of the time that is billed; negative on credit notes, zero for what is no time.
add standard_minor bigint;

-- What issued documents bill of which work, once for each person and once for all people together: it
-- comes with the number and goes when a document becomes void.
create table billed_sum (
  firm_id uuid not null references firm,
  invoice_id uuid not null,
  person_id uuid not null,
  project_id uuid not null,
  task_id uuid not null,
  month date not null,
  currency text not null,
  issued_on date not null,
  amount_minor bigint not null,
  -- The value by the rates of the time that the document bills or credits.
  standard_minor bigint not null,
  foreign key (firm_id, invoice_id) references invoice
);

-- Rows here are written once: what the overviews read of them stands in the index.
create index billed_sum_person on billed_sum (firm_id, person_id, month) include (
  project_id,
  task_id,
  currency,
  issued_on,
  amount_minor,
  standard_minor,
  invoice_id
);

create index billed_sum_project on billed_sum (firm_id, project_id, person_id, month);

create index billed_sum_invoice on billed_sum (firm_id, invoice_id);

create function sum_document(of_firm uuid, document uuid) returns void language sql security definer
  set search_path = public as $$
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

revoke
execute on function sum_document
from
  public;

create function sum_billed() returns trigger language plpgsql security definer set search_path = public as $$
begin
  if old.status = 'issued' then delete from billed_sum where firm_id = old.firm_id and invoice_id = old.id; end if;
  if new.status = 'issued' then perform sum_document(new.firm_id, new.id); end if;
  return null;
end $$;

create trigger invoice_sums
after update of status on invoice for each row when (old.status is distinct from new.status)
execute function sum_billed ();

-- The counters of entries move by one statement for all shares of a document. Adding to the row itself,
-- under its lock, is what keeps two transactions from billing the same hour; the check on entry refuses
-- the second one.
create function move_billed_quantities() returns trigger language plpgsql as $$
begin
  if tg_op = 'INSERT' then
    update entry e set billed_quantity = billed_quantity + d.quantity
    from (select firm_id, entry_id, sum(quantity)::bigint as quantity from come where live group by 1,
      2 having sum(quantity) <> 0) d where e.firm_id = d.firm_id and e.id = d.entry_id;
  elsif tg_op = 'DELETE' then
    update entry e set billed_quantity = billed_quantity - d.quantity
    from (select firm_id, entry_id, sum(quantity)::bigint as quantity from gone where live group by 1,
      2 having sum(quantity) <> 0) d where e.firm_id = d.firm_id and e.id = d.entry_id;
  else
    if exists (select from come c full join gone g using (firm_id, line_id, entry_id) where c.live is null
      or g.live is null) then
      raise exception 'a share cannot move to another entry or line';
    end if;
    update entry e set billed_quantity = billed_quantity + d.quantity
    from (
      select firm_id, entry_id, sum(quantity)::bigint as quantity
      from (select firm_id, entry_id, quantity from come where live union all select firm_id, entry_id, -quantity
        from gone where live) m
      group by 1, 2 having sum(quantity) <> 0
    ) d where e.firm_id = d.firm_id and e.id = d.entry_id;
  end if;
  return null;
end $$;

drop trigger line_share_moves_billed on line_share;

drop function move_billed_quantity;

create trigger line_share_moves_billed_insert
after insert on line_share referencing new table as come for each statement
execute function move_billed_quantities ();

create trigger line_share_moves_billed_update
after update on line_share referencing old table as gone new table as come for each statement
execute function move_billed_quantities ();

create trigger line_share_moves_billed_delete
after delete on line_share referencing old table as gone for each statement
execute function move_billed_quantities ();

-- Lists instead of subqueries: they are made once, and an index can be asked for them.
create or replace function entries_in_reach(reach text, asker uuid) returns setof entry
  language sql stable as $$
  select e.* from entry e
  where reach = 'firm'
     or (reach = 'own' and e.person_id = asker)
     or (reach = 'team' and (e.person_id = asker or e.person_id = any(array(select tp.person_id from team_person tp
       join team t on t.firm_id = tp.firm_id and t.id = tp.team_id where t.lead_id = asker))
       or e.project_id = any(array(select p.id from project p where p.manager_id = asker))))
$$;

-- The same for shares.
create function shares_in_reach(reach text, asker uuid) returns setof line_share
  language sql stable as $$
  select s.* from line_share s
  where reach = 'firm'
     or (reach = 'own' and s.person_id = asker)
     or (reach = 'team' and (s.person_id = asker or s.person_id = any(array(select tp.person_id from team_person tp
       join team t on t.firm_id = tp.firm_id and t.id = tp.team_id where t.lead_id = asker))
       or s.project_id = any(array(select p.id from project p where p.manager_id = asker))))
$$;

-- The same for sums, with as few rows as hold them: all people together for those who see the firm and for
-- the projects that somebody manages; one by one the people of a team on other work, and whoever is asked
-- for by name (whose).
create function work_sums_in_reach(reach text, asker uuid, whose uuid) returns setof work_sum
  language sql stable as $$
  select s.* from work_sum s
  where (reach = 'firm' and s.person_id = coalesce(whose, no_id()))
     or (reach = 'own' and s.person_id = asker and (whose is null or whose = asker))
     or (reach = 'team' and whose is null and s.person_id = no_id() and s.project_id = any(array(select p.id
       from project p where p.manager_id = asker)))
     or (reach = 'team' and whose is null and (s.person_id = asker or s.person_id = any(array(select tp.person_id
       from team_person tp join team t on t.firm_id = tp.firm_id and t.id = tp.team_id where t.lead_id = asker)))
       and s.project_id <> all(array(select p.id from project p where p.manager_id = asker)))
     or (reach = 'team' and s.person_id = whose and (whose = asker or whose = any(array(select tp.person_id
       from team_person tp join team t on t.firm_id = tp.firm_id and t.id = tp.team_id where t.lead_id = asker))
       or s.project_id = any(array(select p.id from project p where p.manager_id = asker))))
$$;

create function billed_sums_in_reach(reach text, asker uuid, whose uuid) returns setof billed_sum
  language sql stable as $$
  select s.* from billed_sum s
  where (reach = 'firm' and s.person_id = coalesce(whose, no_id()))
     or (reach = 'own' and s.person_id = asker and (whose is null or whose = asker))
     or (reach = 'team' and whose is null and s.person_id = no_id() and s.project_id = any(array(select p.id
       from project p where p.manager_id = asker)))
     or (reach = 'team' and whose is null and (s.person_id = asker or s.person_id = any(array(select tp.person_id
       from team_person tp join team t on t.firm_id = tp.firm_id and t.id = tp.team_id where t.lead_id = asker)))
       and s.project_id <> all(array(select p.id from project p where p.manager_id = asker)))
     or (reach = 'team' and s.person_id = whose and (whose = asker or whose = any(array(select tp.person_id
       from team_person tp join team t on t.firm_id = tp.firm_id and t.id = tp.team_id where t.lead_id = asker))
       or s.project_id = any(array(select p.id from project p where p.manager_id = asker))))
$$;

-- What single entries and shares of some days take off the sums of their months. In plpgsql, so that a span of
-- whole months, which needs none of this, does not pay for planning it: that took three times as long as the sums.
create function work_less(reach text, asker uuid, whose uuid, first date, last date) returns setof work_sum
  language plpgsql stable as $$
begin
  return query
  select e.firm_id, coalesce(e.person_id, no_id()), e.kind, coalesce(e.project_id, no_id()), coalesce(e.task_id,
    no_id()), month_start(e.work_date), e.stage, e.billing_state, e.billable,
    coalesce(e.value_currency, ''), -1::bigint, -e.quantity, -coalesce(e.value_minor, 0),
      -coalesce(e.own_value_minor, 0), -coalesce(e.cost_minor, 0)
  from entries_in_reach(reach, asker) e
  where e.work_date between first and last and (whose is null or e.person_id = whose);
end $$;

create function billed_less(reach text, asker uuid, whose uuid, first date, last date) returns setof billed_sum
  language plpgsql stable as $$
begin
  return query
  select i.firm_id, i.id, s.person_id, s.project_id, coalesce(s.task_id, no_id()), month_start(s.work_date),
    i.currency, i.issued_on, -s.amount_minor, -s.standard_minor
  from shares_in_reach(reach, asker) s
  join invoice_line l on l.firm_id = s.firm_id and l.id = s.line_id
  join invoice i on i.firm_id = l.firm_id and i.id = l.invoice_id and i.status = 'issued'
  where s.work_date between first and last and (whose is null or s.person_id = whose);
end $$;

-- The ledger's sums over the work dates first..last, by month: the sums of the months that they touch, less
-- what lies in those months outside. A span of whole months reads no entry.
create function work_months_between(reach text, asker uuid, whose uuid, first date, last date) returns setof work_sum
  language sql stable as $$
  select s.* from work_sums_in_reach(reach, asker, whose) s
  where first <= last and s.month > no_month() and s.month between month_start(first) and last
  union all
  select l.* from work_less(reach, asker, whose, month_start(first), first - 1) l where first <= last
    and first > month_start(first)
  union all
  select l.* from work_less(reach, asker, whose, last + 1, month_end(last)) l where first <= last
    and last < month_end(last)
$$;

-- The same where months do not matter: everything to date is read from the sums over all months, which do
-- not grow with the years.
create function work_sums_between(reach text, asker uuid, whose uuid, first date, last date) returns setof work_sum
  language sql stable as $$
  select s.* from work_sums_in_reach(reach, asker, whose) s
  where s.month = no_month() and first = '0001-01-01' and last = '9999-12-31'
  union all
  select m.* from work_months_between(reach, asker, whose, first, last) m
  where not (first = '0001-01-01' and last = '9999-12-31')
$$;

create function billed_sums_between(reach text, asker uuid, whose uuid, first date, last date) returns setof billed_sum
  language sql stable as $$
  select s.* from billed_sums_in_reach(reach, asker, whose) s
  where first <= last and s.month between month_start(first) and last
  union all
  select l.* from billed_less(reach, asker, whose, month_start(first), first - 1) l where first <= last
    and first > month_start(first)
  union all
  select l.* from billed_less(reach, asker, whose, last + 1, month_end(last)) l where first <= last
    and last < month_end(last)
$$;

do $$
declare
  t text;
  one uuid;
begin
  foreach t in array array['work_sum', 'billed_sum'] loop
    execute format('alter table %I enable row level security', t);
    execute format('alter table %I force row level security', t);
    execute format('create policy own_firm on %I using
      (firm_id = nullif(current_setting(''app.firm_id'', true), '''')::uuid)', t);
    -- Only the triggers write here.
    execute format('grant select on %I to yellowwood_app', t);
  end loop;
  -- What is there already.
  for one in select firm_id from firm_address loop
    perform set_config('app.firm_id', one::text, true);
    insert into work_sum
    select e.firm_id, coalesce(e.person_id, no_id()), e.kind, e.project_id, e.task_id, coalesce(e.month, no_month()),
      e.stage, e.billing_state, e.billable, e.currency, count(*), sum(e.quantity), sum(e.value), sum(e.own),
      sum(e.cost)
    from (
      select firm_id, person_id, kind, coalesce(project_id, no_id()) as project_id, coalesce(task_id,
        no_id()) as task_id, month_start(work_date) as month,
        stage, billing_state, billable, coalesce(value_currency, '') as currency, quantity, coalesce(value_minor,
          0) as value, coalesce(own_value_minor, 0) as own, coalesce(cost_minor, 0) as cost
      from entry
    ) e
    group by e.firm_id, e.kind, e.project_id, e.task_id, e.stage, e.billing_state, e.billable, e.currency,
      grouping sets ((e.person_id, e.month), (e.person_id), (e.month), ());
    update line_share s set person_id = e.person_id, project_id = e.project_id, task_id = e.task_id,
      work_date = e.work_date,
      standard_minor = case when l.kind = 'time' then coalesce(e.value_minor, 0) * sign(s.quantity)::bigint else 0 end
    from entry e, invoice_line l where e.firm_id = s.firm_id and e.id = s.entry_id and l.firm_id = s.firm_id
      and l.id = s.line_id;
    perform sum_document(firm_id, id) from invoice where status = 'issued';
  end loop;
  perform set_config('app.firm_id', '', true);
end $$;

alter table line_share
alter person_id
set not null,
alter project_id
set not null,
alter work_date
set not null,
alter standard_minor
set not null;

create index line_share_date on line_share (firm_id, work_date);
