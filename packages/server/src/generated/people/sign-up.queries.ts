/** Types generated for queries found in "packages/server/src/people/sign-up.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

/** 'WriteSignUp' parameters type */
export interface IWriteSignUpParams {
  consents: Json;
  email: string;
  hash: string;
  id: string;
  name: string;
  now: string;
}

/** 'WriteSignUp' return type */
export interface IWriteSignUpResult {
  write_sign_up: undefined | null;
}

/** 'WriteSignUp' query type */
export interface IWriteSignUpQuery {
  params: IWriteSignUpParams;
  result: IWriteSignUpResult;
}

const writeSignUpIR: any = {"usedParamSet":{"id":true,"email":true,"name":true,"hash":true,"consents":true,"now":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":24,"b":27}]},{"name":"email","required":true,"transform":{"type":"scalar"},"locs":[{"a":30,"b":36}]},{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":39,"b":44}]},{"name":"hash","required":true,"transform":{"type":"scalar"},"locs":[{"a":47,"b":52}]},{"name":"consents","required":true,"transform":{"type":"scalar"},"locs":[{"a":55,"b":64}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":67,"b":71}]}],"statement":"select\n  write_sign_up (:id!, :email!, :name!, :hash!, :consents!, :now!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   write_sign_up (:id!, :email!, :name!, :hash!, :consents!, :now!)
 * ```
 */
export const writeSignUp = new PreparedQuery<IWriteSignUpParams,IWriteSignUpResult>(writeSignUpIR);


/** 'SignUpOf' parameters type */
export interface ISignUpOfParams {
  hash: string;
  now: string;
}

/** 'SignUpOf' return type */
export interface ISignUpOfResult {
  id: string;
  passwordHash: string;
}

/** 'SignUpOf' query type */
export interface ISignUpOfQuery {
  params: ISignUpOfParams;
  result: ISignUpOfResult;
}

const signUpOfIR: any = {"usedParamSet":{"hash":true,"now":true},"params":[{"name":"hash","required":true,"transform":{"type":"scalar"},"locs":[{"a":76,"b":81}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":84,"b":88}]}],"statement":"select\n  id as \"id!\",\n  password_hash as \"passwordHash!\"\nfrom\n  sign_up_of (:hash!, :now!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   id as "id!",
 *   password_hash as "passwordHash!"
 * from
 *   sign_up_of (:hash!, :now!)
 * ```
 */
export const signUpOf = new PreparedQuery<ISignUpOfParams,ISignUpOfResult>(signUpOfIR);


/** 'MakeAccount' parameters type */
export interface IMakeAccountParams {
  account: string;
  hash: string;
  now: string;
}

/** 'MakeAccount' return type */
export interface IMakeAccountResult {
  account: string | null;
}

/** 'MakeAccount' query type */
export interface IMakeAccountQuery {
  params: IMakeAccountParams;
  result: IMakeAccountResult;
}

const makeAccountIR: any = {"usedParamSet":{"hash":true,"account":true,"now":true},"params":[{"name":"hash","required":true,"transform":{"type":"scalar"},"locs":[{"a":23,"b":28}]},{"name":"account","required":true,"transform":{"type":"scalar"},"locs":[{"a":31,"b":39}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":42,"b":46}]}],"statement":"select\n  make_account (:hash!, :account!, :now!) as \"account?\""};

/**
 * Query generated from SQL:
 * ```
 * select
 *   make_account (:hash!, :account!, :now!) as "account?"
 * ```
 */
export const makeAccount = new PreparedQuery<IMakeAccountParams,IMakeAccountResult>(makeAccountIR);


