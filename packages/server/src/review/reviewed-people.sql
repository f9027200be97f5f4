/* @name reviewPeople */
select
  p.id as "id!",
  p.name as "name!",
  p.day_maximum as "dayMaximum?",
  p.week_maximum as "weekMaximum?",
  po.name as "position?",
  t.id as "sheetId?",
  t.state as "state?",
  (
    select
      max(s.at)
    from
      submission s
    where
      s.firm_id = t.firm_id
      and s.timesheet_id = t.id
      and s.withdrawn_at is null
  ) as "submittedAt?",
  coalesce(
    (
      select
        s.note
      from
        submission s
      where
        s.firm_id = t.firm_id
        and s.timesheet_id = t.id
        and s.withdrawn_at is null
      order by
        s.at desc
      limit
        1
    ),
    ''
  ) as "note!"
from
  people_in_reach (:reach!, :asker!) p
  left join positions_on (:to!) po on po.firm_id = p.firm_id
  and po.person_id = p.id
  left join timesheet t on t.firm_id = p.firm_id
  and t.person_id = p.id
  and t.period_from = :from!
where
  p.started_on <= :to!
  and (
    (
      (
        p.left_on is null
        or p.left_on >= :from!
      )
      -- Who records no time is waited for by nobody.
      and has_right (p.id, 'time.record', :recording!)
    )
    -- What was recorded all the same is reviewed.
    or exists (
      select
      from
        entry e
      where
        e.person_id = p.id
        and e.work_date between :from! and :to!
    )
  )
order by
  p.name;

/* @name reviewEntries */
select
  e.id as "id!",
  e.version as "version!",
  e.person_id as "personId!",
  e.work_date as "date!",
  e.kind as "kind!",
  e.quantity as "quantity!",
  e.billable as "billable!",
  e.stage as "stage!",
  e.problems as "problems!",
  e.lag_days as "lagDays!",
  e.changed_by_other as "changedByOther!",
  a.absence_code as "absenceCode?"
from
  entries_in_reach (:reach!, :asker!) e
  left join entry_absence a on a.firm_id = e.firm_id
  and a.entry_id = e.id
where
  e.work_date between :from! and :to!
  and in_scope (
    case
      when e.kind = 'absence' then null
      else e.project_id
    end,
    e.task_id,
    e.person_id,
    :all!
    or e.kind = 'absence',
    :projects!,
    :anyTask!
    or e.kind = 'absence',
    :tasks!,
    :whose
  );

/* @name recordedInAll */
select
  e.person_id as "personId!",
  sum(e.quantity)::bigint as "seconds!"
from
  entry e
where
  e.person_id = any (:people!)
  and e.kind = 'time'
  and e.work_date between :from! and :to!
group by
  e.person_id;
