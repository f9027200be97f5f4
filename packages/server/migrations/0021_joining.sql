-- Links that are copied into any messenger: whoever follows one joins, and begins once somebody of the firm has said
-- that it is them.
-- Up Migration
create table join_link (
  firm_id uuid not null references firm,
  id uuid not null,
  role text not null,
  team_id uuid,
  -- How many may join by it, and how many have.
  uses integer not null check (uses between 1 and 200),
  used integer not null default 0 check (used between 0 and uses),
  expires_at timestamptz not null,
  made_by uuid not null,
  made_at timestamptz not null,
  ended_at timestamptz,
  primary key (firm_id, id),
  foreign key (firm_id, team_id) references team on delete cascade,
  foreign key (firm_id, made_by) references person
);

alter table join_link enable row level security;

alter table join_link force row level security;

create policy own_firm on join_link using (firm_id = nullif(current_setting('app.firm_id', true), '')::uuid);

grant
select
,
  insert,
update (used, ended_at) on join_link to yellowwood_app;

alter table token
alter mail_id
drop not null,
drop constraint token_kind,
add constraint token_kind check (
  kind in ('password-reset', 'sign-up', 'invitation', 'address-change', 'join-link')
);

-- Keeps what the holder of a link shows.
create function keep_link(token_hash text, firm uuid, link uuid, expires timestamptz) returns void
  language sql security definer set search_path = pg_catalog, public, pg_temp as $$
  insert into token (hash, kind, about, firm_id, expires_at)
    select token_hash, 'join-link', link, firm, expires
     where firm = nullif(current_setting('app.firm_id', true), '')::uuid
$$;

-- Opens the firm of a link that lives, for the rest of the transaction.
create function open_link(token_hash text, now timestamptz)
  returns table (firm_id uuid, slug text, firm text, link uuid)
  language plpgsql security definer set search_path = pg_catalog, public, pg_temp as $$
declare
  t token;
begin
  select * into t from token where token.hash = token_hash and token.kind = 'join-link' and token.expires_at > now;
  if not found then return; end if;
  perform set_config('app.firm_id', t.firm_id::text, true);
  return query select a.firm_id, a.slug, a.name, t.about from firm_address a where a.firm_id = t.firm_id;
end $$;

-- Takes somebody into the firm that is open, to be confirmed. @returns false where the account was in it already
create function await_member(account uuid, firm uuid, person uuid) returns boolean
  language plpgsql security definer set search_path = pg_catalog, public, pg_temp as $$
begin
  if firm is distinct from nullif(current_setting('app.firm_id', true), '')::uuid then return false; end if;
  insert into membership (account_id, firm_id, person_id, confirmed) values (account, firm, person, false)
    on conflict do nothing;
  return found;
end $$;

create function confirm_member(firm uuid, person uuid) returns boolean
  language plpgsql security definer set search_path = pg_catalog, public, pg_temp as $$
begin
  update membership m set confirmed = true
    where m.firm_id = firm and m.person_id = person and m.ended_at is null and not m.confirmed
      and firm = nullif(current_setting('app.firm_id', true), '')::uuid;
  return found;
end $$;

-- Whether each person has an account, for those who see people; who waits to be confirmed has none yet.
create or replace function accounts_of(firm uuid) returns table (person_id uuid, email text)
  language sql stable security definer set search_path = pg_catalog, public, pg_temp as $$
  select m.person_id, a.email from membership m join account a on a.id = m.account_id
   where m.firm_id = firm and m.ended_at is null and m.confirmed
     and firm = nullif(current_setting('app.firm_id', true), '')::uuid
$$;

create function waiting_of(firm uuid) returns table (person_id uuid)
  language sql stable security definer set search_path = pg_catalog, public, pg_temp as $$
  select m.person_id from membership m
   where m.firm_id = firm and m.ended_at is null and not m.confirmed
     and firm = nullif(current_setting('app.firm_id', true), '')::uuid
$$;

grant
execute on function keep_link,
open_link,
await_member,
confirm_member,
waiting_of to yellowwood_app;
