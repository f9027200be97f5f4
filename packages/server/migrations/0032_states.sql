-- What a firm says of its projects: the list is its own. Each state says whether time is recorded on the projects
-- that have it, and whether they count as open. What is in the archive takes no time and is offered no more.
-- Up Migration
create table project_state (
  firm_id uuid not null references firm,
  id uuid not null,
  name text not null check (name <> ''),
  records boolean not null,
  open boolean not null,
  place integer not null,
  version integer not null default 1,
  primary key (firm_id, id),
  -- What projects repeat of their state, so that a query needs nothing else, is held equal by the database.
  unique (firm_id, id, records, open)
);

create unique index project_state_name on project_state (firm_id, lower(name));

alter table project_state enable row level security;

alter table project_state force row level security;

create policy own_firm on project_state using (firm_id = nullif(current_setting('app.firm_id', true), '')::uuid);

grant
select
,
  insert,
update,
delete on project_state to yellowwood_app;

insert into
  project_state (firm_id, id, name, records, open, place)
select
  f.firm_id,
  gen_random_uuid(),
  s.name,
  s.records,
  s.open,
  s.place
from
  firm f
  cross join (
    values
      ('Proposed', false, true, 0),
      ('Open', true, true, 1),
      ('On hold', false, true, 2),
      ('Finished', false, false, 3)
  ) s (name, records, open, place);

alter table project
add state_id uuid,
add records boolean,
add open boolean,
add archived boolean not null default false;

update project p
set
  state_id = s.id,
  records = s.records,
  open = s.open
from
  project_state s
where
  s.firm_id = p.firm_id
  and s.name = case p.state
    when 'open' then 'Open'
    else 'Finished'
  end;

alter table project
drop state,
alter state_id
set not null,
alter records
set not null,
alter open
set not null,
add foreign key (firm_id, state_id, records, open)
-- A state that changes changes its projects.
references project_state (firm_id, id, records, open) on update cascade;

create index project_by_state on project (firm_id, state_id);

alter table client
add archived boolean not null default false;

-- Whether time is recorded on a project.
create function takes_time (p project) returns boolean language sql immutable as $$
  select p.records and not p.archived
$$;

-- Whether a project counts as open, and is in sight.
create function is_live (p project) returns boolean language sql immutable as $$
  select p.open and not p.archived
$$;

grant
execute on function takes_time,
is_live to yellowwood_app;
