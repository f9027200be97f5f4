/** Types generated for queries found in "packages/server/src/people/own-roles.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

export type stringArray = (string)[];

/** 'ListOwnRoles' parameters type */
export type IListOwnRolesParams = void;

/** 'ListOwnRoles' return type */
export interface IListOwnRolesResult {
  id: string;
  name: string;
  people: number;
  rights: Json;
  version: number;
}

/** 'ListOwnRoles' query type */
export interface IListOwnRolesQuery {
  params: IListOwnRolesParams;
  result: IListOwnRolesResult;
}

const listOwnRolesIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  o.id as \"id!\",\n  o.name as \"name!\",\n  o.rights as \"rights!\",\n  o.version as \"version!\",\n  (\n    select\n      count(*)\n    from\n      person_own_role p\n    where\n      p.role_id = o.id\n  ) as \"people!\"\nfrom\n  own_role o\norder by\n  o.name"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   o.id as "id!",
 *   o.name as "name!",
 *   o.rights as "rights!",
 *   o.version as "version!",
 *   (
 *     select
 *       count(*)
 *     from
 *       person_own_role p
 *     where
 *       p.role_id = o.id
 *   ) as "people!"
 * from
 *   own_role o
 * order by
 *   o.name
 * ```
 */
export const listOwnRoles = new PreparedQuery<IListOwnRolesParams,IListOwnRolesResult>(listOwnRolesIR);


/** 'AddOwnRole' parameters type */
export interface IAddOwnRoleParams {
  firm: string;
  id: string;
  name: string;
  rights: Json;
}

/** 'AddOwnRole' return type */
export type IAddOwnRoleResult = void;

/** 'AddOwnRole' query type */
export interface IAddOwnRoleQuery {
  params: IAddOwnRoleParams;
  result: IAddOwnRoleResult;
}

const addOwnRoleIR: any = {"usedParamSet":{"firm":true,"id":true,"name":true,"rights":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":61,"b":66}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":69,"b":72}]},{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":75,"b":80}]},{"name":"rights","required":true,"transform":{"type":"scalar"},"locs":[{"a":83,"b":90}]}],"statement":"insert into\n  own_role (firm_id, id, name, rights)\nvalues\n  (:firm!, :id!, :name!, :rights!)"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   own_role (firm_id, id, name, rights)
 * values
 *   (:firm!, :id!, :name!, :rights!)
 * ```
 */
export const addOwnRole = new PreparedQuery<IAddOwnRoleParams,IAddOwnRoleResult>(addOwnRoleIR);


/** 'SetOwnRole' parameters type */
export interface ISetOwnRoleParams {
  id: string;
  name: string;
  rights: Json;
}

/** 'SetOwnRole' return type */
export type ISetOwnRoleResult = void;

/** 'SetOwnRole' query type */
export interface ISetOwnRoleQuery {
  params: ISetOwnRoleParams;
  result: ISetOwnRoleResult;
}

const setOwnRoleIR: any = {"usedParamSet":{"name":true,"rights":true,"id":true},"params":[{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":29,"b":34}]},{"name":"rights","required":true,"transform":{"type":"scalar"},"locs":[{"a":48,"b":55}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":95,"b":98}]}],"statement":"update own_role\nset\n  name = :name!,\n  rights = :rights!,\n  version = version + 1\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update own_role
 * set
 *   name = :name!,
 *   rights = :rights!,
 *   version = version + 1
 * where
 *   id = :id!
 * ```
 */
export const setOwnRole = new PreparedQuery<ISetOwnRoleParams,ISetOwnRoleResult>(setOwnRoleIR);


/** 'DropOwnRole' parameters type */
export interface IDropOwnRoleParams {
  id: string;
}

/** 'DropOwnRole' return type */
export type IDropOwnRoleResult = void;

/** 'DropOwnRole' query type */
export interface IDropOwnRoleQuery {
  params: IDropOwnRoleParams;
  result: IDropOwnRoleResult;
}

const dropOwnRoleIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":34,"b":37}]}],"statement":"delete from own_role\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * delete from own_role
 * where
 *   id = :id!
 * ```
 */
export const dropOwnRole = new PreparedQuery<IDropOwnRoleParams,IDropOwnRoleResult>(dropOwnRoleIR);


/** 'HeldByPeople' parameters type */
export interface IHeldByPeopleParams {
  people: stringArray;
}

/** 'HeldByPeople' return type */
export interface IHeldByPeopleResult {
  exceptions: Json;
  id: string;
  ownRoles: Json;
  roles: stringArray;
}

/** 'HeldByPeople' query type */
export interface IHeldByPeopleQuery {
  params: IHeldByPeopleParams;
  result: IHeldByPeopleResult;
}

const heldByPeopleIR: any = {"usedParamSet":{"people":true},"params":[{"name":"people","required":true,"transform":{"type":"scalar"},"locs":[{"a":175,"b":182}]}],"statement":"select\n  p.id as \"id!\",\n  h.roles as \"roles!\",\n  h.own_roles as \"ownRoles!\",\n  h.exceptions as \"exceptions!\"\nfrom\n  person p\n  cross join held_by (p.id) h\nwhere\n  p.id = any (:people!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!",
 *   h.roles as "roles!",
 *   h.own_roles as "ownRoles!",
 *   h.exceptions as "exceptions!"
 * from
 *   person p
 *   cross join held_by (p.id) h
 * where
 *   p.id = any (:people!)
 * ```
 */
export const heldByPeople = new PreparedQuery<IHeldByPeopleParams,IHeldByPeopleResult>(heldByPeopleIR);


/** 'TeamsLedWith' parameters type */
export interface ITeamsLedWithParams {
  lead: string;
  person: string;
}

/** 'TeamsLedWith' return type */
export interface ITeamsLedWithResult {
  name: string;
}

/** 'TeamsLedWith' query type */
export interface ITeamsLedWithQuery {
  params: ITeamsLedWithParams;
  result: ITeamsLedWithResult;
}

const teamsLedWithIR: any = {"usedParamSet":{"lead":true,"person":true},"params":[{"name":"lead","required":true,"transform":{"type":"scalar"},"locs":[{"a":133,"b":138}]},{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":161,"b":168}]}],"statement":"select\n  t.name as \"name!\"\nfrom\n  team t\n  join team_person tp on tp.firm_id = t.firm_id\n  and tp.team_id = t.id\nwhere\n  t.lead_id = :lead!\n  and tp.person_id = :person!\norder by\n  t.name"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   t.name as "name!"
 * from
 *   team t
 *   join team_person tp on tp.firm_id = t.firm_id
 *   and tp.team_id = t.id
 * where
 *   t.lead_id = :lead!
 *   and tp.person_id = :person!
 * order by
 *   t.name
 * ```
 */
export const teamsLedWith = new PreparedQuery<ITeamsLedWithParams,ITeamsLedWithResult>(teamsLedWithIR);


/** 'AccessTo' parameters type */
export interface IAccessToParams {
  person: string;
  project: string;
}

/** 'AccessTo' return type */
export interface IAccessToResult {
  managerId: string;
  named: boolean;
  open: boolean;
}

/** 'AccessTo' query type */
export interface IAccessToQuery {
  params: IAccessToParams;
  result: IAccessToResult;
}

const accessToIR: any = {"usedParamSet":{"person":true,"project":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":116,"b":123}]},{"name":"project","required":true,"transform":{"type":"scalar"},"locs":[{"a":174,"b":182}]}],"statement":"select\n  p.manager_id as \"managerId!\",\n  not p.restricted as \"open!\",\n  p.id in (\n    select\n      projects_naming (:person!)\n  ) as \"named!\"\nfrom\n  project p\nwhere\n  p.id = :project!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.manager_id as "managerId!",
 *   not p.restricted as "open!",
 *   p.id in (
 *     select
 *       projects_naming (:person!)
 *   ) as "named!"
 * from
 *   project p
 * where
 *   p.id = :project!
 * ```
 */
export const accessTo = new PreparedQuery<IAccessToParams,IAccessToResult>(accessToIR);


