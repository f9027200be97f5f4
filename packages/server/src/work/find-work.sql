/* @name workFound */
with recursive
  word as (
    select
      w.word,
      w.up_to,
      w.place
    from
      unnest(:words!::text[], :upTo!::text[]) with ordinality w (word, up_to, place)
  ),
  -- What has a word in its own name. Where words end is given: reckoned here, it would not be sought in the index,
  -- since what reckons it might tell of other firms.
  hit as (
    select distinct
      w.place,
      e.kind,
      e.thing_id as id
    from
      word w
      join name_ending e on e.ending >= w.word
      and e.ending < w.up_to
    where
      e.kind = any (:kinds!)
  ),
  -- What lies below something has its words, too. One word alone, which it must have itself, is not sought there.
  project_hit as (
    select
      h.place,
      h.id,
      true as own
    from
      hit h
    where
      h.kind = 'project'
    union all
    select
      h.place,
      p.id,
      false
    from
      hit h
      join project p on p.client_id = h.id
    where
      h.kind = 'client'
      and :below!
    union all
    select
      h.place,
      p.id,
      false
    from
      hit h
      join project p on p.department_id = h.id
    where
      h.kind = 'department'
      and :below!
  ),
  task_own as (
    select
      h.place,
      h.id,
      true as own
    from
      hit h
    where
      h.kind = 'task'
    union
    select
      o.place,
      t.id,
      false
    from
      task_own o
      join task t on t.parent_id = o.id
    where
      :below!
  ),
  task_hit as (
    select
      o.place,
      o.id,
      o.own
    from
      task_own o
    union all
    select
      h.place,
      t.id,
      false
    from
      project_hit h
      join task t on t.project_id = h.id
    where
      :tasks!
      and :below!
  ),
  -- What has all words. More than all there cannot be, and a plan is better that does not think of exactly as many.
  held_task as (
    select
      h.id,
      bool_or(h.own) as own
    from
      task_hit h
    where
      :tasks!
    group by
      h.id
    having
      count(distinct h.place) >= :count!
  ),
  held_project as (
    select
      h.id,
      bool_or(h.own) as own
    from
      project_hit h
    group by
      h.id
    having
      count(distinct h.place) >= :count!
  ),
  held_other as (
    select
      h.kind,
      h.id
    from
      hit h
    where
      h.kind in ('client', 'department', 'person')
    group by
      h.kind,
      h.id
    having
      count(*) >= :count!
  ),
  named as (
    select
      3 as rank,
      'task' as kind,
      t.id,
      h.own,
      t.name,
      t.state = 'open'
      and is_live (p) as open,
      t.state = 'open'
      and open_to (p, :asker!, :others!) as takes_time,
      p.archived
      or coalesce(c.archived, false) as archived
    from
      held_task h
      join task t on t.id = h.id
      join projects_in_reach (:reach!, :asker!) p on p.firm_id = t.firm_id
      and p.id = t.project_id
      left join client c on c.firm_id = p.firm_id
      and c.id = p.client_id
    where
      h.own
      or not :ownWord!
    union all
    select
      2,
      'project',
      p.id,
      h.own,
      p.name,
      is_live (p),
      open_to (p, :asker!, :others!),
      p.archived
      or coalesce(c.archived, false)
    from
      held_project h
      join projects_in_reach (:reach!, :asker!) p on p.id = h.id
      left join client c on c.firm_id = p.firm_id
      and c.id = p.client_id
    where
      h.own
      or not :ownWord!
    union all
    select
      0,
      'client',
      c.id,
      true,
      c.name,
      not c.archived,
      true,
      c.archived
    from
      held_other h
      join clients_in_reach (:reach!, :asker!, :adds!) c on c.id = h.id
    where
      h.kind = 'client'
    union all
    select
      1,
      'department',
      d.id,
      true,
      d.name,
      true,
      true,
      false
    from
      held_other h
      join departments_in_reach (:reach!, :asker!) d on d.id = h.id
    where
      h.kind = 'department'
    union all
    select
      4,
      'person',
      s.id,
      true,
      s.name,
      true,
      true,
      false
    from
      held_other h
      join people_in_reach (:peopleReach!, :asker!) s on s.id = h.id
    where
      h.kind = 'person'
      and (
        not :here!
        or s.left_on is null
      )
  )
select
  n.kind || ':' || n.id as "scope!"
from
  named n
where
  n.kind = any (:wanted!)
  and (
    n.takes_time
    or not :toRecordOn!
  )
  and (
    not n.archived
    or :archived!
  )
order by
  not n.own,
  n.archived,
  not n.open,
  n.rank,
  n.name,
  n.id
limit
  :most!;
