-- What people settle about their own account: the address where they sign in, and a second factor, which a firm may
-- ask of those who see money.
-- Up Migration
create table address_change (
  id uuid primary key,
  account_id uuid not null references account,
  -- The address that is wanted, and the one that it takes the place of.
  email text not null check (email = lower(email)),
  was text not null,
  made_at timestamptz not null
);

create index address_change_account on address_change (account_id);

-- The secret of time-based codes (RFC 6238), in base32. The last step of which a code was taken: none works twice.
create table second_factor (
  account_id uuid primary key references account,
  secret text not null,
  confirmed_at timestamptz,
  last_step bigint not null default 0
);

-- Codes for whoever has lost what makes the others: each works once, and only its hash is kept.
create table recovery_code (
  account_id uuid not null references account,
  hash text not null,
  primary key (account_id, hash)
);

alter table mail
drop constraint mail_kind,
add constraint mail_kind check (
  kind in (
    'password-reset',
    'password-changed',
    'sign-up',
    'invitation',
    'address-change',
    'address-changed',
    'second-factor-set',
    'second-factor-ended'
  )
);

alter table token
drop constraint token_kind,
add constraint token_kind check (kind in ('password-reset', 'sign-up', 'invitation', 'address-change'));

-- A message about an address that is changed is for whoever has the account, at either address.
create or replace function mail_to_send(wanted uuid)
  returns table (kind text, account_id uuid, name text, firm text, sender text, recipient text, sent_at timestamptz)
  language plpgsql security definer set search_path = pg_catalog, public, pg_temp as $$
declare
  m mail;
begin
  select * into m from mail where mail.id = wanted;
  if not found then return; end if;
  perform set_config('app.firm_id', coalesce(m.firm_id::text, ''), true);
  return query
    select m.kind, a.id, case when m.kind = 'invitation' then p.name else coalesce(a.name, s.name, own.name) end,
           f.name, by.name, m.recipient, m.sent_at
      from (select) one
      left join account a on a.email = m.recipient
      left join sign_up s on s.id = m.about
      left join address_change c on c.id = m.about
      left join account own on own.id = c.account_id
      left join invitation i on i.firm_id = m.firm_id and i.id = m.about and i.joined_at is null
        and i.withdrawn_at is null
      left join person p on p.firm_id = i.firm_id and p.id = i.person_id
      left join person by on by.firm_id = i.firm_id and by.id = i.invited_by
      left join firm_address f on f.firm_id = m.firm_id;
  perform set_config('app.firm_id', '', true);
end $$;

-- The wish for another address; of several, the last one holds.
create function write_address_change(id uuid, account uuid, email text, now timestamptz) returns void
  language plpgsql security definer set search_path = pg_catalog, public, pg_temp as $$
begin
  update token t set used_at = now from address_change c
    where t.about = c.id and c.account_id = account and t.kind = 'address-change' and t.used_at is null;
  insert into address_change (id, account_id, email, was, made_at)
    select write_address_change.id, a.id, lower(write_address_change.email), a.email, now
      from account a where a.id = account;
end $$;

-- Takes the address of a link that lives, for the account that wished for it and nobody else; other sessions of the
-- account end. Nothing where somebody else has the address by now.
create function change_address(token_hash text, account uuid, now timestamptz, keep text)
  returns table (id uuid, was text)
  language plpgsql security definer set search_path = pg_catalog, public, pg_temp as $$
declare
  wish address_change;
begin
  select c.* into wish from token t join address_change c on c.id = t.about
    where t.hash = token_hash and t.kind = 'address-change' and t.used_at is null and t.expires_at > now
      and c.account_id = account
    for update of t;
  if not found or exists (select from account a where a.email = wish.email) then return; end if;
  update token t set used_at = now where t.hash = token_hash;
  update account a set email = wish.email where a.id = account;
  -- A link to a new password went to the old address.
  update token t set used_at = now where t.account_id = account and t.kind = 'password-reset' and t.used_at is null;
  delete from session s where s.sess ->> 'accountId' = account::text and s.sid <> keep;
  return query select wish.id, wish.was;
end $$;

create function second_factor_of(account uuid)
  returns table (secret text, confirmed boolean, last_step bigint, codes bigint)
  language sql stable security definer set search_path = pg_catalog, public, pg_temp as $$
  select f.secret, f.confirmed_at is not null, f.last_step,
         (select count(*) from recovery_code r where r.account_id = f.account_id)
    from second_factor f where f.account_id = account
$$;

-- Begins a second factor; until it is confirmed, another takes its place.
create function begin_second_factor(account uuid, secret text) returns boolean
  language plpgsql security definer set search_path = pg_catalog, public, pg_temp as $$
begin
  insert into second_factor as f (account_id, secret) values (account, begin_second_factor.secret)
    on conflict (account_id) do update set secret = excluded.secret where f.confirmed_at is null;
  return found;
end $$;

-- Takes the code of a step, once, and of no earlier step after it. The first one confirms.
create function take_code(account uuid, step bigint, now timestamptz) returns boolean
  language plpgsql security definer set search_path = pg_catalog, public, pg_temp as $$
begin
  update second_factor f set last_step = step, confirmed_at = coalesce(f.confirmed_at, now)
    where f.account_id = account and f.last_step < step;
  return found;
end $$;

create function take_recovery_code(account uuid, code_hash text) returns boolean
  language plpgsql security definer set search_path = pg_catalog, public, pg_temp as $$
begin
  delete from recovery_code r where r.account_id = account and r.hash = code_hash;
  return found;
end $$;

create function keep_recovery_codes(account uuid, hashes text[]) returns void
  language sql security definer set search_path = pg_catalog, public, pg_temp as $$
  delete from recovery_code r where r.account_id = account;
  insert into recovery_code (account_id, hash) select account, unnest(hashes);
$$;

create function end_second_factor(account uuid) returns void
  language sql security definer set search_path = pg_catalog, public, pg_temp as $$
  delete from recovery_code r where r.account_id = account;
  delete from second_factor f where f.account_id = account;
$$;

-- Which of some people of the firm have a second factor, for whoever asks it of them.
create function second_factors_of(firm uuid) returns table (person_id uuid)
  language sql stable security definer set search_path = pg_catalog, public, pg_temp as $$
  select m.person_id from membership m
    join second_factor f on f.account_id = m.account_id and f.confirmed_at is not null
   where m.firm_id = firm and m.ended_at is null and firm = nullif(current_setting('app.firm_id', true), '')::uuid
$$;

create or replace function prune_mail(before timestamptz) returns void
  language sql security definer set search_path = pg_catalog, public, pg_temp as $$
  with gone as (delete from token t where t.expires_at < before returning t.hash)
  select count(*) from gone;
  delete from mail m where m.made_at < before and not exists (select from token t where t.mail_id = m.id);
  delete from sign_up s where s.made_at < before;
  delete from address_change c where c.made_at < before;
$$;

alter table firm
-- Whether those who see money sign in with a second factor.
add factor_for_money boolean not null default false;

grant
update (factor_for_money) on firm to yellowwood_app;

drop function enter_firm;

-- Opens a firm for the rest of the transaction and says who asks, in one step. No row where the account
-- does not belong to the firm.
create function enter_firm(wanted text, account uuid, day date)
  returns table (
    firm_id uuid, name text, currency text, country text, zone text, day_maximum bigint, week_maximum bigint,
    gap_tolerance bigint, period_kind text, week_start integer, period_days integer, period_anchor date,
    factor_for_money boolean, person_id uuid, person_version integer, person_name text, person_zone text,
    position_name text, roles text[], has_factor boolean)
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
           p.id, p.version, p.name, p.zone, po.name,
           array(select r.role from person_role r where r.firm_id = p.firm_id and r.person_id = p.id order by r.role),
           f.factor_for_money
             and exists (select from second_factor s where s.account_id = account and s.confirmed_at is not null)
      from firm f
      join person p on p.firm_id = f.firm_id and p.id = m.person_id
      left join positions_on(day) po on po.firm_id = p.firm_id and po.person_id = p.id
     where f.firm_id = m.firm_id;
end $$;

grant
execute on function write_address_change,
change_address,
second_factor_of,
begin_second_factor,
take_code,
take_recovery_code,
keep_recovery_codes,
end_second_factor,
second_factors_of,
enter_firm to yellowwood_app;
