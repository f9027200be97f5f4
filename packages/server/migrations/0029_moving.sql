-- Work is changed and moved in the product.
-- Up Migration
alter table task
add version integer not null default 1;

alter table project
add version integer not null default 1;

alter table client
add version integer not null default 1;

-- A task takes its time along to another project: for the length of that transaction the two may differ.
alter table entry
alter constraint entry_firm_id_project_id_task_id_fkey
deferrable;

alter table timer
alter constraint timer_firm_id_project_id_task_id_fkey
deferrable;

alter table sheet_row
alter constraint sheet_row_firm_id_project_id_task_id_fkey
deferrable;

-- The projects that somebody may change: all of them, or those that they manage.
create function projects_to_change(reach text, asker uuid) returns setof project
  language sql stable as $$
  select p.* from project p where reach = 'firm' or (reach in ('project', 'team') and p.manager_id = asker)
$$;

-- The same projects are those whose money somebody sees by a right of that reach.
create or replace function projects_with_money(reach text, asker uuid) returns setof project
  language sql stable as $$
  select p.* from projects_to_change(reach, asker) p
$$;

grant
execute on function projects_to_change to yellowwood_app;
