/** Types generated for queries found in "packages/server/src/review/withdraw-period.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'WithdrawSubmissions' parameters type */
export interface IWithdrawSubmissionsParams {
  at: string;
  sheet: string;
}

/** 'WithdrawSubmissions' return type */
export type IWithdrawSubmissionsResult = void;

/** 'WithdrawSubmissions' query type */
export interface IWithdrawSubmissionsQuery {
  params: IWithdrawSubmissionsParams;
  result: IWithdrawSubmissionsResult;
}

const withdrawSubmissionsIR: any = {"usedParamSet":{"at":true,"sheet":true},"params":[{"name":"at","required":true,"transform":{"type":"scalar"},"locs":[{"a":39,"b":42}]},{"name":"sheet","required":true,"transform":{"type":"scalar"},"locs":[{"a":67,"b":73}]}],"statement":"update submission\nset\n  withdrawn_at = :at!\nwhere\n  timesheet_id = :sheet!\n  and withdrawn_at is null"};

/**
 * Query generated from SQL:
 * ```
 * update submission
 * set
 *   withdrawn_at = :at!
 * where
 *   timesheet_id = :sheet!
 *   and withdrawn_at is null
 * ```
 */
export const withdrawSubmissions = new PreparedQuery<IWithdrawSubmissionsParams,IWithdrawSubmissionsResult>(withdrawSubmissionsIR);


/** 'ApprovedByPolicy' parameters type */
export interface IApprovedByPolicyParams {
  ids: stringArray;
}

/** 'ApprovedByPolicy' return type */
export interface IApprovedByPolicyResult {
  id: string;
}

/** 'ApprovedByPolicy' query type */
export interface IApprovedByPolicyQuery {
  params: IApprovedByPolicyParams;
  result: IApprovedByPolicyResult;
}

const approvedByPolicyIR: any = {"usedParamSet":{"ids":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":114,"b":118}]}],"statement":"select\n  e.id as \"id!\"\nfrom\n  entry e\n  join last_decision (e.firm_id, e.id) d on d.by_policy\nwhere\n  e.id = any (:ids!)\n  and e.stage = 'approved'\n  and e.billed_quantity = 0"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   e.id as "id!"
 * from
 *   entry e
 *   join last_decision (e.firm_id, e.id) d on d.by_policy
 * where
 *   e.id = any (:ids!)
 *   and e.stage = 'approved'
 *   and e.billed_quantity = 0
 * ```
 */
export const approvedByPolicy = new PreparedQuery<IApprovedByPolicyParams,IApprovedByPolicyResult>(approvedByPolicyIR);


