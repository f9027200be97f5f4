-- What else is said of a project: when it begins and ends, how much of it is done, and notes.
alter table project
add column starts_on date,
add column ends_on date,
add column complete integer check (complete between 0 and 100),
add column notes text not null default '',
add constraint project_ends_later check (ends_on >= starts_on);

-- What nothing refers to is taken away.
grant delete on client,
project,
rate_rule to yellowwood_app;
