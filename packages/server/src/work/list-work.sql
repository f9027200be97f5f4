/* @name homesListed */
with
  seen as (
    select
      'client' as kind,
      c.id,
      c.name,
      exists (
        select
        from
          project p
        where
          p.client_id = c.id
          and (
            not p.archived
            or :archived!
          )
      ) as holds
    from
      clients_in_reach (:reach!, :asker!, :adds!) c
    where
      not c.archived
      or :archived!
      or c.id = any (:chosen!)
    union all
    select
      'department',
      d.id,
      d.name,
      true
    from
      departments_in_reach (:reach!, :asker!) d
  ),
  placed as (
    select
      s.*,
      row_number() over (
        order by
          s.kind,
          s.name,
          s.id
      ) as place,
      count(*) over () as everything,
      count(*) filter (
        where
          s.kind = 'client'
      ) over () as clients
    from
      seen s
  )
select
  p.kind || ':' || p.id as "scope!",
  p.holds as "holds!",
  p.clients as "clients!",
  (p.everything > :most!) as "more!"
from
  placed p
where
  p.place <= :most!
  or p.id = any (:chosen!)
order by
  p.place;

/* @name projectsCounted */
select
  count(*) as "projects!"
from
  projects_in_reach (:reach!, :asker!) p
where
  not p.archived;

/* @name belowListed */
with
  wanted as (
    select
      w.id,
      w.most
    from
      unnest(:of!::uuid[], :mosts!::int[]) w (id, most)
  ),
  below as (
    select
      'project' as kind,
      p.id,
      w.id as above,
      w.most,
      exists (
        select
        from
          task t
        where
          t.firm_id = p.firm_id
          and t.project_id = p.id
      ) as holds,
      -- What is under way stands before what is done, and that before what is in the archive.
      (not is_live (p))::int + p.archived::int as rank,
      p.name
    from
      projects_in_reach (:reach!, :asker!) p
      join wanted w on w.id = coalesce(p.client_id, p.department_id)
    where
      not p.archived
      or :archived!
      or p.id = any (:chosen!)
    union all
    select
      'task',
      t.id,
      w.id,
      w.most,
      exists (
        select
        from
          task c
        where
          c.firm_id = t.firm_id
          and c.parent_id = t.id
      ),
      t.place,
      t.name
    from
      wanted w
      join task t on (
        t.project_id = w.id
        and t.parent_id is null
      )
      or t.parent_id = w.id
      join projects_in_reach (:reach!, :asker!) p on p.firm_id = t.firm_id
      and p.id = t.project_id
  ),
  placed as (
    select
      b.*,
      row_number() over (
        partition by
          b.above
        order by
          b.rank,
          b.name,
          b.id
      ) as place,
      count(*) over (
        partition by
          b.above
      ) > b.most as more
    from
      below b
  )
select
  p.above as "of!",
  p.kind || ':' || p.id as "scope!",
  p.holds as "holds!",
  p.more as "more!"
from
  placed p
where
  p.place <= p.most
  or p.id = any (:chosen!)
order by
  p.above,
  p.place;

/* @name peopleListed */
select
  'person:' || p.id as "scope!",
  false as "holds!",
  count(*) over () as "people!",
  (count(*) over () > :most!) as "more!"
from
  people_in_reach (:reach!, :asker!) p
order by
  p.name,
  p.id
limit
  :most!;
