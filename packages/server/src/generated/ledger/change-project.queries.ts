/** Types generated for queries found in "packages/server/src/ledger/change-project.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'ProjectKnown' parameters type */
export interface IProjectKnownParams {
  asker: string;
  id: string;
  reach: string;
}

/** 'ProjectKnown' return type */
export interface IProjectKnownResult {
  archived: boolean;
  client: string | null;
  clientId: string | null;
  code: string;
  complete: number | null;
  endsOn: string | null;
  estimate: number;
  id: string;
  managerId: string;
  name: string;
  notes: string;
  orderReference: string;
  startsOn: string | null;
  state: string;
  stateId: string;
  takesTime: boolean;
  tone: number;
  version: number;
}

/** 'ProjectKnown' query type */
export interface IProjectKnownQuery {
  params: IProjectKnownParams;
  result: IProjectKnownResult;
}

const projectKnownIR: any = {"usedParamSet":{"reach":true,"asker":true,"id":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":516,"b":522}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":525,"b":531}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":694,"b":697}]}],"statement":"select\n  p.id as \"id!\",\n  p.client_id as \"clientId?\",\n  c.name as \"client?\",\n  p.name as \"name!\",\n  p.code as \"code!\",\n  p.order_reference as \"orderReference!\",\n  p.manager_id as \"managerId!\",\n  p.tone as \"tone!\",\n  p.estimate as \"estimate!\",\n  p.starts_on as \"startsOn?\",\n  p.ends_on as \"endsOn?\",\n  p.complete as \"complete?\",\n  p.notes as \"notes!\",\n  p.state_id as \"stateId!\",\n  s.name as \"state!\",\n  takes_time (p) as \"takesTime!\",\n  p.archived as \"archived!\",\n  p.version as \"version!\"\nfrom\n  projects_in_reach (:reach!, :asker!) p\n  join project_state s on s.firm_id = p.firm_id\n  and s.id = p.state_id\n  left join client c on c.firm_id = p.firm_id\n  and c.id = p.client_id\nwhere\n  p.id = :id!"};

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
 *   p.tone as "tone!",
 *   p.estimate as "estimate!",
 *   p.starts_on as "startsOn?",
 *   p.ends_on as "endsOn?",
 *   p.complete as "complete?",
 *   p.notes as "notes!",
 *   p.state_id as "stateId!",
 *   s.name as "state!",
 *   takes_time (p) as "takesTime!",
 *   p.archived as "archived!",
 *   p.version as "version!"
 * from
 *   projects_in_reach (:reach!, :asker!) p
 *   join project_state s on s.firm_id = p.firm_id
 *   and s.id = p.state_id
 *   left join client c on c.firm_id = p.firm_id
 *   and c.id = p.client_id
 * where
 *   p.id = :id!
 * ```
 */
export const projectKnown = new PreparedQuery<IProjectKnownParams,IProjectKnownResult>(projectKnownIR);


/** 'StateOf' parameters type */
export interface IStateOfParams {
  id: string;
}

/** 'StateOf' return type */
export interface IStateOfResult {
  name: string;
  open: boolean;
  records: boolean;
}

/** 'StateOf' query type */
export interface IStateOfQuery {
  params: IStateOfParams;
  result: IStateOfResult;
}

const stateOfIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":113,"b":116}]}],"statement":"select\n  s.name as \"name!\",\n  s.records as \"records!\",\n  s.open as \"open!\"\nfrom\n  project_state s\nwhere\n  s.id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   s.name as "name!",
 *   s.records as "records!",
 *   s.open as "open!"
 * from
 *   project_state s
 * where
 *   s.id = :id!
 * ```
 */
export const stateOf = new PreparedQuery<IStateOfParams,IStateOfResult>(stateOfIR);


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
  archived: boolean;
  code: string;
  complete?: number | null | void;
  endsOn?: string | null | void;
  estimate: number;
  id: string;
  managerId: string;
  name: string;
  notes: string;
  open: boolean;
  orderReference: string;
  records: boolean;
  startsOn?: string | null | void;
  stateId: string;
  tone: number;
}

/** 'SetProject' return type */
export type ISetProjectResult = void;

/** 'SetProject' query type */
export interface ISetProjectQuery {
  params: ISetProjectParams;
  result: ISetProjectResult;
}

const setProjectIR: any = {"usedParamSet":{"name":true,"code":true,"orderReference":true,"managerId":true,"tone":true,"estimate":true,"startsOn":true,"endsOn":true,"complete":true,"notes":true,"stateId":true,"records":true,"open":true,"archived":true,"id":true},"params":[{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":28,"b":33}]},{"name":"code","required":true,"transform":{"type":"scalar"},"locs":[{"a":45,"b":50}]},{"name":"orderReference","required":true,"transform":{"type":"scalar"},"locs":[{"a":73,"b":88}]},{"name":"managerId","required":true,"transform":{"type":"scalar"},"locs":[{"a":106,"b":116}]},{"name":"tone","required":true,"transform":{"type":"scalar"},"locs":[{"a":128,"b":133}]},{"name":"estimate","required":true,"transform":{"type":"scalar"},"locs":[{"a":149,"b":158}]},{"name":"startsOn","required":false,"transform":{"type":"scalar"},"locs":[{"a":175,"b":183}]},{"name":"endsOn","required":false,"transform":{"type":"scalar"},"locs":[{"a":198,"b":204}]},{"name":"complete","required":false,"transform":{"type":"scalar"},"locs":[{"a":220,"b":228}]},{"name":"notes","required":true,"transform":{"type":"scalar"},"locs":[{"a":241,"b":247}]},{"name":"stateId","required":true,"transform":{"type":"scalar"},"locs":[{"a":263,"b":271}]},{"name":"records","required":true,"transform":{"type":"scalar"},"locs":[{"a":286,"b":294}]},{"name":"open","required":true,"transform":{"type":"scalar"},"locs":[{"a":306,"b":311}]},{"name":"archived","required":true,"transform":{"type":"scalar"},"locs":[{"a":327,"b":336}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":376,"b":379}]}],"statement":"update project\nset\n  name = :name!,\n  code = :code!,\n  order_reference = :orderReference!,\n  manager_id = :managerId!,\n  tone = :tone!,\n  estimate = :estimate!,\n  starts_on = :startsOn,\n  ends_on = :endsOn,\n  complete = :complete,\n  notes = :notes!,\n  state_id = :stateId!,\n  records = :records!,\n  open = :open!,\n  archived = :archived!,\n  version = version + 1\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update project
 * set
 *   name = :name!,
 *   code = :code!,
 *   order_reference = :orderReference!,
 *   manager_id = :managerId!,
 *   tone = :tone!,
 *   estimate = :estimate!,
 *   starts_on = :startsOn,
 *   ends_on = :endsOn,
 *   complete = :complete,
 *   notes = :notes!,
 *   state_id = :stateId!,
 *   records = :records!,
 *   open = :open!,
 *   archived = :archived!,
 *   version = version + 1
 * where
 *   id = :id!
 * ```
 */
export const setProject = new PreparedQuery<ISetProjectParams,ISetProjectResult>(setProjectIR);


/** 'MarkTaking' parameters type */
export interface IMarkTakingParams {
  projects: stringArray;
  takeTime: boolean;
}

/** 'MarkTaking' return type */
export type IMarkTakingResult = void;

/** 'MarkTaking' query type */
export interface IMarkTakingQuery {
  params: IMarkTakingParams;
  result: IMarkTakingResult;
}

const markTakingIR: any = {"usedParamSet":{"takeTime":true,"projects":true},"params":[{"name":"takeTime","required":true,"transform":{"type":"scalar"},"locs":[{"a":44,"b":53},{"a":207,"b":216},{"a":391,"b":400}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":294,"b":303}]}],"statement":"update entry\nset\n  problems = case\n    when :takeTime! then array_remove(problems, 'project-closed')\n    else array_prepend('project-closed', problems)\n  end,\n  problem_count = problem_count + case\n    when :takeTime! then -1\n    else 1\n  end,\n  version = version + 1\nwhere\n  project_id = any (:projects!)\n  and stage in ('recorded', 'submitted')\n  and ('project-closed' = any (problems)) = :takeTime!"};

/**
 * Query generated from SQL:
 * ```
 * update entry
 * set
 *   problems = case
 *     when :takeTime! then array_remove(problems, 'project-closed')
 *     else array_prepend('project-closed', problems)
 *   end,
 *   problem_count = problem_count + case
 *     when :takeTime! then -1
 *     else 1
 *   end,
 *   version = version + 1
 * where
 *   project_id = any (:projects!)
 *   and stage in ('recorded', 'submitted')
 *   and ('project-closed' = any (problems)) = :takeTime!
 * ```
 */
export const markTaking = new PreparedQuery<IMarkTakingParams,IMarkTakingResult>(markTakingIR);


