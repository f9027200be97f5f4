/** Types generated for queries found in "packages/server/src/people/sign-in.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'FindAccountByEmail' parameters type */
export interface IFindAccountByEmailParams {
  email: string;
}

/** 'FindAccountByEmail' return type */
export interface IFindAccountByEmailResult {
  id: string;
  name: string;
  passwordHash: string;
}

/** 'FindAccountByEmail' query type */
export interface IFindAccountByEmailQuery {
  params: IFindAccountByEmailParams;
  result: IFindAccountByEmailResult;
}

const findAccountByEmailIR: any = {"usedParamSet":{"email":true},"params":[{"name":"email","required":true,"transform":{"type":"scalar"},"locs":[{"a":101,"b":107}]}],"statement":"select\n  id as \"id!\",\n  name as \"name!\",\n  password_hash as \"passwordHash!\"\nfrom\n  account_by_email (:email!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   id as "id!",
 *   name as "name!",
 *   password_hash as "passwordHash!"
 * from
 *   account_by_email (:email!)
 * ```
 */
export const findAccountByEmail = new PreparedQuery<IFindAccountByEmailParams,IFindAccountByEmailResult>(findAccountByEmailIR);


