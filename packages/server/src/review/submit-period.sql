/* @name insertSubmission */
insert into
  submission (firm_id, id, timesheet_id, by_id, at, note, confirmation, quantity)
values
  (:firm!, :id!, :sheet!, :by!, :at!, :note!, :confirmation!, :quantity!);

/* @name possibleReviewers */
select
  a.person_id as "id!",
  h.roles as "roles!",
  h.own_roles as "ownRoles!",
  h.exceptions as "exceptions!"
from
  accounts_of (:firm!) a
  cross join held_by (a.person_id) h
where
  h.roles && :reviewing!
  or h.own_roles <> '[]'
  or h.exceptions ? 'time.review';

/* @name withoutReviewer */
select
  e.id as "id!"
from
  entry e
where
  e.id = any (:ids!)
  and (
    exists (
      select
      from
        project p
      where
        p.id = e.project_id
        and not p.review
    )
    or not exists (
      select
      from
        jsonb_to_recordset(:reviewers!) as a (id uuid, reach text)
      where
        a.id <> e.person_id
        and (
          a.reach = 'firm'
          or (
            a.reach = 'team'
            and exists (
              select
              from
                team t
                join team_person tp on tp.firm_id = t.firm_id
                and tp.team_id = t.id
              where
                t.lead_id = a.id
                and tp.person_id = e.person_id
            )
          )
          or (
            a.reach in ('project', 'team')
            and exists (
              select
              from
                project p
              where
                p.id = e.project_id
                and p.manager_id = a.id
            )
          )
        )
    )
  );
