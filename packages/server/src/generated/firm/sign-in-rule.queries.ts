/** Types generated for queries found in "packages/server/src/firm/sign-in-rule.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

export type stringArray = (string)[];

/** 'SignInRule' parameters type */
export type ISignInRuleParams = void;

/** 'SignInRule' return type */
export interface ISignInRuleResult {
  factorForMoney: boolean;
  version: number;
}

/** 'SignInRule' query type */
export interface ISignInRuleQuery {
  params: ISignInRuleParams;
  result: ISignInRuleResult;
}

const signInRuleIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  factor_for_money as \"factorForMoney!\",\n  version as \"version!\"\nfrom\n  firm"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   factor_for_money as "factorForMoney!",
 *   version as "version!"
 * from
 *   firm
 * ```
 */
export const signInRule = new PreparedQuery<ISignInRuleParams,ISignInRuleResult>(signInRuleIR);


/** 'SetSignInRule' parameters type */
export interface ISetSignInRuleParams {
  factorForMoney: boolean;
}

/** 'SetSignInRule' return type */
export type ISetSignInRuleResult = void;

/** 'SetSignInRule' query type */
export interface ISetSignInRuleQuery {
  params: ISetSignInRuleParams;
  result: ISetSignInRuleResult;
}

const setSignInRuleIR: any = {"usedParamSet":{"factorForMoney":true},"params":[{"name":"factorForMoney","required":true,"transform":{"type":"scalar"},"locs":[{"a":37,"b":52}]}],"statement":"update firm\nset\n  factor_for_money = :factorForMoney!,\n  version = version + 1"};

/**
 * Query generated from SQL:
 * ```
 * update firm
 * set
 *   factor_for_money = :factorForMoney!,
 *   version = version + 1
 * ```
 */
export const setSignInRule = new PreparedQuery<ISetSignInRuleParams,ISetSignInRuleResult>(setSignInRuleIR);


/** 'PeopleWithAccount' parameters type */
export interface IPeopleWithAccountParams {
  firm: string;
}

/** 'PeopleWithAccount' return type */
export interface IPeopleWithAccountResult {
  exceptions: Json;
  factor: boolean;
  id: string;
  name: string;
  ownRoles: Json;
  roles: stringArray;
}

/** 'PeopleWithAccount' query type */
export interface IPeopleWithAccountQuery {
  params: IPeopleWithAccountParams;
  result: IPeopleWithAccountResult;
}

const peopleWithAccountIR: any = {"usedParamSet":{"firm":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":187,"b":192},{"a":269,"b":274}]}],"statement":"select\n  p.id as \"id!\",\n  p.name as \"name!\",\n  h.roles as \"roles!\",\n  h.own_roles as \"ownRoles!\",\n  h.exceptions as \"exceptions!\",\n  exists (\n    select\n    from\n      second_factors_of (:firm!) f\n    where\n      f.person_id = p.id\n  ) as \"factor!\"\nfrom\n  accounts_of (:firm!) a\n  join person p on p.id = a.person_id\n  cross join held_by (p.id) h\norder by\n  p.name"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!",
 *   p.name as "name!",
 *   h.roles as "roles!",
 *   h.own_roles as "ownRoles!",
 *   h.exceptions as "exceptions!",
 *   exists (
 *     select
 *     from
 *       second_factors_of (:firm!) f
 *     where
 *       f.person_id = p.id
 *   ) as "factor!"
 * from
 *   accounts_of (:firm!) a
 *   join person p on p.id = a.person_id
 *   cross join held_by (p.id) h
 * order by
 *   p.name
 * ```
 */
export const peopleWithAccount = new PreparedQuery<IPeopleWithAccountParams,IPeopleWithAccountResult>(peopleWithAccountIR);


