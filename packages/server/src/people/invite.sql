/* @name findByAddress */
select
  p.id as "id!"
from
  person p
where
  lower(p.email) = lower(:email!);

/* @name addPerson */
insert into
  person (firm_id, id, name, email, staff_number, kind, zone, started_on)
select
  :firm!,
  :id!,
  :name!,
  :email!,
  (
    select
      min(n)::text
    from
      generate_series(
        1,
        (
          select
            count(*) + 1
          from
            person
        )
      ) n
    where
      not exists (
        select
        from
          person
        where
          staff_number = n::text
      )
  ),
  'employee',
  :zone!,
  :startedOn!;

/* @name addPlannedTime */
insert into
  schedule (firm_id, person_id, valid_from, planned, day_start, day_end)
values
  (:firm!, :person!, :validFrom!, :planned!, :dayStart!, :dayEnd!);

/* @name writeInvitation */
insert into
  invitation (firm_id, id, person_id, email, invited_by, made_at)
values
  (:firm!, :id!, :person!, lower(:email!), :by!, :now!);

/* @name withdrawInvitations */
update invitation
set
  withdrawn_at = :now!
where
  person_id = :person!
  and joined_at is null
  and withdrawn_at is null;

/* @name listStaff */
select
  p.id as "id!",
  p.name as "name!",
  p.email as "email!",
  p.staff_number as "staffNumber!",
  p.left_on as "leftOn?",
  p.version as "version!",
  p.kind as "kind!",
  po.position_id as "positionId?",
  po.name as "position?",
  (
    select
      max(pp.valid_from)
    from
      person_position pp
    where
      pp.person_id = p.id
      and holds_on (pp.valid_from, pp.valid_to, :on!)
  ) as "positionFrom?",
  p.department_id as "departmentId?",
  d.name as "department?",
  p.zone as "zone!",
  p.record_ways as "ways?",
  p.day_maximum as "dayMaximum?",
  p.week_maximum as "weekMaximum?",
  s.planned as "hours?",
  s.day_start as "dayStart?",
  s.day_end as "dayEnd?",
  s.valid_from as "plannedFrom?",
  p.started_on as "startedOn!",
  array(
    select
      t.name
    from
      team_person tp
      join team t on t.firm_id = tp.firm_id
      and t.id = tp.team_id
    where
      tp.person_id = p.id
    order by
      t.name
  ) as "teams!",
  h.roles as "roles!",
  h.own_roles as "ownRoles!",
  h.exceptions as "exceptions!",
  case
    when a.person_id is not null then 'active'
    when w.person_id is not null then 'waiting'
    when i.id is not null then 'invited'
    else 'none'
  end as "account!",
  i.made_at as "invitedAt?"
from
  person p
  cross join held_by (p.id) h
  left join positions_on (:on!) po on po.firm_id = p.firm_id
  and po.person_id = p.id
  left join schedule s on s.firm_id = p.firm_id
  and s.person_id = p.id
  and holds_on (s.valid_from, s.valid_to, :on!)
  left join department d on d.firm_id = p.firm_id
  and d.id = p.department_id
  left join accounts_of (:firm!) a on a.person_id = p.id
  left join waiting_of (:firm!) w on w.person_id = p.id
  left join invitation i on i.firm_id = p.firm_id
  and i.person_id = p.id
  and i.joined_at is null
  and i.withdrawn_at is null
order by
  p.name,
  p.id;
