/** Types generated for queries found in "packages/server/src/people/groups.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'ListGroups' parameters type */
export interface IListGroupsParams {
  on: string;
}

/** 'ListGroups' return type */
export interface IListGroupsResult {
  ended: boolean;
  id: string;
  kind: string;
  name: string;
  people: number;
  version: number;
}

/** 'ListGroups' query type */
export interface IListGroupsQuery {
  params: IListGroupsParams;
  result: IListGroupsResult;
}

const listGroupsIR: any = {"usedParamSet":{"on":true},"params":[{"name":"on","required":true,"transform":{"type":"scalar"},"locs":[{"a":392,"b":395}]}],"statement":"select\n  g.id as \"id!\",\n  'position' as \"kind!\",\n  g.name as \"name!\",\n  g.ended as \"ended!\",\n  g.version as \"version!\",\n  (\n    select\n      count(*)\n    from\n      person_position pp\n      join person p on p.firm_id = pp.firm_id\n      and p.id = pp.person_id\n    where\n      pp.position_id = g.id\n      and p.left_on is null\n      and (\n        pp.valid_to is null\n        or pp.valid_to >= :on!\n      )\n  ) as \"people!\"\nfrom\n  position g\nunion all\nselect\n  g.id,\n  'department',\n  g.name,\n  g.ended,\n  g.version,\n  (\n    select\n      count(*)\n    from\n      person p\n    where\n      p.department_id = g.id\n      and p.left_on is null\n  )\nfrom\n  department g\norder by\n  3"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   g.id as "id!",
 *   'position' as "kind!",
 *   g.name as "name!",
 *   g.ended as "ended!",
 *   g.version as "version!",
 *   (
 *     select
 *       count(*)
 *     from
 *       person_position pp
 *       join person p on p.firm_id = pp.firm_id
 *       and p.id = pp.person_id
 *     where
 *       pp.position_id = g.id
 *       and p.left_on is null
 *       and (
 *         pp.valid_to is null
 *         or pp.valid_to >= :on!
 *       )
 *   ) as "people!"
 * from
 *   position g
 * union all
 * select
 *   g.id,
 *   'department',
 *   g.name,
 *   g.ended,
 *   g.version,
 *   (
 *     select
 *       count(*)
 *     from
 *       person p
 *     where
 *       p.department_id = g.id
 *       and p.left_on is null
 *   )
 * from
 *   department g
 * order by
 *   3
 * ```
 */
export const listGroups = new PreparedQuery<IListGroupsParams,IListGroupsResult>(listGroupsIR);


/** 'AddGroupPosition' parameters type */
export interface IAddGroupPositionParams {
  firm: string;
  id: string;
  name: string;
}

/** 'AddGroupPosition' return type */
export type IAddGroupPositionResult = void;

/** 'AddGroupPosition' query type */
export interface IAddGroupPositionQuery {
  params: IAddGroupPositionParams;
  result: IAddGroupPositionResult;
}

const addGroupPositionIR: any = {"usedParamSet":{"firm":true,"id":true,"name":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":52,"b":57}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":60,"b":63}]},{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":66,"b":71}]}],"statement":"insert into\n  position(firm_id, id, name)\nvalues\n  (:firm!, :id!, :name!)"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   position(firm_id, id, name)
 * values
 *   (:firm!, :id!, :name!)
 * ```
 */
export const addGroupPosition = new PreparedQuery<IAddGroupPositionParams,IAddGroupPositionResult>(addGroupPositionIR);


/** 'AddGroupDepartment' parameters type */
export interface IAddGroupDepartmentParams {
  firm: string;
  id: string;
  name: string;
}

/** 'AddGroupDepartment' return type */
export type IAddGroupDepartmentResult = void;

/** 'AddGroupDepartment' query type */
export interface IAddGroupDepartmentQuery {
  params: IAddGroupDepartmentParams;
  result: IAddGroupDepartmentResult;
}

const addGroupDepartmentIR: any = {"usedParamSet":{"firm":true,"id":true,"name":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":55,"b":60}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":63,"b":66}]},{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":69,"b":74}]}],"statement":"insert into\n  department (firm_id, id, name)\nvalues\n  (:firm!, :id!, :name!)"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   department (firm_id, id, name)
 * values
 *   (:firm!, :id!, :name!)
 * ```
 */
export const addGroupDepartment = new PreparedQuery<IAddGroupDepartmentParams,IAddGroupDepartmentResult>(addGroupDepartmentIR);


/** 'SetPosition' parameters type */
export interface ISetPositionParams {
  ended: boolean;
  id: string;
  name: string;
}

/** 'SetPosition' return type */
export type ISetPositionResult = void;

/** 'SetPosition' query type */
export interface ISetPositionQuery {
  params: ISetPositionParams;
  result: ISetPositionResult;
}

const setPositionIR: any = {"usedParamSet":{"name":true,"ended":true,"id":true},"params":[{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":29,"b":34}]},{"name":"ended","required":true,"transform":{"type":"scalar"},"locs":[{"a":47,"b":53}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":93,"b":96}]}],"statement":"update position\nset\n  name = :name!,\n  ended = :ended!,\n  version = version + 1\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update position
 * set
 *   name = :name!,
 *   ended = :ended!,
 *   version = version + 1
 * where
 *   id = :id!
 * ```
 */
export const setPosition = new PreparedQuery<ISetPositionParams,ISetPositionResult>(setPositionIR);


/** 'SetDepartment' parameters type */
export interface ISetDepartmentParams {
  ended: boolean;
  id: string;
  name: string;
}

/** 'SetDepartment' return type */
export type ISetDepartmentResult = void;

/** 'SetDepartment' query type */
export interface ISetDepartmentQuery {
  params: ISetDepartmentParams;
  result: ISetDepartmentResult;
}

const setDepartmentIR: any = {"usedParamSet":{"name":true,"ended":true,"id":true},"params":[{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":31,"b":36}]},{"name":"ended","required":true,"transform":{"type":"scalar"},"locs":[{"a":49,"b":55}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":95,"b":98}]}],"statement":"update department\nset\n  name = :name!,\n  ended = :ended!,\n  version = version + 1\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update department
 * set
 *   name = :name!,
 *   ended = :ended!,
 *   version = version + 1
 * where
 *   id = :id!
 * ```
 */
export const setDepartment = new PreparedQuery<ISetDepartmentParams,ISetDepartmentResult>(setDepartmentIR);


