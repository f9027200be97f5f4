/** Types generated for queries found in "packages/server/src/billing/desk/write-off-entries.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'SetWrittenOff' parameters type */
export interface ISetWrittenOffParams {
  ids: stringArray;
  reason: string;
}

/** 'SetWrittenOff' return type */
export type ISetWrittenOffResult = void;

/** 'SetWrittenOff' query type */
export interface ISetWrittenOffQuery {
  params: ISetWrittenOffParams;
  result: ISetWrittenOffResult;
}

const setWrittenOffIR: any = {"usedParamSet":{"reason":true,"ids":true},"params":[{"name":"reason","required":true,"transform":{"type":"scalar"},"locs":[{"a":71,"b":78}]},{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":145,"b":149}]}],"statement":"update entry\nset\n  billing_state = 'written off',\n  write_off_reason = :reason!,\n  hold_reason = null,\n  version = version + 1\nwhere\n  id = any (:ids!)"};

/**
 * Query generated from SQL:
 * ```
 * update entry
 * set
 *   billing_state = 'written off',
 *   write_off_reason = :reason!,
 *   hold_reason = null,
 *   version = version + 1
 * where
 *   id = any (:ids!)
 * ```
 */
export const setWrittenOff = new PreparedQuery<ISetWrittenOffParams,ISetWrittenOffResult>(setWrittenOffIR);


/** 'SetToBillAgain' parameters type */
export interface ISetToBillAgainParams {
  ids: stringArray;
}

/** 'SetToBillAgain' return type */
export type ISetToBillAgainResult = void;

/** 'SetToBillAgain' query type */
export interface ISetToBillAgainQuery {
  params: ISetToBillAgainParams;
  result: ISetToBillAgainResult;
}

const setToBillAgainIR: any = {"usedParamSet":{"ids":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":266,"b":270}]}],"statement":"update entry\nset\n  -- As the core says: what is billed as nothing is not offered for billing.\n  billing_state = case\n    when billable_quantity = 0 then 'nothing to bill'\n    else 'to bill'\n  end,\n  write_off_reason = null,\n  version = version + 1\nwhere\n  id = any (:ids!)"};

/**
 * Query generated from SQL:
 * ```
 * update entry
 * set
 *   -- As the core says: what is billed as nothing is not offered for billing.
 *   billing_state = case
 *     when billable_quantity = 0 then 'nothing to bill'
 *     else 'to bill'
 *   end,
 *   write_off_reason = null,
 *   version = version + 1
 * where
 *   id = any (:ids!)
 * ```
 */
export const setToBillAgain = new PreparedQuery<ISetToBillAgainParams,ISetToBillAgainResult>(setToBillAgainIR);


