/** Types generated for queries found in "packages/server/src/founding/shape.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'ShapeOfFirm' parameters type */
export type IShapeOfFirmParams = void;

/** 'ShapeOfFirm' return type */
export interface IShapeOfFirmResult {
  off: stringArray;
  place: string | null;
  review: boolean;
  size: string | null;
  taxed: boolean;
  trade: string | null;
  version: number;
  ways: stringArray;
}

/** 'ShapeOfFirm' query type */
export interface IShapeOfFirmQuery {
  params: IShapeOfFirmParams;
  result: IShapeOfFirmResult;
}

const shapeOfFirmIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  f.place as \"place?\",\n  f.size as \"size?\",\n  f.trade as \"trade?\",\n  f.functions_off as \"off!\",\n  f.review as \"review!\",\n  f.record_ways as \"ways!\",\n  f.version as \"version!\",\n  exists (\n    select\n    from\n      tax_rate t\n    where\n      t.category = 'S'\n  ) as \"taxed!\"\nfrom\n  firm f"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   f.place as "place?",
 *   f.size as "size?",
 *   f.trade as "trade?",
 *   f.functions_off as "off!",
 *   f.review as "review!",
 *   f.record_ways as "ways!",
 *   f.version as "version!",
 *   exists (
 *     select
 *     from
 *       tax_rate t
 *     where
 *       t.category = 'S'
 *   ) as "taxed!"
 * from
 *   firm f
 * ```
 */
export const shapeOfFirm = new PreparedQuery<IShapeOfFirmParams,IShapeOfFirmResult>(shapeOfFirmIR);


/** 'ServicesOfFirm' parameters type */
export type IServicesOfFirmParams = void;

/** 'ServicesOfFirm' return type */
export interface IServicesOfFirmResult {
  code: string;
  id: string;
  name: string;
  used: boolean;
}

/** 'ServicesOfFirm' query type */
export interface IServicesOfFirmQuery {
  params: IServicesOfFirmParams;
  result: IServicesOfFirmResult;
}

const servicesOfFirmIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  s.id as \"id!\",\n  s.code as \"code!\",\n  s.name as \"name!\",\n  exists (\n    select\n    from\n      entry e\n    where\n      e.firm_id = s.firm_id\n      and e.service_id = s.id\n  )\n  or exists (\n    select\n    from\n      timer t\n    where\n      t.firm_id = s.firm_id\n      and t.service_id = s.id\n  )\n  or exists (\n    select\n    from\n      sheet_row r\n    where\n      r.firm_id = s.firm_id\n      and r.service_id = s.id\n  )\n  or exists (\n    select\n    from\n      rate_rule r\n    where\n      r.firm_id = s.firm_id\n      and r.service_id = s.id\n  ) as \"used!\"\nfrom\n  service s\norder by\n  s.name,\n  s.id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   s.id as "id!",
 *   s.code as "code!",
 *   s.name as "name!",
 *   exists (
 *     select
 *     from
 *       entry e
 *     where
 *       e.firm_id = s.firm_id
 *       and e.service_id = s.id
 *   )
 *   or exists (
 *     select
 *     from
 *       timer t
 *     where
 *       t.firm_id = s.firm_id
 *       and t.service_id = s.id
 *   )
 *   or exists (
 *     select
 *     from
 *       sheet_row r
 *     where
 *       r.firm_id = s.firm_id
 *       and r.service_id = s.id
 *   )
 *   or exists (
 *     select
 *     from
 *       rate_rule r
 *     where
 *       r.firm_id = s.firm_id
 *       and r.service_id = s.id
 *   ) as "used!"
 * from
 *   service s
 * order by
 *   s.name,
 *   s.id
 * ```
 */
export const servicesOfFirm = new PreparedQuery<IServicesOfFirmParams,IServicesOfFirmResult>(servicesOfFirmIR);


/** 'WaitingForReview' parameters type */
export type IWaitingForReviewParams = void;

/** 'WaitingForReview' return type */
export interface IWaitingForReviewResult {
  duration: number;
  people: number;
}

/** 'WaitingForReview' query type */
export interface IWaitingForReviewQuery {
  params: IWaitingForReviewParams;
  result: IWaitingForReviewResult;
}

const waitingForReviewIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  coalesce(sum(e.quantity), 0)::bigint as \"duration!\",\n  count(distinct e.person_id) as \"people!\"\nfrom\n  entry e\nwhere\n  e.stage = 'submitted'\n  and e.kind = 'time'"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   coalesce(sum(e.quantity), 0)::bigint as "duration!",
 *   count(distinct e.person_id) as "people!"
 * from
 *   entry e
 * where
 *   e.stage = 'submitted'
 *   and e.kind = 'time'
 * ```
 */
export const waitingForReview = new PreparedQuery<IWaitingForReviewParams,IWaitingForReviewResult>(waitingForReviewIR);


/** 'SetShape' parameters type */
export interface ISetShapeParams {
  off: stringArray;
  place?: string | null | void;
  review: boolean;
  size?: string | null | void;
  trade?: string | null | void;
  ways: stringArray;
}

/** 'SetShape' return type */
export type ISetShapeResult = void;

/** 'SetShape' query type */
export interface ISetShapeQuery {
  params: ISetShapeParams;
  result: ISetShapeResult;
}

const setShapeIR: any = {"usedParamSet":{"place":true,"size":true,"trade":true,"ways":true,"off":true,"review":true},"params":[{"name":"place","required":false,"transform":{"type":"scalar"},"locs":[{"a":26,"b":31}]},{"name":"size","required":false,"transform":{"type":"scalar"},"locs":[{"a":43,"b":47}]},{"name":"trade","required":false,"transform":{"type":"scalar"},"locs":[{"a":60,"b":65}]},{"name":"ways","required":true,"transform":{"type":"scalar"},"locs":[{"a":84,"b":89}]},{"name":"off","required":true,"transform":{"type":"scalar"},"locs":[{"a":110,"b":114}]},{"name":"review","required":true,"transform":{"type":"scalar"},"locs":[{"a":128,"b":135}]}],"statement":"update firm\nset\n  place = :place,\n  size = :size,\n  trade = :trade,\n  record_ways = :ways!,\n  functions_off = :off!,\n  review = :review!,\n  version = version + 1"};

/**
 * Query generated from SQL:
 * ```
 * update firm
 * set
 *   place = :place,
 *   size = :size,
 *   trade = :trade,
 *   record_ways = :ways!,
 *   functions_off = :off!,
 *   review = :review!,
 *   version = version + 1
 * ```
 */
export const setShape = new PreparedQuery<ISetShapeParams,ISetShapeResult>(setShapeIR);


/** 'SetFunctions' parameters type */
export interface ISetFunctionsParams {
  off: stringArray;
  review: boolean;
}

/** 'SetFunctions' return type */
export type ISetFunctionsResult = void;

/** 'SetFunctions' query type */
export interface ISetFunctionsQuery {
  params: ISetFunctionsParams;
  result: ISetFunctionsResult;
}

const setFunctionsIR: any = {"usedParamSet":{"off":true,"review":true},"params":[{"name":"off","required":true,"transform":{"type":"scalar"},"locs":[{"a":34,"b":38}]},{"name":"review","required":true,"transform":{"type":"scalar"},"locs":[{"a":52,"b":59}]}],"statement":"update firm\nset\n  functions_off = :off!,\n  review = :review!,\n  version = version + 1"};

/**
 * Query generated from SQL:
 * ```
 * update firm
 * set
 *   functions_off = :off!,
 *   review = :review!,
 *   version = version + 1
 * ```
 */
export const setFunctions = new PreparedQuery<ISetFunctionsParams,ISetFunctionsResult>(setFunctionsIR);


/** 'DropServices' parameters type */
export interface IDropServicesParams {
  ids: stringArray;
}

/** 'DropServices' return type */
export type IDropServicesResult = void;

/** 'DropServices' query type */
export interface IDropServicesQuery {
  params: IDropServicesParams;
  result: IDropServicesResult;
}

const dropServicesIR: any = {"usedParamSet":{"ids":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":38,"b":42}]}],"statement":"delete from service\nwhere\n  id = any (:ids!)"};

/**
 * Query generated from SQL:
 * ```
 * delete from service
 * where
 *   id = any (:ids!)
 * ```
 */
export const dropServices = new PreparedQuery<IDropServicesParams,IDropServicesResult>(dropServicesIR);


/** 'AddService' parameters type */
export interface IAddServiceParams {
  billable: boolean;
  code: string;
  firm: string;
  id: string;
  kind: string;
  name: string;
  taxCategory: string;
}

/** 'AddService' return type */
export type IAddServiceResult = void;

/** 'AddService' query type */
export interface IAddServiceQuery {
  params: IAddServiceParams;
  result: IAddServiceResult;
}

const addServiceIR: any = {"usedParamSet":{"firm":true,"id":true,"code":true,"name":true,"kind":true,"billable":true,"taxCategory":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":88,"b":93}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":96,"b":99}]},{"name":"code","required":true,"transform":{"type":"scalar"},"locs":[{"a":102,"b":107}]},{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":110,"b":115}]},{"name":"kind","required":true,"transform":{"type":"scalar"},"locs":[{"a":118,"b":123}]},{"name":"billable","required":true,"transform":{"type":"scalar"},"locs":[{"a":126,"b":135}]},{"name":"taxCategory","required":true,"transform":{"type":"scalar"},"locs":[{"a":138,"b":150}]}],"statement":"insert into\n  service (firm_id, id, code, name, kind, billable, tax_category)\nvalues\n  (:firm!, :id!, :code!, :name!, :kind!, :billable!, :taxCategory!)"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   service (firm_id, id, code, name, kind, billable, tax_category)
 * values
 *   (:firm!, :id!, :code!, :name!, :kind!, :billable!, :taxCategory!)
 * ```
 */
export const addService = new PreparedQuery<IAddServiceParams,IAddServiceResult>(addServiceIR);


