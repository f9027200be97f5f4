/** Types generated for queries found in "packages/server/src/work/find-work.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'WorkFound' parameters type */
export interface IWorkFoundParams {
  adds: boolean;
  archived: boolean;
  asker: string;
  below: boolean;
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
  upTo: stringArray;
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

const workFoundIR: any = {"usedParamSet":{"words":true,"upTo":true,"kinds":true,"below":true,"tasks":true,"count":true,"asker":true,"others":true,"reach":true,"ownWord":true,"adds":true,"peopleReach":true,"here":true,"wanted":true,"toRecordOn":true,"archived":true,"most":true},"params":[{"name":"words","required":true,"transform":{"type":"scalar"},"locs":[{"a":103,"b":109}]},{"name":"upTo","required":true,"transform":{"type":"scalar"},"locs":[{"a":120,"b":125}]},{"name":"kinds","required":true,"transform":{"type":"scalar"},"locs":[{"a":561,"b":567}]},{"name":"below","required":true,"transform":{"type":"scalar"},"locs":[{"a":993,"b":999},{"a":1181,"b":1187},{"a":1461,"b":1467},{"a":1734,"b":1740}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":1716,"b":1722},{"a":1974,"b":1980}]},{"name":"count","required":true,"transform":{"type":"scalar"},"locs":[{"a":2050,"b":2056},{"a":2231,"b":2237},{"a":2447,"b":2453}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":2661,"b":2667},{"a":2860,"b":2866},{"a":3177,"b":3183},{"a":3320,"b":3326},{"a":3675,"b":3681},{"a":3941,"b":3947},{"a":4200,"b":4206}]},{"name":"others","required":true,"transform":{"type":"scalar"},"locs":[{"a":2670,"b":2677},{"a":3186,"b":3193}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":2851,"b":2857},{"a":3311,"b":3317},{"a":3666,"b":3672},{"a":3932,"b":3938}]},{"name":"ownWord","required":true,"transform":{"type":"scalar"},"locs":[{"a":3040,"b":3048},{"a":3460,"b":3468}]},{"name":"adds","required":true,"transform":{"type":"scalar"},"locs":[{"a":3684,"b":3689}]},{"name":"peopleReach","required":true,"transform":{"type":"scalar"},"locs":[{"a":4185,"b":4197}]},{"name":"here","required":true,"transform":{"type":"scalar"},"locs":[{"a":4284,"b":4289}]},{"name":"wanted","required":true,"transform":{"type":"scalar"},"locs":[{"a":4412,"b":4419}]},{"name":"toRecordOn","required":true,"transform":{"type":"scalar"},"locs":[{"a":4458,"b":4469}]},{"name":"archived","required":true,"transform":{"type":"scalar"},"locs":[{"a":4509,"b":4518}]},{"name":"most","required":true,"transform":{"type":"scalar"},"locs":[{"a":4609,"b":4614}]}],"statement":"with recursive\n  word as (\n    select\n      w.word,\n      w.up_to,\n      w.place\n    from\n      unnest(:words!::text[], :upTo!::text[]) with ordinality w (word, up_to, place)\n  ),\n  -- What has a word in its own name. Where words end is given: reckoned here, it would not be sought in the index,\n  -- since what reckons it might tell of other firms.\n  hit as (\n    select distinct\n      w.place,\n      e.kind,\n      e.thing_id as id\n    from\n      word w\n      join name_ending e on e.ending >= w.word\n      and e.ending < w.up_to\n    where\n      e.kind = any (:kinds!)\n  ),\n  -- What lies below something has its words, too. One word alone, which it must have itself, is not sought there.\n  project_hit as (\n    select\n      h.place,\n      h.id,\n      true as own\n    from\n      hit h\n    where\n      h.kind = 'project'\n    union all\n    select\n      h.place,\n      p.id,\n      false\n    from\n      hit h\n      join project p on p.client_id = h.id\n    where\n      h.kind = 'client'\n      and :below!\n    union all\n    select\n      h.place,\n      p.id,\n      false\n    from\n      hit h\n      join project p on p.department_id = h.id\n    where\n      h.kind = 'department'\n      and :below!\n  ),\n  task_own as (\n    select\n      h.place,\n      h.id,\n      true as own\n    from\n      hit h\n    where\n      h.kind = 'task'\n    union\n    select\n      o.place,\n      t.id,\n      false\n    from\n      task_own o\n      join task t on t.parent_id = o.id\n    where\n      :below!\n  ),\n  task_hit as (\n    select\n      o.place,\n      o.id,\n      o.own\n    from\n      task_own o\n    union all\n    select\n      h.place,\n      t.id,\n      false\n    from\n      project_hit h\n      join task t on t.project_id = h.id\n    where\n      :tasks!\n      and :below!\n  ),\n  -- What has all words. More than all there cannot be, and a plan is better that does not think of exactly as many.\n  held_task as (\n    select\n      h.id,\n      bool_or(h.own) as own\n    from\n      task_hit h\n    where\n      :tasks!\n    group by\n      h.id\n    having\n      count(distinct h.place) >= :count!\n  ),\n  held_project as (\n    select\n      h.id,\n      bool_or(h.own) as own\n    from\n      project_hit h\n    group by\n      h.id\n    having\n      count(distinct h.place) >= :count!\n  ),\n  held_other as (\n    select\n      h.kind,\n      h.id\n    from\n      hit h\n    where\n      h.kind in ('client', 'department', 'person')\n    group by\n      h.kind,\n      h.id\n    having\n      count(*) >= :count!\n  ),\n  named as (\n    select\n      3 as rank,\n      'task' as kind,\n      t.id,\n      h.own,\n      t.name,\n      t.state = 'open'\n      and is_live (p) as open,\n      t.state = 'open'\n      and open_to (p, :asker!, :others!) as takes_time,\n      p.archived\n      or coalesce(c.archived, false) as archived\n    from\n      held_task h\n      join task t on t.id = h.id\n      join projects_in_reach (:reach!, :asker!) p on p.firm_id = t.firm_id\n      and p.id = t.project_id\n      left join client c on c.firm_id = p.firm_id\n      and c.id = p.client_id\n    where\n      h.own\n      or not :ownWord!\n    union all\n    select\n      2,\n      'project',\n      p.id,\n      h.own,\n      p.name,\n      is_live (p),\n      open_to (p, :asker!, :others!),\n      p.archived\n      or coalesce(c.archived, false)\n    from\n      held_project h\n      join projects_in_reach (:reach!, :asker!) p on p.id = h.id\n      left join client c on c.firm_id = p.firm_id\n      and c.id = p.client_id\n    where\n      h.own\n      or not :ownWord!\n    union all\n    select\n      0,\n      'client',\n      c.id,\n      true,\n      c.name,\n      not c.archived,\n      true,\n      c.archived\n    from\n      held_other h\n      join clients_in_reach (:reach!, :asker!, :adds!) c on c.id = h.id\n    where\n      h.kind = 'client'\n    union all\n    select\n      1,\n      'department',\n      d.id,\n      true,\n      d.name,\n      true,\n      true,\n      false\n    from\n      held_other h\n      join departments_in_reach (:reach!, :asker!) d on d.id = h.id\n    where\n      h.kind = 'department'\n    union all\n    select\n      4,\n      'person',\n      s.id,\n      true,\n      s.name,\n      true,\n      true,\n      false\n    from\n      held_other h\n      join people_in_reach (:peopleReach!, :asker!) s on s.id = h.id\n    where\n      h.kind = 'person'\n      and (\n        not :here!\n        or s.left_on is null\n      )\n  )\nselect\n  n.kind || ':' || n.id as \"scope!\"\nfrom\n  named n\nwhere\n  n.kind = any (:wanted!)\n  and (\n    n.takes_time\n    or not :toRecordOn!\n  )\n  and (\n    not n.archived\n    or :archived!\n  )\norder by\n  not n.own,\n  n.archived,\n  not n.open,\n  n.rank,\n  n.name,\n  n.id\nlimit\n  :most!"};

/**
 * Query generated from SQL:
 * ```
 * with recursive
 *   word as (
 *     select
 *       w.word,
 *       w.up_to,
 *       w.place
 *     from
 *       unnest(:words!::text[], :upTo!::text[]) with ordinality w (word, up_to, place)
 *   ),
 *   -- What has a word in its own name. Where words end is given: reckoned here, it would not be sought in the index,
 *   -- since what reckons it might tell of other firms.
 *   hit as (
 *     select distinct
 *       w.place,
 *       e.kind,
 *       e.thing_id as id
 *     from
 *       word w
 *       join name_ending e on e.ending >= w.word
 *       and e.ending < w.up_to
 *     where
 *       e.kind = any (:kinds!)
 *   ),
 *   -- What lies below something has its words, too. One word alone, which it must have itself, is not sought there.
 *   project_hit as (
 *     select
 *       h.place,
 *       h.id,
 *       true as own
 *     from
 *       hit h
 *     where
 *       h.kind = 'project'
 *     union all
 *     select
 *       h.place,
 *       p.id,
 *       false
 *     from
 *       hit h
 *       join project p on p.client_id = h.id
 *     where
 *       h.kind = 'client'
 *       and :below!
 *     union all
 *     select
 *       h.place,
 *       p.id,
 *       false
 *     from
 *       hit h
 *       join project p on p.department_id = h.id
 *     where
 *       h.kind = 'department'
 *       and :below!
 *   ),
 *   task_own as (
 *     select
 *       h.place,
 *       h.id,
 *       true as own
 *     from
 *       hit h
 *     where
 *       h.kind = 'task'
 *     union
 *     select
 *       o.place,
 *       t.id,
 *       false
 *     from
 *       task_own o
 *       join task t on t.parent_id = o.id
 *     where
 *       :below!
 *   ),
 *   task_hit as (
 *     select
 *       o.place,
 *       o.id,
 *       o.own
 *     from
 *       task_own o
 *     union all
 *     select
 *       h.place,
 *       t.id,
 *       false
 *     from
 *       project_hit h
 *       join task t on t.project_id = h.id
 *     where
 *       :tasks!
 *       and :below!
 *   ),
 *   -- What has all words. More than all there cannot be, and a plan is better that does not think of exactly as many.
 *   held_task as (
 *     select
 *       h.id,
 *       bool_or(h.own) as own
 *     from
 *       task_hit h
 *     where
 *       :tasks!
 *     group by
 *       h.id
 *     having
 *       count(distinct h.place) >= :count!
 *   ),
 *   held_project as (
 *     select
 *       h.id,
 *       bool_or(h.own) as own
 *     from
 *       project_hit h
 *     group by
 *       h.id
 *     having
 *       count(distinct h.place) >= :count!
 *   ),
 *   held_other as (
 *     select
 *       h.kind,
 *       h.id
 *     from
 *       hit h
 *     where
 *       h.kind in ('client', 'department', 'person')
 *     group by
 *       h.kind,
 *       h.id
 *     having
 *       count(*) >= :count!
 *   ),
 *   named as (
 *     select
 *       3 as rank,
 *       'task' as kind,
 *       t.id,
 *       h.own,
 *       t.name,
 *       t.state = 'open'
 *       and is_live (p) as open,
 *       t.state = 'open'
 *       and open_to (p, :asker!, :others!) as takes_time,
 *       p.archived
 *       or coalesce(c.archived, false) as archived
 *     from
 *       held_task h
 *       join task t on t.id = h.id
 *       join projects_in_reach (:reach!, :asker!) p on p.firm_id = t.firm_id
 *       and p.id = t.project_id
 *       left join client c on c.firm_id = p.firm_id
 *       and c.id = p.client_id
 *     where
 *       h.own
 *       or not :ownWord!
 *     union all
 *     select
 *       2,
 *       'project',
 *       p.id,
 *       h.own,
 *       p.name,
 *       is_live (p),
 *       open_to (p, :asker!, :others!),
 *       p.archived
 *       or coalesce(c.archived, false)
 *     from
 *       held_project h
 *       join projects_in_reach (:reach!, :asker!) p on p.id = h.id
 *       left join client c on c.firm_id = p.firm_id
 *       and c.id = p.client_id
 *     where
 *       h.own
 *       or not :ownWord!
 *     union all
 *     select
 *       0,
 *       'client',
 *       c.id,
 *       true,
 *       c.name,
 *       not c.archived,
 *       true,
 *       c.archived
 *     from
 *       held_other h
 *       join clients_in_reach (:reach!, :asker!, :adds!) c on c.id = h.id
 *     where
 *       h.kind = 'client'
 *     union all
 *     select
 *       1,
 *       'department',
 *       d.id,
 *       true,
 *       d.name,
 *       true,
 *       true,
 *       false
 *     from
 *       held_other h
 *       join departments_in_reach (:reach!, :asker!) d on d.id = h.id
 *     where
 *       h.kind = 'department'
 *     union all
 *     select
 *       4,
 *       'person',
 *       s.id,
 *       true,
 *       s.name,
 *       true,
 *       true,
 *       false
 *     from
 *       held_other h
 *       join people_in_reach (:peopleReach!, :asker!) s on s.id = h.id
 *     where
 *       h.kind = 'person'
 *       and (
 *         not :here!
 *         or s.left_on is null
 *       )
 *   )
 * select
 *   n.kind || ':' || n.id as "scope!"
 * from
 *   named n
 * where
 *   n.kind = any (:wanted!)
 *   and (
 *     n.takes_time
 *     or not :toRecordOn!
 *   )
 *   and (
 *     not n.archived
 *     or :archived!
 *   )
 * order by
 *   not n.own,
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


