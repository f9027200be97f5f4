/** Types generated for queries found in "packages/server/src/ledger/change-project.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'ProjectKnown' parameters type */
export interface IProjectKnownParams {
  asker: string;
  id: string;
  reach: string;
}

/** 'ProjectKnown' return type */
export interface IProjectKnownResult {
  client: string | null;
  clientId: string | null;
  code: string;
  estimate: number;
  id: string;
  managerId: string;
  name: string;
  open: boolean;
  orderReference: string;
  version: number;
}

/** 'ProjectKnown' query type */
export interface IProjectKnownQuery {
  params: IProjectKnownParams;
  result: IProjectKnownResult;
}

const projectKnownIR: any = {"usedParamSet":{"reach":true,"asker":true,"id":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":307,"b":313}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":316,"b":322}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":413,"b":416}]}],"statement":"select\n  p.id as \"id!\",\n  p.client_id as \"clientId?\",\n  c.name as \"client?\",\n  p.name as \"name!\",\n  p.code as \"code!\",\n  p.order_reference as \"orderReference!\",\n  p.manager_id as \"managerId!\",\n  p.estimate as \"estimate!\",\n  (p.state = 'open') as \"open!\",\n  p.version as \"version!\"\nfrom\n  projects_in_reach (:reach!, :asker!) p\n  left join client c on c.firm_id = p.firm_id\n  and c.id = p.client_id\nwhere\n  p.id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!",
 *   p.client_id as "clientId?",
 *   c.name as "client?",
 *   p.name as "name!",
 *   p.code as "code!",
 *   p.order_reference as "orderReference!",
 *   p.manager_id as "managerId!",
 *   p.estimate as "estimate!",
 *   (p.state = 'open') as "open!",
 *   p.version as "version!"
 * from
 *   projects_in_reach (:reach!, :asker!) p
 *   left join client c on c.firm_id = p.firm_id
 *   and c.id = p.client_id
 * where
 *   p.id = :id!
 * ```
 */
export const projectKnown = new PreparedQuery<IProjectKnownParams,IProjectKnownResult>(projectKnownIR);


/** 'CodeTaken' parameters type */
export interface ICodeTakenParams {
  code: string;
  id: string;
}

/** 'CodeTaken' return type */
export interface ICodeTakenResult {
  id: string;
}

/** 'CodeTaken' query type */
export interface ICodeTakenQuery {
  params: ICodeTakenParams;
  result: ICodeTakenResult;
}

const codeTakenIR: any = {"usedParamSet":{"code":true,"id":true},"params":[{"name":"code","required":true,"transform":{"type":"scalar"},"locs":[{"a":70,"b":75}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":92,"b":95}]}],"statement":"select\n  p.id as \"id!\"\nfrom\n  project p\nwhere\n  upper(p.code) = upper(:code!)\n  and p.id <> :id!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!"
 * from
 *   project p
 * where
 *   upper(p.code) = upper(:code!)
 *   and p.id <> :id!
 * ```
 */
export const codeTaken = new PreparedQuery<ICodeTakenParams,ICodeTakenResult>(codeTakenIR);


/** 'SetProject' parameters type */
export interface ISetProjectParams {
  code: string;
  estimate: number;
  id: string;
  managerId: string;
  name: string;
  orderReference: string;
  state: string;
}

/** 'SetProject' return type */
export type ISetProjectResult = void;

/** 'SetProject' query type */
export interface ISetProjectQuery {
  params: ISetProjectParams;
  result: ISetProjectResult;
}

const setProjectIR: any = {"usedParamSet":{"name":true,"code":true,"orderReference":true,"managerId":true,"estimate":true,"state":true,"id":true},"params":[{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":28,"b":33}]},{"name":"code","required":true,"transform":{"type":"scalar"},"locs":[{"a":45,"b":50}]},{"name":"orderReference","required":true,"transform":{"type":"scalar"},"locs":[{"a":73,"b":88}]},{"name":"managerId","required":true,"transform":{"type":"scalar"},"locs":[{"a":106,"b":116}]},{"name":"estimate","required":true,"transform":{"type":"scalar"},"locs":[{"a":132,"b":141}]},{"name":"state","required":true,"transform":{"type":"scalar"},"locs":[{"a":154,"b":160}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":200,"b":203}]}],"statement":"update project\nset\n  name = :name!,\n  code = :code!,\n  order_reference = :orderReference!,\n  manager_id = :managerId!,\n  estimate = :estimate!,\n  state = :state!,\n  version = version + 1\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update project
 * set
 *   name = :name!,
 *   code = :code!,
 *   order_reference = :orderReference!,
 *   manager_id = :managerId!,
 *   estimate = :estimate!,
 *   state = :state!,
 *   version = version + 1
 * where
 *   id = :id!
 * ```
 */
export const setProject = new PreparedQuery<ISetProjectParams,ISetProjectResult>(setProjectIR);


/** 'MarkClosed' parameters type */
export interface IMarkClosedParams {
  open: boolean;
  project: string;
}

/** 'MarkClosed' return type */
export type IMarkClosedResult = void;

/** 'MarkClosed' query type */
export interface IMarkClosedQuery {
  params: IMarkClosedParams;
  result: IMarkClosedResult;
}

const markClosedIR: any = {"usedParamSet":{"open":true,"project":true},"params":[{"name":"open","required":true,"transform":{"type":"scalar"},"locs":[{"a":44,"b":49},{"a":203,"b":208},{"a":376,"b":381}]},{"name":"project","required":true,"transform":{"type":"scalar"},"locs":[{"a":281,"b":289}]}],"statement":"update entry\nset\n  problems = case\n    when :open! then array_remove(problems, 'project-closed')\n    else array_prepend('project-closed', problems)\n  end,\n  problem_count = problem_count + case\n    when :open! then -1\n    else 1\n  end,\n  version = version + 1\nwhere\n  project_id = :project!\n  and stage in ('recorded', 'submitted')\n  and ('project-closed' = any (problems)) = :open!"};

/**
 * Query generated from SQL:
 * ```
 * update entry
 * set
 *   problems = case
 *     when :open! then array_remove(problems, 'project-closed')
 *     else array_prepend('project-closed', problems)
 *   end,
 *   problem_count = problem_count + case
 *     when :open! then -1
 *     else 1
 *   end,
 *   version = version + 1
 * where
 *   project_id = :project!
 *   and stage in ('recorded', 'submitted')
 *   and ('project-closed' = any (problems)) = :open!
 * ```
 */
export const markClosed = new PreparedQuery<IMarkClosedParams,IMarkClosedResult>(markClosedIR);


