/** Types generated for queries found in "packages/server/src/billing/payments/allocation.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'InsertAllocation' parameters type */
export interface IInsertAllocationParams {
  amount: number;
  credit?: string | null | void;
  firm: string;
  id: string;
  invoice: string;
  kind: string;
  now: string;
  payment?: string | null | void;
}

/** 'InsertAllocation' return type */
export type IInsertAllocationResult = void;

/** 'InsertAllocation' query type */
export interface IInsertAllocationQuery {
  params: IInsertAllocationParams;
  result: IInsertAllocationResult;
}

const insertAllocationIR: any = {"usedParamSet":{"firm":true,"id":true,"invoice":true,"kind":true,"payment":true,"credit":true,"amount":true,"now":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":108,"b":113}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":116,"b":119}]},{"name":"invoice","required":true,"transform":{"type":"scalar"},"locs":[{"a":122,"b":130}]},{"name":"kind","required":true,"transform":{"type":"scalar"},"locs":[{"a":133,"b":138}]},{"name":"payment","required":false,"transform":{"type":"scalar"},"locs":[{"a":141,"b":148}]},{"name":"credit","required":false,"transform":{"type":"scalar"},"locs":[{"a":151,"b":157}]},{"name":"amount","required":true,"transform":{"type":"scalar"},"locs":[{"a":160,"b":167}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":170,"b":174}]}],"statement":"insert into\n  allocation (firm_id, id, invoice_id, kind, payment_id, credit_id, amount_minor, at)\nvalues\n  (:firm!, :id!, :invoice!, :kind!, :payment, :credit, :amount!, :now!)"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   allocation (firm_id, id, invoice_id, kind, payment_id, credit_id, amount_minor, at)
 * values
 *   (:firm!, :id!, :invoice!, :kind!, :payment, :credit, :amount!, :now!)
 * ```
 */
export const insertAllocation = new PreparedQuery<IInsertAllocationParams,IInsertAllocationResult>(insertAllocationIR);


/** 'LiveAllocations' parameters type */
export interface ILiveAllocationsParams {
  invoice?: string | null | void;
  payment?: string | null | void;
}

/** 'LiveAllocations' return type */
export interface ILiveAllocationsResult {
  amount: number;
  id: string;
  invoiceId: string;
  kind: string;
}

/** 'LiveAllocations' query type */
export interface ILiveAllocationsQuery {
  params: ILiveAllocationsParams;
  result: ILiveAllocationsResult;
}

const liveAllocationsIR: any = {"usedParamSet":{"payment":true,"invoice":true},"params":[{"name":"payment","required":false,"transform":{"type":"scalar"},"locs":[{"a":169,"b":176}]},{"name":"invoice","required":false,"transform":{"type":"scalar"},"locs":[{"a":200,"b":207}]}],"statement":"select\n  a.id as \"id!\",\n  a.invoice_id as \"invoiceId!\",\n  a.amount_minor as \"amount!\",\n  a.kind as \"kind!\"\nfrom\n  allocation a\nwhere\n  a.live\n  and (\n    a.payment_id = :payment\n    or a.invoice_id = :invoice\n  )\norder by\n  a.invoice_id,\n  a.id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   a.id as "id!",
 *   a.invoice_id as "invoiceId!",
 *   a.amount_minor as "amount!",
 *   a.kind as "kind!"
 * from
 *   allocation a
 * where
 *   a.live
 *   and (
 *     a.payment_id = :payment
 *     or a.invoice_id = :invoice
 *   )
 * order by
 *   a.invoice_id,
 *   a.id
 * ```
 */
export const liveAllocations = new PreparedQuery<ILiveAllocationsParams,ILiveAllocationsResult>(liveAllocationsIR);


/** 'EndAllocations' parameters type */
export interface IEndAllocationsParams {
  ids: stringArray;
}

/** 'EndAllocations' return type */
export type IEndAllocationsResult = void;

/** 'EndAllocations' query type */
export interface IEndAllocationsQuery {
  params: IEndAllocationsParams;
  result: IEndAllocationsResult;
}

const endAllocationsIR: any = {"usedParamSet":{"ids":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":55,"b":59}]}],"statement":"update allocation\nset\n  live = false\nwhere\n  id = any (:ids!)"};

/**
 * Query generated from SQL:
 * ```
 * update allocation
 * set
 *   live = false
 * where
 *   id = any (:ids!)
 * ```
 */
export const endAllocations = new PreparedQuery<IEndAllocationsParams,IEndAllocationsResult>(endAllocationsIR);


