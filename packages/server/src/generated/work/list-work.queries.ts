/** Types generated for queries found in "packages/server/src/work/list-work.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type numberArray = (number)[];

export type stringArray = (string)[];

/** 'HomesListed' parameters type */
export interface IHomesListedParams {
  adds: boolean;
  archived: boolean;
  asker: string;
  chosen: stringArray;
  most: number;
  reach: string;
}

/** 'HomesListed' return type */
export interface IHomesListedResult {
  clients: number;
  holds: boolean;
  more: boolean;
  scope: string;
}

/** 'HomesListed' query type */
export interface IHomesListedQuery {
  params: IHomesListedParams;
  result: IHomesListedResult;
}

const homesListedIR: any = {"usedParamSet":{"archived":true,"reach":true,"asker":true,"adds":true,"chosen":true,"most":true},"params":[{"name":"archived","required":true,"transform":{"type":"scalar"},"locs":[{"a":242,"b":251},{"a":383,"b":392}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":315,"b":321},{"a":544,"b":550}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":324,"b":330},{"a":553,"b":559}]},{"name":"adds","required":true,"transform":{"type":"scalar"},"locs":[{"a":333,"b":338}]},{"name":"chosen","required":true,"transform":{"type":"scalar"},"locs":[{"a":415,"b":422},{"a":1064,"b":1071}]},{"name":"most","required":true,"transform":{"type":"scalar"},"locs":[{"a":986,"b":991},{"a":1040,"b":1045}]}],"statement":"with\n  seen as (\n    select\n      'client' as kind,\n      c.id,\n      c.name,\n      exists (\n        select\n        from\n          project p\n        where\n          p.client_id = c.id\n          and (\n            not p.archived\n            or :archived!\n          )\n      ) as holds\n    from\n      clients_in_reach (:reach!, :asker!, :adds!) c\n    where\n      not c.archived\n      or :archived!\n      or c.id = any (:chosen!)\n    union all\n    select\n      'department',\n      d.id,\n      d.name,\n      true\n    from\n      departments_in_reach (:reach!, :asker!) d\n  ),\n  placed as (\n    select\n      s.*,\n      row_number() over (\n        order by\n          s.kind,\n          s.name,\n          s.id\n      ) as place,\n      count(*) over () as everything,\n      count(*) filter (\n        where\n          s.kind = 'client'\n      ) over () as clients\n    from\n      seen s\n  )\nselect\n  p.kind || ':' || p.id as \"scope!\",\n  p.holds as \"holds!\",\n  p.clients as \"clients!\",\n  (p.everything > :most!) as \"more!\"\nfrom\n  placed p\nwhere\n  p.place <= :most!\n  or p.id = any (:chosen!)\norder by\n  p.place"};

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
 *           and (
 *             not p.archived
 *             or :archived!
 *           )
 *       ) as holds
 *     from
 *       clients_in_reach (:reach!, :asker!, :adds!) c
 *     where
 *       not c.archived
 *       or :archived!
 *       or c.id = any (:chosen!)
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

const projectsCountedIR: any = {"usedParamSet":{"reach":true,"asker":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":59,"b":65}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":68,"b":74}]}],"statement":"select\n  count(*) as \"projects!\"\nfrom\n  projects_in_reach (:reach!, :asker!) p\nwhere\n  not p.archived"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   count(*) as "projects!"
 * from
 *   projects_in_reach (:reach!, :asker!) p
 * where
 *   not p.archived
 * ```
 */
export const projectsCounted = new PreparedQuery<IProjectsCountedParams,IProjectsCountedResult>(projectsCountedIR);


/** 'BelowListed' parameters type */
export interface IBelowListedParams {
  archived: boolean;
  asker: string;
  chosen: stringArray;
  mosts: numberArray;
  of: stringArray;
  reach: string;
}

/** 'BelowListed' return type */
export interface IBelowListedResult {
  holds: boolean;
  more: boolean;
  of: string;
  scope: string;
}

/** 'BelowListed' query type */
export interface IBelowListedQuery {
  params: IBelowListedParams;
  result: IBelowListedResult;
}

const belowListedIR: any = {"usedParamSet":{"of":true,"mosts":true,"reach":true,"asker":true,"archived":true,"chosen":true},"params":[{"name":"of","required":true,"transform":{"type":"scalar"},"locs":[{"a":77,"b":80}]},{"name":"mosts","required":true,"transform":{"type":"scalar"},"locs":[{"a":91,"b":97}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":577,"b":583},{"a":1174,"b":1180}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":586,"b":592},{"a":1183,"b":1189}]},{"name":"archived","required":true,"transform":{"type":"scalar"},"locs":[{"a":706,"b":715}]},{"name":"chosen","required":true,"transform":{"type":"scalar"},"locs":[{"a":738,"b":745},{"a":1720,"b":1727}]}],"statement":"with\n  wanted as (\n    select\n      w.id,\n      w.most\n    from\n      unnest(:of!::uuid[], :mosts!::int[]) w (id, most)\n  ),\n  below as (\n    select\n      'project' as kind,\n      p.id,\n      w.id as above,\n      w.most,\n      exists (\n        select\n        from\n          task t\n        where\n          t.firm_id = p.firm_id\n          and t.project_id = p.id\n      ) as holds,\n      -- What is under way stands before what is done, and that before what is in the archive.\n      (not is_live (p))::int + p.archived::int as rank,\n      p.name\n    from\n      projects_in_reach (:reach!, :asker!) p\n      join wanted w on w.id = coalesce(p.client_id, p.department_id)\n    where\n      not p.archived\n      or :archived!\n      or p.id = any (:chosen!)\n    union all\n    select\n      'task',\n      t.id,\n      w.id,\n      w.most,\n      exists (\n        select\n        from\n          task c\n        where\n          c.firm_id = t.firm_id\n          and c.parent_id = t.id\n      ),\n      t.place,\n      t.name\n    from\n      wanted w\n      join task t on (\n        t.project_id = w.id\n        and t.parent_id is null\n      )\n      or t.parent_id = w.id\n      join projects_in_reach (:reach!, :asker!) p on p.firm_id = t.firm_id\n      and p.id = t.project_id\n  ),\n  placed as (\n    select\n      b.*,\n      row_number() over (\n        partition by\n          b.above\n        order by\n          b.rank,\n          b.name,\n          b.id\n      ) as place,\n      count(*) over (\n        partition by\n          b.above\n      ) > b.most as more\n    from\n      below b\n  )\nselect\n  p.above as \"of!\",\n  p.kind || ':' || p.id as \"scope!\",\n  p.holds as \"holds!\",\n  p.more as \"more!\"\nfrom\n  placed p\nwhere\n  p.place <= p.most\n  or p.id = any (:chosen!)\norder by\n  p.above,\n  p.place"};

/**
 * Query generated from SQL:
 * ```
 * with
 *   wanted as (
 *     select
 *       w.id,
 *       w.most
 *     from
 *       unnest(:of!::uuid[], :mosts!::int[]) w (id, most)
 *   ),
 *   below as (
 *     select
 *       'project' as kind,
 *       p.id,
 *       w.id as above,
 *       w.most,
 *       exists (
 *         select
 *         from
 *           task t
 *         where
 *           t.firm_id = p.firm_id
 *           and t.project_id = p.id
 *       ) as holds,
 *       -- What is under way stands before what is done, and that before what is in the archive.
 *       (not is_live (p))::int + p.archived::int as rank,
 *       p.name
 *     from
 *       projects_in_reach (:reach!, :asker!) p
 *       join wanted w on w.id = coalesce(p.client_id, p.department_id)
 *     where
 *       not p.archived
 *       or :archived!
 *       or p.id = any (:chosen!)
 *     union all
 *     select
 *       'task',
 *       t.id,
 *       w.id,
 *       w.most,
 *       exists (
 *         select
 *         from
 *           task c
 *         where
 *           c.firm_id = t.firm_id
 *           and c.parent_id = t.id
 *       ),
 *       t.place,
 *       t.name
 *     from
 *       wanted w
 *       join task t on (
 *         t.project_id = w.id
 *         and t.parent_id is null
 *       )
 *       or t.parent_id = w.id
 *       join projects_in_reach (:reach!, :asker!) p on p.firm_id = t.firm_id
 *       and p.id = t.project_id
 *   ),
 *   placed as (
 *     select
 *       b.*,
 *       row_number() over (
 *         partition by
 *           b.above
 *         order by
 *           b.rank,
 *           b.name,
 *           b.id
 *       ) as place,
 *       count(*) over (
 *         partition by
 *           b.above
 *       ) > b.most as more
 *     from
 *       below b
 *   )
 * select
 *   p.above as "of!",
 *   p.kind || ':' || p.id as "scope!",
 *   p.holds as "holds!",
 *   p.more as "more!"
 * from
 *   placed p
 * where
 *   p.place <= p.most
 *   or p.id = any (:chosen!)
 * order by
 *   p.above,
 *   p.place
 * ```
 */
export const belowListed = new PreparedQuery<IBelowListedParams,IBelowListedResult>(belowListedIR);


/** 'PeopleListed' parameters type */
export interface IPeopleListedParams {
  asker: string;
  most: number;
  reach: string;
}

/** 'PeopleListed' return type */
export interface IPeopleListedResult {
  holds: boolean;
  more: boolean;
  people: number;
  scope: string;
}

/** 'PeopleListed' query type */
export interface IPeopleListedQuery {
  params: IPeopleListedParams;
  result: IPeopleListedResult;
}

const peopleListedIR: any = {"usedParamSet":{"most":true,"reach":true,"asker":true},"params":[{"name":"most","required":true,"transform":{"type":"scalar"},"locs":[{"a":116,"b":121},{"a":213,"b":218}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":159,"b":165}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":168,"b":174}]}],"statement":"select\n  'person:' || p.id as \"scope!\",\n  false as \"holds!\",\n  count(*) over () as \"people!\",\n  (count(*) over () > :most!) as \"more!\"\nfrom\n  people_in_reach (:reach!, :asker!) p\norder by\n  p.name,\n  p.id\nlimit\n  :most!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   'person:' || p.id as "scope!",
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


