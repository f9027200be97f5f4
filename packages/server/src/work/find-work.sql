/* @name workFound */
with recursive
  word as (
    select
      w.word,
      w.place
    from
      unnest(:words!::text[]) with ordinality w (word, place)
  ),
  -- What has a word in its own name.
  hit as (
    select distinct
      w.place,
      e.kind,
      e.thing_id as id
    from
      word w
      join name_ending e on e.ending >= w.word
      and e.ending < w.word || chr(1114111)
    where
      e.kind = any (:kinds!)
  ),
  -- What lies below something has its words, too.
  project_hit as (
    select
      h.place,
      h.id
    from
      hit h
    where
      h.kind = 'project'
    union
    select
      h.place,
      p.id
    from
      hit h
      join project p on p.client_id = h.id
    where
      h.kind = 'client'
    union
    select
      h.place,
      p.id
    from
      hit h
      join project p on p.department_id = h.id
    where
      h.kind = 'department'
  ),
  task_own as (
    select
      h.place,
      h.id
    from
      hit h
    where
      h.kind = 'task'
    union
    select
      o.place,
      t.id
    from
      task_own o
      join task t on t.parent_id = o.id
  ),
  task_hit as (
    select
      o.place,
      o.id
    from
      task_own o
    union
    select
      h.place,
      t.id
    from
      project_hit h
      join task t on t.project_id = h.id
    where
      :tasks!
  ),
  held as (
    select
      3 as rank,
      'task' as kind,
      h.id,
      count(*) as words
    from
      task_hit h
    where
      :tasks!
    group by
      h.id
    union all
    select
      2,
      'project',
      h.id,
      count(*)
    from
      project_hit h
    group by
      h.id
    union all
    select
      case h.kind
        when 'client' then 0
        when 'department' then 1
        else 4
      end,
      h.kind,
      h.id,
      count(*)
    from
      hit h
    where
      h.kind in ('client', 'department', 'person')
    group by
      h.kind,
      h.id
  ),
  own as (
    select
      h.kind,
      h.id,
      count(*) as words
    from
      hit h
    group by
      h.kind,
      h.id
  ),
  named as (
    select
      h.rank,
      h.kind,
      h.id,
      coalesce(o.words, 0) as own,
      coalesce(t.name, p.name, c.name, d.name, s.name) as name,
      coalesce(t.state = 'open', true)
      and coalesce(is_live (tp), is_live (p), not c.archived, true) as open,
      coalesce(t.state = 'open', true)
      and coalesce(takes_time (tp), takes_time (p), true)
      and (
        :others!
        or coalesce(records_on (tp, :asker!), records_on (p, :asker!), true)
      ) as takes_time,
      coalesce(tp.archived, p.archived, c.archived, false)
      or coalesce(pc.archived, false) as archived
    from
      held h
      left join own o on o.kind = h.kind
      and o.id = h.id
      left join task t on h.kind = 'task'
      and t.id = h.id
      left join projects_in_reach (:reach!, :asker!) tp on tp.firm_id = t.firm_id
      and tp.id = t.project_id
      left join projects_in_reach (:reach!, :asker!) p on h.kind = 'project'
      and p.id = h.id
      left join clients_in_reach (:reach!, :asker!, :adds!) c on h.kind = 'client'
      and c.id = h.id
      left join departments_in_reach (:reach!, :asker!) d on h.kind = 'department'
      and d.id = h.id
      left join people_in_reach (:peopleReach!, :asker!) s on h.kind = 'person'
      and s.id = h.id
      and (
        not :here!
        or s.left_on is null
      )
      left join client pc on pc.id = coalesce(tp.client_id, p.client_id)
    where
      h.words = :count!
      and (
        tp.id is not null
        or p.id is not null
        or c.id is not null
        or d.id is not null
        or s.id is not null
      )
  )
select
  n.kind || ':' || n.id as "scope!"
from
  named n
where
  n.kind = any (:wanted!)
  and (
    n.own > 0
    or not :ownWord!
  )
  and (
    n.takes_time
    or not :toRecordOn!
  )
  and (
    not n.archived
    or :archived!
  )
order by
  n.own = 0,
  n.archived,
  not n.open,
  n.rank,
  n.name,
  n.id
limit
  :most!;
