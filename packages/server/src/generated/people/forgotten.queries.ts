/** Types generated for queries found in "packages/server/src/people/forgotten.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'ResetPassword' parameters type */
export interface IResetPasswordParams {
  hash: string;
  now: string;
  password: string;
}

/** 'ResetPassword' return type */
export interface IResetPasswordResult {
  email: string | null;
}

/** 'ResetPassword' query type */
export interface IResetPasswordQuery {
  params: IResetPasswordParams;
  result: IResetPasswordResult;
}

const resetPasswordIR: any = {"usedParamSet":{"hash":true,"password":true,"now":true},"params":[{"name":"hash","required":true,"transform":{"type":"scalar"},"locs":[{"a":25,"b":30}]},{"name":"password","required":true,"transform":{"type":"scalar"},"locs":[{"a":33,"b":42}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":45,"b":49}]}],"statement":"select\n  reset_password (:hash!, :password!, :now!) as \"email?\""};

/**
 * Query generated from SQL:
 * ```
 * select
 *   reset_password (:hash!, :password!, :now!) as "email?"
 * ```
 */
export const resetPassword = new PreparedQuery<IResetPasswordParams,IResetPasswordResult>(resetPasswordIR);


