/** Types generated for queries found in "packages/server/src/people/post.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'WriteMail' parameters type */
export interface IWriteMailParams {
  about?: string | null | void;
  firm?: string | null | void;
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

const writeMailIR: any = {"usedParamSet":{"id":true,"kind":true,"recipient":true,"now":true,"firm":true,"about":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":21,"b":24}]},{"name":"kind","required":true,"transform":{"type":"scalar"},"locs":[{"a":27,"b":32}]},{"name":"recipient","required":true,"transform":{"type":"scalar"},"locs":[{"a":35,"b":45}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":48,"b":52}]},{"name":"firm","required":false,"transform":{"type":"scalar"},"locs":[{"a":55,"b":59}]},{"name":"about","required":false,"transform":{"type":"scalar"},"locs":[{"a":62,"b":67}]}],"statement":"select\n  write_mail (:id!, :kind!, :recipient!, :now!, :firm, :about)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   write_mail (:id!, :kind!, :recipient!, :now!, :firm, :about)
 * ```
 */
export const writeMail = new PreparedQuery<IWriteMailParams,IWriteMailResult>(writeMailIR);


