/* @name stageSums */
select
  nullif(project_id, no_id ()) as "projectId?",
  nullif(task_id, no_id ()) as "taskId?",
  stage as "stage!",
  billing_state as "billingState!",
  sum(quantity)::bigint as "seconds!"
from
  work_sums_in_reach (:reach!, :asker!, null)
where
  month = no_month ()
  and kind = 'time'
group by
  1,
  2,
  3,
  4
having
  sum(quantity) <> 0;

/* @name ownPeriod */
select
  coalesce(
    sum(quantity) filter (
      where
        kind = 'time'
    ),
    0
  ) as "recorded!",
  coalesce(
    sum(quantity) filter (
      where
        stage = 'recorded'
    ),
    0
  ) as "open!"
from
  entry
where
  person_id = :person!
  and work_date between :from! and :to!
  and (
    :all!
    or project_id = any (:projects!)
  )
  and (
    :anyTask!
    or task_id = any (:tasks!)
  )
  and (
    :whose::uuid is null
    or person_id = :whose
  );

/* @name openRecorded */
select
  coalesce(sum(quantity), 0) as "open!"
from
  entries_in_reach (:reach!, :asker!)
where
  stage = 'recorded'
  and kind = 'time'
  and work_date <= :to!
  and (
    :all!
    or project_id = any (:projects!)
  )
  and (
    :anyTask!
    or task_id = any (:tasks!)
  )
  and (
    :whose::uuid is null
    or person_id = :whose
  );

/* @name returnedOwn */
select
  count(*) as "count!",
  min(e.work_date) as "oldest?"
from
  entry e
where
  e.person_id = :person!
  and e.stage = 'recorded'
  and (
    select
      d.outcome
    from
      decision d
    where
      d.firm_id = e.firm_id
      and d.entry_id = e.id
    order by
      d.at desc
    limit
      1
  ) in ('return', 'reopen');

/* @name submittedInReach */
select
  coalesce(sum(quantity), 0) as "submitted!",
  count(distinct person_id) as "people!",
  min(work_date) as "oldest?"
from
  entries_in_reach (:reach!, :asker!)
where
  stage = 'submitted'
  and kind = 'time'
  and person_id <> :asker!
  and (
    :all!
    or project_id = any (:projects!)
  )
  and (
    :anyTask!
    or task_id = any (:tasks!)
  )
  and (
    :whose::uuid is null
    or person_id = :whose
  );

/* @name ownReviewState */
select
  t.state as "state!",
  (
    select
      bool_and(e.stage not in ('recorded', 'submitted'))
    from
      entry e
    where
      e.firm_id = t.firm_id
      and e.person_id = t.person_id
      and e.work_date between t.period_from and t.period_to
  ) as "approved?"
from
  timesheet t
where
  t.person_id = :person!
  and t.period_from = :from!;

/* @name readyToBill */
select
  value_currency as "currency!",
  sum(value_minor) filter (
    where
      rate is not null
      and hold_reason is null
  ) as "minor?",
  min(work_date) filter (
    where
      rate is not null
      and hold_reason is null
  ) as "oldest?",
  count(*) filter (
    where
      rate is null
  ) as "unpriced!"
from
  entries_in_reach (:reach!, :asker!)
where
  stage = 'approved'
  and billing_state = 'to bill'
  and billed_quantity = 0
  and work_date <= :upTo!
  and (
    :all!
    or project_id = any (:projects!)
  )
  and (
    :anyTask!
    or task_id = any (:tasks!)
  )
  and (
    :whose::uuid is null
    or person_id = :whose
  )
group by
  1;

/* @name openInvoices */
select
  i.currency as "currency!",
  sum(i.gross_minor - i.settled_minor) as "minor!",
  coalesce(
    sum(i.gross_minor - i.settled_minor) filter (
      where
        i.due_on < :today!
    ),
    0
  ) as "late!"
from
  invoice i
where
  i.status = 'issued'
  and i.kind = 'invoice'
  and i.settled_minor < i.gross_minor
  and (
    :reach! = 'firm'
    or exists (
      select
        1
      from
        invoice_line l
        join project p on p.firm_id = l.firm_id
        and p.id = l.project_id
      where
        l.firm_id = i.firm_id
        and l.invoice_id = i.id
        and p.manager_id = :asker!
    )
  )
  and (
    :all!
    or exists (
      select
        1
      from
        invoice_line l
      where
        l.firm_id = i.firm_id
        and l.invoice_id = i.id
        and l.project_id = any (:projects!)
    )
  )
  and (
    :whose::uuid is null
    or exists (
      select
        1
      from
        invoice_line l
        join line_share s on s.firm_id = l.firm_id
        and s.line_id = l.id
      where
        l.firm_id = i.firm_id
        and l.invoice_id = i.id
        and s.person_id = :whose
    )
  )
group by
  1
order by
  1;
