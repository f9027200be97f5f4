/** Types generated for queries found in "packages/server/src/work/find-work.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'WorkFound' parameters type */
export interface IWorkFoundParams {
  adds: boolean;
  archived: boolean;
  asker: string;
  count: number;
  here: boolean;
  kinds: stringArray;
  most: number;
  others: boolean;
  ownWord: boolean;
  peopleReach: string;
  reach: string;
  tasks: boolean;
  toRecordOn: boolean;
  wanted: stringArray;
  words: stringArray;
}

/** 'WorkFound' return type */
export interface IWorkFoundResult {
  scope: string;
}

/** 'WorkFound' query type */
export interface IWorkFoundQuery {
  params: IWorkFoundParams;
  result: IWorkFoundResult;
}

const workFoundIR: any = {"usedParamSet":{"words":true,"kinds":true,"tasks":true,"others":true,"asker":true,"reach":true,"adds":true,"peopleReach":true,"here":true,"count":true,"wanted":true,"ownWord":true,"toRecordOn":true,"archived":true,"most":true},"params":[{"name":"words","required":true,"transform":{"type":"scalar"},"locs":[{"a":88,"b":94}]},{"name":"kinds","required":true,"transform":{"type":"scalar"},"locs":[{"a":406,"b":412}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":1322,"b":1328},{"a":1475,"b":1481}]},{"name":"others","required":true,"transform":{"type":"scalar"},"locs":[{"a":2467,"b":2474}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":2512,"b":2518},{"a":2537,"b":2543},{"a":2878,"b":2884},{"a":2991,"b":2997},{"a":3089,"b":3095},{"a":3198,"b":3204},{"a":3304,"b":3310}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":2869,"b":2875},{"a":2982,"b":2988},{"a":3080,"b":3086},{"a":3189,"b":3195}]},{"name":"adds","required":true,"transform":{"type":"scalar"},"locs":[{"a":3098,"b":3103}]},{"name":"peopleReach","required":true,"transform":{"type":"scalar"},"locs":[{"a":3289,"b":3301}]},{"name":"here","required":true,"transform":{"type":"scalar"},"locs":[{"a":3382,"b":3387}]},{"name":"count","required":true,"transform":{"type":"scalar"},"locs":[{"a":3525,"b":3531}]},{"name":"wanted","required":true,"transform":{"type":"scalar"},"locs":[{"a":3775,"b":3782}]},{"name":"ownWord","required":true,"transform":{"type":"scalar"},"locs":[{"a":3818,"b":3826}]},{"name":"toRecordOn","required":true,"transform":{"type":"scalar"},"locs":[{"a":3868,"b":3879}]},{"name":"archived","required":true,"transform":{"type":"scalar"},"locs":[{"a":3919,"b":3928}]},{"name":"most","required":true,"transform":{"type":"scalar"},"locs":[{"a":4019,"b":4024}]}],"statement":"with recursive\n  word as (\n    select\n      w.word,\n      w.place\n    from\n      unnest(:words!::text[]) with ordinality w (word, place)\n  ),\n  -- What has a word in its own name.\n  hit as (\n    select distinct\n      w.place,\n      e.kind,\n      e.thing_id as id\n    from\n      word w\n      join name_ending e on e.ending >= w.word\n      and e.ending < w.word || chr(1114111)\n    where\n      e.kind = any (:kinds!)\n  ),\n  -- What lies below something has its words, too.\n  project_hit as (\n    select\n      h.place,\n      h.id\n    from\n      hit h\n    where\n      h.kind = 'project'\n    union\n    select\n      h.place,\n      p.id\n    from\n      hit h\n      join project p on p.client_id = h.id\n    where\n      h.kind = 'client'\n    union\n    select\n      h.place,\n      p.id\n    from\n      hit h\n      join project p on p.department_id = h.id\n    where\n      h.kind = 'department'\n  ),\n  task_own as (\n    select\n      h.place,\n      h.id\n    from\n      hit h\n    where\n      h.kind = 'task'\n    union\n    select\n      o.place,\n      t.id\n    from\n      task_own o\n      join task t on t.parent_id = o.id\n  ),\n  task_hit as (\n    select\n      o.place,\n      o.id\n    from\n      task_own o\n    union\n    select\n      h.place,\n      t.id\n    from\n      project_hit h\n      join task t on t.project_id = h.id\n    where\n      :tasks!\n  ),\n  held as (\n    select\n      3 as rank,\n      'task' as kind,\n      h.id,\n      count(*) as words\n    from\n      task_hit h\n    where\n      :tasks!\n    group by\n      h.id\n    union all\n    select\n      2,\n      'project',\n      h.id,\n      count(*)\n    from\n      project_hit h\n    group by\n      h.id\n    union all\n    select\n      case h.kind\n        when 'client' then 0\n        when 'department' then 1\n        else 4\n      end,\n      h.kind,\n      h.id,\n      count(*)\n    from\n      hit h\n    where\n      h.kind in ('client', 'department', 'person')\n    group by\n      h.kind,\n      h.id\n  ),\n  own as (\n    select\n      h.kind,\n      h.id,\n      count(*) as words\n    from\n      hit h\n    group by\n      h.kind,\n      h.id\n  ),\n  named as (\n    select\n      h.rank,\n      h.kind,\n      h.id,\n      coalesce(o.words, 0) as own,\n      coalesce(t.name, p.name, c.name, d.name, s.name) as name,\n      coalesce(t.state = 'open', true)\n      and coalesce(is_live (tp), is_live (p), not c.archived, true) as open,\n      coalesce(t.state = 'open', true)\n      and coalesce(takes_time (tp), takes_time (p), true)\n      and (\n        :others!\n        or coalesce(records_on (tp, :asker!), records_on (p, :asker!), true)\n      ) as takes_time,\n      coalesce(tp.archived, p.archived, c.archived, false)\n      or coalesce(pc.archived, false) as archived\n    from\n      held h\n      left join own o on o.kind = h.kind\n      and o.id = h.id\n      left join task t on h.kind = 'task'\n      and t.id = h.id\n      left join projects_in_reach (:reach!, :asker!) tp on tp.firm_id = t.firm_id\n      and tp.id = t.project_id\n      left join projects_in_reach (:reach!, :asker!) p on h.kind = 'project'\n      and p.id = h.id\n      left join clients_in_reach (:reach!, :asker!, :adds!) c on h.kind = 'client'\n      and c.id = h.id\n      left join departments_in_reach (:reach!, :asker!) d on h.kind = 'department'\n      and d.id = h.id\n      left join people_in_reach (:peopleReach!, :asker!) s on h.kind = 'person'\n      and s.id = h.id\n      and (\n        not :here!\n        or s.left_on is null\n      )\n      left join client pc on pc.id = coalesce(tp.client_id, p.client_id)\n    where\n      h.words = :count!\n      and (\n        tp.id is not null\n        or p.id is not null\n        or c.id is not null\n        or d.id is not null\n        or s.id is not null\n      )\n  )\nselect\n  n.kind || ':' || n.id as \"scope!\"\nfrom\n  named n\nwhere\n  n.kind = any (:wanted!)\n  and (\n    n.own > 0\n    or not :ownWord!\n  )\n  and (\n    n.takes_time\n    or not :toRecordOn!\n  )\n  and (\n    not n.archived\n    or :archived!\n  )\norder by\n  n.own = 0,\n  n.archived,\n  not n.open,\n  n.rank,\n  n.name,\n  n.id\nlimit\n  :most!"};

/**
 * Query generated from SQL:
 * ```
 * with recursive
 *   word as (
 *     select
 *       w.word,
 *       w.place
 *     from
 *       unnest(:words!::text[]) with ordinality w (word, place)
 *   ),
 *   -- What has a word in its own name.
 *   hit as (
 *     select distinct
 *       w.place,
 *       e.kind,
 *       e.thing_id as id
 *     from
 *       word w
 *       join name_ending e on e.ending >= w.word
 *       and e.ending < w.word || chr(1114111)
 *     where
 *       e.kind = any (:kinds!)
 *   ),
 *   -- What lies below something has its words, too.
 *   project_hit as (
 *     select
 *       h.place,
 *       h.id
 *     from
 *       hit h
 *     where
 *       h.kind = 'project'
 *     union
 *     select
 *       h.place,
 *       p.id
 *     from
 *       hit h
 *       join project p on p.client_id = h.id
 *     where
 *       h.kind = 'client'
 *     union
 *     select
 *       h.place,
 *       p.id
 *     from
 *       hit h
 *       join project p on p.department_id = h.id
 *     where
 *       h.kind = 'department'
 *   ),
 *   task_own as (
 *     select
 *       h.place,
 *       h.id
 *     from
 *       hit h
 *     where
 *       h.kind = 'task'
 *     union
 *     select
 *       o.place,
 *       t.id
 *     from
 *       task_own o
 *       join task t on t.parent_id = o.id
 *   ),
 *   task_hit as (
 *     select
 *       o.place,
 *       o.id
 *     from
 *       task_own o
 *     union
 *     select
 *       h.place,
 *       t.id
 *     from
 *       project_hit h
 *       join task t on t.project_id = h.id
 *     where
 *       :tasks!
 *   ),
 *   held as (
 *     select
 *       3 as rank,
 *       'task' as kind,
 *       h.id,
 *       count(*) as words
 *     from
 *       task_hit h
 *     where
 *       :tasks!
 *     group by
 *       h.id
 *     union all
 *     select
 *       2,
 *       'project',
 *       h.id,
 *       count(*)
 *     from
 *       project_hit h
 *     group by
 *       h.id
 *     union all
 *     select
 *       case h.kind
 *         when 'client' then 0
 *         when 'department' then 1
 *         else 4
 *       end,
 *       h.kind,
 *       h.id,
 *       count(*)
 *     from
 *       hit h
 *     where
 *       h.kind in ('client', 'department', 'person')
 *     group by
 *       h.kind,
 *       h.id
 *   ),
 *   own as (
 *     select
 *       h.kind,
 *       h.id,
 *       count(*) as words
 *     from
 *       hit h
 *     group by
 *       h.kind,
 *       h.id
 *   ),
 *   named as (
 *     select
 *       h.rank,
 *       h.kind,
 *       h.id,
 *       coalesce(o.words, 0) as own,
 *       coalesce(t.name, p.name, c.name, d.name, s.name) as name,
 *       coalesce(t.state = 'open', true)
 *       and coalesce(is_live (tp), is_live (p), not c.archived, true) as open,
 *       coalesce(t.state = 'open', true)
 *       and coalesce(takes_time (tp), takes_time (p), true)
 *       and (
 *         :others!
 *         or coalesce(records_on (tp, :asker!), records_on (p, :asker!), true)
 *       ) as takes_time,
 *       coalesce(tp.archived, p.archived, c.archived, false)
 *       or coalesce(pc.archived, false) as archived
 *     from
 *       held h
 *       left join own o on o.kind = h.kind
 *       and o.id = h.id
 *       left join task t on h.kind = 'task'
 *       and t.id = h.id
 *       left join projects_in_reach (:reach!, :asker!) tp on tp.firm_id = t.firm_id
 *       and tp.id = t.project_id
 *       left join projects_in_reach (:reach!, :asker!) p on h.kind = 'project'
 *       and p.id = h.id
 *       left join clients_in_reach (:reach!, :asker!, :adds!) c on h.kind = 'client'
 *       and c.id = h.id
 *       left join departments_in_reach (:reach!, :asker!) d on h.kind = 'department'
 *       and d.id = h.id
 *       left join people_in_reach (:peopleReach!, :asker!) s on h.kind = 'person'
 *       and s.id = h.id
 *       and (
 *         not :here!
 *         or s.left_on is null
 *       )
 *       left join client pc on pc.id = coalesce(tp.client_id, p.client_id)
 *     where
 *       h.words = :count!
 *       and (
 *         tp.id is not null
 *         or p.id is not null
 *         or c.id is not null
 *         or d.id is not null
 *         or s.id is not null
 *       )
 *   )
 * select
 *   n.kind || ':' || n.id as "scope!"
 * from
 *   named n
 * where
 *   n.kind = any (:wanted!)
 *   and (
 *     n.own > 0
 *     or not :ownWord!
 *   )
 *   and (
 *     n.takes_time
 *     or not :toRecordOn!
 *   )
 *   and (
 *     not n.archived
 *     or :archived!
 *   )
 * order by
 *   n.own = 0,
 *   n.archived,
 *   not n.open,
 *   n.rank,
 *   n.name,
 *   n.id
 * limit
 *   :most!
 * ```
 */
export const workFound = new PreparedQuery<IWorkFoundParams,IWorkFoundResult>(workFoundIR);


