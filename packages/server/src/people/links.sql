/* @name liveLinks */
select
  l.id as "id!",
  l.role as "role?",
  o.name as "ownRole?",
  t.name as "team?",
  l.uses as "uses!",
  l.used as "used!",
  l.expires_at as "expiresAt!",
  p.name as "by!"
from
  join_link l
  join person p on p.firm_id = l.firm_id
  and p.id = l.made_by
  left join own_role o on o.firm_id = l.firm_id
  and o.id = l.own_role_id
  left join team t on t.firm_id = l.firm_id
  and t.id = l.team_id
where
  l.ended_at is null
  and l.expires_at > :now!
  and l.used < l.uses
order by
  l.made_at desc,
  l.id;

/* @name addLink */
insert into
  join_link (firm_id, id, role, own_role_id, team_id, uses, expires_at, made_by, made_at)
values
  (:firm!, :id!, :role, :ownRole, :team, :uses!, :expires!, :by!, :now!);

/* @name keepLink */
select
  keep_link (:hash!, :firm!, :link!, :expires!);

/* @name closeLink */
update join_link
set
  ended_at = :now!
where
  id = :id!
  and ended_at is null
  and expires_at > :now!
returning
  role as "role?",
  own_role_id as "ownRole?";

/* @name closeLinksOf */
update join_link
set
  ended_at = :now!
where
  own_role_id = :role!
  and ended_at is null
  and expires_at > :now!
returning
  id as "id!";

/* @name openLink */
select
  firm_id as "firmId!",
  slug as "slug!",
  firm as "firm!",
  link as "link!"
from
  open_link (:hash!, :now!);

/* @name linkById */
select
  l.role as "role?",
  l.own_role_id as "ownRoleId?",
  l.team_id as "teamId?",
  t.name as "team?",
  p.name as "sender!",
  p.id as "senderId!",
  f.zone as "zone!"
from
  join_link l
  join firm f on f.firm_id = l.firm_id
  join person p on p.firm_id = l.firm_id
  and p.id = l.made_by
  left join team t on t.firm_id = l.firm_id
  and t.id = l.team_id
where
  l.id = :id!
  and l.ended_at is null
  and l.used < l.uses;

/* @name useLink */
update join_link
set
  used = used + 1
where
  id = :id!
  and used < uses
  and ended_at is null
  and expires_at > :now!
returning
  id as "id!";

/* @name awaitMember */
select
  await_member (:account!, :firm!, :person!) as "joined!";

/* @name confirmMember */
select
  confirm_member (:firm!, :person!) as "confirmed!";

/* @name leadOfTeam */
select
  t.lead_id as "leadId!",
  h.roles as "roles!",
  h.own_roles as "ownRoles!",
  h.exceptions as "exceptions!"
from
  team t
  cross join held_by (t.lead_id) h
where
  t.id = :team!;
