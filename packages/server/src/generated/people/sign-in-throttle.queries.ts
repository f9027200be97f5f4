/** Types generated for queries found in "packages/server/src/people/sign-in-throttle.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'SignInFailures' parameters type */
export interface ISignInFailuresParams {
  subjects: stringArray;
}

/** 'SignInFailures' return type */
export interface ISignInFailuresResult {
  count: number;
  lastAt: string;
  subject: string;
}

/** 'SignInFailures' query type */
export interface ISignInFailuresQuery {
  params: ISignInFailuresParams;
  result: ISignInFailuresResult;
}

const signInFailuresIR: any = {"usedParamSet":{"subjects":true},"params":[{"name":"subjects","required":true,"transform":{"type":"scalar"},"locs":[{"a":107,"b":116}]}],"statement":"select\n  f.subject as \"subject!\",\n  f.count as \"count!\",\n  f.last_at as \"lastAt!\"\nfrom\n  sign_in_failures (:subjects!) f"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   f.subject as "subject!",
 *   f.count as "count!",
 *   f.last_at as "lastAt!"
 * from
 *   sign_in_failures (:subjects!) f
 * ```
 */
export const signInFailures = new PreparedQuery<ISignInFailuresParams,ISignInFailuresResult>(signInFailuresIR);


/** 'NoteSignInFailure' parameters type */
export interface INoteSignInFailureParams {
  forgotten: string;
  now: string;
  subjects: stringArray;
}

/** 'NoteSignInFailure' return type */
export interface INoteSignInFailureResult {
  note_sign_in_failure: undefined | null;
}

/** 'NoteSignInFailure' query type */
export interface INoteSignInFailureQuery {
  params: INoteSignInFailureParams;
  result: INoteSignInFailureResult;
}

const noteSignInFailureIR: any = {"usedParamSet":{"subjects":true,"now":true,"forgotten":true},"params":[{"name":"subjects","required":true,"transform":{"type":"scalar"},"locs":[{"a":31,"b":40}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":43,"b":47}]},{"name":"forgotten","required":true,"transform":{"type":"scalar"},"locs":[{"a":50,"b":60}]}],"statement":"select\n  note_sign_in_failure (:subjects!, :now!, :forgotten!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   note_sign_in_failure (:subjects!, :now!, :forgotten!)
 * ```
 */
export const noteSignInFailure = new PreparedQuery<INoteSignInFailureParams,INoteSignInFailureResult>(noteSignInFailureIR);


/** 'ForgetSignInFailures' parameters type */
export interface IForgetSignInFailuresParams {
  subjects: stringArray;
}

/** 'ForgetSignInFailures' return type */
export interface IForgetSignInFailuresResult {
  forget_sign_in_failures: undefined | null;
}

/** 'ForgetSignInFailures' query type */
export interface IForgetSignInFailuresQuery {
  params: IForgetSignInFailuresParams;
  result: IForgetSignInFailuresResult;
}

const forgetSignInFailuresIR: any = {"usedParamSet":{"subjects":true},"params":[{"name":"subjects","required":true,"transform":{"type":"scalar"},"locs":[{"a":34,"b":43}]}],"statement":"select\n  forget_sign_in_failures (:subjects!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   forget_sign_in_failures (:subjects!)
 * ```
 */
export const forgetSignInFailures = new PreparedQuery<IForgetSignInFailuresParams,IForgetSignInFailuresResult>(forgetSignInFailuresIR);


