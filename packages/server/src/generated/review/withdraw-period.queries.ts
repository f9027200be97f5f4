/** Types generated for queries found in "packages/server/src/review/withdraw-period.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

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


