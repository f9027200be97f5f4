/* @name entriesOfTasks */
select
  e.id as "id!"
from
  entry e
where
  e.project_id = :project!
  and e.task_id = any (:tasks!)
order by
  e.id;

/* @name documentsOf */
select distinct
  i.status as "status!",
  i.snapshot ->> 'number' as "number?",
  p.name as "by!"
from
  entry e
  join line_share s on s.firm_id = e.firm_id
  and s.entry_id = e.id
  and s.live
  join invoice_line l on l.firm_id = s.firm_id
  and l.id = s.line_id
  join invoice i on i.firm_id = l.firm_id
  and i.id = l.invoice_id
  join person p on p.firm_id = i.firm_id
  and p.id = i.created_by
where
  e.id = any (:entries!)
order by
  2,
  3;

/* @name deferTasks */
set constraints entry_firm_id_project_id_task_id_fkey,
timer_firm_id_project_id_task_id_fkey,
sheet_row_firm_id_project_id_task_id_fkey deferred;

/* @name moveTimersOfTasks */
update timer
set
  project_id = :project!,
  version = version + 1
where
  task_id = any (:tasks!);

/* @name moveRowsOfTasks */
update sheet_row
set
  project_id = :project!
where
  task_id = any (:tasks!);

/* @name seesValues */
select
  count(*)::int as "count!"
from
  projects_to_change (:reach!, :asker!) p
where
  p.id = any (:projects!);
