-- What a firm settles about time: the day up to which it is locked, and whether anybody reviews it.
-- Up Migration
alter table firm
-- Nothing of this day or an earlier one is recorded, changed, submitted or decided on.
add locked_until date,
add review boolean not null default true;

alter table project
-- Whether time on it waits for a decision, where the firm reviews at all.
add review boolean not null default true;

grant
update (day_maximum, week_maximum, gap_tolerance, locked_until, review) on firm to yellowwood_app;

drop function enter_firm;

-- Opens a firm for the rest of the transaction and says who asks, in one step. No row where the account
-- does not belong to the firm.
create function enter_firm(wanted text, account uuid, day date)
  returns table (
    firm_id uuid, name text, currency text, country text, zone text, day_maximum bigint, week_maximum bigint,
    gap_tolerance bigint, period_kind text, week_start integer, period_days integer, period_anchor date,
    factor_for_money boolean, locked_until date, review boolean, person_id uuid, person_version integer,
    person_name text, person_zone text, position_name text, roles text[], own_roles jsonb, exceptions jsonb,
    has_factor boolean)
  language plpgsql security definer set search_path = pg_catalog, public, pg_temp as $$
declare
  m record;
begin
  select mm.firm_id, mm.person_id into m
    from membership mm join firm_address a on a.firm_id = mm.firm_id
   where a.slug = wanted and mm.account_id = account and mm.ended_at is null;
  if not found then return; end if;
  perform set_config('app.firm_id', m.firm_id::text, true);
  return query
    select f.firm_id, f.name, f.currency, f.country, f.zone, f.day_maximum, f.week_maximum, f.gap_tolerance,
           f.period_kind, f.week_start, f.period_days, f.period_anchor, f.factor_for_money,
           f.locked_until, f.review,
           p.id, p.version, p.name, p.zone, po.name, h.roles, h.own_roles, h.exceptions,
           f.factor_for_money
             and exists (select from second_factor s where s.account_id = account and s.confirmed_at is not null)
      from firm f
      join person p on p.firm_id = f.firm_id and p.id = m.person_id
      cross join held_by(p.id) h
      left join positions_on(day) po on po.firm_id = p.firm_id and po.person_id = p.id
     where f.firm_id = m.firm_id;
end $$;

grant
execute on function enter_firm to yellowwood_app;
