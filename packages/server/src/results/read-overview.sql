/* @name ownPeriod */
select
  (
    select
      coalesce(sum(quantity), 0)
    from
      entry
    where
      person_id = :person!
      and kind = 'time'
      and work_date between :from! and :to!
      and in_scope (project_id, task_id, person_id, :all!, :projects!, :anyTask!, :tasks!, :whose)
  ) as "recorded!",
  r.count as "returned!",
  r.oldest as "returnedOn?"
from
  (
    select
      count(*) as count,
      min(e.work_date) as oldest
    from
      entry e
    where
      e.person_id = :person!
      and e.stage = 'recorded'
      and (
        select
          d.outcome
        from
          last_decision (e.firm_id, e.id) d
      ) in ('return', 'reopen')
  ) r;

/* @name openRecorded */
select
  coalesce(sum(quantity), 0) as "open!"
from
  entries_in_reach (:reach!, :asker!)
where
  stage = 'recorded'
  and kind = 'time'
  and work_date <= :to!
  and in_scope (project_id, task_id, person_id, :all!, :projects!, :anyTask!, :tasks!, :whose);

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
  and in_scope (project_id, task_id, person_id, :all!, :projects!, :anyTask!, :tasks!, :whose);

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
  b.currency as "currency?",
  sum(b.ready_minor)::bigint as "ready!",
  sum(b.over_minor)::bigint as "over!",
  min(b.work_date) filter (
    where
      b.ready_minor > 0
  ) as "oldest?",
  count(*) filter (
    where
      b.unpriced
  )::int as "unpriced!"
from
  to_bill_in_reach (:upTo!, :upTo!, :reach!, :asker!) b
where
  in_scope (
    b.project_id,
    b.task_id,
    b.person_id,
    :all!,
    :projects!,
    :anyTask!,
    :tasks!,
    :whose
  )
group by
  1;

/* @name waitingOverLimit */
select
  w.currency as "currency!",
  sum(w.waiting_minor)::bigint as "waiting!"
from
  over_limit_waiting () w
  join projects_with_money (:reach!, :asker!) p on p.firm_id = w.firm_id
  and p.id = w.project_id
where
  w.waiting_minor > 0
  and (
    :all!
    or w.project_id = any (:projects!)
  )
group by
  1;

/* @name openInvoices */
select
  i.currency as "currency!",
  sum(i.gross_minor - i.settled_minor)::bigint as "minor!",
  coalesce(
    sum(i.gross_minor - i.settled_minor) filter (
      where
        i.due_on < :today!
    ),
    0
  )::bigint as "late!"
from
  invoices_in_reach (:reach!, :asker!) i
where
  is_open (i.status, i.kind, i.settled_minor, i.gross_minor)
  and invoice_in_scope (i.firm_id, i.id, :all!, :projects!, :whose)
group by
  1
order by
  1;
