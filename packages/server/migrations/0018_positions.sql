-- Positions and departments are made, renamed and ended; what somebody is changes from a day on.
-- Up Migration
alter table position
add version integer not null default 1,
-- Ended ones are offered no more, and keep their names where they were used.
add ended boolean not null default false;

alter table department
add version integer not null default 1,
add ended boolean not null default false;

create unique index position_name on position(firm_id, lower(name))
where
  not ended;

create unique index department_name on department (firm_id, lower(name))
where
  not ended;

grant
update (valid_to),
delete on person_position to yellowwood_app;
