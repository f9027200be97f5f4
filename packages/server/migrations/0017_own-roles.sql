-- Roles that a firm makes for itself, and exceptions for one person.
-- Up Migration
create table own_role (
  firm_id uuid not null references firm,
  id uuid not null,
  name text not null,
  -- Each right with its reach.
  rights jsonb not null check (jsonb_typeof(rights) = 'object'),
  version integer not null default 1,
  primary key (firm_id, id)
);

create unique index own_role_name on own_role (firm_id, lower(name));

create table person_own_role (
  firm_id uuid not null references firm,
  person_id uuid not null,
  role_id uuid not null,
  primary key (firm_id, person_id, role_id),
  foreign key (firm_id, person_id) references person,
  foreign key (firm_id, role_id) references own_role
);

create index person_own_role_role on person_own_role (firm_id, role_id);

-- The reach of one right for one person, instead of what their roles give; null where they have it not at all.
create table person_exception (
  firm_id uuid not null references firm,
  person_id uuid not null,
  permission text not null,
  reach text check (reach in ('own', 'project', 'team', 'firm')),
  primary key (firm_id, person_id, permission),
  foreign key (firm_id, person_id) references person
);

do $$
declare
  t text;
begin
  foreach t in array array['own_role', 'person_own_role', 'person_exception'] loop
    execute format('alter table %I enable row level security', t);
    execute format('alter table %I force row level security', t);
    execute format('create policy own_firm on %I using
      (firm_id = nullif(current_setting(''app.firm_id'', true), '''')::uuid)', t);
  end loop;
end $$;

grant
select
,
  insert,
  delete on own_role,
  person_own_role,
  person_exception to yellowwood_app;

grant
update (name, rights, version) on own_role to yellowwood_app;

-- All that somebody was given, from which the core finds their rights.
create function held_by(person uuid) returns table (roles text[], own_roles jsonb, exceptions jsonb)
  language sql stable as $$
  select array(select r.role from person_role r where r.person_id = person order by r.role),
    coalesce((select jsonb_agg(jsonb_build_object('id', o.id, 'name', o.name, 'rights', o.rights) order by o.name)
      from person_own_role p join own_role o on o.firm_id = p.firm_id and o.id = p.role_id
      where p.person_id = person), '[]'),
    coalesce((select jsonb_object_agg(e.permission, e.reach) from person_exception e where e.person_id = person), '{}')
$$;

-- Whether somebody has a right that needs no other one, given the firm-independent roles that hold it.
create function has_right(person uuid, wanted text, of_roles text[]) returns boolean
  language sql stable as $$
  select case when exists (select from person_exception e where e.person_id = person and e.permission = wanted)
    then exists (select from person_exception e
      where e.person_id = person and e.permission = wanted and e.reach is not null)
    else exists (select from person_role r where r.person_id = person and r.role = any (of_roles))
      or exists (select from person_own_role p join own_role o on o.firm_id = p.firm_id and o.id = p.role_id
        where p.person_id = person and o.rights ? wanted)
    end
$$;

grant
execute on function held_by,
has_right to yellowwood_app;
