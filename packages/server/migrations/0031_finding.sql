-- Work and people are found by any part of any word of what they are called, and listed by page; what has not changed
-- is not computed again.
-- Up Migration
-- Words as they are found by: small letters, without accents. The page's words go through the same (core, plainText).
create function plain_text(text) returns text language sql immutable parallel safe as $$
  select regexp_replace(normalize(lower($1 collate "und-x-icu"), nfd), '[\u0300-\u036f]', '', 'g')
$$;

-- Every ending of every word: a part of a word is the beginning of one of them. Words are found by their first
-- forty letters.
create function endings_of(text) returns setof text language sql immutable parallel safe as $$
  select distinct left(substr(w.word, n), 40)
  from regexp_split_to_table(plain_text($1), '\s+') w(word), generate_series(1, length(w.word)) n
$$;

-- Under row-level security no trigram index is used: a range of texts is, since comparing texts tells nothing.
create table name_ending (
  firm_id uuid not null references firm,
  ending text not null collate "C",
  kind text not null check (kind in ('client', 'department', 'project', 'task', 'person')),
  thing_id uuid not null,
  primary key (firm_id, ending, kind, thing_id)
);

alter table name_ending enable row level security;

alter table name_ending force row level security;

create policy own_firm on name_ending using (firm_id = nullif(current_setting('app.firm_id', true), '')::uuid);

grant
select
,
  insert,
  delete on name_ending to yellowwood_app;

-- What a project is found by; all else is found by its name.
create function found_by(p project) returns text language sql immutable parallel safe as $$
  select p.name || ' ' || p.code || ' ' || p.order_reference
$$;

grant
execute on function plain_text,
endings_of,
found_by to yellowwood_app;

do $$
declare
  kind text;
  called text;
begin
  foreach kind in array array['client', 'department', 'project', 'task', 'person'] loop
    called := case when kind = 'project' then 'found_by(%s.*)' else '%s.name' end;
    execute format('insert into name_ending select t.firm_id, e, %L, t.id from %I t, endings_of(%s) e',
      kind, kind, format(called, 't'));
    execute format('create function %I() returns trigger language plpgsql security definer
      set search_path = pg_catalog, public, pg_temp as $f$
      begin
        insert into name_ending select c.firm_id, e, %L, c.id from come c, endings_of(%s) e;
        return null;
      end $f$', kind || '_named', kind, format(called, 'c'));
    execute format('create trigger named after insert on %I referencing new table as come
      for each statement execute function %I()', kind, kind || '_named');
    execute format('create function %I() returns trigger language plpgsql security definer
      set search_path = pg_catalog, public, pg_temp as $f$
      begin
        delete from name_ending n using endings_of(%s) e
        where n.firm_id = old.firm_id and n.ending = e and n.kind = %L and n.thing_id = old.id;
        if tg_op = ''UPDATE'' then
          insert into name_ending select new.firm_id, e, %L, new.id from endings_of(%s) e;
        end if;
        return null;
      end $f$', kind || '_renamed', format(called, 'old'), kind, kind, format(called, 'new'));
    execute format('create trigger renamed after update of name %s on %I for each row
      when (%s is distinct from %s) execute function %I()',
      case when kind = 'project' then ', code, order_reference' else '' end, kind,
      format(called, 'old'), format(called, 'new'), kind || '_renamed');
    execute format('create trigger unnamed after delete on %I for each row execute function %I()', kind, kind
      || '_renamed');
  end loop;
end $$;

-- Clients and departments that a reach covers: by the projects that it does. A client that has none yet is seen by
-- those who see all work, or may add some.
create function clients_in_reach(reach text, asker uuid, adds boolean) returns setof client
  language sql stable as $$
  select c.* from client c
  where c.id in (select p.client_id from projects_in_reach(reach, asker) p)
     or ((reach = 'firm' or adds) and not exists (select from project p where p.client_id = c.id))
$$;

create function departments_in_reach(reach text, asker uuid) returns setof department
  language sql stable as $$
  select d.* from department d
  where d.id in (select p.department_id from projects_in_reach(reach, asker) p)
$$;

grant
execute on function clients_in_reach,
departments_in_reach to yellowwood_app;

create index task_parent on task (firm_id, parent_id)
where
  parent_id is not null;

create index project_department on project (firm_id, department_id);

-- The hours of a whole firm by stage: the bar of all work adds up no tasks. Counted like work_sum: a row that somebody
-- else is counting in is passed over, and one beside it made.
create table stage_sum (
  firm_id uuid not null references firm,
  stage text not null,
  -- Approved work that ends there: internal, or not billable.
  ends boolean not null,
  quantity bigint not null
)
with
  (fillfactor = 70);

create index stage_sum_firm on stage_sum (firm_id);

alter table stage_sum enable row level security;

alter table stage_sum force row level security;

create policy own_firm on stage_sum using (firm_id = nullif(current_setting('app.firm_id', true), '')::uuid);

grant
select
  on stage_sum to yellowwood_app;

create function ends_there(stage text, billing_state text) returns boolean language sql immutable parallel safe as $$
  select stage = 'approved' and billing_state = 'nothing to bill'
$$;

grant
execute on function ends_there to yellowwood_app;

create function add_to_stage_sums(deltas work_sum[]) returns void
  language sql security definer set search_path = pg_catalog, public, pg_temp as $$
  with delta as (
    select d.firm_id, d.stage, ends_there(d.stage, d.billing_state) as ends, sum(d.quantity)::bigint as quantity
    from unnest(deltas) d
    where d.kind = 'time'
    group by 1, 2, 3
    having sum(d.quantity) <> 0
  ), free as (
    select s.ctid as place, d.firm_id, d.stage, d.ends, s.quantity + d.quantity as quantity
    from delta d join stage_sum s using (firm_id, stage, ends)
    for update of s skip locked
  ), counted as (
    update stage_sum s set quantity = c.quantity
    from (select distinct on (firm_id, stage, ends) * from free) c
    where s.ctid = c.place
    returning s.firm_id, s.stage, s.ends
  )
  insert into stage_sum
  select d.* from delta d where (d.firm_id, d.stage, d.ends) not in (select c.firm_id, c.stage, c.ends from counted c)
$$;

insert into
  stage_sum
select
  firm_id,
  stage,
  ends_there (stage, billing_state),
  sum(quantity)
from
  work_sum
where
  kind = 'time'
  and person_id = no_id ()
  and month = no_month ()
group by
  1,
  2,
  3;

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
  perform add_to_stage_sums(deltas);
  return null;
end $$;

-- Up to where the history of the firm is seen: the newest event of a transaction that this one sees, and the ones below
-- it that are still under way. Every change writes an event, so as long as this stays the same, nothing was changed:
-- what commits later is newer, or was among those. What was brought in from elsewhere may bear numbers that are still
-- to come; it is passed over until then, and an event of the same number is told apart by its id.
create index audit_event_xact on audit_event (firm_id, xact, id);

create function firm_moment() returns text language sql stable as $$
  select n.id || coalesce((
    select string_agg(x::text, ' ') from pg_snapshot_xip(pg_current_snapshot()) x where x < n.xact), '')
  from (
    select e.id, e.xact from audit_event e
    where e.firm_id = nullif(current_setting('app.firm_id', true), '')::uuid
      and e.xact < pg_snapshot_xmax(pg_current_snapshot())
    order by e.xact desc, e.id desc
    limit 1
  ) n
$$;

grant
execute on function firm_moment to yellowwood_app;
