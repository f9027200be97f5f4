/** Types generated for queries found in "packages/server/src/people/change-person.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

export type stringArray = (string)[];

/** 'LockPeople' parameters type */
export interface ILockPeopleParams {
  people: stringArray;
}

/** 'LockPeople' return type */
export interface ILockPeopleResult {
  departmentId: string | null;
  email: string;
  exceptions: Json;
  id: string;
  kind: string;
  leftOn: string | null;
  name: string;
  ownRoles: Json;
  roles: stringArray;
  staffNumber: string;
  startedOn: string;
  version: number;
  zone: string;
}

/** 'LockPeople' query type */
export interface ILockPeopleQuery {
  params: ILockPeopleParams;
  result: ILockPeopleResult;
}

const lockPeopleIR: any = {"usedParamSet":{"people":true},"params":[{"name":"people","required":true,"transform":{"type":"scalar"},"locs":[{"a":420,"b":427}]}],"statement":"select\n  p.id as \"id!\",\n  p.name as \"name!\",\n  p.email as \"email!\",\n  p.staff_number as \"staffNumber!\",\n  p.zone as \"zone!\",\n  p.kind as \"kind!\",\n  p.department_id as \"departmentId?\",\n  p.started_on as \"startedOn!\",\n  p.left_on as \"leftOn?\",\n  p.version as \"version!\",\n  h.roles as \"roles!\",\n  h.own_roles as \"ownRoles!\",\n  h.exceptions as \"exceptions!\"\nfrom\n  person p\n  cross join held_by (p.id) h\nwhere\n  p.id = any (:people!)\norder by\n  p.id\nfor update of\n  p"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!",
 *   p.name as "name!",
 *   p.email as "email!",
 *   p.staff_number as "staffNumber!",
 *   p.zone as "zone!",
 *   p.kind as "kind!",
 *   p.department_id as "departmentId?",
 *   p.started_on as "startedOn!",
 *   p.left_on as "leftOn?",
 *   p.version as "version!",
 *   h.roles as "roles!",
 *   h.own_roles as "ownRoles!",
 *   h.exceptions as "exceptions!"
 * from
 *   person p
 *   cross join held_by (p.id) h
 * where
 *   p.id = any (:people!)
 * order by
 *   p.id
 * for update of
 *   p
 * ```
 */
export const lockPeople = new PreparedQuery<ILockPeopleParams,ILockPeopleResult>(lockPeopleIR);


/** 'GiveRoles' parameters type */
export interface IGiveRolesParams {
  firm: string;
  given: Json;
}

/** 'GiveRoles' return type */
export type IGiveRolesResult = void;

/** 'GiveRoles' query type */
export interface IGiveRolesQuery {
  params: IGiveRolesParams;
  result: IGiveRolesResult;
}

const giveRolesIR: any = {"usedParamSet":{"firm":true,"given":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":62,"b":67}]},{"name":"given","required":true,"transform":{"type":"scalar"},"locs":[{"a":117,"b":123}]}],"statement":"insert into\n  person_role (firm_id, person_id, role)\nselect\n  :firm!,\n  g.person,\n  g.role\nfrom\n  jsonb_to_recordset(:given!) as g (person uuid, role text)"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   person_role (firm_id, person_id, role)
 * select
 *   :firm!,
 *   g.person,
 *   g.role
 * from
 *   jsonb_to_recordset(:given!) as g (person uuid, role text)
 * ```
 */
export const giveRoles = new PreparedQuery<IGiveRolesParams,IGiveRolesResult>(giveRolesIR);


/** 'SetPerson' parameters type */
export interface ISetPersonParams {
  departmentId?: string | null | void;
  email: string;
  kind: string;
  name: string;
  person: string;
  staffNumber: string;
  startedOn: string;
  zone: string;
}

/** 'SetPerson' return type */
export type ISetPersonResult = void;

/** 'SetPerson' query type */
export interface ISetPersonQuery {
  params: ISetPersonParams;
  result: ISetPersonResult;
}

const setPersonIR: any = {"usedParamSet":{"name":true,"email":true,"staffNumber":true,"kind":true,"departmentId":true,"zone":true,"startedOn":true,"person":true},"params":[{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":27,"b":32}]},{"name":"email","required":true,"transform":{"type":"scalar"},"locs":[{"a":45,"b":51}]},{"name":"staffNumber","required":true,"transform":{"type":"scalar"},"locs":[{"a":71,"b":83}]},{"name":"kind","required":true,"transform":{"type":"scalar"},"locs":[{"a":95,"b":100}]},{"name":"departmentId","required":false,"transform":{"type":"scalar"},"locs":[{"a":121,"b":133}]},{"name":"zone","required":true,"transform":{"type":"scalar"},"locs":[{"a":145,"b":150}]},{"name":"startedOn","required":true,"transform":{"type":"scalar"},"locs":[{"a":168,"b":178}]},{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":218,"b":225}]}],"statement":"update person\nset\n  name = :name!,\n  email = :email!,\n  staff_number = :staffNumber!,\n  kind = :kind!,\n  department_id = :departmentId,\n  zone = :zone!,\n  started_on = :startedOn!,\n  version = version + 1\nwhere\n  id = :person!"};

/**
 * Query generated from SQL:
 * ```
 * update person
 * set
 *   name = :name!,
 *   email = :email!,
 *   staff_number = :staffNumber!,
 *   kind = :kind!,
 *   department_id = :departmentId,
 *   zone = :zone!,
 *   started_on = :startedOn!,
 *   version = version + 1
 * where
 *   id = :person!
 * ```
 */
export const setPerson = new PreparedQuery<ISetPersonParams,ISetPersonResult>(setPersonIR);


/** 'DropRoles' parameters type */
export interface IDropRolesParams {
  people: stringArray;
}

/** 'DropRoles' return type */
export type IDropRolesResult = void;

/** 'DropRoles' query type */
export interface IDropRolesQuery {
  params: IDropRolesParams;
  result: IDropRolesResult;
}

const dropRolesIR: any = {"usedParamSet":{"people":true},"params":[{"name":"people","required":true,"transform":{"type":"scalar"},"locs":[{"a":49,"b":56}]}],"statement":"delete from person_role\nwhere\n  person_id = any (:people!)"};

/**
 * Query generated from SQL:
 * ```
 * delete from person_role
 * where
 *   person_id = any (:people!)
 * ```
 */
export const dropRoles = new PreparedQuery<IDropRolesParams,IDropRolesResult>(dropRolesIR);


/** 'RaisePeople' parameters type */
export interface IRaisePeopleParams {
  people: stringArray;
}

/** 'RaisePeople' return type */
export type IRaisePeopleResult = void;

/** 'RaisePeople' query type */
export interface IRaisePeopleQuery {
  params: IRaisePeopleParams;
  result: IRaisePeopleResult;
}

const raisePeopleIR: any = {"usedParamSet":{"people":true},"params":[{"name":"people","required":true,"transform":{"type":"scalar"},"locs":[{"a":60,"b":67}]}],"statement":"update person\nset\n  version = version + 1\nwhere\n  id = any (:people!)"};

/**
 * Query generated from SQL:
 * ```
 * update person
 * set
 *   version = version + 1
 * where
 *   id = any (:people!)
 * ```
 */
export const raisePeople = new PreparedQuery<IRaisePeopleParams,IRaisePeopleResult>(raisePeopleIR);


/** 'RaisePerson' parameters type */
export interface IRaisePersonParams {
  leftOn?: string | null | void;
  person: string;
}

/** 'RaisePerson' return type */
export type IRaisePersonResult = void;

/** 'RaisePerson' query type */
export interface IRaisePersonQuery {
  params: IRaisePersonParams;
  result: IRaisePersonResult;
}

const raisePersonIR: any = {"usedParamSet":{"leftOn":true,"person":true},"params":[{"name":"leftOn","required":false,"transform":{"type":"scalar"},"locs":[{"a":30,"b":36}]},{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":76,"b":83}]}],"statement":"update person\nset\n  left_on = :leftOn,\n  version = version + 1\nwhere\n  id = :person!"};

/**
 * Query generated from SQL:
 * ```
 * update person
 * set
 *   left_on = :leftOn,
 *   version = version + 1
 * where
 *   id = :person!
 * ```
 */
export const raisePerson = new PreparedQuery<IRaisePersonParams,IRaisePersonResult>(raisePersonIR);


/** 'EndMembership' parameters type */
export interface IEndMembershipParams {
  at?: string | null | void;
  firm: string;
  person: string;
}

/** 'EndMembership' return type */
export interface IEndMembershipResult {
  end_membership: undefined | null;
}

/** 'EndMembership' query type */
export interface IEndMembershipQuery {
  params: IEndMembershipParams;
  result: IEndMembershipResult;
}

const endMembershipIR: any = {"usedParamSet":{"firm":true,"person":true,"at":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":25,"b":30}]},{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":33,"b":40}]},{"name":"at","required":false,"transform":{"type":"scalar"},"locs":[{"a":43,"b":45}]}],"statement":"select\n  end_membership (:firm!, :person!, :at)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   end_membership (:firm!, :person!, :at)
 * ```
 */
export const endMembership = new PreparedQuery<IEndMembershipParams,IEndMembershipResult>(endMembershipIR);


/** 'OwnersWithAccount' parameters type */
export interface IOwnersWithAccountParams {
  firm: string;
}

/** 'OwnersWithAccount' return type */
export interface IOwnersWithAccountResult {
  id: string;
}

/** 'OwnersWithAccount' query type */
export interface IOwnersWithAccountQuery {
  params: IOwnersWithAccountParams;
  result: IOwnersWithAccountResult;
}

const ownersWithAccountIR: any = {"usedParamSet":{"firm":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":50,"b":55}]}],"statement":"select\n  a.person_id as \"id!\"\nfrom\n  accounts_of (:firm!) a\n  join person_role r on r.person_id = a.person_id\n  and r.role = 'owner'"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   a.person_id as "id!"
 * from
 *   accounts_of (:firm!) a
 *   join person_role r on r.person_id = a.person_id
 *   and r.role = 'owner'
 * ```
 */
export const ownersWithAccount = new PreparedQuery<IOwnersWithAccountParams,IOwnersWithAccountResult>(ownersWithAccountIR);


/** 'HeldWithAccount' parameters type */
export interface IHeldWithAccountParams {
  firm: string;
  person: string;
}

/** 'HeldWithAccount' return type */
export interface IHeldWithAccountResult {
  exceptions: Json;
  ownRoles: Json;
  roles: stringArray;
}

/** 'HeldWithAccount' query type */
export interface IHeldWithAccountQuery {
  params: IHeldWithAccountParams;
  result: IHeldWithAccountResult;
}

const heldWithAccountIR: any = {"usedParamSet":{"firm":true,"person":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":112,"b":117}]},{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":181,"b":188}]}],"statement":"select\n  h.roles as \"roles!\",\n  h.own_roles as \"ownRoles!\",\n  h.exceptions as \"exceptions!\"\nfrom\n  accounts_of (:firm!) a\n  cross join held_by (a.person_id) h\nwhere\n  a.person_id = :person!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   h.roles as "roles!",
 *   h.own_roles as "ownRoles!",
 *   h.exceptions as "exceptions!"
 * from
 *   accounts_of (:firm!) a
 *   cross join held_by (a.person_id) h
 * where
 *   a.person_id = :person!
 * ```
 */
export const heldWithAccount = new PreparedQuery<IHeldWithAccountParams,IHeldWithAccountResult>(heldWithAccountIR);


/** 'OwnRolesByIds' parameters type */
export interface IOwnRolesByIdsParams {
  ids: stringArray;
}

/** 'OwnRolesByIds' return type */
export interface IOwnRolesByIdsResult {
  id: string;
  name: string;
  rights: Json;
}

/** 'OwnRolesByIds' query type */
export interface IOwnRolesByIdsQuery {
  params: IOwnRolesByIdsParams;
  result: IOwnRolesByIdsResult;
}

const ownRolesByIdsIR: any = {"usedParamSet":{"ids":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":97,"b":101}]}],"statement":"select\n  id as \"id!\",\n  name as \"name!\",\n  rights as \"rights!\"\nfrom\n  own_role\nwhere\n  id = any (:ids!)\norder by\n  name"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   id as "id!",
 *   name as "name!",
 *   rights as "rights!"
 * from
 *   own_role
 * where
 *   id = any (:ids!)
 * order by
 *   name
 * ```
 */
export const ownRolesByIds = new PreparedQuery<IOwnRolesByIdsParams,IOwnRolesByIdsResult>(ownRolesByIdsIR);


/** 'DropOwnRoles' parameters type */
export interface IDropOwnRolesParams {
  people: stringArray;
}

/** 'DropOwnRoles' return type */
export type IDropOwnRolesResult = void;

/** 'DropOwnRoles' query type */
export interface IDropOwnRolesQuery {
  params: IDropOwnRolesParams;
  result: IDropOwnRolesResult;
}

const dropOwnRolesIR: any = {"usedParamSet":{"people":true},"params":[{"name":"people","required":true,"transform":{"type":"scalar"},"locs":[{"a":53,"b":60}]}],"statement":"delete from person_own_role\nwhere\n  person_id = any (:people!)"};

/**
 * Query generated from SQL:
 * ```
 * delete from person_own_role
 * where
 *   person_id = any (:people!)
 * ```
 */
export const dropOwnRoles = new PreparedQuery<IDropOwnRolesParams,IDropOwnRolesResult>(dropOwnRolesIR);


/** 'GiveOwnRoles' parameters type */
export interface IGiveOwnRolesParams {
  firm: string;
  given: Json;
}

/** 'GiveOwnRoles' return type */
export type IGiveOwnRolesResult = void;

/** 'GiveOwnRoles' query type */
export interface IGiveOwnRolesQuery {
  params: IGiveOwnRolesParams;
  result: IGiveOwnRolesResult;
}

const giveOwnRolesIR: any = {"usedParamSet":{"firm":true,"given":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":69,"b":74}]},{"name":"given","required":true,"transform":{"type":"scalar"},"locs":[{"a":124,"b":130}]}],"statement":"insert into\n  person_own_role (firm_id, person_id, role_id)\nselect\n  :firm!,\n  g.person,\n  g.role\nfrom\n  jsonb_to_recordset(:given!) as g (person uuid, role uuid)"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   person_own_role (firm_id, person_id, role_id)
 * select
 *   :firm!,
 *   g.person,
 *   g.role
 * from
 *   jsonb_to_recordset(:given!) as g (person uuid, role uuid)
 * ```
 */
export const giveOwnRoles = new PreparedQuery<IGiveOwnRolesParams,IGiveOwnRolesResult>(giveOwnRolesIR);


/** 'DropExceptions' parameters type */
export interface IDropExceptionsParams {
  people: stringArray;
}

/** 'DropExceptions' return type */
export type IDropExceptionsResult = void;

/** 'DropExceptions' query type */
export interface IDropExceptionsQuery {
  params: IDropExceptionsParams;
  result: IDropExceptionsResult;
}

const dropExceptionsIR: any = {"usedParamSet":{"people":true},"params":[{"name":"people","required":true,"transform":{"type":"scalar"},"locs":[{"a":54,"b":61}]}],"statement":"delete from person_exception\nwhere\n  person_id = any (:people!)"};

/**
 * Query generated from SQL:
 * ```
 * delete from person_exception
 * where
 *   person_id = any (:people!)
 * ```
 */
export const dropExceptions = new PreparedQuery<IDropExceptionsParams,IDropExceptionsResult>(dropExceptionsIR);


/** 'AddExceptions' parameters type */
export interface IAddExceptionsParams {
  exceptions: Json;
  firm: string;
  person: string;
}

/** 'AddExceptions' return type */
export type IAddExceptionsResult = void;

/** 'AddExceptions' query type */
export interface IAddExceptionsQuery {
  params: IAddExceptionsParams;
  result: IAddExceptionsResult;
}

const addExceptionsIR: any = {"usedParamSet":{"firm":true,"person":true,"exceptions":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":80,"b":85}]},{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":90,"b":97}]},{"name":"exceptions","required":true,"transform":{"type":"scalar"},"locs":[{"a":152,"b":163}]}],"statement":"insert into\n  person_exception (firm_id, person_id, permission, reach)\nselect\n  :firm!,\n  :person!,\n  e.permission,\n  e.reach\nfrom\n  jsonb_to_recordset(:exceptions!) as e (permission text, reach text)"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   person_exception (firm_id, person_id, permission, reach)
 * select
 *   :firm!,
 *   :person!,
 *   e.permission,
 *   e.reach
 * from
 *   jsonb_to_recordset(:exceptions!) as e (permission text, reach text)
 * ```
 */
export const addExceptions = new PreparedQuery<IAddExceptionsParams,IAddExceptionsResult>(addExceptionsIR);


/** 'GroupByIds' parameters type */
export interface IGroupByIdsParams {
  ids: stringArray;
}

/** 'GroupByIds' return type */
export interface IGroupByIdsResult {
  ended: boolean;
  id: string;
  kind: string;
  name: string;
}

/** 'GroupByIds' query type */
export interface IGroupByIdsQuery {
  params: IGroupByIdsParams;
  result: IGroupByIdsResult;
}

const groupByIdsIR: any = {"usedParamSet":{"ids":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":323,"b":327}]}],"statement":"select\n  g.id as \"id!\",\n  g.kind as \"kind!\",\n  g.name as \"name!\",\n  g.ended as \"ended!\"\nfrom\n  (\n    select\n      id,\n      'position' as kind,\n      name,\n      ended\n    from\n      position\n    union all\n    select\n      id,\n      'department',\n      name,\n      ended\n    from\n      department\n  ) g\nwhere\n  g.id = any (:ids!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   g.id as "id!",
 *   g.kind as "kind!",
 *   g.name as "name!",
 *   g.ended as "ended!"
 * from
 *   (
 *     select
 *       id,
 *       'position' as kind,
 *       name,
 *       ended
 *     from
 *       position
 *     union all
 *     select
 *       id,
 *       'department',
 *       name,
 *       ended
 *     from
 *       department
 *   ) g
 * where
 *   g.id = any (:ids!)
 * ```
 */
export const groupByIds = new PreparedQuery<IGroupByIdsParams,IGroupByIdsResult>(groupByIdsIR);


/** 'PositionNow' parameters type */
export interface IPositionNowParams {
  on: string;
  person: string;
}

/** 'PositionNow' return type */
export interface IPositionNowResult {
  id: string | null;
  name: string | null;
}

/** 'PositionNow' query type */
export interface IPositionNowQuery {
  params: IPositionNowParams;
  result: IPositionNowResult;
}

const positionNowIR: any = {"usedParamSet":{"on":true,"person":true},"params":[{"name":"on","required":true,"transform":{"type":"scalar"},"locs":[{"a":76,"b":79}]},{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":108,"b":115}]}],"statement":"select\n  po.position_id as \"id?\",\n  po.name as \"name?\"\nfrom\n  positions_on (:on!) po\nwhere\n  po.person_id = :person!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   po.position_id as "id?",
 *   po.name as "name?"
 * from
 *   positions_on (:on!) po
 * where
 *   po.person_id = :person!
 * ```
 */
export const positionNow = new PreparedQuery<IPositionNowParams,IPositionNowResult>(positionNowIR);


/** 'LastRecorded' parameters type */
export interface ILastRecordedParams {
  from: string;
  person: string;
}

/** 'LastRecorded' return type */
export interface ILastRecordedResult {
  day: string | null;
}

/** 'LastRecorded' query type */
export interface ILastRecordedQuery {
  params: ILastRecordedParams;
  result: ILastRecordedResult;
}

const lastRecordedIR: any = {"usedParamSet":{"person":true,"from":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":73,"b":80}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":103,"b":108}]}],"statement":"select\n  max(e.work_date) as \"day?\"\nfrom\n  entry e\nwhere\n  e.person_id = :person!\n  and e.work_date >= :from!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   max(e.work_date) as "day?"
 * from
 *   entry e
 * where
 *   e.person_id = :person!
 *   and e.work_date >= :from!
 * ```
 */
export const lastRecorded = new PreparedQuery<ILastRecordedParams,ILastRecordedResult>(lastRecordedIR);


/** 'EndPositions' parameters type */
export interface IEndPositionsParams {
  from: string;
  person: string;
}

/** 'EndPositions' return type */
export type IEndPositionsResult = void;

/** 'EndPositions' query type */
export interface IEndPositionsQuery {
  params: IEndPositionsParams;
  result: IEndPositionsResult;
}

const endPositionsIR: any = {"usedParamSet":{"from":true,"person":true},"params":[{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":40,"b":45},{"a":105,"b":110},{"a":160,"b":165}]},{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":77,"b":84}]}],"statement":"update person_position\nset\n  valid_to = :from!::date - 1\nwhere\n  person_id = :person!\n  and valid_from < :from!\n  and (\n    valid_to is null\n    or valid_to >= :from!\n  )"};

/**
 * Query generated from SQL:
 * ```
 * update person_position
 * set
 *   valid_to = :from!::date - 1
 * where
 *   person_id = :person!
 *   and valid_from < :from!
 *   and (
 *     valid_to is null
 *     or valid_to >= :from!
 *   )
 * ```
 */
export const endPositions = new PreparedQuery<IEndPositionsParams,IEndPositionsResult>(endPositionsIR);


/** 'DropLaterPositions' parameters type */
export interface IDropLaterPositionsParams {
  from: string;
  person: string;
}

/** 'DropLaterPositions' return type */
export type IDropLaterPositionsResult = void;

/** 'DropLaterPositions' query type */
export interface IDropLaterPositionsQuery {
  params: IDropLaterPositionsParams;
  result: IDropLaterPositionsResult;
}

const dropLaterPositionsIR: any = {"usedParamSet":{"person":true,"from":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":48,"b":55}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":77,"b":82}]}],"statement":"delete from person_position\nwhere\n  person_id = :person!\n  and valid_from >= :from!"};

/**
 * Query generated from SQL:
 * ```
 * delete from person_position
 * where
 *   person_id = :person!
 *   and valid_from >= :from!
 * ```
 */
export const dropLaterPositions = new PreparedQuery<IDropLaterPositionsParams,IDropLaterPositionsResult>(dropLaterPositionsIR);


/** 'AddPositionOf' parameters type */
export interface IAddPositionOfParams {
  firm: string;
  from: string;
  person: string;
  position: string;
}

/** 'AddPositionOf' return type */
export type IAddPositionOfResult = void;

/** 'AddPositionOf' query type */
export interface IAddPositionOfQuery {
  params: IAddPositionOfParams;
  result: IAddPositionOfResult;
}

const addPositionOfIR: any = {"usedParamSet":{"firm":true,"person":true,"position":true,"from":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":86,"b":91}]},{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":94,"b":101}]},{"name":"position","required":true,"transform":{"type":"scalar"},"locs":[{"a":104,"b":113}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":116,"b":121}]}],"statement":"insert into\n  person_position (firm_id, person_id, position_id, valid_from)\nvalues\n  (:firm!, :person!, :position!, :from!)"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   person_position (firm_id, person_id, position_id, valid_from)
 * values
 *   (:firm!, :person!, :position!, :from!)
 * ```
 */
export const addPositionOf = new PreparedQuery<IAddPositionOfParams,IAddPositionOfResult>(addPositionOfIR);


