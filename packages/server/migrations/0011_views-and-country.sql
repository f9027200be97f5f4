-- How a person has a table: which columns, by what it is sorted and grouped. Nobody else sees it.
create table person_view (
  firm_id uuid not null references firm,
  person_id uuid not null,
  name text not null check (name ~ '^[a-z][a-z-]{0,39}$'),
  choice jsonb not null,
  primary key (firm_id, person_id, name),
  foreign key (firm_id, person_id) references person
);

alter table person_view enable row level security;

alter table person_view force row level security;

create policy own_firm on person_view using (firm_id = nullif(current_setting('app.firm_id', true), '')::uuid);

grant
select
,
  insert,
update,
delete on person_view to yellowwood_app;

drop function enter_firm;

-- Opens a firm for the rest of the transaction and says who asks, in one step. No row where the account
-- does not belong to the firm.
create function enter_firm(wanted text, account uuid, day date)
  returns table (
    firm_id uuid, name text, currency text, country text, zone text, day_maximum bigint, week_maximum bigint,
    gap_tolerance bigint, period_kind text, week_start integer, period_days integer, period_anchor date,
    person_id uuid, person_name text, person_zone text, position_name text, roles text[])
  language plpgsql security definer set search_path = pg_catalog, public, pg_temp as $$
declare
  m record;
begin
  select mm.firm_id, mm.person_id, mm.roles into m
    from membership mm join firm_address a on a.firm_id = mm.firm_id
   where a.slug = wanted and mm.account_id = account;
  if not found then return; end if;
  perform set_config('app.firm_id', m.firm_id::text, true);
  return query
    select f.firm_id, f.name, f.currency, f.country, f.zone, f.day_maximum, f.week_maximum, f.gap_tolerance,
           f.period_kind, f.week_start, f.period_days, f.period_anchor,
           p.id, p.name, p.zone, po.name, m.roles
      from firm f
      join person p on p.firm_id = f.firm_id and p.id = m.person_id
      left join positions_on(day) po on po.firm_id = p.firm_id and po.person_id = p.id
     where f.firm_id = m.firm_id;
end $$;

grant
execute on function enter_firm (text, uuid, date) to yellowwood_app;
