/** Types generated for queries found in "packages/server/src/work/list-work.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type numberArray = (number)[];

export type stringArray = (string)[];

/** 'HomesListed' parameters type */
export interface IHomesListedParams {
  adds: boolean;
  asker: string;
  chosen: stringArray;
  most: number;
  reach: string;
}

/** 'HomesListed' return type */
export interface IHomesListedResult {
  clients: number;
  holds: boolean;
  id: string;
  more: boolean;
  scope: string;
}

/** 'HomesListed' query type */
export interface IHomesListedQuery {
  params: IHomesListedParams;
  result: IHomesListedResult;
}

const homesListedIR: any = {"usedParamSet":{"reach":true,"asker":true,"adds":true,"most":true,"chosen":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":234,"b":240},{"a":381,"b":387}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":243,"b":249},{"a":390,"b":396}]},{"name":"adds","required":true,"transform":{"type":"scalar"},"locs":[{"a":252,"b":257}]},{"name":"most","required":true,"transform":{"type":"scalar"},"locs":[{"a":840,"b":845},{"a":894,"b":899}]},{"name":"chosen","required":true,"transform":{"type":"scalar"},"locs":[{"a":918,"b":925}]}],"statement":"with\n  seen as (\n    select\n      'client' as kind,\n      c.id,\n      c.name,\n      exists (\n        select\n        from\n          project p\n        where\n          p.client_id = c.id\n      ) as holds\n    from\n      clients_in_reach (:reach!, :asker!, :adds!) c\n    union all\n    select\n      'department',\n      d.id,\n      d.name,\n      true\n    from\n      departments_in_reach (:reach!, :asker!) d\n  ),\n  placed as (\n    select\n      s.*,\n      row_number() over (\n        order by\n          s.kind,\n          s.name,\n          s.id\n      ) as place,\n      count(*) over () as everything,\n      count(*) filter (\n        where\n          s.kind = 'client'\n      ) over () as clients\n    from\n      seen s\n  )\nselect\n  p.kind || ':' || p.id as \"scope!\",\n  p.id as \"id!\",\n  p.holds as \"holds!\",\n  p.clients as \"clients!\",\n  (p.everything > :most!) as \"more!\"\nfrom\n  placed p\nwhere\n  p.place <= :most!\n  or p.id = any (:chosen!)\norder by\n  p.place"};

/**
 * Query generated from SQL:
 * ```
 * with
 *   seen as (
 *     select
 *       'client' as kind,
 *       c.id,
 *       c.name,
 *       exists (
 *         select
 *         from
 *           project p
 *         where
 *           p.client_id = c.id
 *       ) as holds
 *     from
 *       clients_in_reach (:reach!, :asker!, :adds!) c
 *     union all
 *     select
 *       'department',
 *       d.id,
 *       d.name,
 *       true
 *     from
 *       departments_in_reach (:reach!, :asker!) d
 *   ),
 *   placed as (
 *     select
 *       s.*,
 *       row_number() over (
 *         order by
 *           s.kind,
 *           s.name,
 *           s.id
 *       ) as place,
 *       count(*) over () as everything,
 *       count(*) filter (
 *         where
 *           s.kind = 'client'
 *       ) over () as clients
 *     from
 *       seen s
 *   )
 * select
 *   p.kind || ':' || p.id as "scope!",
 *   p.id as "id!",
 *   p.holds as "holds!",
 *   p.clients as "clients!",
 *   (p.everything > :most!) as "more!"
 * from
 *   placed p
 * where
 *   p.place <= :most!
 *   or p.id = any (:chosen!)
 * order by
 *   p.place
 * ```
 */
export const homesListed = new PreparedQuery<IHomesListedParams,IHomesListedResult>(homesListedIR);


/** 'ProjectsCounted' parameters type */
export interface IProjectsCountedParams {
  asker: string;
  reach: string;
}

/** 'ProjectsCounted' return type */
export interface IProjectsCountedResult {
  projects: number;
}

/** 'ProjectsCounted' query type */
export interface IProjectsCountedQuery {
  params: IProjectsCountedParams;
  result: IProjectsCountedResult;
}

const projectsCountedIR: any = {"usedParamSet":{"reach":true,"asker":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":59,"b":65}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":68,"b":74}]}],"statement":"select\n  count(*) as \"projects!\"\nfrom\n  projects_in_reach (:reach!, :asker!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   count(*) as "projects!"
 * from
 *   projects_in_reach (:reach!, :asker!)
 * ```
 */
export const projectsCounted = new PreparedQuery<IProjectsCountedParams,IProjectsCountedResult>(projectsCountedIR);


/** 'ProjectsListed' parameters type */
export interface IProjectsListedParams {
  asker: string;
  chosen: stringArray;
  mosts: numberArray;
  of: stringArray;
  reach: string;
}

/** 'ProjectsListed' return type */
export interface IProjectsListedResult {
  holds: boolean;
  id: string;
  more: boolean;
  of: string;
}

/** 'ProjectsListed' query type */
export interface IProjectsListedQuery {
  params: IProjectsListedParams;
  result: IProjectsListedResult;
}

const projectsListedIR: any = {"usedParamSet":{"reach":true,"asker":true,"of":true,"mosts":true,"chosen":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":503,"b":509}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":512,"b":518}]},{"name":"of","required":true,"transform":{"type":"scalar"},"locs":[{"a":541,"b":544}]},{"name":"mosts","required":true,"transform":{"type":"scalar"},"locs":[{"a":555,"b":561}]},{"name":"chosen","required":true,"transform":{"type":"scalar"},"locs":[{"a":786,"b":793}]}],"statement":"with\n  placed as (\n    select\n      p.id,\n      w.home,\n      exists (\n        select\n        from\n          task t\n        where\n          t.firm_id = p.firm_id\n          and t.project_id = p.id\n      ) as holds,\n      row_number() over (\n        partition by\n          w.home\n        order by\n          p.state desc,\n          p.name,\n          p.id\n      ) as place,\n      count(*) over (\n        partition by\n          w.home\n      ) > w.most as more,\n      w.most\n    from\n      projects_in_reach (:reach!, :asker!) p\n      join unnest(:of!::uuid[], :mosts!::int[]) w (home, most) on w.home = coalesce(p.client_id, p.department_id)\n  )\nselect\n  p.home as \"of!\",\n  p.id as \"id!\",\n  p.holds as \"holds!\",\n  p.more as \"more!\"\nfrom\n  placed p\nwhere\n  p.place <= p.most\n  or p.id = any (:chosen!)\norder by\n  p.home,\n  p.place"};

/**
 * Query generated from SQL:
 * ```
 * with
 *   placed as (
 *     select
 *       p.id,
 *       w.home,
 *       exists (
 *         select
 *         from
 *           task t
 *         where
 *           t.firm_id = p.firm_id
 *           and t.project_id = p.id
 *       ) as holds,
 *       row_number() over (
 *         partition by
 *           w.home
 *         order by
 *           p.state desc,
 *           p.name,
 *           p.id
 *       ) as place,
 *       count(*) over (
 *         partition by
 *           w.home
 *       ) > w.most as more,
 *       w.most
 *     from
 *       projects_in_reach (:reach!, :asker!) p
 *       join unnest(:of!::uuid[], :mosts!::int[]) w (home, most) on w.home = coalesce(p.client_id, p.department_id)
 *   )
 * select
 *   p.home as "of!",
 *   p.id as "id!",
 *   p.holds as "holds!",
 *   p.more as "more!"
 * from
 *   placed p
 * where
 *   p.place <= p.most
 *   or p.id = any (:chosen!)
 * order by
 *   p.home,
 *   p.place
 * ```
 */
export const projectsListed = new PreparedQuery<IProjectsListedParams,IProjectsListedResult>(projectsListedIR);


/** 'TasksListed' parameters type */
export interface ITasksListedParams {
  asker: string;
  chosen: stringArray;
  mosts: numberArray;
  of: stringArray;
  reach: string;
}

/** 'TasksListed' return type */
export interface ITasksListedResult {
  holds: boolean;
  id: string;
  more: boolean;
  of: string;
}

/** 'TasksListed' query type */
export interface ITasksListedQuery {
  params: ITasksListedParams;
  result: ITasksListedResult;
}

const tasksListedIR: any = {"usedParamSet":{"of":true,"mosts":true,"reach":true,"asker":true,"chosen":true},"params":[{"name":"of","required":true,"transform":{"type":"scalar"},"locs":[{"a":491,"b":494}]},{"name":"mosts","required":true,"transform":{"type":"scalar"},"locs":[{"a":505,"b":511}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":695,"b":701}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":704,"b":710}]},{"name":"chosen","required":true,"transform":{"type":"scalar"},"locs":[{"a":921,"b":928}]}],"statement":"with\n  placed as (\n    select\n      t.id,\n      w.parent,\n      exists (\n        select\n        from\n          task c\n        where\n          c.firm_id = t.firm_id\n          and c.parent_id = t.id\n      ) as holds,\n      row_number() over (\n        partition by\n          w.parent\n        order by\n          t.place,\n          t.name,\n          t.id\n      ) as place,\n      count(*) over (\n        partition by\n          w.parent\n      ) > w.most as more,\n      w.most\n    from\n      unnest(:of!::uuid[], :mosts!::int[]) w (parent, most)\n      join task t on (\n        t.project_id = w.parent\n        and t.parent_id is null\n      )\n      or t.parent_id = w.parent\n      join projects_in_reach (:reach!, :asker!) p on p.firm_id = t.firm_id\n      and p.id = t.project_id\n  )\nselect\n  p.parent as \"of!\",\n  p.id as \"id!\",\n  p.holds as \"holds!\",\n  p.more as \"more!\"\nfrom\n  placed p\nwhere\n  p.place <= p.most\n  or p.id = any (:chosen!)\norder by\n  p.parent,\n  p.place"};

/**
 * Query generated from SQL:
 * ```
 * with
 *   placed as (
 *     select
 *       t.id,
 *       w.parent,
 *       exists (
 *         select
 *         from
 *           task c
 *         where
 *           c.firm_id = t.firm_id
 *           and c.parent_id = t.id
 *       ) as holds,
 *       row_number() over (
 *         partition by
 *           w.parent
 *         order by
 *           t.place,
 *           t.name,
 *           t.id
 *       ) as place,
 *       count(*) over (
 *         partition by
 *           w.parent
 *       ) > w.most as more,
 *       w.most
 *     from
 *       unnest(:of!::uuid[], :mosts!::int[]) w (parent, most)
 *       join task t on (
 *         t.project_id = w.parent
 *         and t.parent_id is null
 *       )
 *       or t.parent_id = w.parent
 *       join projects_in_reach (:reach!, :asker!) p on p.firm_id = t.firm_id
 *       and p.id = t.project_id
 *   )
 * select
 *   p.parent as "of!",
 *   p.id as "id!",
 *   p.holds as "holds!",
 *   p.more as "more!"
 * from
 *   placed p
 * where
 *   p.place <= p.most
 *   or p.id = any (:chosen!)
 * order by
 *   p.parent,
 *   p.place
 * ```
 */
export const tasksListed = new PreparedQuery<ITasksListedParams,ITasksListedResult>(tasksListedIR);


/** 'PeopleListed' parameters type */
export interface IPeopleListedParams {
  asker: string;
  most: number;
  reach: string;
}

/** 'PeopleListed' return type */
export interface IPeopleListedResult {
  holds: boolean;
  id: string;
  more: boolean;
  people: number;
}

/** 'PeopleListed' query type */
export interface IPeopleListedQuery {
  params: IPeopleListedParams;
  result: IPeopleListedResult;
}

const peopleListedIR: any = {"usedParamSet":{"most":true,"reach":true,"asker":true},"params":[{"name":"most","required":true,"transform":{"type":"scalar"},"locs":[{"a":100,"b":105},{"a":197,"b":202}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":143,"b":149}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":152,"b":158}]}],"statement":"select\n  p.id as \"id!\",\n  false as \"holds!\",\n  count(*) over () as \"people!\",\n  (count(*) over () > :most!) as \"more!\"\nfrom\n  people_in_reach (:reach!, :asker!) p\norder by\n  p.name,\n  p.id\nlimit\n  :most!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!",
 *   false as "holds!",
 *   count(*) over () as "people!",
 *   (count(*) over () > :most!) as "more!"
 * from
 *   people_in_reach (:reach!, :asker!) p
 * order by
 *   p.name,
 *   p.id
 * limit
 *   :most!
 * ```
 */
export const peopleListed = new PreparedQuery<IPeopleListedParams,IPeopleListedResult>(peopleListedIR);


