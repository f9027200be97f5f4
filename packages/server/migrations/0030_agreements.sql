-- What is agreed of a project is changed in the product, from a day on.
-- Up Migration
-- What nothing is billed by gives way to what is agreed instead; the time that it prices is priced anew with it.
alter table entry
alter constraint entry_firm_id_rate_rule_id_fkey
deferrable;

grant delete on agreement to yellowwood_app;

grant insert,
delete on rate_rule to yellowwood_app;

-- What has used a limit, asked in this one way: the net of all live documents of a project in a currency,
-- over-the-limit lines and write-downs included, credits taken off, drafts counted, but for one draft (but).
create function used_of_project(firm uuid, project uuid, in_currency text, but uuid) returns table (used_minor bigint)
  language sql stable as $$
  select sum(l.net_minor)::bigint
  from invoice_line l join invoice i on i.firm_id = l.firm_id and i.id = l.invoice_id
  where l.firm_id = firm and l.project_id = project and i.currency = in_currency
    and i.status in ('draft', 'issued') and i.id is distinct from but
$$;

grant
execute on function used_of_project to yellowwood_app;

create or replace function project_limits(day date, but uuid) returns table (
  firm_id uuid, project_id uuid, currency text, agreement_id uuid, limit_minor bigint, used_minor bigint,
    left_minor bigint
) language sql stable as $$
  select n.firm_id, n.project_id, n.currency, n.id, n.limit_minor, coalesce(u.used_minor, 0),
    greatest(n.limit_minor - coalesce(u.used_minor, 0), 0)
  from (
    select distinct on (a.firm_id, a.project_id, a.currency) a.*
    from agreement a where a.valid_from <= day order by a.firm_id, a.project_id, a.currency, a.valid_from desc
  ) n
  left join lateral used_of_project(n.firm_id, n.project_id, n.currency, but) u on true
  where n.limit_minor is not null
$$;
