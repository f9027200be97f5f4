/** Types generated for queries found in "packages/server/src/people/routes.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'FindAccount' parameters type */
export interface IFindAccountParams {
  id: string;
}

/** 'FindAccount' return type */
export interface IFindAccountResult {
  durationForm: string;
  email: string;
  id: string;
  name: string;
  passwordHash: string;
  theme: string;
}

/** 'FindAccount' query type */
export interface IFindAccountQuery {
  params: IFindAccountParams;
  result: IFindAccountResult;
}

const findAccountIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":176,"b":179}]}],"statement":"select\n  id as \"id!\",\n  email as \"email!\",\n  name as \"name!\",\n  password_hash as \"passwordHash!\",\n  theme as \"theme!\",\n  duration_form as \"durationForm!\"\nfrom\n  account_by_id (:id!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   id as "id!",
 *   email as "email!",
 *   name as "name!",
 *   password_hash as "passwordHash!",
 *   theme as "theme!",
 *   duration_form as "durationForm!"
 * from
 *   account_by_id (:id!)
 * ```
 */
export const findAccount = new PreparedQuery<IFindAccountParams,IFindAccountResult>(findAccountIR);


/** 'FirmsOfAccount' parameters type */
export interface IFirmsOfAccountParams {
  account: string;
}

/** 'FirmsOfAccount' return type */
export interface IFirmsOfAccountResult {
  name: string;
  slug: string;
}

/** 'FirmsOfAccount' query type */
export interface IFirmsOfAccountQuery {
  params: IFirmsOfAccountParams;
  result: IFirmsOfAccountResult;
}

const firmsOfAccountIR: any = {"usedParamSet":{"account":true},"params":[{"name":"account","required":true,"transform":{"type":"scalar"},"locs":[{"a":67,"b":75}]}],"statement":"select\n  slug as \"slug!\",\n  name as \"name!\"\nfrom\n  firm_addresses (:account!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   slug as "slug!",
 *   name as "name!"
 * from
 *   firm_addresses (:account!)
 * ```
 */
export const firmsOfAccount = new PreparedQuery<IFirmsOfAccountParams,IFirmsOfAccountResult>(firmsOfAccountIR);


/** 'SetPassword' parameters type */
export interface ISetPasswordParams {
  account: string;
  hash: string;
}

/** 'SetPassword' return type */
export interface ISetPasswordResult {
  change_password: undefined | null;
}

/** 'SetPassword' query type */
export interface ISetPasswordQuery {
  params: ISetPasswordParams;
  result: ISetPasswordResult;
}

const setPasswordIR: any = {"usedParamSet":{"account":true,"hash":true},"params":[{"name":"account","required":true,"transform":{"type":"scalar"},"locs":[{"a":26,"b":34}]},{"name":"hash","required":true,"transform":{"type":"scalar"},"locs":[{"a":37,"b":42}]}],"statement":"select\n  change_password (:account!, :hash!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   change_password (:account!, :hash!)
 * ```
 */
export const setPassword = new PreparedQuery<ISetPasswordParams,ISetPasswordResult>(setPasswordIR);


/** 'SetPreferences' parameters type */
export interface ISetPreferencesParams {
  account: string;
  form: string;
  theme: string;
}

/** 'SetPreferences' return type */
export interface ISetPreferencesResult {
  change_preferences: undefined | null;
}

/** 'SetPreferences' query type */
export interface ISetPreferencesQuery {
  params: ISetPreferencesParams;
  result: ISetPreferencesResult;
}

const setPreferencesIR: any = {"usedParamSet":{"account":true,"theme":true,"form":true},"params":[{"name":"account","required":true,"transform":{"type":"scalar"},"locs":[{"a":29,"b":37}]},{"name":"theme","required":true,"transform":{"type":"scalar"},"locs":[{"a":40,"b":46}]},{"name":"form","required":true,"transform":{"type":"scalar"},"locs":[{"a":49,"b":54}]}],"statement":"select\n  change_preferences (:account!, :theme!, :form!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   change_preferences (:account!, :theme!, :form!)
 * ```
 */
export const setPreferences = new PreparedQuery<ISetPreferencesParams,ISetPreferencesResult>(setPreferencesIR);


/** 'EndOtherSessions' parameters type */
export interface IEndOtherSessionsParams {
  account: string;
  but: string;
}

/** 'EndOtherSessions' return type */
export interface IEndOtherSessionsResult {
  end_sessions: undefined | null;
}

/** 'EndOtherSessions' query type */
export interface IEndOtherSessionsQuery {
  params: IEndOtherSessionsParams;
  result: IEndOtherSessionsResult;
}

const endOtherSessionsIR: any = {"usedParamSet":{"account":true,"but":true},"params":[{"name":"account","required":true,"transform":{"type":"scalar"},"locs":[{"a":23,"b":31}]},{"name":"but","required":true,"transform":{"type":"scalar"},"locs":[{"a":34,"b":38}]}],"statement":"select\n  end_sessions (:account!, :but!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   end_sessions (:account!, :but!)
 * ```
 */
export const endOtherSessions = new PreparedQuery<IEndOtherSessionsParams,IEndOtherSessionsResult>(endOtherSessionsIR);


/** 'PeopleInReach' parameters type */
export interface IPeopleInReachParams {
  asker: string;
  on: string;
  reach: string;
}

/** 'PeopleInReach' return type */
export interface IPeopleInReachResult {
  id: string;
  name: string;
  position: string | null;
  teams: stringArray;
}

/** 'PeopleInReach' query type */
export interface IPeopleInReachQuery {
  params: IPeopleInReachParams;
  result: IPeopleInReachResult;
}

const peopleInReachIR: any = {"usedParamSet":{"reach":true,"asker":true,"on":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":392,"b":398}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":401,"b":407}]},{"name":"on","required":true,"transform":{"type":"scalar"},"locs":[{"a":438,"b":441}]}],"statement":"select\n  p.id as \"id!\",\n  p.name as \"name!\",\n  po.name as \"position?\",\n  coalesce(\n    (\n      select\n        array_agg(\n          t.name\n          order by\n            t.name\n        )\n      from\n        team_person tp\n        join team t on t.firm_id = tp.firm_id\n        and t.id = tp.team_id\n      where\n        tp.person_id = p.id\n    ),\n    '{}'\n  ) as \"teams!\"\nfrom\n  people_in_reach (:reach!, :asker!) p\n  left join positions_on (:on!) po on po.firm_id = p.firm_id\n  and po.person_id = p.id\norder by\n  p.name"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!",
 *   p.name as "name!",
 *   po.name as "position?",
 *   coalesce(
 *     (
 *       select
 *         array_agg(
 *           t.name
 *           order by
 *             t.name
 *         )
 *       from
 *         team_person tp
 *         join team t on t.firm_id = tp.firm_id
 *         and t.id = tp.team_id
 *       where
 *         tp.person_id = p.id
 *     ),
 *     '{}'
 *   ) as "teams!"
 * from
 *   people_in_reach (:reach!, :asker!) p
 *   left join positions_on (:on!) po on po.firm_id = p.firm_id
 *   and po.person_id = p.id
 * order by
 *   p.name
 * ```
 */
export const peopleInReach = new PreparedQuery<IPeopleInReachParams,IPeopleInReachResult>(peopleInReachIR);


