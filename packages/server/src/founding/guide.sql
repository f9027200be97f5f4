/* @name firstSteps */
select
  f.place is not null as "placeSaid!",
  f.size is not distinct from 'one' as "alone!",
  f.functions_off @> '{invoices}' as "unbilled!",
  cardinality(f.address) > 0 as "facts!",
  (
    select
      count(*) > 1
    from
      (
        select
        from
          project
        limit
          2
      ) made
  ) as "work!",
  exists (
    select
    from
      person p
    where
      p.id <> :person!
  ) as "people!",
  exists (
    select
    from
      entry e
    where
      e.person_id = :person!
  ) as "recorded!",
  exists (
    select
    from
      timer t
    where
      t.person_id = :person!
  ) as "timing!",
  exists (
    select
    from
      submission s
      join timesheet t on t.firm_id = s.firm_id
      and t.id = s.timesheet_id
    where
      t.person_id = :person!
  ) as "submitted!"
from
  firm f;
