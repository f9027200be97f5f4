-- What a firm leaves out of sight, what it says of itself, and who is still shown the first steps.
-- Up Migration
alter table firm
-- Functions that nobody sees; whether submitted time is reviewed stands in a column of its own.
add functions_off text[] not null default '{}' check (functions_off <@ '{invoices,cost,people,grid,instruction}'),
-- Null where it is not said.
add place text check (place in ('office', 'field', 'both')),
add size text check (size in ('one', 'few', 'more')),
add trade text;

alter table person
add guide boolean not null default false;

grant
update (functions_off, place, size, trade) on firm to yellowwood_app;
