/** Types generated for queries found in "packages/server/src/work/project-states.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'StatesOfProjects' parameters type */
export interface IStatesOfProjectsParams {
  asker: string;
  reach: string;
}

/** 'StatesOfProjects' return type */
export interface IStatesOfProjectsResult {
  id: string;
  name: string;
  open: boolean;
  projects: number;
  records: boolean;
  version: number;
}

/** 'StatesOfProjects' query type */
export interface IStatesOfProjectsQuery {
  params: IStatesOfProjectsParams;
  result: IStatesOfProjectsResult;
}

const statesOfProjectsIR: any = {"usedParamSet":{"reach":true,"asker":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":184,"b":190}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":193,"b":199}]}],"statement":"select\n  s.id as \"id!\",\n  s.name as \"name!\",\n  s.records as \"records!\",\n  s.open as \"open!\",\n  s.version as \"version!\",\n  (\n    select\n      count(*)\n    from\n      projects_in_reach (:reach!, :asker!) p\n    where\n      p.state_id = s.id\n  ) as \"projects!\"\nfrom\n  project_state s\norder by\n  s.place,\n  s.id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   s.id as "id!",
 *   s.name as "name!",
 *   s.records as "records!",
 *   s.open as "open!",
 *   s.version as "version!",
 *   (
 *     select
 *       count(*)
 *     from
 *       projects_in_reach (:reach!, :asker!) p
 *     where
 *       p.state_id = s.id
 *   ) as "projects!"
 * from
 *   project_state s
 * order by
 *   s.place,
 *   s.id
 * ```
 */
export const statesOfProjects = new PreparedQuery<IStatesOfProjectsParams,IStatesOfProjectsResult>(statesOfProjectsIR);


/** 'AddState' parameters type */
export interface IAddStateParams {
  firm: string;
  id: string;
  name: string;
  open: boolean;
  records: boolean;
}

/** 'AddState' return type */
export type IAddStateResult = void;

/** 'AddState' query type */
export interface IAddStateQuery {
  params: IAddStateParams;
  result: IAddStateResult;
}

const addStateIR: any = {"usedParamSet":{"firm":true,"id":true,"name":true,"records":true,"open":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":79,"b":84}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":89,"b":92}]},{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":97,"b":102}]},{"name":"records","required":true,"transform":{"type":"scalar"},"locs":[{"a":107,"b":115}]},{"name":"open","required":true,"transform":{"type":"scalar"},"locs":[{"a":120,"b":125}]}],"statement":"insert into\n  project_state (firm_id, id, name, records, open, place)\nselect\n  :firm!,\n  :id!,\n  :name!,\n  :records!,\n  :open!,\n  count(*)\nfrom\n  project_state"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   project_state (firm_id, id, name, records, open, place)
 * select
 *   :firm!,
 *   :id!,
 *   :name!,
 *   :records!,
 *   :open!,
 *   count(*)
 * from
 *   project_state
 * ```
 */
export const addState = new PreparedQuery<IAddStateParams,IAddStateResult>(addStateIR);


/** 'ProjectsOfState' parameters type */
export interface IProjectsOfStateParams {
  id: string;
}

/** 'ProjectsOfState' return type */
export interface IProjectsOfStateResult {
  projects: number;
}

/** 'ProjectsOfState' query type */
export interface IProjectsOfStateQuery {
  params: IProjectsOfStateParams;
  result: IProjectsOfStateResult;
}

const projectsOfStateIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":71,"b":74}]}],"statement":"select\n  count(*) as \"projects!\"\nfrom\n  project p\nwhere\n  p.state_id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   count(*) as "projects!"
 * from
 *   project p
 * where
 *   p.state_id = :id!
 * ```
 */
export const projectsOfState = new PreparedQuery<IProjectsOfStateParams,IProjectsOfStateResult>(projectsOfStateIR);


/** 'DropState' parameters type */
export interface IDropStateParams {
  id: string;
}

/** 'DropState' return type */
export type IDropStateResult = void;

/** 'DropState' query type */
export interface IDropStateQuery {
  params: IDropStateParams;
  result: IDropStateResult;
}

const dropStateIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":39,"b":42}]}],"statement":"delete from project_state\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * delete from project_state
 * where
 *   id = :id!
 * ```
 */
export const dropState = new PreparedQuery<IDropStateParams,IDropStateResult>(dropStateIR);


