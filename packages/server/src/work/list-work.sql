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
      ) as holds
    from
      clients_in_reach (:reach!, :asker!, :adds!) c
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
  p.id as "id!",
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
  projects_in_reach (:reach!, :asker!);

/* @name projectsListed */
with
  placed as (
    select
      p.id,
      w.home,
      exists (
        select
        from
          task t
        where
          t.firm_id = p.firm_id
          and t.project_id = p.id
      ) as holds,
      row_number() over (
        partition by
          w.home
        order by
          p.state desc,
          p.name,
          p.id
      ) as place,
      count(*) over (
        partition by
          w.home
      ) > w.most as more,
      w.most
    from
      projects_in_reach (:reach!, :asker!) p
      join unnest(:of!::uuid[], :mosts!::int[]) w (home, most) on w.home = coalesce(p.client_id, p.department_id)
  )
select
  p.home as "of!",
  p.id as "id!",
  p.holds as "holds!",
  p.more as "more!"
from
  placed p
where
  p.place <= p.most
  or p.id = any (:chosen!)
order by
  p.home,
  p.place;

/* @name tasksListed */
with
  placed as (
    select
      t.id,
      w.parent,
      exists (
        select
        from
          task c
        where
          c.firm_id = t.firm_id
          and c.parent_id = t.id
      ) as holds,
      row_number() over (
        partition by
          w.parent
        order by
          t.place,
          t.name,
          t.id
      ) as place,
      count(*) over (
        partition by
          w.parent
      ) > w.most as more,
      w.most
    from
      unnest(:of!::uuid[], :mosts!::int[]) w (parent, most)
      join task t on (
        t.project_id = w.parent
        and t.parent_id is null
      )
      or t.parent_id = w.parent
      join projects_in_reach (:reach!, :asker!) p on p.firm_id = t.firm_id
      and p.id = t.project_id
  )
select
  p.parent as "of!",
  p.id as "id!",
  p.holds as "holds!",
  p.more as "more!"
from
  placed p
where
  p.place <= p.most
  or p.id = any (:chosen!)
order by
  p.parent,
  p.place;

/* @name peopleListed */
select
  p.id as "id!",
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
