-- Beside firm.sql and people.sql: a thousand clients with five thousand projects of ten tasks each, one project of five
-- hundred tasks, and something settled on every task.
create temporary table noun as
select
  row_number() over () - 1 as n,
  word
from
  unnest(
    string_to_array(
      concat_ws(
        ' ',
        'harbour lantern chapel weir granary viaduct orchard quarry foundry almshouse',
        'causeway belfry cistern dovecote market mill priory signal tannery wharf'
      ),
      ' '
    )
  ) word;

create temporary table deed as
select
  row_number() over () - 1 as n,
  word
from
  unnest(
    '{survey,repair,glazing,drawings,inspection,roofing,report,foundation,drainage,plastering}'::text[]
  ) word;

insert into
  client
select
  pg_temp.id ('firm'),
  pg_temp.id ('client' || c),
  initcap(a.word || ' ' || b.word) || ' trust ' || c,
  '{"Road 1"}',
  'GB',
  null,
  'accounts@client' || c || '.example',
  'GBP',
  30,
  null
from
  generate_series(60, 1059) c
  join noun a on a.n = c % 20
  join noun b on b.n = c / 20 % 20;

create temporary table wide as
select
  p,
  pg_temp.id ('project' || p) as id
from
  generate_series(241, 5240) p;

insert into
  project (
    firm_id,
    id,
    client_id,
    name,
    code,
    tone,
    state_id,
    records,
    open,
    manager_id,
    billable
  )
select
  pg_temp.id ('firm'),
  wide.id,
  pg_temp.id ('client' || (60 + p % 1000)),
  initcap(a.word || ' ' || d.word) || ' ' || p,
  'W' || p,
  1 + p % 12,
  s.id,
  s.records,
  s.open,
  pg_temp.id ('person' || (2 + p % 140)),
  true
from
  wide
  join noun a on a.n = p % 20
  join deed d on d.n = p / 20 % 10
  join project_state s on s.firm_id = pg_temp.id ('firm')
  and s.name = case
    when p % 5 = 0 then 'Finished'
    else 'Open'
  end;

insert into
  task (firm_id, id, project_id, parent_id, kind, name, place, estimate)
select
  pg_temp.id ('firm'),
  pg_temp.id ('task' || p || '-' || t),
  id,
  case
    when t > 6 then pg_temp.id ('task' || p || '-1')
  end,
  'task',
  initcap(d.word || ' of the ' || a.word) || ' ' || t,
  t,
  36000
from
  wide,
  generate_series(0, 9) t
  join noun a on true
  join deed d on d.n = t
where
  a.n = (p + t) % 20;

insert into
  task (firm_id, id, project_id, parent_id, kind, name, place, estimate)
select
  pg_temp.id ('firm'),
  pg_temp.id ('task5240-' || t),
  pg_temp.id ('project5240'),
  case
    when t % 10 > 0 then pg_temp.id ('task5240-' || t / 10 * 10)
  end,
  'task',
  'Part ' || t,
  t,
  36000
from
  generate_series(10, 499) t;

insert into
  agreement (firm_id, id, project_id, method, currency, limit_minor, valid_from)
select
  pg_temp.id ('firm'),
  pg_temp.id ('agreement' || p),
  id,
  'time and materials',
  'GBP',
  null,
  '2000-01-01'
from
  wide;

-- Like what has long been settled.
insert into
  entry
select
  (
    jsonb_populate_record(
      s.e,
      jsonb_build_object(
        'id',
        pg_temp.id ('wide entry' || t.id),
        'project_id',
        t.project_id,
        'task_id',
        t.id
      )
    )
  ).*
from
  (
    select
      e
    from
      entry e
    where
      e.stage = 'paid'
      and e.kind = 'time'
    limit
      1
  ) s,
  task t
  join wide w on w.id = t.project_id;

drop table noun,
deed,
wide;
