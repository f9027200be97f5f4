/* @name behindEntries */
select
  e.id as "id!"
from
  entries_in_reach (:reach!, :asker!) e
where
  e.kind in ('time', 'fee')
  and e.project_id is not null
  and e.work_date between :from! and :to!
  and in_scope (
    e.project_id,
    e.task_id,
    e.person_id,
    :all!,
    :projects!,
    :anyTask!,
    :tasks!,
    :whose
  )
  and is_behind (:figure!, e.kind, e.billable, e.stage, e.billing_state)
order by
  e.work_date desc,
  e.id desc
offset
  :offset!
limit
  :limit!;

/* @name behindSums */
select
  nullif(s.currency, '') as "currency?",
  coalesce(
    sum(s.entries) filter (
      where
        s.listed
    ),
    0
  )::bigint as "count!",
  coalesce(
    sum(s.quantity) filter (
      where
        s.listed
        and s.kind = 'time'
    ),
    0
  )::bigint as "seconds!",
  sum(standard_value (s.kind, s.value_minor))::bigint as "value!",
  sum(s.cost_minor)::bigint as "cost!",
  sum(s.standard_cost_minor)::bigint as "standardCost!",
  sum(s.uncosted_seconds)::bigint as "uncosted!",
  coalesce(
    sum(standard_value (s.kind, s.value_minor)) filter (
      where
        is_settled (s.stage, s.billing_state)
    ),
    0
  )::bigint as "billedStandard!",
  coalesce(
    sum(s.own_minor) filter (
      where
        is_settled (s.stage, s.billing_state)
    ),
    0
  )::bigint as "billedOwn!"
from
  (
    select
      w.*,
      is_behind (:figure!, w.kind, w.billable, w.stage, w.billing_state) as listed
    from
      work_sums_between (:reach!, :asker!, :whose, :from!, :to!) w
    where
      w.kind in ('time', 'fee')
      and w.project_id <> no_id ()
      and in_scope (w.project_id, w.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)
  ) s
group by
  1;

/* @name behindDocuments */
select
  i.id as "id!",
  i.number_text as "number!",
  i.issued_on as "issuedOn!",
  i.currency as "currency!",
  sum(s.amount_minor)::bigint as "minor!"
from
  billed_sums_between (:reach!, :asker!, :whose, :from!, :to!) s
  join invoice i on i.firm_id = s.firm_id
  and i.id = s.invoice_id
where
  in_scope (s.project_id, s.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)
group by
  1,
  2,
  3,
  4
order by
  i.issued_on desc,
  i.number_text desc
offset
  :offset!
limit
  :limit!;

/* @name behindBilled */
select
  s.currency as "currency!",
  sum(s.amount_minor)::bigint as "billed!",
  count(distinct s.invoice_id)::int as "count!"
from
  billed_sums_between (:reach!, :asker!, :whose, :from!, :to!) s
where
  in_scope (s.project_id, s.task_id, null, :all!, :projects!, :anyTask!, :tasks!, null)
group by
  1
order by
  1;
