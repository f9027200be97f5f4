-- How time is recorded, how much at most and how much is planned, of a firm and of single people; and how long the
-- periods of submission are, from a day on.
-- Up Migration
alter table firm
-- By a timer, as a length, from start to end.
add record_ways text[] not null default '{timer,length,span}' check (
  record_ways <@ '{timer,length,span}'
  and record_ways <> '{}'
),
-- The week that is planned for whoever comes new, Monday to Sunday, in seconds.
add planned bigint[] not null default '{28800,28800,28800,28800,28800,0,0}' check (array_length(planned, 1) = 7),
add day_start text not null default '09:00',
add day_end text not null default '17:30',
-- Since when the periods are what they are, and what they were before, the latest first.
add period_from date,
add periods_earlier jsonb not null default '[]';

-- How dates, times of the clock and figures are written, for everybody who has not chosen; null as in the country.
alter table firm
add forms jsonb not null default '{"dates": null, "clock": null, "numbers": null}';

alter table account
add forms jsonb not null default '{"dates": null, "clock": null, "numbers": null}';

drop function change_preferences;

create function change_preferences(whose uuid, new_theme text, new_form text, new_forms jsonb) returns void
  language sql security definer set search_path = pg_catalog, public, pg_temp as $$
  update account set theme = new_theme, duration_form = new_form, forms = coalesce(new_forms, forms) where id = whose
$$;

drop function account_by_id;

create function account_by_id(wanted uuid)
  returns table (id uuid, email text, name text, password_hash text, theme text, duration_form text, forms jsonb)
  language sql stable security definer set search_path = pg_catalog, public, pg_temp as $$
  select a.id, a.email, a.name, a.password_hash, a.theme, a.duration_form, a.forms from account a where a.id = wanted
$$;

grant
execute on function change_preferences,
account_by_id to yellowwood_app;

alter table person
-- Null where the firm's holds.
add record_ways text[] check (
  record_ways <@ '{timer,length,span}'
  and record_ways <> '{}'
),
add day_maximum bigint check (day_maximum > 0),
add week_maximum bigint check (week_maximum > 0);

-- What was planned for the owner was planned for whoever came new.
do $$
declare
  one uuid;
begin
  for one in select firm_id from firm_address loop
    perform set_config('app.firm_id', one::text, true);
    update firm f set planned = s.planned, day_start = s.day_start, day_end = s.day_end
      from (select s.planned, s.day_start, s.day_end from schedule s
        join person_role r on r.firm_id = s.firm_id and r.person_id = s.person_id and r.role = 'owner'
        where s.valid_to is null order by s.person_id limit 1) s
      where f.firm_id = one;
  end loop;
  perform set_config('app.firm_id', '', true);
end $$;

grant
update (
  forms,
  record_ways,
  planned,
  day_start,
  day_end,
  period_kind,
  week_start,
  period_days,
  period_anchor,
  period_from,
  periods_earlier
) on firm to yellowwood_app;

grant delete on timesheet to yellowwood_app;

alter table membership
-- Whether somebody of the firm has said that it is them.
add confirmed boolean not null default true;

drop function enter_firm;

-- Opens a firm for the rest of the transaction and says who asks, in one step. No row where the account
-- does not belong to the firm.
create function enter_firm(wanted text, account uuid, day date)
  returns table (
    firm_id uuid, name text, currency text, country text, zone text, day_maximum bigint, week_maximum bigint,
    gap_tolerance bigint, record_ways text[], period jsonb, forms jsonb, factor_for_money boolean, locked_until date,
    review boolean,
    person_id uuid, person_version integer, person_name text, person_zone text, person_ways text[],
    person_day_maximum bigint, person_week_maximum bigint, position_name text, roles text[], own_roles jsonb,
    exceptions jsonb, has_factor boolean, confirmed boolean)
  language plpgsql security definer set search_path = pg_catalog, public, pg_temp as $$
declare
  m record;
begin
  select mm.firm_id, mm.person_id, mm.confirmed into m
    from membership mm join firm_address a on a.firm_id = mm.firm_id
   where a.slug = wanted and mm.account_id = account and mm.ended_at is null;
  if not found then return; end if;
  perform set_config('app.firm_id', m.firm_id::text, true);
  return query
    select f.firm_id, f.name, f.currency, f.country, f.zone, f.day_maximum, f.week_maximum, f.gap_tolerance,
           f.record_ways,
           jsonb_build_object('kind', f.period_kind, 'weekStart', f.week_start, 'days', f.period_days,
             'anchor', f.period_anchor, 'from', f.period_from, 'earlier', f.periods_earlier),
           f.forms,
           f.factor_for_money, f.locked_until, f.review,
           p.id, p.version, p.name, p.zone, p.record_ways, p.day_maximum, p.week_maximum, po.name, h.roles, h.own_roles,
           h.exceptions,
           f.factor_for_money
             and exists (select from second_factor s where s.account_id = account and s.confirmed_at is not null),
           m.confirmed
      from firm f
      join person p on p.firm_id = f.firm_id and p.id = m.person_id
      cross join held_by(p.id) h
      left join positions_on(day) po on po.firm_id = p.firm_id and po.person_id = p.id
     where f.firm_id = m.firm_id;
end $$;

grant
execute on function enter_firm to yellowwood_app;
