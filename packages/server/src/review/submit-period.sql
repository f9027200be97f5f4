/* @name insertSubmission */
insert into
  submission (firm_id, id, timesheet_id, by_id, at, note, confirmation, quantity)
values
  (:firm!, :id!, :sheet!, :by!, :at!, :note!, :confirmation!, :quantity!);

/* @name withoutReviewer */
select
  e.id as "id!"
from
  entry e
where
  e.id = any (:ids!)
  and not exists (
    select
    from
      accounts_of (:firm!) a
      join person_role r on r.person_id = a.person_id
    where
      a.person_id <> e.person_id
      and (
        r.role = any (:firmWide!)
        or (
          r.role = any (:ofTeams!)
          and exists (
            select
            from
              team t
              join team_person tp on tp.firm_id = t.firm_id
              and tp.team_id = t.id
            where
              t.lead_id = a.person_id
              and tp.person_id = e.person_id
          )
        )
        or (
          r.role = any (:ofProjects!)
          and exists (
            select
            from
              project p
            where
              p.id = e.project_id
              and p.manager_id = a.person_id
          )
        )
      )
  );
