/** Types generated for queries found in "packages/server/src/work/scope.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'ScopeProjects' parameters type */
export interface IScopeProjectsParams {
  asker: string;
  id: string;
  kind: string;
  reach: string;
}

/** 'ScopeProjects' return type */
export interface IScopeProjectsResult {
  id: string;
}

/** 'ScopeProjects' query type */
export interface IScopeProjectsQuery {
  params: IScopeProjectsParams;
  result: IScopeProjectsResult;
}

const scopeProjectsIR: any = {"usedParamSet":{"reach":true,"asker":true,"kind":true,"id":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":49,"b":55}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":58,"b":64}]},{"name":"kind","required":true,"transform":{"type":"scalar"},"locs":[{"a":83,"b":88},{"a":137,"b":142},{"a":197,"b":202}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":117,"b":120},{"a":177,"b":180},{"a":245,"b":248}]}],"statement":"select\n  p.id as \"id!\"\nfrom\n  projects_in_reach (:reach!, :asker!) p\nwhere\n  (\n    :kind! = 'project'\n    and p.id = :id!\n  )\n  or (\n    :kind! = 'client'\n    and p.client_id = :id!\n  )\n  or (\n    :kind! = 'department'\n    and p.department_id = :id!\n  )"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!"
 * from
 *   projects_in_reach (:reach!, :asker!) p
 * where
 *   (
 *     :kind! = 'project'
 *     and p.id = :id!
 *   )
 *   or (
 *     :kind! = 'client'
 *     and p.client_id = :id!
 *   )
 *   or (
 *     :kind! = 'department'
 *     and p.department_id = :id!
 *   )
 * ```
 */
export const scopeProjects = new PreparedQuery<IScopeProjectsParams,IScopeProjectsResult>(scopeProjectsIR);


/** 'ScopeTask' parameters type */
export interface IScopeTaskParams {
  asker: string;
  id: string;
  reach: string;
}

/** 'ScopeTask' return type */
export interface IScopeTaskResult {
  id: string;
  projectId: string;
}

/** 'ScopeTask' query type */
export interface IScopeTaskQuery {
  params: IScopeTaskParams;
  result: IScopeTaskResult;
}

const scopeTaskIR: any = {"usedParamSet":{"reach":true,"asker":true,"id":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":139,"b":145}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":148,"b":154}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":237,"b":240}]}],"statement":"with recursive\n  below as (\n    select\n      t.firm_id,\n      t.id,\n      t.project_id\n    from\n      task t\n      join projects_in_reach (:reach!, :asker!) p on p.firm_id = t.firm_id\n      and p.id = t.project_id\n    where\n      t.id = :id!\n    union all\n    select\n      c.firm_id,\n      c.id,\n      c.project_id\n    from\n      task c\n      join below b on c.firm_id = b.firm_id\n      and c.parent_id = b.id\n  )\nselect\n  id as \"id!\",\n  project_id as \"projectId!\"\nfrom\n  below"};

/**
 * Query generated from SQL:
 * ```
 * with recursive
 *   below as (
 *     select
 *       t.firm_id,
 *       t.id,
 *       t.project_id
 *     from
 *       task t
 *       join projects_in_reach (:reach!, :asker!) p on p.firm_id = t.firm_id
 *       and p.id = t.project_id
 *     where
 *       t.id = :id!
 *     union all
 *     select
 *       c.firm_id,
 *       c.id,
 *       c.project_id
 *     from
 *       task c
 *       join below b on c.firm_id = b.firm_id
 *       and c.parent_id = b.id
 *   )
 * select
 *   id as "id!",
 *   project_id as "projectId!"
 * from
 *   below
 * ```
 */
export const scopeTask = new PreparedQuery<IScopeTaskParams,IScopeTaskResult>(scopeTaskIR);


