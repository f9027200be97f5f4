/* @name behindEntries */
select
  e.id as "id!"
from
  entries_in_reach (:reach!, :asker!) e
where
  e.kind = 'time'
  and e.project_id is not null
  and e.work_date between :from! and :to!
  and (
    :all!
    or e.project_id = any (:projects!)
  )
  and (
    :anyTask!
    or e.task_id = any (:tasks!)
  )
  and (
    :whose::uuid is null
    or e.person_id = :whose
  )
  and case
    when :figure! in ('billable-hours', 'standard-value') then e.billable
    when :figure! = 'unbilled' then e.billing_state = 'to bill'
    and e.stage in ('recorded', 'submitted', 'approved')
    when :figure! = 'realisation' then e.stage in ('billed', 'paid')
    else true
  end
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
    ),
    0
  )::bigint as "seconds!",
  sum(s.value_minor)::bigint as "value!",
  sum(s.cost_minor)::bigint as "cost!",
  coalesce(
    sum(s.value_minor) filter (
      where
        s.billing_state = 'to bill'
        and s.stage in ('recorded', 'submitted', 'approved')
    ),
    0
  )::bigint as "unbilled!",
  coalesce(
    sum(s.value_minor) filter (
      where
        s.stage in ('billed', 'paid')
    ),
    0
  )::bigint as "billedStandard!",
  coalesce(
    sum(s.own_minor) filter (
      where
        s.stage in ('billed', 'paid')
    ),
    0
  )::bigint as "billedOwn!"
from
  (
    select
      w.*,
      case
        when :figure! in ('billable-hours', 'standard-value') then w.billable
        when :figure! = 'unbilled' then w.billing_state = 'to bill'
        and w.stage in ('recorded', 'submitted', 'approved')
        when :figure! = 'realisation' then w.stage in ('billed', 'paid')
        else true
      end as listed
    from
      work_sums_between (:reach!, :asker!, :whose, :from!, :to!) w
    where
      w.kind = 'time'
      and w.project_id <> no_id ()
      and (
        :all!
        or w.project_id = any (:projects!)
      )
      and (
        :anyTask!
        or w.task_id = any (:tasks!)
      )
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
  (
    :all!
    or s.project_id = any (:projects!)
  )
  and (
    :anyTask!
    or s.task_id = any (:tasks!)
  )
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
  (
    :all!
    or s.project_id = any (:projects!)
  )
  and (
    :anyTask!
    or s.task_id = any (:tasks!)
  )
group by
  1
order by
  1;
