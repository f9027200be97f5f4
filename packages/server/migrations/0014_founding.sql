-- Accounts that strangers make, firms that they found, people whom they invite, and what a firm settles about itself.
-- Up Migration
-- The roles of a person belong to the firm, also where the person has no account yet.
create table person_role (
  firm_id uuid not null references firm,
  person_id uuid not null,
  role text not null check (role in ('owner', 'administrator', 'manager', 'bookkeeper', 'staff')),
  primary key (firm_id, person_id, role),
  foreign key (firm_id, person_id) references person
);

-- Somebody who was asked to join. The address is what it was then; the person is in the firm already.
create table invitation (
  firm_id uuid not null references firm,
  id uuid not null,
  person_id uuid not null,
  email text not null check (email = lower(email)),
  invited_by uuid not null,
  made_at timestamptz not null,
  joined_at timestamptz,
  withdrawn_at timestamptz,
  primary key (firm_id, id),
  foreign key (firm_id, person_id) references person,
  foreign key (firm_id, invited_by) references person
);

create unique index invitation_open on invitation (firm_id, person_id)
where
  joined_at is null
  and withdrawn_at is null;

do $$
declare
  t text;
  one uuid;
begin
  foreach t in array array['person_role', 'invitation'] loop
    execute format('alter table %I enable row level security', t);
    execute format('alter table %I force row level security', t);
    execute format('create policy own_firm on %I using
      (firm_id = nullif(current_setting(''app.firm_id'', true), '''')::uuid)', t);
  end loop;
  for one in select firm_id from firm_address loop
    perform set_config('app.firm_id', one::text, true);
    insert into person_role (firm_id, person_id, role)
    select m.firm_id, m.person_id, unnest(m.roles) from membership m where m.firm_id = one;
  end loop;
  perform set_config('app.firm_id', '', true);
end $$;

alter table membership
drop roles,
add ended_at timestamptz,
add unique (firm_id, person_id);

alter table person
add version integer not null default 1,
-- The last day of somebody who has left.
add left_on date;

-- The series of numbers say how a number begins.
alter table firm
drop invoice_prefix,
add version integer not null default 1;

grant
select
,
  insert,
  delete on person_role to yellowwood_app;

grant
select
,
  insert,
update (withdrawn_at) on invitation to yellowwood_app;

-- Who wants an account and has not shown yet that the address is theirs.
create table sign_up (
  id uuid primary key,
  email text not null check (email = lower(email)),
  name text not null,
  password_hash text not null,
  -- What was agreed to: documents with their versions and wording.
  consents jsonb not null,
  made_at timestamptz not null
);

-- What an account agreed to, in the words that it read.
create table consent (
  account_id uuid not null references account,
  document text not null check (document in ('terms', 'data')),
  version text not null,
  wording text not null,
  at timestamptz not null,
  primary key (account_id, document, version)
);

alter table mail
add firm_id uuid references firm,
-- What it is about: a sign-up, an invitation.
add about uuid,
drop constraint mail_kind_check,
add constraint mail_kind check (kind in ('password-reset', 'password-changed', 'sign-up', 'invitation'));

alter table token
add about uuid,
add firm_id uuid references firm,
alter account_id
drop not null,
drop constraint token_kind_check,
add constraint token_kind check (kind in ('password-reset', 'sign-up', 'invitation')),
add constraint token_of check ((kind = 'password-reset') = (account_id is not null)),
add constraint token_about check ((kind = 'password-reset') = (about is null));

create index token_about on token (about);

drop function write_mail;

create function write_mail(id uuid, kind text, recipient text, now timestamptz, firm uuid, about uuid) returns void
  language sql security definer set search_path = pg_catalog, public, pg_temp as $$
  insert into mail (id, kind, recipient, made_at, firm_id, about)
    values (write_mail.id, write_mail.kind, lower(write_mail.recipient), now, firm, write_mail.about)
$$;

drop function mail_to_send;

-- Whether its reader has an account is found out here, by the sender, and not by whoever asked: so asking takes
-- as long for one address as for another. An invitation that nobody waits for any more has no name.
create function mail_to_send(wanted uuid)
  returns table (kind text, account_id uuid, name text, firm text, sender text, recipient text, sent_at timestamptz)
  language plpgsql security definer set search_path = pg_catalog, public, pg_temp as $$
declare
  m mail;
begin
  select * into m from mail where mail.id = wanted;
  if not found then return; end if;
  perform set_config('app.firm_id', coalesce(m.firm_id::text, ''), true);
  return query
    select m.kind, a.id, case when m.kind = 'invitation' then p.name else coalesce(a.name, s.name) end, f.name, by.name,
           m.recipient, m.sent_at
      from (select) one
      left join account a on a.email = m.recipient
      left join sign_up s on s.id = m.about
      left join invitation i on i.firm_id = m.firm_id and i.id = m.about and i.joined_at is null
        and i.withdrawn_at is null
      left join person p on p.firm_id = i.firm_id and p.id = i.person_id
      left join person by on by.firm_id = i.firm_id and by.id = i.invited_by
      left join firm_address f on f.firm_id = m.firm_id;
  perform set_config('app.firm_id', '', true);
end $$;

drop function keep_token;

-- What a message lets its reader do stands in the message.
create function keep_token(hash text, account uuid, mail uuid, expires timestamptz) returns void
  language sql security definer set search_path = pg_catalog, public, pg_temp as $$
  insert into token (hash, kind, account_id, mail_id, about, firm_id, expires_at)
    select keep_token.hash, m.kind, keep_token.account, m.id, m.about, m.firm_id, expires
      from mail m where m.id = keep_token.mail
$$;

create function write_sign_up(id uuid, email text, name text, password_hash text, consents jsonb, now timestamptz)
  returns void
  language sql security definer set search_path = pg_catalog, public, pg_temp as $$
  insert into sign_up (id, email, name, password_hash, consents, made_at)
    values (write_sign_up.id, lower(write_sign_up.email), write_sign_up.name, write_sign_up.password_hash,
      write_sign_up.consents, now)
$$;

-- The sign-up that a token is of, while it lives.
create function sign_up_of(token_hash text, now timestamptz) returns table (id uuid, password_hash text)
  language sql stable security definer set search_path = pg_catalog, public, pg_temp as $$
  select s.id, s.password_hash from token t join sign_up s on s.id = t.about
   where t.hash = token_hash and t.kind = 'sign-up' and t.used_at is null and t.expires_at > now
$$;

-- Makes the account of a sign-up, once: of several for one address, the one whose message was read first.
create function make_account(token_hash text, account uuid, now timestamptz) returns uuid
  language plpgsql security definer set search_path = pg_catalog, public, pg_temp as $$
declare
  wish sign_up;
begin
  update token t set used_at = now
    where t.hash = token_hash and t.kind = 'sign-up' and t.used_at is null and t.expires_at > now
    returning t.about into wish.id;
  select * into wish from sign_up s where s.id = wish.id;
  if not found then return null; end if;
  insert into account (id, email, name, password_hash, created_at)
    values (account, wish.email, wish.name, wish.password_hash, now) on conflict (email) do nothing;
  if not found then return null; end if;
  insert into consent (account_id, document, version, wording, at)
    select account, c.document, c.version, c.wording, wish.made_at
      from jsonb_to_recordset(wish.consents) as c(document text, version text, wording text);
  delete from token t using sign_up s where s.email = wish.email and t.about = s.id;
  delete from sign_up s where s.email = wish.email;
  return account;
end $$;

-- Whether anybody has founded a firm here.
create function any_firm() returns boolean
  language sql stable security definer set search_path = pg_catalog, public, pg_temp as
  $$ select exists (select from firm_address) $$;

-- Founds a firm with its owner. A name in addresses that is taken gets a number. The same once more is nothing new.
create function found_firm(wanted uuid, wanted_slug text, firm_name text, firm_country text,
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

-- Who invites whom to which firm, while the invitation waits; and whether the address has an account already.
create function invitation_of(token_hash text, now timestamptz)
  returns table (slug text, firm text, name text, email text, sender text, known boolean)
  language plpgsql security definer set search_path = pg_catalog, public, pg_temp as $$
declare
  t token;
begin
  select * into t from token where token.hash = token_hash and token.kind = 'invitation' and token.used_at is null
    and token.expires_at > now;
  if not found then return; end if;
  perform set_config('app.firm_id', t.firm_id::text, true);
  return query
    select f.slug, f.name, p.name, i.email, by.name, exists (select from account a where a.email = i.email)
      from invitation i
      join person p on p.firm_id = i.firm_id and p.id = i.person_id
      join person by on by.firm_id = i.firm_id and by.id = i.invited_by
      join firm_address f on f.firm_id = i.firm_id
     where i.firm_id = t.firm_id and i.id = t.about and i.joined_at is null and i.withdrawn_at is null;
  perform set_config('app.firm_id', '', true);
end $$;

-- Makes an account for somebody who came by a message to the address, which is shown thereby to be theirs.
create function make_invited_account(account uuid, email text, name text, password_hash text, consents jsonb,
  now timestamptz) returns boolean
  language plpgsql security definer set search_path = pg_catalog, public, pg_temp as $$
begin
  insert into account (id, email, name, password_hash, created_at)
    values (account, lower(make_invited_account.email), make_invited_account.name, make_invited_account.password_hash,
      now) on conflict do nothing;
  if not found then return false; end if;
  insert into consent (account_id, document, version, wording, at)
    select account, c.document, c.version, c.wording, now
      from jsonb_to_recordset(consents) as c(document text, version text, wording text);
  return true;
end $$;

-- Joins the firm of an invitation, once. @returns false where it waits no more, or the account is in the firm already.
create function join_firm(token_hash text, account uuid, now timestamptz) returns boolean
  language plpgsql security definer set search_path = pg_catalog, public, pg_temp as $$
declare
  t token;
  whom uuid;
begin
  update token set used_at = now
    where hash = token_hash and kind = 'invitation' and used_at is null and expires_at > now returning * into t;
  if not found then return false; end if;
  perform set_config('app.firm_id', t.firm_id::text, true);
  update invitation i set joined_at = now
    where i.firm_id = t.firm_id and i.id = t.about and i.joined_at is null and i.withdrawn_at is null
    returning i.person_id into whom;
  if not found then return false; end if;
  insert into membership (account_id, firm_id, person_id) values (account, t.firm_id, whom) on conflict do nothing;
  return found;
end $$;

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

-- Nobody decides on their own time. Where nobody else can, what is submitted is approved by policy.
alter table decision
add by_policy boolean not null default false;

-- Whether each person has an account, for those who see people.
create function accounts_of(firm uuid) returns table (person_id uuid, email text)
  language sql stable security definer set search_path = pg_catalog, public, pg_temp as $$
  select m.person_id, a.email from membership m join account a on a.id = m.account_id
   where m.firm_id = firm and m.ended_at is null and firm = nullif(current_setting('app.firm_id', true), '')::uuid
$$;

-- What was sent, and what has expired, is of no use after a month.
create or replace function prune_mail(before timestamptz) returns void
  language sql security definer set search_path = pg_catalog, public, pg_temp as $$
  with gone as (delete from token t where t.expires_at < before returning t.hash)
  select count(*) from gone;
  delete from mail m where m.made_at < before and not exists (select from token t where t.mail_id = m.id);
  delete from sign_up s where s.made_at < before;
$$;

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

grant insert on person_position to yellowwood_app;

grant
execute on function write_mail,
mail_to_send,
keep_token,
write_sign_up,
sign_up_of,
make_account,
any_firm,
found_firm,
invitation_of,
make_invited_account,
join_firm,
enter_firm,
accounts_of,
end_membership,
sessions_of,
change_name to yellowwood_app;
