-- History, replays, accounts, and who may touch what.
-- Up Migration
create table audit_event (
  firm_id uuid not null references firm,
  id uuid not null default gen_random_uuid(),
  at timestamptz not null,
  actor_id uuid not null,
  account_id uuid,
  action text not null,
  reason text not null default '',
  source text not null,
  request_id text not null default '',
  xact xid8 not null default pg_current_xact_id(),
  primary key (firm_id, id)
);

-- The things that an event concerns. Money stands apart, so that it is shown by the reader's rights.
create table audit_subject (
  firm_id uuid not null references firm,
  event_id uuid not null,
  subject_kind text not null,
  subject_id uuid not null,
  before jsonb,
  after jsonb,
  money_before jsonb,
  money_after jsonb,
  foreign key (firm_id, event_id) references audit_event
);

create index audit_subject_event on audit_subject (firm_id, event_id);

create index audit_subject_subject on audit_subject (firm_id, subject_id);

-- Commands and creations that were answered, so that repeating one is harmless.
create table replay (
  firm_id uuid not null references firm,
  account_id uuid not null,
  key text not null,
  body_hash text not null,
  status integer not null,
  -- json, not jsonb: the same answer again, to the letter.
  answer json,
  at timestamptz not null default now(),
  primary key (firm_id, account_id, key)
);

-- Outside tenancy: who may sign in, and where they belong. The application's role reads these only
-- through the functions below.
create table account (
  id uuid primary key,
  email text not null unique check (email = lower(email)),
  name text not null,
  password_hash text not null,
  theme text not null default 'system' check (theme in ('light', 'dark', 'system')),
  duration_form text not null default 'clock' check (duration_form in ('clock', 'decimal')),
  created_at timestamptz not null default now()
);

create table membership (
  account_id uuid not null references account,
  firm_id uuid not null references firm,
  person_id uuid not null,
  roles text[] not null check (cardinality(roles) > 0),
  primary key (account_id, firm_id),
  foreign key (firm_id, person_id) references person
);

create table session (sid text primary key, sess json not null, expire timestamptz not null);

create index session_expire on session (expire);

create function account_by_email(wanted text) returns table (id uuid, name text, password_hash text)
  language sql stable security definer set search_path = public as
  $$ select id, name, password_hash from account where email = lower(wanted) $$;

create function account_by_id(wanted uuid)
  returns table (id uuid, email text, name text, password_hash text, theme text, duration_form text)
  language sql stable security definer set search_path = public as
  $$ select id, email, name, password_hash, theme, duration_form from account where id = wanted $$;

create function change_password(whose uuid, hash text) returns void
  language sql security definer set search_path = public as
  $$ update account set password_hash = hash where id = whose $$;

create function change_preferences(whose uuid, new_theme text, new_form text) returns void
  language sql security definer set search_path = public as
  $$ update account set theme = new_theme, duration_form = new_form where id = whose $$;

-- Signing in elsewhere, or with a new password, ends the other sessions of the account.
create function end_sessions(whose uuid, but text) returns void
  language sql security definer set search_path = public as
  $$ delete from session where sess ->> 'accountId' = whose::text and sid <> but $$;

-- firm is under row-level security that binds its owner too; the addresses of firms stand outside it.
create table firm_address (
  slug text primary key,
  firm_id uuid not null unique references firm,
  name text not null
);

create function firm_by_slug(wanted text) returns table (firm_id uuid, name text)
  language sql stable security definer set search_path = public as
  $$ select firm_id, name from firm_address where slug = wanted $$;

create function firm_addresses(whose uuid) returns table (slug text, name text)
  language sql stable security definer set search_path = public as
  $$ select a.slug, a.name from membership m join firm_address a using (firm_id) where m.account_id = whose
    order by a.name $$;

-- The rows of the ledger that a reach covers: a team's reach holds the people of the teams one leads
-- and the work on projects one manages. Used in FROM by every query that asks, where the planner
-- inlines it. The core's `covers` is the same predicate.
create function entries_in_reach(reach text, asker uuid) returns setof entry
  language sql stable as $$
  select e.* from entry e
  where reach = 'firm'
     or (reach = 'own' and e.person_id = asker)
     or (reach = 'team' and (
          e.person_id = asker
          or e.person_id in (select tp.person_id from team_person tp join team t on t.firm_id = tp.firm_id
            and t.id = tp.team_id where t.lead_id = asker)
          or e.project_id in (select p.id from project p where p.manager_id = asker)))
$$;

create function people_in_reach(reach text, asker uuid) returns setof person
  language sql stable as $$
  select p.* from person p
  where reach = 'firm'
     or p.id = asker
     or (reach = 'team' and p.id in (select tp.person_id from team_person tp join team t on t.firm_id = tp.firm_id
       and t.id = tp.team_id where t.lead_id = asker))
$$;

-- Projects that a reach covers. One's own reach holds what one may record on: everything that is not
-- restricted, and the restricted projects that name the person.
create function projects_in_reach(reach text, asker uuid) returns setof project
  language sql stable as $$
  select p.* from project p
  where reach = 'firm'
     or p.manager_id = asker
     or (reach in ('own', 'team') and (not p.restricted or p.id in (select x.project_id
       from project_person x where x.person_id = asker)))
$$;

-- Row-level security on everything that belongs to a firm. An unset firm shows nothing.
do $$
declare
  t text;
begin
  for t in
    select c.table_name from information_schema.columns c
      join information_schema.tables b on b.table_schema = c.table_schema and b.table_name = c.table_name
        and b.table_type = 'BASE TABLE'
     where c.table_schema = 'public' and c.column_name = 'firm_id' and c.table_name not in ('membership',
       'firm_address')
  loop
    execute format('alter table %I enable row level security', t);
    execute format('alter table %I force row level security', t);
    execute format(
      'create policy own_firm on %I using (firm_id = nullif(current_setting(''app.firm_id'', true), '''')::uuid)', t);
    execute format('grant select, insert, update, delete on %I to yellowwood_app', t);
  end loop;
end $$;

revoke
update,
delete on audit_event,
audit_subject
from
  yellowwood_app;

revoke insert,
update,
delete on firm
from
  yellowwood_app;

revoke
update,
delete on decision,
submission,
invoice_pdf
from
  yellowwood_app;

grant
update (withdrawn_at) on submission to yellowwood_app;

revoke delete on payment,
allocation
from
  yellowwood_app;

grant
select
,
  insert,
update,
delete on session to yellowwood_app;

grant usage on schema public to yellowwood_app;

-- Opens a firm for the rest of the transaction and says who asks, in one step. No row where the account
-- does not belong to the firm.
create function enter_firm(wanted text, account uuid)
  returns table (
    firm_id uuid, name text, currency text, zone text, day_maximum bigint, week_maximum bigint, gap_tolerance bigint,
    person_id uuid, person_name text, person_zone text, position_name text, roles text[])
  language plpgsql security definer as $$
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
           p.id, p.name, p.zone, po.name, m.roles
      from firm f
      join person p on p.firm_id = f.firm_id and p.id = m.person_id
      left join position po on po.firm_id = p.firm_id and po.id = p.position_id
     where f.firm_id = m.firm_id;
end $$;
