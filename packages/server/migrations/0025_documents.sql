-- What documents carry besides their lines: a logo, and texts before and after.
-- Up Migration
create table logo (
  firm_id uuid not null references firm,
  id uuid not null,
  png bytea not null check (octet_length(png) <= 2000000),
  width integer not null check (width > 0),
  height integer not null check (height > 0),
  made_at timestamptz not null,
  primary key (firm_id, id)
);

alter table logo enable row level security;

alter table logo force row level security;

create policy own_firm on logo using (firm_id = nullif(current_setting('app.firm_id', true), '')::uuid);

alter table firm
add column logo_id uuid,
add column opening text not null default '',
add column closing text not null default '',
add foreign key (firm_id, logo_id) references logo;

-- Documents that were issued keep the logo that they have: none is changed or deleted.
grant
select
,
  insert on logo to yellowwood_app;

grant
update (logo_id, opening, closing) on firm to yellowwood_app;
