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
  p.left_on as "leftOn?",
  p.version as "version!",
  po.name as "position?",
  d.name as "department?",
  coalesce(t.teams, '{}') as "teams!",
  coalesce(r.roles, '{}') as "roles!",
  coalesce(o.own_roles, '{}') as "ownRoles!",
  coalesce(e.exceptions, '{}') as "exceptions!",
  case
    when a.person_id is not null then 'active'
    when w.person_id is not null then 'waiting'
    when i.id is not null then 'invited'
    else 'none'
  end as "account!",
  i.made_at as "invitedAt?"
from
  person p
  left join positions_on (:on!) po on po.firm_id = p.firm_id
  and po.person_id = p.id
  left join department d on d.firm_id = p.firm_id
  and d.id = p.department_id
  -- Of everybody at once: asked person by person they take twice as long in a firm of two thousand.
  left join (
    select
      tp.person_id,
      array_agg(
        n.name
        order by
          n.name
      ) as teams
    from
      team_person tp
      join team n on n.firm_id = tp.firm_id
      and n.id = tp.team_id
    group by
      tp.person_id
  ) t on t.person_id = p.id
  left join (
    select
      person_id,
      array_agg(
        role
        order by
          role
      ) as roles
    from
      person_role
    group by
      person_id
  ) r on r.person_id = p.id
  left join (
    select
      person_id,
      array_agg(
        role_id
        order by
          role_id
      ) as own_roles
    from
      person_own_role
    group by
      person_id
  ) o on o.person_id = p.id
  left join (
    select
      person_id,
      jsonb_object_agg(permission, reach) as exceptions
    from
      person_exception
    group by
      person_id
  ) e on e.person_id = p.id
  left join accounts_of (:firm!) a on a.person_id = p.id
  left join waiting_of (:firm!) w on w.person_id = p.id
  left join invitation i on i.firm_id = p.firm_id
  and i.person_id = p.id
  and i.joined_at is null
  and i.withdrawn_at is null
order by
  p.name,
  p.id;
