/* @name sheetOf */
select
  t.id as "id!",
  t.state as "state!",
  t.version as "version!",
  (
    select
      coalesce(
        jsonb_agg(
          jsonb_build_object(
            'projectId',
            r.project_id,
            'taskId',
            r.task_id,
            'serviceId',
            r.service_id,
            'billable',
            r.billable
          )
        ),
        '[]'
      )
    from
      sheet_row r
    where
      r.firm_id = t.firm_id
      and r.timesheet_id = t.id
  ) as "rows!",
  (
    select
      coalesce(
        jsonb_agg(
          jsonb_build_object('at', s.at, 'note', s.note, 'withdrawnAt', s.withdrawn_at)
          order by
            s.at desc
        ),
        '[]'
      )
    from
      submission s
    where
      s.firm_id = t.firm_id
      and s.timesheet_id = t.id
  ) as "submissions!",
  (
    select
      jsonb_build_object('reason', d.reason, 'at', d.at, 'by', p.name)
    from
      decision d
      join person p on p.firm_id = d.firm_id
      and p.id = d.by_id
    where
      d.firm_id = t.firm_id
      and d.timesheet_id = t.id
      and d.entry_id is null
    order by
      d.at desc
    limit
      1
  ) as "returned?",
  (
    select
      count(*)
    from
      entry e
      join last_decision (e.firm_id, e.id) d on d.by_policy
    where
      e.person_id = t.person_id
      and e.work_date between t.period_from and t.period_to
      and e.stage = 'approved'
      and e.billed_quantity = 0
  ) as "byPolicy!"
from
  timesheet t
where
  t.person_id = :person!
  and t.period_from = :from!;
