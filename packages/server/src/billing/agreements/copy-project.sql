/* @name takeRates */
insert into
  rate_rule (
    firm_id,
    id,
    project_id,
    task_id,
    service_id,
    position_id,
    person_id,
    currency,
    rate,
    valid_from,
    reason
  )
select
  r.firm_id,
  gen_random_uuid(),
  :to!,
  t.own,
  r.service_id,
  r.position_id,
  r.person_id,
  r.currency,
  r.rate,
  :from!,
  r.reason
from
  rate_rule r
  left join jsonb_to_recordset(:tasks!) t (id uuid, own uuid) on t.id = r.task_id
where
  r.project_id = :of!
  and holds_on (r.valid_from, r.valid_to, :on!)
  -- A rate of a task goes where its task goes.
  and (
    r.task_id is null
    or t.own is not null
  );

/* @name takeNamed */
with
  people as (
    insert into
      project_person (firm_id, project_id, person_id)
    select
      x.firm_id,
      :to!,
      x.person_id
    from
      project_person x
      join person r on r.firm_id = x.firm_id
      and r.id = x.person_id
    where
      x.project_id = :of!
      and r.left_on is null
  ),
  teams as (
    insert into
      project_team (firm_id, project_id, team_id)
    select
      x.firm_id,
      :to!,
      x.team_id
    from
      project_team x
    where
      x.project_id = :of!
  )
update project mine
set
  restricted = p.restricted
from
  project p
where
  mine.id = :to!
  and p.id = :of!;

/* @name takeNotes */
update project
set
  notes = :notes!
where
  id = :to!;
