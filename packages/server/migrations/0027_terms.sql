-- How a firm's projects round time and write quantities, unless something else is agreed.
-- Up Migration
alter table firm
add rounding_increment integer not null default 1 check (rounding_increment in (1, 5, 6, 10, 15, 30, 60)),
add rounding_mode text not null default 'nearest' check (rounding_mode in ('nearest', 'up', 'down')),
add rounding_unit text not null default 'entry' check (rounding_unit in ('entry', 'day')),
add rounding_minimum integer not null default 0 check (rounding_minimum between 0 and 1440),
-- Places of decimal hours on a document; null shows hours and minutes.
add decimal_places integer check (decimal_places between 2 and 6);

grant
update (
  rounding_increment,
  rounding_mode,
  rounding_unit,
  rounding_minimum,
  decimal_places
) on firm to yellowwood_app;

-- Of agreements that nobody has recorded on yet.
grant
update (
  rounding_increment,
  rounding_mode,
  rounding_unit,
  rounding_minimum,
  decimal_places
) on agreement to yellowwood_app;

-- Agreements that round and write quantities as the firm does.
create function agreements_of_the_firm() returns setof agreement language sql stable as $$
  select a.* from agreement a join firm f on f.firm_id = a.firm_id
  where a.method = 'time and materials'
    and (a.rounding_increment, a.rounding_mode, a.rounding_unit, a.rounding_minimum)
      = (f.rounding_increment, f.rounding_mode, f.rounding_unit, f.rounding_minimum)
    and a.decimal_places is not distinct from f.decimal_places
$$;

grant
execute on function agreements_of_the_firm to yellowwood_app;
