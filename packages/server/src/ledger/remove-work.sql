/* @name projectUsed */
select
  (
    exists (
      select
      from
        entry e
      where
        e.project_id = :id!
    )
    -- What is priced by a rate of it keeps it, wherever it is by now.
    or exists (
      select
      from
        rate_rule q
        join entry e on e.firm_id = q.firm_id
        and e.rate_rule_id = q.id
      where
        q.project_id = :id!
    )
    or exists (
      select
      from
        timer r
      where
        r.project_id = :id!
    )
    or exists (
      select
      from
        sheet_row s
      where
        s.project_id = :id!
    )
    or exists (
      select
      from
        invoice_line l
      where
        l.project_id = :id!
    )
  ) as "used!";

/* @name dropRates */
delete from rate_rule
where
  project_id = :id!;

/* @name dropAgreements */
delete from agreement
where
  project_id = :id!;

/* @name dropTasks */
delete from task
where
  project_id = :id!;

/* @name dropProject */
delete from project
where
  id = :id!;

/* @name clientUsed */
select
  (
    exists (
      select
      from
        project p
      where
        p.client_id = :id!
    )
    or exists (
      select
      from
        entry e
      where
        e.client_id = :id!
    )
    or exists (
      select
      from
        invoice i
      where
        i.client_id = :id!
    )
    or exists (
      select
      from
        payment m
      where
        m.client_id = :id!
    )
  ) as "used!";

/* @name dropRatesOfClient */
delete from rate_rule
where
  client_id = :id!;

/* @name dropClient */
delete from client
where
  id = :id!;
