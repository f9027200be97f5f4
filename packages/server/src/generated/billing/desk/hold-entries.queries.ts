/** Types generated for queries found in "packages/server/src/billing/desk/hold-entries.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'LockToBill' parameters type */
export interface ILockToBillParams {
  asker: string;
  ids: stringArray;
  reach: string;
}

/** 'LockToBill' return type */
export interface ILockToBillResult {
  holdReason: string | null;
  id: string;
  toBill: boolean;
  valueCurrency: string | null;
  valueMinor: number | null;
  version: number;
  writeOffReason: string | null;
  writtenOff: boolean;
}

/** 'LockToBill' query type */
export interface ILockToBillQuery {
  params: ILockToBillParams;
  result: ILockToBillResult;
}

const lockToBillIR: any = {"usedParamSet":{"reach":true,"asker":true,"ids":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":453,"b":459}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":462,"b":468}]},{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":501,"b":505}]}],"statement":"select\n  e.id as \"id!\",\n  e.version as \"version!\",\n  is_to_bill (e.stage, e.billing_state, e.billed_quantity) as \"toBill!\",\n  (\n    e.stage = 'approved'\n    and e.billing_state = 'written off'\n  ) as \"writtenOff!\",\n  e.hold_reason as \"holdReason?\",\n  e.write_off_reason as \"writeOffReason?\",\n  e.value_minor as \"valueMinor?\",\n  e.value_currency as \"valueCurrency?\"\nfrom\n  entry e\nwhere\n  e.id in (\n    select\n      r.id\n    from\n      entries_in_reach (:reach!, :asker!) r\n    where\n      r.id = any (:ids!)\n  )\norder by\n  e.id\nfor update"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   e.id as "id!",
 *   e.version as "version!",
 *   is_to_bill (e.stage, e.billing_state, e.billed_quantity) as "toBill!",
 *   (
 *     e.stage = 'approved'
 *     and e.billing_state = 'written off'
 *   ) as "writtenOff!",
 *   e.hold_reason as "holdReason?",
 *   e.write_off_reason as "writeOffReason?",
 *   e.value_minor as "valueMinor?",
 *   e.value_currency as "valueCurrency?"
 * from
 *   entry e
 * where
 *   e.id in (
 *     select
 *       r.id
 *     from
 *       entries_in_reach (:reach!, :asker!) r
 *     where
 *       r.id = any (:ids!)
 *   )
 * order by
 *   e.id
 * for update
 * ```
 */
export const lockToBill = new PreparedQuery<ILockToBillParams,ILockToBillResult>(lockToBillIR);


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


