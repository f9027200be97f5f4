/** Types generated for queries found in "packages/server/src/ledger/change-project-state.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'SetState' parameters type */
export interface ISetStateParams {
  id: string;
  name: string;
  open: boolean;
  records: boolean;
}

/** 'SetState' return type */
export type ISetStateResult = void;

/** 'SetState' query type */
export interface ISetStateQuery {
  params: ISetStateParams;
  result: ISetStateResult;
}

const setStateIR: any = {"usedParamSet":{"name":true,"records":true,"open":true,"id":true},"params":[{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":34,"b":39}]},{"name":"records","required":true,"transform":{"type":"scalar"},"locs":[{"a":54,"b":62}]},{"name":"open","required":true,"transform":{"type":"scalar"},"locs":[{"a":74,"b":79}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":119,"b":122}]}],"statement":"update project_state\nset\n  name = :name!,\n  records = :records!,\n  open = :open!,\n  version = version + 1\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update project_state
 * set
 *   name = :name!,
 *   records = :records!,
 *   open = :open!,
 *   version = version + 1
 * where
 *   id = :id!
 * ```
 */
export const setState = new PreparedQuery<ISetStateParams,ISetStateResult>(setStateIR);


/** 'PlaceStates' parameters type */
export interface IPlaceStatesParams {
  ids: stringArray;
}

/** 'PlaceStates' return type */
export type IPlaceStatesResult = void;

/** 'PlaceStates' query type */
export interface IPlaceStatesQuery {
  params: IPlaceStatesParams;
  result: IPlaceStatesResult;
}

const placeStatesIR: any = {"usedParamSet":{"ids":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":59,"b":63}]}],"statement":"update project_state s\nset\n  place = o.place\nfrom\n  unnest(:ids!::uuid[]) with ordinality o (id, place)\nwhere\n  s.id = o.id"};

/**
 * Query generated from SQL:
 * ```
 * update project_state s
 * set
 *   place = o.place
 * from
 *   unnest(:ids!::uuid[]) with ordinality o (id, place)
 * where
 *   s.id = o.id
 * ```
 */
export const placeStates = new PreparedQuery<IPlaceStatesParams,IPlaceStatesResult>(placeStatesIR);


/** 'ProjectsOfThisState' parameters type */
export interface IProjectsOfThisStateParams {
  id: string;
}

/** 'ProjectsOfThisState' return type */
export interface IProjectsOfThisStateResult {
  id: string;
}

/** 'ProjectsOfThisState' query type */
export interface IProjectsOfThisStateQuery {
  params: IProjectsOfThisStateParams;
  result: IProjectsOfThisStateResult;
}

const projectsOfThisStateIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":61,"b":64}]}],"statement":"select\n  p.id as \"id!\"\nfrom\n  project p\nwhere\n  p.state_id = :id!\n  and not p.archived"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!"
 * from
 *   project p
 * where
 *   p.state_id = :id!
 *   and not p.archived
 * ```
 */
export const projectsOfThisState = new PreparedQuery<IProjectsOfThisStateParams,IProjectsOfThisStateResult>(projectsOfThisStateIR);


