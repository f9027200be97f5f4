-- Teams, beside people, are named by projects on which not everybody records: these alone see them, with whoever
-- manages them and those who see the firm.
-- Up Migration
create table project_team (
  firm_id uuid not null references firm,
  project_id uuid not null,
  team_id uuid not null,
  primary key (firm_id, project_id, team_id),
  foreign key (firm_id, project_id) references project,
  foreign key (firm_id, team_id) references team
);

create index project_team_team on project_team (firm_id, team_id);

create index project_person_person on project_person (firm_id, person_id);

alter table project_team enable row level security;

alter table project_team force row level security;

create policy own_firm on project_team using (firm_id = nullif(current_setting('app.firm_id', true), '')::uuid);

grant
select
,
  insert,
update,
delete on project_team to yellowwood_app;

grant insert,
delete on project_person to yellowwood_app;

-- The projects that name somebody, or a team that they are in or lead.
create function projects_naming (who uuid) returns setof uuid language sql stable as $$
  select x.project_id from project_person x where x.person_id = who
  union all
  select x.project_id from project_team x join team t on t.firm_id = x.firm_id and t.id = x.team_id
  where t.lead_id = who or t.id in (select m.team_id from team_person m where m.person_id = who)
$$;

-- Whom a project names, and whoever manages it: the same asked from the other side.
create function named_by (p project) returns setof uuid language sql stable as $$
  select p.manager_id
  union
  select x.person_id from project_person x where x.firm_id = p.firm_id and x.project_id = p.id
  union
  select t.lead_id from project_team x join team t on t.firm_id = x.firm_id and t.id = x.team_id
  where x.firm_id = p.firm_id and x.project_id = p.id
  union
  select m.person_id from project_team x join team_person m on m.firm_id = x.firm_id and m.team_id = x.team_id
  where x.firm_id = p.firm_id and x.project_id = p.id
$$;

-- Whether somebody may record on a project as it is; those who record for others do wherever anybody does.
create function open_to (p project, who uuid, others boolean) returns boolean language sql stable as $$
  select takes_time (p) and (others or not p.restricted or who in (select named_by (p)))
$$;

create or replace function projects_in_reach (reach text, asker uuid) returns setof project language sql stable as $$
  select p.* from project p
  where reach = 'firm' or p.manager_id = asker or not p.restricted or p.id in (select projects_naming (asker))
$$;

grant
execute on function projects_naming,
named_by,
open_to to yellowwood_app;
