-- Who approved may take it back: the entry waits again, and nobody is told to mend anything.
alter table decision
drop constraint decision_outcome_check,
add constraint decision_outcome_check check (outcome in ('approve', 'return', 'reopen', 'recall')),
drop constraint decision_check,
add constraint decision_reason check (
  outcome in ('approve', 'recall')
  or reason <> ''
);

-- What was decided on an entry last.
create function last_decision(firm uuid, entry uuid) returns setof decision
  language sql stable as $$
  select d.* from decision d where d.firm_id = firm and d.entry_id = entry order by d.at desc, d.id desc limit 1
$$;

grant
execute on function last_decision (uuid, uuid) to yellowwood_app;
