/** Types generated for queries found in "packages/server/src/firm/firm-facts.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

export type stringArray = (string)[];

/** 'FirmFacts' parameters type */
export type IFirmFactsParams = void;

/** 'FirmFacts' return type */
export interface IFirmFactsResult {
  address: stringArray;
  closing: string;
  creditPrefix: string;
  email: string;
  forms: Json;
  height: number | null;
  invoicePrefix: string;
  logoId: string | null;
  name: string;
  nextInvoice: number;
  numbered: boolean;
  opening: string;
  paymentDetails: string;
  taxId: string;
  version: number;
  width: number | null;
}

/** 'FirmFacts' query type */
export interface IFirmFactsQuery {
  params: IFirmFactsParams;
  result: IFirmFactsResult;
}

const firmFactsIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  f.name as \"name!\",\n  f.address as \"address!\",\n  f.tax_id as \"taxId!\",\n  f.email as \"email!\",\n  f.payment_details as \"paymentDetails!\",\n  f.opening as \"opening!\",\n  f.closing as \"closing!\",\n  l.id as \"logoId?\",\n  l.width as \"width?\",\n  l.height as \"height?\",\n  f.forms as \"forms!\",\n  f.version as \"version!\",\n  i.prefix as \"invoicePrefix!\",\n  i.next_number as \"nextInvoice!\",\n  c.prefix as \"creditPrefix!\",\n  exists (\n    select\n    from\n      invoice d\n    where\n      d.series = 'invoice'\n      and d.number is not null\n  ) as \"numbered!\"\nfrom\n  firm f\n  join invoice_series i on i.firm_id = f.firm_id\n  and i.series = 'invoice'\n  join invoice_series c on c.firm_id = f.firm_id\n  and c.series = 'credit note'\n  left join logo l on l.firm_id = f.firm_id\n  and l.id = f.logo_id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   f.name as "name!",
 *   f.address as "address!",
 *   f.tax_id as "taxId!",
 *   f.email as "email!",
 *   f.payment_details as "paymentDetails!",
 *   f.opening as "opening!",
 *   f.closing as "closing!",
 *   l.id as "logoId?",
 *   l.width as "width?",
 *   l.height as "height?",
 *   f.forms as "forms!",
 *   f.version as "version!",
 *   i.prefix as "invoicePrefix!",
 *   i.next_number as "nextInvoice!",
 *   c.prefix as "creditPrefix!",
 *   exists (
 *     select
 *     from
 *       invoice d
 *     where
 *       d.series = 'invoice'
 *       and d.number is not null
 *   ) as "numbered!"
 * from
 *   firm f
 *   join invoice_series i on i.firm_id = f.firm_id
 *   and i.series = 'invoice'
 *   join invoice_series c on c.firm_id = f.firm_id
 *   and c.series = 'credit note'
 *   left join logo l on l.firm_id = f.firm_id
 *   and l.id = f.logo_id
 * ```
 */
export const firmFacts = new PreparedQuery<IFirmFactsParams,IFirmFactsResult>(firmFactsIR);


/** 'LockFirm' parameters type */
export type ILockFirmParams = void;

/** 'LockFirm' return type */
export interface ILockFirmResult {
  version: number;
}

/** 'LockFirm' query type */
export interface ILockFirmQuery {
  params: ILockFirmParams;
  result: ILockFirmResult;
}

const lockFirmIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  version as \"version!\"\nfrom\n  firm\nfor update"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   version as "version!"
 * from
 *   firm
 * for update
 * ```
 */
export const lockFirm = new PreparedQuery<ILockFirmParams,ILockFirmResult>(lockFirmIR);


/** 'SetFirm' parameters type */
export interface ISetFirmParams {
  address: stringArray;
  closing: string;
  email: string;
  forms: Json;
  name: string;
  opening: string;
  paymentDetails: string;
  taxId: string;
}

/** 'SetFirm' return type */
export type ISetFirmResult = void;

/** 'SetFirm' query type */
export interface ISetFirmQuery {
  params: ISetFirmParams;
  result: ISetFirmResult;
}

const setFirmIR: any = {"usedParamSet":{"name":true,"address":true,"taxId":true,"email":true,"paymentDetails":true,"opening":true,"closing":true,"forms":true},"params":[{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":25,"b":30}]},{"name":"address","required":true,"transform":{"type":"scalar"},"locs":[{"a":45,"b":53}]},{"name":"taxId","required":true,"transform":{"type":"scalar"},"locs":[{"a":67,"b":73}]},{"name":"email","required":true,"transform":{"type":"scalar"},"locs":[{"a":86,"b":92}]},{"name":"paymentDetails","required":true,"transform":{"type":"scalar"},"locs":[{"a":115,"b":130}]},{"name":"opening","required":true,"transform":{"type":"scalar"},"locs":[{"a":145,"b":153}]},{"name":"closing","required":true,"transform":{"type":"scalar"},"locs":[{"a":168,"b":176}]},{"name":"forms","required":true,"transform":{"type":"scalar"},"locs":[{"a":189,"b":195}]}],"statement":"update firm\nset\n  name = :name!,\n  address = :address!,\n  tax_id = :taxId!,\n  email = :email!,\n  payment_details = :paymentDetails!,\n  opening = :opening!,\n  closing = :closing!,\n  forms = :forms!,\n  version = version + 1"};

/**
 * Query generated from SQL:
 * ```
 * update firm
 * set
 *   name = :name!,
 *   address = :address!,
 *   tax_id = :taxId!,
 *   email = :email!,
 *   payment_details = :paymentDetails!,
 *   opening = :opening!,
 *   closing = :closing!,
 *   forms = :forms!,
 *   version = version + 1
 * ```
 */
export const setFirm = new PreparedQuery<ISetFirmParams,ISetFirmResult>(setFirmIR);


/** 'SetSeries' parameters type */
export interface ISetSeriesParams {
  next?: number | null | void;
  prefix: string;
  series: string;
}

/** 'SetSeries' return type */
export type ISetSeriesResult = void;

/** 'SetSeries' query type */
export interface ISetSeriesQuery {
  params: ISetSeriesParams;
  result: ISetSeriesResult;
}

const setSeriesIR: any = {"usedParamSet":{"prefix":true,"next":true,"series":true},"params":[{"name":"prefix","required":true,"transform":{"type":"scalar"},"locs":[{"a":37,"b":44}]},{"name":"next","required":false,"transform":{"type":"scalar"},"locs":[{"a":72,"b":76}]},{"name":"series","required":true,"transform":{"type":"scalar"},"locs":[{"a":109,"b":116}]}],"statement":"update invoice_series\nset\n  prefix = :prefix!,\n  next_number = coalesce(:next, next_number)\nwhere\n  series = :series!"};

/**
 * Query generated from SQL:
 * ```
 * update invoice_series
 * set
 *   prefix = :prefix!,
 *   next_number = coalesce(:next, next_number)
 * where
 *   series = :series!
 * ```
 */
export const setSeries = new PreparedQuery<ISetSeriesParams,ISetSeriesResult>(setSeriesIR);


