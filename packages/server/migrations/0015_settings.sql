-- What a firm settles about itself and its people.
-- Up Migration
-- The series of numbers say how a number begins.
alter table firm
drop invoice_prefix,
add version integer not null default 1;

alter table person
add version integer not null default 1,
-- The last day of somebody who has left.
add left_on date;

alter table membership
add ended_at timestamptz;

grant
update (name, address, tax_id, email, payment_details, version) on firm to yellowwood_app;

grant
update (prefix) on invoice_series to yellowwood_app;

-- The name stands outside tenancy too.
create function keep_firm_name() returns trigger language plpgsql security definer
  set search_path = pg_catalog, public, pg_temp as $$
begin
  update firm_address set name = new.name where firm_id = new.firm_id;
  return null;
end $$;

create trigger firm_keep_name
after update of name on firm for each row
execute function keep_firm_name ();

-- A number is taken once, and none is left out; where a series begins is free until its first number is taken.
create or replace function series_counts() returns trigger language plpgsql as $$
begin
  if new.next_number - old.next_number in (0, 1) then return new; end if;
  if new.next_number < 1 or exists (select from invoice i
    where i.firm_id = old.firm_id and i.series = old.series and i.number is not null) then
    raise exception 'a series goes on by one';
  end if;
  return new;
end $$;

-- Ends or restores a membership; the account stays, and what it is in elsewhere.
create function end_membership(firm uuid, person uuid, now timestamptz) returns void
  language sql security definer set search_path = pg_catalog, public, pg_temp as $$
  update membership m set ended_at = now where m.firm_id = firm and m.person_id = person
    and firm = nullif(current_setting('app.firm_id', true), '')::uuid
$$;

create or replace function firm_addresses(whose uuid) returns table (slug text, name text)
  language sql stable security definer set search_path = pg_catalog, public, pg_temp as
  $$ select a.slug, a.name from membership m join firm_address a using (firm_id)
    where m.account_id = whose and m.ended_at is null order by a.name $$;

create or replace function accounts_of(firm uuid) returns table (person_id uuid, email text)
  language sql stable security definer set search_path = pg_catalog, public, pg_temp as $$
  select m.person_id, a.email from membership m join account a on a.id = m.account_id
   where m.firm_id = firm and m.ended_at is null and firm = nullif(current_setting('app.firm_id', true), '')::uuid
$$;

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
  select mm.firm_id, mm.person_id into m
    from membership mm join firm_address a on a.firm_id = mm.firm_id
   where a.slug = wanted and mm.account_id = account and mm.ended_at is null;
  if not found then return; end if;
  perform set_config('app.firm_id', m.firm_id::text, true);
  return query
    select f.firm_id, f.name, f.currency, f.country, f.zone, f.day_maximum, f.week_maximum, f.gap_tolerance,
           f.period_kind, f.week_start, f.period_days, f.period_anchor,
           p.id, p.name, p.zone, po.name,
           array(select r.role from person_role r where r.firm_id = p.firm_id and r.person_id = p.id order by r.role)
      from firm f
      join person p on p.firm_id = f.firm_id and p.id = m.person_id
      left join positions_on(day) po on po.firm_id = p.firm_id and po.person_id = p.id
     where f.firm_id = m.firm_id;
end $$;

-- Where an account is signed in; the session itself is not told.
create function sessions_of(whose uuid, own text)
  returns table (id text, own boolean, began_at text, agent text)
  language sql stable security definer set search_path = pg_catalog, public, pg_temp as $$
  select encode(sha256(s.sid::bytea), 'hex'), s.sid = sessions_of.own, s.sess ->> 'beganAt', s.sess ->> 'agent'
    from session s where s.sess ->> 'accountId' = whose::text and s.expire > now()
$$;

create function change_name(whose uuid, new_name text) returns void
  language sql security definer set search_path = pg_catalog, public, pg_temp as
  $$ update account set name = new_name where id = whose $$;

-- As before, without what the series say.
create or replace function found_firm(wanted uuid, wanted_slug text, firm_name text, firm_country text,
  firm_currency text, firm_zone text, first_day integer, account uuid, person uuid, started date, now timestamptz)
  returns text
  language plpgsql security definer set search_path = pg_catalog, public, pg_temp as $$
declare
  owner account;
  own text;
begin
  select a.slug into own from firm_address a join membership m using (firm_id)
    where a.firm_id = wanted and m.account_id = account;
  if found then return own; end if;
  select * into owner from account a where a.id = account;
  perform set_config('app.firm_id', wanted::text, true);
  -- One after the other, so that two of one name do not wait for each other's number.
  perform pg_advisory_xact_lock(hashtext('found_firm'));
  select c.slug into own
    from (select n, case when n = 1 then wanted_slug else wanted_slug || '-' || n end from generate_series(1, 100000) n)
      c(n, slug)
    where not exists (select from firm_address a where a.slug = c.slug) order by c.n limit 1;
  insert into firm (firm_id, slug, name, currency, zone, address, country, tax_id, email, payment_details,
    day_maximum, week_maximum, gap_tolerance, week_start, created_at)
  values (wanted, own, firm_name, firm_currency, firm_zone, '{}', firm_country, '', owner.email, '',
    12 * 3600, 60 * 3600, 15 * 60, first_day, now);
  insert into firm_address (slug, firm_id, name) values (own, wanted, firm_name);
  insert into person (firm_id, id, name, email, staff_number, kind, zone, started_on)
  values (wanted, person, owner.name, owner.email, '1', 'employee', firm_zone, started);
  insert into person_role (firm_id, person_id, role) values (wanted, person, 'owner');
  insert into membership (account_id, firm_id, person_id) values (account, wanted, person);
  return own;
end $$;

grant
execute on function end_membership,
enter_firm,
sessions_of,
change_name to yellowwood_app;
