-- A reach between oneself and one's teams: the work on projects that one manages. And who reads all and changes
-- nothing.
-- Up Migration
alter table person_role
drop constraint person_role_role_check,
add constraint person_role_role check (
  role in (
    'owner',
    'administrator',
    'manager',
    'project manager',
    'bookkeeper',
    'staff',
    'auditor'
  )
);

-- Who may see what, once: own, project, team, firm, each with the ones before it. The texts are put into one function
-- each for entries, shares and sums, since the planner makes the lists of a team once only where they stand in the
-- statement itself.
do $$
declare
  people constant text := 'array(select tp.person_id from team_person tp
    join team t on t.firm_id = tp.firm_id and t.id = tp.team_id where t.lead_id = asker)';
  projects constant text := 'array(select p.id from project p where p.manager_id = asker)';
  -- Of a row r: oneself, the work on projects that one manages, the people of the teams that one leads.
  covered constant text := format('reach = ''firm'' or (reach = ''own'' and r.person_id = asker)
    or (reach = ''project'' and (r.person_id = asker or r.project_id = any(%2$s)))
    or (reach = ''team'' and (r.person_id = asker or r.person_id = any(%1$s) or r.project_id = any(%2$s)))',
    people, projects);
  -- Of a sum r, with as few rows as hold them: all people together for those who see the firm and for the
  -- projects that somebody manages; one by one the people of a team on other work, and whoever is asked for.
  summed constant text := format('(reach = ''firm'' and r.person_id = coalesce(whose, no_id()))
    or (reach = ''own'' and r.person_id = asker and (whose is null or whose = asker))
    or (reach in (''project'', ''team'') and whose is null and r.person_id = no_id() and r.project_id = any(%2$s))
    or (reach = ''project'' and whose is null and r.person_id = asker and r.project_id <> all(%2$s))
    or (reach = ''project'' and r.person_id = whose and (whose = asker or r.project_id = any(%2$s)))
    or (reach = ''team'' and whose is null and (r.person_id = asker or r.person_id = any(%1$s))
      and r.project_id <> all(%2$s))
    or (reach = ''team'' and r.person_id = whose and (whose = asker or whose = any(%1$s) or r.project_id = any(%2$s)))',
    people, projects);
begin
  execute format('create or replace function entries_in_reach(reach text, asker uuid) returns setof entry
    language sql stable as $f$ select r.* from entry r where %s $f$', covered);
  execute format('create or replace function shares_in_reach(reach text, asker uuid) returns setof line_share
    language sql stable as $f$ select r.* from line_share r where %s $f$', covered);
  execute format('create or replace function gone_in_reach(reach text, asker uuid) returns setof entry_gone
    language sql stable as $f$ select r.* from entry_gone r where %s $f$', covered);
  execute format('create or replace function work_sums_in_reach(reach text, asker uuid, whose uuid)
    returns setof work_sum language sql stable as $f$ select r.* from work_sum r where %s $f$', summed);
  execute format('create or replace function billed_sums_in_reach(reach text, asker uuid, whose uuid)
    returns setof billed_sum language sql stable as $f$ select r.* from billed_sum r where %s $f$', summed);
  execute format('create or replace function to_bill_in_reach(up_to date, day date, reach text, asker uuid)
    returns setof to_bill_row language sql stable as $f$ select r.* from to_bill_rows(up_to, day) r where %s $f$',
    covered);
end $$;

-- Projects that a reach covers: what one manages, and below the firm what one may record on.
create or replace function projects_in_reach(reach text, asker uuid) returns setof project
  language sql stable as $$
  select p.* from project p
  where reach = 'firm'
     or p.manager_id = asker
     or not p.restricted
     or p.id in (select x.project_id from project_person x where x.person_id = asker)
$$;

create or replace function invoices_to_act_on(reach text, asker uuid) returns setof invoice
  language sql stable as $$
  select i.* from invoice i
  where reach = 'firm' or (reach in ('project', 'team') and not exists (
    select from invoice_line l join project p on p.firm_id = l.firm_id and p.id = l.project_id
    where l.firm_id = i.firm_id and l.invoice_id = i.id and p.manager_id is distinct from asker))
$$;

create or replace function projects_with_money(reach text, asker uuid) returns setof project
  language sql stable as $$
  select p.* from project p where reach = 'firm' or (reach in ('project', 'team') and p.manager_id = asker)
$$;

-- Two teams of one name cannot be told apart.
alter table team
add version integer not null default 1;

create unique index team_name on team (firm_id, lower(name));
