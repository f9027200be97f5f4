/** Types generated for queries found in "packages/server/src/billing/desk/hold-entries.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'LockToHold' parameters type */
export interface ILockToHoldParams {
  ids: stringArray;
}

/** 'LockToHold' return type */
export interface ILockToHoldResult {
  billedQuantity: number;
  billingState: string;
  holdReason: string | null;
  id: string;
  stage: string;
  version: number;
}

/** 'LockToHold' query type */
export interface ILockToHoldQuery {
  params: ILockToHoldParams;
  result: ILockToHoldResult;
}

const lockToHoldIR: any = {"usedParamSet":{"ids":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":222,"b":226}]}],"statement":"select\n  e.id as \"id!\",\n  e.version as \"version!\",\n  e.stage as \"stage!\",\n  e.billing_state as \"billingState!\",\n  e.billed_quantity as \"billedQuantity!\",\n  e.hold_reason as \"holdReason?\"\nfrom\n  entry e\nwhere\n  e.id = any (:ids!)\norder by\n  e.id\nfor update"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   e.id as "id!",
 *   e.version as "version!",
 *   e.stage as "stage!",
 *   e.billing_state as "billingState!",
 *   e.billed_quantity as "billedQuantity!",
 *   e.hold_reason as "holdReason?"
 * from
 *   entry e
 * where
 *   e.id = any (:ids!)
 * order by
 *   e.id
 * for update
 * ```
 */
export const lockToHold = new PreparedQuery<ILockToHoldParams,ILockToHoldResult>(lockToHoldIR);


/** 'SetHold' parameters type */
export interface ISetHoldParams {
  ids: stringArray;
  reason?: string | null | void;
}

/** 'SetHold' return type */
export type ISetHoldResult = void;

/** 'SetHold' query type */
export interface ISetHoldQuery {
  params: ISetHoldParams;
  result: ISetHoldResult;
}

const setHoldIR: any = {"usedParamSet":{"reason":true,"ids":true},"params":[{"name":"reason","required":false,"transform":{"type":"scalar"},"locs":[{"a":33,"b":39}]},{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":84,"b":88}]}],"statement":"update entry\nset\n  hold_reason = :reason,\n  version = version + 1\nwhere\n  id = any (:ids!)"};

/**
 * Query generated from SQL:
 * ```
 * update entry
 * set
 *   hold_reason = :reason,
 *   version = version + 1
 * where
 *   id = any (:ids!)
 * ```
 */
export const setHold = new PreparedQuery<ISetHoldParams,ISetHoldResult>(setHoldIR);


