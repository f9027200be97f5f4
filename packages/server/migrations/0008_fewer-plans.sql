-- Sums over the limit are asked for by every overview and are few. In a function of its own their plan is made
-- once per connection, instead of with every statement into which they would be put.
create or replace function over_limit_waiting() returns table (
  firm_id uuid, line_id uuid, invoice_id uuid, project_id uuid, currency text, total_minor bigint, waiting_minor bigint
) language plpgsql stable rows 20 as $$
begin
  return query
  select l.firm_id, l.id, i.id, l.project_id, i.currency, -l.net_minor, -l.net_minor
    - coalesce((select sum(e.quantity) from entry_fee f join entry e on e.firm_id = f.firm_id and e.id = f.entry_id
        where f.firm_id = l.firm_id and f.over_limit_line_id = l.id), 0)::bigint
    - coalesce((select sum(w.amount_minor) from limit_write_down w
        where w.firm_id = l.firm_id and w.over_limit_line_id = l.id), 0)::bigint
  from invoice_line l
  join invoice i on i.firm_id = l.firm_id and i.id = l.invoice_id
  where l.kind = 'over-limit' and i.kind = 'invoice' and i.status = 'issued' and i.credited_minor = 0;
end $$;

-- The rows of what is to bill, each with what of it is ready. Only work under a limit is put into the order in
-- which the limit is used up; the rest is ready as it is. Read once, so that no plan reads all that was ever
-- recorded on the projects with a limit.
create or replace function to_bill_rows(up_to date, day date) returns setof to_bill_row language sql stable as $$
  with limits as materialized (select * from project_limits(day, null)), work as materialized (
    select e.firm_id, e.id, e.kind, e.person_id, e.client_id, e.project_id, e.task_id, e.work_date, e.quantity,
      case when e.kind = 'time' then e.billable_quantity else 0 end as seconds, e.value_currency, e.value_minor,
      e.hold_reason is not null as held, e.value_minor is null as unpriced,
      case when e.hold_reason is null then coalesce(e.value_minor, 0) else 0 end as chargeable
    from entry e
    where is_to_bill(e.stage, e.billing_state, e.billed_quantity) and e.work_date <= up_to
  )
  select w.firm_id, w.id, w.kind, w.person_id, w.client_id, w.project_id, w.task_id, w.work_date, w.quantity, w.seconds,
    w.value_currency, w.value_minor, w.held, w.unpriced, w.chargeable, 0::bigint
  from work w
  where not exists (select from limits m where m.project_id = w.project_id and m.currency = w.value_currency)
  union all
  select t.firm_id, t.id, t.kind, t.person_id, t.client_id, t.project_id, t.task_id, t.work_date, t.quantity, t.seconds,
    t.value_currency, t.value_minor, t.held, t.unpriced, t.ready, t.chargeable - t.ready
  from (
    select w.*,
      greatest(0, least(w.chargeable, m.left_minor - sum(w.chargeable) over used + w.chargeable))::bigint as ready
    from work w
    join limits m on m.project_id = w.project_id and m.currency = w.value_currency
    window used as (partition by w.project_id, w.value_currency order by w.work_date, w.id rows unbounded preceding)
  ) t
$$;
