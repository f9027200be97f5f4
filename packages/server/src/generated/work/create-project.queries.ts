/** Types generated for queries found in "packages/server/src/work/create-project.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'ClientOf' parameters type */
export interface IClientOfParams {
  id: string;
}

/** 'ClientOf' return type */
export interface IClientOfResult {
  archived: boolean;
  currency: string;
  id: string;
  name: string;
}

/** 'ClientOf' query type */
export interface IClientOfQuery {
  params: IClientOfParams;
  result: IClientOfResult;
}

const clientOfIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":133,"b":136}]}],"statement":"select\n  c.id as \"id!\",\n  c.name as \"name!\",\n  c.currency as \"currency!\",\n  c.archived as \"archived!\"\nfrom\n  client c\nwhere\n  c.id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   c.id as "id!",
 *   c.name as "name!",
 *   c.currency as "currency!",
 *   c.archived as "archived!"
 * from
 *   client c
 * where
 *   c.id = :id!
 * ```
 */
export const clientOf = new PreparedQuery<IClientOfParams,IClientOfResult>(clientOfIR);


/** 'ClientNamed' parameters type */
export interface IClientNamedParams {
  name: string;
}

/** 'ClientNamed' return type */
export interface IClientNamedResult {
  id: string;
}

/** 'ClientNamed' query type */
export interface IClientNamedQuery {
  params: IClientNamedParams;
  result: IClientNamedResult;
}

const clientNamedIR: any = {"usedParamSet":{"name":true},"params":[{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":69,"b":74}]}],"statement":"select\n  c.id as \"id!\"\nfrom\n  client c\nwhere\n  lower(c.name) = lower(:name!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   c.id as "id!"
 * from
 *   client c
 * where
 *   lower(c.name) = lower(:name!)
 * ```
 */
export const clientNamed = new PreparedQuery<IClientNamedParams,IClientNamedResult>(clientNamedIR);


/** 'AddClient' parameters type */
export interface IAddClientParams {
  country: string;
  currency: string;
  days: number;
  firm: string;
  id: string;
  name: string;
}

/** 'AddClient' return type */
export type IAddClientResult = void;

/** 'AddClient' query type */
export interface IAddClientQuery {
  params: IAddClientParams;
  result: IAddClientResult;
}

const addClientIR: any = {"usedParamSet":{"firm":true,"id":true,"name":true,"country":true,"currency":true,"days":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":100,"b":105}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":108,"b":111}]},{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":114,"b":119}]},{"name":"country","required":true,"transform":{"type":"scalar"},"locs":[{"a":128,"b":136}]},{"name":"currency","required":true,"transform":{"type":"scalar"},"locs":[{"a":143,"b":152}]},{"name":"days","required":true,"transform":{"type":"scalar"},"locs":[{"a":155,"b":160}]}],"statement":"insert into\n  client (firm_id, id, name, address, country, email, currency, payment_days)\nvalues\n  (:firm!, :id!, :name!, '{}', :country!, '', :currency!, :days!)"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   client (firm_id, id, name, address, country, email, currency, payment_days)
 * values
 *   (:firm!, :id!, :name!, '{}', :country!, '', :currency!, :days!)
 * ```
 */
export const addClient = new PreparedQuery<IAddClientParams,IAddClientResult>(addClientIR);


/** 'FirstDepartment' parameters type */
export type IFirstDepartmentParams = void;

/** 'FirstDepartment' return type */
export interface IFirstDepartmentResult {
  id: string;
}

/** 'FirstDepartment' query type */
export interface IFirstDepartmentQuery {
  params: IFirstDepartmentParams;
  result: IFirstDepartmentResult;
}

const firstDepartmentIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  d.id as \"id!\"\nfrom\n  department d\norder by\n  d.ended,\n  d.id\nlimit\n  1"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   d.id as "id!"
 * from
 *   department d
 * order by
 *   d.ended,
 *   d.id
 * limit
 *   1
 * ```
 */
export const firstDepartment = new PreparedQuery<IFirstDepartmentParams,IFirstDepartmentResult>(firstDepartmentIR);


/** 'ProjectNamed' parameters type */
export interface IProjectNamedParams {
  client?: string | null | void;
  name: string;
}

/** 'ProjectNamed' return type */
export interface IProjectNamedResult {
  id: string;
}

/** 'ProjectNamed' query type */
export interface IProjectNamedQuery {
  params: IProjectNamedParams;
  result: IProjectNamedResult;
}

const projectNamedIR: any = {"usedParamSet":{"name":true,"client":true},"params":[{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":70,"b":75}]},{"name":"client","required":false,"transform":{"type":"scalar"},"locs":[{"a":117,"b":123}]}],"statement":"select\n  p.id as \"id!\"\nfrom\n  project p\nwhere\n  lower(p.name) = lower(:name!)\n  and p.client_id is not distinct from :client\n  and is_live (p)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!"
 * from
 *   project p
 * where
 *   lower(p.name) = lower(:name!)
 *   and p.client_id is not distinct from :client
 *   and is_live (p)
 * ```
 */
export const projectNamed = new PreparedQuery<IProjectNamedParams,IProjectNamedResult>(projectNamedIR);


/** 'CodesAndCount' parameters type */
export type ICodesAndCountParams = void;

/** 'CodesAndCount' return type */
export interface ICodesAndCountResult {
  codes: stringArray | null;
  count: number;
}

/** 'CodesAndCount' query type */
export interface ICodesAndCountQuery {
  params: ICodesAndCountParams;
  result: ICodesAndCountResult;
}

const codesAndCountIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  array_agg(p.code) as \"codes?\",\n  count(*) as \"count!\"\nfrom\n  project p"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   array_agg(p.code) as "codes?",
 *   count(*) as "count!"
 * from
 *   project p
 * ```
 */
export const codesAndCount = new PreparedQuery<ICodesAndCountParams,ICodesAndCountResult>(codesAndCountIR);


/** 'FirstState' parameters type */
export type IFirstStateParams = void;

/** 'FirstState' return type */
export interface IFirstStateResult {
  id: string;
  name: string;
}

/** 'FirstState' query type */
export interface IFirstStateQuery {
  params: IFirstStateParams;
  result: IFirstStateResult;
}

const firstStateIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  s.id as \"id!\",\n  s.name as \"name!\"\nfrom\n  project_state s\nwhere\n  s.records\n  and s.open\norder by\n  s.place,\n  s.id\nlimit\n  1"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   s.id as "id!",
 *   s.name as "name!"
 * from
 *   project_state s
 * where
 *   s.records
 *   and s.open
 * order by
 *   s.place,
 *   s.id
 * limit
 *   1
 * ```
 */
export const firstState = new PreparedQuery<IFirstStateParams,IFirstStateResult>(firstStateIR);


/** 'AddProjectRow' parameters type */
export interface IAddProjectRowParams {
  billable: boolean;
  client?: string | null | void;
  code: string;
  department?: string | null | void;
  estimate: number;
  firm: string;
  id: string;
  manager: string;
  name: string;
  state: string;
  tone: number;
}

/** 'AddProjectRow' return type */
export type IAddProjectRowResult = void;

/** 'AddProjectRow' query type */
export interface IAddProjectRowQuery {
  params: IAddProjectRowParams;
  result: IAddProjectRowResult;
}

const addProjectRowIR: any = {"usedParamSet":{"firm":true,"id":true,"client":true,"department":true,"name":true,"code":true,"tone":true,"state":true,"manager":true,"billable":true,"estimate":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":208,"b":213}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":220,"b":223}]},{"name":"client","required":false,"transform":{"type":"scalar"},"locs":[{"a":230,"b":236}]},{"name":"department","required":false,"transform":{"type":"scalar"},"locs":[{"a":243,"b":253}]},{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":260,"b":265}]},{"name":"code","required":true,"transform":{"type":"scalar"},"locs":[{"a":272,"b":277}]},{"name":"tone","required":true,"transform":{"type":"scalar"},"locs":[{"a":284,"b":289}]},{"name":"state","required":true,"transform":{"type":"scalar"},"locs":[{"a":296,"b":302}]},{"name":"manager","required":true,"transform":{"type":"scalar"},"locs":[{"a":329,"b":337}]},{"name":"billable","required":true,"transform":{"type":"scalar"},"locs":[{"a":344,"b":353}]},{"name":"estimate","required":true,"transform":{"type":"scalar"},"locs":[{"a":360,"b":369}]}],"statement":"insert into\n  project (\n    firm_id,\n    id,\n    client_id,\n    department_id,\n    name,\n    code,\n    tone,\n    state_id,\n    records,\n    open,\n    manager_id,\n    billable,\n    estimate\n  )\nvalues\n  (\n    :firm!,\n    :id!,\n    :client,\n    :department,\n    :name!,\n    :code!,\n    :tone!,\n    :state!,\n    true,\n    true,\n    :manager!,\n    :billable!,\n    :estimate!\n  )"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   project (
 *     firm_id,
 *     id,
 *     client_id,
 *     department_id,
 *     name,
 *     code,
 *     tone,
 *     state_id,
 *     records,
 *     open,
 *     manager_id,
 *     billable,
 *     estimate
 *   )
 * values
 *   (
 *     :firm!,
 *     :id!,
 *     :client,
 *     :department,
 *     :name!,
 *     :code!,
 *     :tone!,
 *     :state!,
 *     true,
 *     true,
 *     :manager!,
 *     :billable!,
 *     :estimate!
 *   )
 * ```
 */
export const addProjectRow = new PreparedQuery<IAddProjectRowParams,IAddProjectRowResult>(addProjectRowIR);


/** 'AddAgreement' parameters type */
export interface IAddAgreementParams {
  currency: string;
  id: string;
  method: string;
  project: string;
  validFrom: string;
}

/** 'AddAgreement' return type */
export type IAddAgreementResult = void;

/** 'AddAgreement' query type */
export interface IAddAgreementQuery {
  params: IAddAgreementParams;
  result: IAddAgreementResult;
}

const addAgreementIR: any = {"usedParamSet":{"id":true,"project":true,"method":true,"currency":true,"validFrom":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":234,"b":237}]},{"name":"project","required":true,"transform":{"type":"scalar"},"locs":[{"a":242,"b":250}]},{"name":"method","required":true,"transform":{"type":"scalar"},"locs":[{"a":255,"b":262}]},{"name":"currency","required":true,"transform":{"type":"scalar"},"locs":[{"a":267,"b":276}]},{"name":"validFrom","required":true,"transform":{"type":"scalar"},"locs":[{"a":385,"b":395}]}],"statement":"insert into\n  agreement (\n    firm_id,\n    id,\n    project_id,\n    method,\n    currency,\n    rounding_increment,\n    rounding_mode,\n    rounding_unit,\n    rounding_minimum,\n    decimal_places,\n    valid_from\n  )\nselect\n  f.firm_id,\n  :id!,\n  :project!,\n  :method!,\n  :currency!,\n  f.rounding_increment,\n  f.rounding_mode,\n  f.rounding_unit,\n  f.rounding_minimum,\n  f.decimal_places,\n  :validFrom!\nfrom\n  firm f"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   agreement (
 *     firm_id,
 *     id,
 *     project_id,
 *     method,
 *     currency,
 *     rounding_increment,
 *     rounding_mode,
 *     rounding_unit,
 *     rounding_minimum,
 *     decimal_places,
 *     valid_from
 *   )
 * select
 *   f.firm_id,
 *   :id!,
 *   :project!,
 *   :method!,
 *   :currency!,
 *   f.rounding_increment,
 *   f.rounding_mode,
 *   f.rounding_unit,
 *   f.rounding_minimum,
 *   f.decimal_places,
 *   :validFrom!
 * from
 *   firm f
 * ```
 */
export const addAgreement = new PreparedQuery<IAddAgreementParams,IAddAgreementResult>(addAgreementIR);


