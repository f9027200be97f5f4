/** Types generated for queries found in "packages/server/src/people/forgotten.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'WriteMail' parameters type */
export interface IWriteMailParams {
  id: string;
  kind: string;
  now: string;
  recipient: string;
}

/** 'WriteMail' return type */
export interface IWriteMailResult {
  write_mail: undefined | null;
}

/** 'WriteMail' query type */
export interface IWriteMailQuery {
  params: IWriteMailParams;
  result: IWriteMailResult;
}

const writeMailIR: any = {"usedParamSet":{"id":true,"kind":true,"recipient":true,"now":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":21,"b":24}]},{"name":"kind","required":true,"transform":{"type":"scalar"},"locs":[{"a":27,"b":32}]},{"name":"recipient","required":true,"transform":{"type":"scalar"},"locs":[{"a":35,"b":45}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":48,"b":52}]}],"statement":"select\n  write_mail (:id!, :kind!, :recipient!, :now!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   write_mail (:id!, :kind!, :recipient!, :now!)
 * ```
 */
export const writeMail = new PreparedQuery<IWriteMailParams,IWriteMailResult>(writeMailIR);


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


