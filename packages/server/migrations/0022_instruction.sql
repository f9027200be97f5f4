-- What a firm has its people confirm about how they record time, by version, and who has, when and how.
-- Up Migration
create table instruction (
  firm_id uuid not null references firm,
  version integer not null check (version > 0),
  wording text not null,
  made_by uuid not null,
  made_at timestamptz not null,
  primary key (firm_id, version),
  foreign key (firm_id, made_by) references person
);

create table instructed (
  firm_id uuid not null references firm,
  version integer not null,
  person_id uuid not null,
  how text not null check (how in ('read here', 'on paper', 'in person', 'film')),
  -- The day on which it was, and who noted it: themselves, where they read it here.
  day date not null,
  noted_by uuid not null,
  noted_at timestamptz not null,
  paper_name text,
  paper bytea check (octet_length(paper) <= 1000000),
  primary key (firm_id, version, person_id),
  foreign key (firm_id, version) references instruction,
  foreign key (firm_id, person_id) references person,
  foreign key (firm_id, noted_by) references person
);

do $$
declare
  t text;
begin
  foreach t in array array['instruction', 'instructed'] loop
    execute format('alter table %I enable row level security', t);
    execute format('alter table %I force row level security', t);
    execute format('create policy own_firm on %I using
      (firm_id = nullif(current_setting(''app.firm_id'', true), '''')::uuid)', t);
    execute format('grant select, insert on %I to yellowwood_app', t);
  end loop;
end $$;
