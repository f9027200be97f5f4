/** Types generated for queries found in "packages/server/src/people/second-factor.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'SecondFactorOf' parameters type */
export interface ISecondFactorOfParams {
  account: string;
}

/** 'SecondFactorOf' return type */
export interface ISecondFactorOfResult {
  codes: number;
  confirmed: boolean;
  lastStep: number;
  secret: string;
}

/** 'SecondFactorOf' query type */
export interface ISecondFactorOfQuery {
  params: ISecondFactorOfParams;
  result: ISecondFactorOfResult;
}

const secondFactorOfIR: any = {"usedParamSet":{"account":true},"params":[{"name":"account","required":true,"transform":{"type":"scalar"},"locs":[{"a":132,"b":140}]}],"statement":"select\n  secret as \"secret!\",\n  confirmed as \"confirmed!\",\n  last_step as \"lastStep!\",\n  codes as \"codes!\"\nfrom\n  second_factor_of (:account!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   secret as "secret!",
 *   confirmed as "confirmed!",
 *   last_step as "lastStep!",
 *   codes as "codes!"
 * from
 *   second_factor_of (:account!)
 * ```
 */
export const secondFactorOf = new PreparedQuery<ISecondFactorOfParams,ISecondFactorOfResult>(secondFactorOfIR);


/** 'BeginFactor' parameters type */
export interface IBeginFactorParams {
  account: string;
  secret: string;
}

/** 'BeginFactor' return type */
export interface IBeginFactorResult {
  begun: boolean;
}

/** 'BeginFactor' query type */
export interface IBeginFactorQuery {
  params: IBeginFactorParams;
  result: IBeginFactorResult;
}

const beginFactorIR: any = {"usedParamSet":{"account":true,"secret":true},"params":[{"name":"account","required":true,"transform":{"type":"scalar"},"locs":[{"a":30,"b":38}]},{"name":"secret","required":true,"transform":{"type":"scalar"},"locs":[{"a":41,"b":48}]}],"statement":"select\n  begin_second_factor (:account!, :secret!) as \"begun!\""};

/**
 * Query generated from SQL:
 * ```
 * select
 *   begin_second_factor (:account!, :secret!) as "begun!"
 * ```
 */
export const beginFactor = new PreparedQuery<IBeginFactorParams,IBeginFactorResult>(beginFactorIR);


/** 'TakeCode' parameters type */
export interface ITakeCodeParams {
  account: string;
  now: string;
  step: number;
}

/** 'TakeCode' return type */
export interface ITakeCodeResult {
  taken: boolean;
}

/** 'TakeCode' query type */
export interface ITakeCodeQuery {
  params: ITakeCodeParams;
  result: ITakeCodeResult;
}

const takeCodeIR: any = {"usedParamSet":{"account":true,"step":true,"now":true},"params":[{"name":"account","required":true,"transform":{"type":"scalar"},"locs":[{"a":20,"b":28}]},{"name":"step","required":true,"transform":{"type":"scalar"},"locs":[{"a":31,"b":36}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":39,"b":43}]}],"statement":"select\n  take_code (:account!, :step!, :now!) as \"taken!\""};

/**
 * Query generated from SQL:
 * ```
 * select
 *   take_code (:account!, :step!, :now!) as "taken!"
 * ```
 */
export const takeCode = new PreparedQuery<ITakeCodeParams,ITakeCodeResult>(takeCodeIR);


/** 'TakeRecoveryCode' parameters type */
export interface ITakeRecoveryCodeParams {
  account: string;
  hash: string;
}

/** 'TakeRecoveryCode' return type */
export interface ITakeRecoveryCodeResult {
  taken: boolean;
}

/** 'TakeRecoveryCode' query type */
export interface ITakeRecoveryCodeQuery {
  params: ITakeRecoveryCodeParams;
  result: ITakeRecoveryCodeResult;
}

const takeRecoveryCodeIR: any = {"usedParamSet":{"account":true,"hash":true},"params":[{"name":"account","required":true,"transform":{"type":"scalar"},"locs":[{"a":29,"b":37}]},{"name":"hash","required":true,"transform":{"type":"scalar"},"locs":[{"a":40,"b":45}]}],"statement":"select\n  take_recovery_code (:account!, :hash!) as \"taken!\""};

/**
 * Query generated from SQL:
 * ```
 * select
 *   take_recovery_code (:account!, :hash!) as "taken!"
 * ```
 */
export const takeRecoveryCode = new PreparedQuery<ITakeRecoveryCodeParams,ITakeRecoveryCodeResult>(takeRecoveryCodeIR);


/** 'KeepRecoveryCodes' parameters type */
export interface IKeepRecoveryCodesParams {
  account: string;
  hashes: stringArray;
}

/** 'KeepRecoveryCodes' return type */
export interface IKeepRecoveryCodesResult {
  keep_recovery_codes: undefined | null;
}

/** 'KeepRecoveryCodes' query type */
export interface IKeepRecoveryCodesQuery {
  params: IKeepRecoveryCodesParams;
  result: IKeepRecoveryCodesResult;
}

const keepRecoveryCodesIR: any = {"usedParamSet":{"account":true,"hashes":true},"params":[{"name":"account","required":true,"transform":{"type":"scalar"},"locs":[{"a":30,"b":38}]},{"name":"hashes","required":true,"transform":{"type":"scalar"},"locs":[{"a":41,"b":48}]}],"statement":"select\n  keep_recovery_codes (:account!, :hashes!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   keep_recovery_codes (:account!, :hashes!)
 * ```
 */
export const keepRecoveryCodes = new PreparedQuery<IKeepRecoveryCodesParams,IKeepRecoveryCodesResult>(keepRecoveryCodesIR);


/** 'EndFactor' parameters type */
export interface IEndFactorParams {
  account: string;
}

/** 'EndFactor' return type */
export interface IEndFactorResult {
  end_second_factor: undefined | null;
}

/** 'EndFactor' query type */
export interface IEndFactorQuery {
  params: IEndFactorParams;
  result: IEndFactorResult;
}

const endFactorIR: any = {"usedParamSet":{"account":true},"params":[{"name":"account","required":true,"transform":{"type":"scalar"},"locs":[{"a":28,"b":36}]}],"statement":"select\n  end_second_factor (:account!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   end_second_factor (:account!)
 * ```
 */
export const endFactor = new PreparedQuery<IEndFactorParams,IEndFactorResult>(endFactorIR);


