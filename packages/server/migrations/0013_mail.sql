-- Messages to people, and the queue of the jobs that send them.
-- Up Migration
-- The queue keeper's own tables, as its package makes them for version 24 of its shape (pg-boss 10.4, its construction
-- plans): they come here and not at run time, since the application's role makes no tables.
create schema pgboss;

create type pgboss.job_state as enum('created', 'retry', 'active', 'completed', 'cancelled', 'failed');

create table pgboss.version (
  version int primary key,
  maintained_on timestamp with time zone,
  cron_on timestamp with time zone,
  monitored_on timestamp with time zone
);

create table pgboss.queue (
  name text,
  policy text,
  retry_limit int,
  retry_delay int,
  retry_backoff bool,
  expire_seconds int,
  retention_minutes int,
  dead_letter text references pgboss.queue (name),
  partition_name text,
  created_on timestamp with time zone not null default now(),
  updated_on timestamp with time zone not null default now(),
  primary key (name)
);

create table pgboss.schedule (
  name text references pgboss.queue on delete cascade,
  cron text not null,
  timezone text,
  data jsonb,
  options jsonb,
  created_on timestamp with time zone not null default now(),
  updated_on timestamp with time zone not null default now(),
  primary key (name)
);

create table pgboss.subscription (
  event text not null,
  name text not null references pgboss.queue on delete cascade,
  created_on timestamp with time zone not null default now(),
  updated_on timestamp with time zone not null default now(),
  primary key (event, name)
);

create table pgboss.job (
  id uuid not null default gen_random_uuid(),
  name text not null,
  priority integer not null default (0),
  data jsonb,
  state pgboss.job_state not null default ('created'),
  retry_limit integer not null default (2),
  retry_count integer not null default (0),
  retry_delay integer not null default (0),
  retry_backoff boolean not null default false,
  start_after timestamp with time zone not null default now(),
  started_on timestamp with time zone,
  singleton_key text,
  singleton_on timestamp without time zone,
  expire_in interval not null default interval '15 minutes',
  created_on timestamp with time zone not null default now(),
  completed_on timestamp with time zone,
  keep_until timestamp with time zone not null default now() + interval '14 days',
  output jsonb,
  dead_letter text,
  policy text
)
partition by
  LIST (name);

alter table pgboss.job
add primary key (name, id);

create table pgboss.archive (like pgboss.job);

alter table pgboss.archive
add primary key (name, id);

alter table pgboss.archive
add archived_on timestamptz not null default now();

create index archive_i1 on pgboss.archive (archived_on);

create function pgboss.create_queue (queue_name text, options json) RETURNS VOID as $$
    DECLARE
      table_name varchar := 'j' || encode(sha224(queue_name::bytea), 'hex');
      queue_created_on timestamptz;
    BEGIN

      WITH q as (
      INSERT INTO pgboss.queue (
        name,
        policy,
        retry_limit,
        retry_delay,
        retry_backoff,
        expire_seconds,
        retention_minutes,
        dead_letter,
        partition_name
      )
      VALUES (
        queue_name,
        options->>'policy',
        (options->>'retryLimit')::int,
        (options->>'retryDelay')::int,
        (options->>'retryBackoff')::bool,
        (options->>'expireInSeconds')::int,
        (options->>'retentionMinutes')::int,
        options->>'deadLetter',
        table_name
      )
      ON CONFLICT DO NOTHING
      RETURNING created_on
      )
      SELECT created_on into queue_created_on from q;

      IF queue_created_on IS NULL THEN
        RETURN;
      END IF;

      EXECUTE format('CREATE TABLE pgboss.%I (LIKE pgboss.job INCLUDING DEFAULTS)', table_name);

      EXECUTE format('ALTER TABLE pgboss.%1$I ADD PRIMARY KEY (name, id)', table_name);
      EXECUTE format('ALTER TABLE pgboss.%1$I ADD CONSTRAINT q_fkey FOREIGN KEY (name)
        REFERENCES pgboss.queue (name) ON DELETE RESTRICT DEFERRABLE INITIALLY DEFERRED', table_name);
      EXECUTE format('ALTER TABLE pgboss.%1$I ADD CONSTRAINT dlq_fkey FOREIGN KEY (dead_letter)
        REFERENCES pgboss.queue (name) ON DELETE RESTRICT DEFERRABLE INITIALLY DEFERRED', table_name);
      EXECUTE format('CREATE UNIQUE INDEX %1$s_i1 ON pgboss.%1$I (name, COALESCE(singleton_key, ''''))
        WHERE state = ''created'' AND policy = ''short''', table_name);
      EXECUTE format('CREATE UNIQUE INDEX %1$s_i2 ON pgboss.%1$I (name, COALESCE(singleton_key, ''''))
        WHERE state = ''active'' AND policy = ''singleton''', table_name);
      EXECUTE format('CREATE UNIQUE INDEX %1$s_i3 ON pgboss.%1$I (name, state, COALESCE(singleton_key, ''''))
        WHERE state <= ''active'' AND policy = ''stately''', table_name);
      EXECUTE format('CREATE UNIQUE INDEX %1$s_i4 ON pgboss.%1$I (name, singleton_on, COALESCE(singleton_key, ''''))
        WHERE state <> ''cancelled'' AND singleton_on IS NOT NULL', table_name);
      EXECUTE format('CREATE INDEX %1$s_i5 ON pgboss.%1$I (name, start_after) INCLUDE (priority, created_on, id)
        WHERE state < ''active''', table_name);

      EXECUTE format('ALTER TABLE pgboss.%I ADD CONSTRAINT cjc CHECK (name=%L)', table_name, queue_name);
      EXECUTE format('ALTER TABLE pgboss.job ATTACH PARTITION pgboss.%I FOR VALUES IN (%L)', table_name, queue_name);
    END;
    $$ LANGUAGE plpgsql;

;

create function pgboss.delete_queue (queue_name text) RETURNS VOID as $$
    DECLARE
      table_name varchar;
    BEGIN
      WITH deleted as (
        DELETE FROM pgboss.queue
        WHERE name = queue_name
        RETURNING partition_name
      )
      SELECT partition_name from deleted INTO table_name;

      EXECUTE format('DROP TABLE IF EXISTS pgboss.%I', table_name);
    END;
    $$ LANGUAGE plpgsql;

;

insert into
  pgboss.version (version)
values
  ('24');

-- Tried again after about 5, 10, 20 seconds and so on, eight times; one that its sender died with, after a minute.
select
  pgboss.create_queue (
    'mail',
    '{"policy": "standard", "retryLimit": 8, "retryDelay": 5, "retryBackoff": true, "expireInSeconds": 60}'
  );

grant usage on schema pgboss to yellowwood_app;

grant
select
,
  insert,
update,
delete on all tables in schema pgboss to yellowwood_app;

-- Outside tenancy, like accounts: the application's role comes to these only through the functions below. The
-- recipient is the address as it was when the message was caused.
create table mail (
  id uuid primary key,
  kind text not null check (kind in ('password-reset', 'password-changed')),
  recipient text not null check (recipient = lower(recipient)),
  made_at timestamptz not null,
  -- Also of what there was nobody to send to.
  sent_at timestamptz
);

-- What a message lets its reader do, once: the token itself is nowhere, but in the message.
create table token (
  hash text primary key,
  kind text not null check (kind = 'password-reset'),
  account_id uuid not null references account,
  mail_id uuid not null references mail,
  expires_at timestamptz not null,
  used_at timestamptz
);

create index token_account on token (account_id);

create function write_mail(id uuid, kind text, recipient text, now timestamptz) returns void
  language sql security definer set search_path = pg_catalog, public, pg_temp as $$
  insert into mail (id, kind, recipient, made_at)
    values (write_mail.id, write_mail.kind, lower(write_mail.recipient), now)
$$;

-- Whether its reader has an account is found out here, by the sender, and not by whoever asked: so asking takes
-- as long for one address as for another.
create function mail_to_send(wanted uuid)
  returns table (kind text, recipient text, account_id uuid, name text, made_at timestamptz, sent_at timestamptz)
  language sql stable security definer set search_path = pg_catalog, public, pg_temp as $$
  select m.kind, m.recipient, a.id, a.name, m.made_at, m.sent_at
    from mail m left join account a on a.email = m.recipient where m.id = wanted
$$;

create function note_mail_sent(wanted uuid, now timestamptz) returns void
  language sql security definer set search_path = pg_catalog, public, pg_temp as $$
  update mail set sent_at = now where id = wanted and sent_at is null
$$;

create function keep_token(hash text, kind text, account uuid, mail uuid, expires timestamptz) returns void
  language sql security definer set search_path = pg_catalog, public, pg_temp as $$
  insert into token (hash, kind, account_id, mail_id, expires_at) values (hash, kind, account, mail, expires)
$$;

-- Uses a token that lives, with all others of its kind and account, and ends every session of the account.
create function reset_password(token_hash text, new_hash text, now timestamptz) returns text
  language plpgsql security definer set search_path = pg_catalog, public, pg_temp as $$
declare
  whose uuid;
begin
  select t.account_id into whose from token t
    where t.hash = token_hash and t.kind = 'password-reset' and t.used_at is null and t.expires_at > now
    for update;
  if whose is null then return null; end if;
  update token t set used_at = now where t.account_id = whose and t.kind = 'password-reset' and t.used_at is null;
  update account a set password_hash = new_hash where a.id = whose;
  delete from session s where s.sess ->> 'accountId' = whose::text;
  return (select a.email from account a where a.id = whose);
end $$;

-- What was sent, and what has expired, is of no use after a month.
create function prune_mail(before timestamptz) returns void
  language sql security definer set search_path = pg_catalog, public, pg_temp as $$
  with gone as (delete from token t where t.expires_at < before returning t.hash)
  select count(*) from gone;
  delete from mail m where m.made_at < before and not exists (select from token t where t.mail_id = m.id);
$$;

grant
execute on function write_mail,
mail_to_send,
note_mail_sent,
keep_token,
reset_password,
prune_mail to yellowwood_app;
