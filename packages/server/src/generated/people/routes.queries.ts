/** Types generated for queries found in "packages/server/src/people/routes.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

export type stringArray = (string)[];

/** 'FindAccount' parameters type */
export interface IFindAccountParams {
  id: string;
}

/** 'FindAccount' return type */
export interface IFindAccountResult {
  durationForm: string;
  email: string;
  forms: Json;
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

const findAccountIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":197,"b":200}]}],"statement":"select\n  id as \"id!\",\n  email as \"email!\",\n  name as \"name!\",\n  password_hash as \"passwordHash!\",\n  theme as \"theme!\",\n  duration_form as \"durationForm!\",\n  forms as \"forms!\"\nfrom\n  account_by_id (:id!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   id as "id!",
 *   email as "email!",
 *   name as "name!",
 *   password_hash as "passwordHash!",
 *   theme as "theme!",
 *   duration_form as "durationForm!",
 *   forms as "forms!"
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
  forms?: Json | null | void;
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

const setPreferencesIR: any = {"usedParamSet":{"account":true,"theme":true,"form":true,"forms":true},"params":[{"name":"account","required":true,"transform":{"type":"scalar"},"locs":[{"a":29,"b":37}]},{"name":"theme","required":true,"transform":{"type":"scalar"},"locs":[{"a":40,"b":46}]},{"name":"form","required":true,"transform":{"type":"scalar"},"locs":[{"a":49,"b":54}]},{"name":"forms","required":false,"transform":{"type":"scalar"},"locs":[{"a":57,"b":62}]}],"statement":"select\n  change_preferences (:account!, :theme!, :form!, :forms)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   change_preferences (:account!, :theme!, :form!, :forms)
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


/** 'OwnSight' parameters type */
export interface IOwnSightParams {
  person: string;
}

/** 'OwnSight' return type */
export interface IOwnSightResult {
  guide: boolean;
  off: stringArray;
  review: boolean;
  words: Json;
  workText: string;
}

/** 'OwnSight' query type */
export interface IOwnSightQuery {
  params: IOwnSightParams;
  result: IOwnSightResult;
}

const ownSightIR: any = {"usedParamSet":{"person":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":210,"b":217}]}],"statement":"select\n  f.own_words as \"words!\",\n  f.work_text as \"workText!\",\n  f.functions_off as \"off!\",\n  f.review as \"review!\",\n  p.guide as \"guide!\"\nfrom\n  firm f\n  join person p on p.firm_id = f.firm_id\nwhere\n  p.id = :person!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   f.own_words as "words!",
 *   f.work_text as "workText!",
 *   f.functions_off as "off!",
 *   f.review as "review!",
 *   p.guide as "guide!"
 * from
 *   firm f
 *   join person p on p.firm_id = f.firm_id
 * where
 *   p.id = :person!
 * ```
 */
export const ownSight = new PreparedQuery<IOwnSightParams,IOwnSightResult>(ownSightIR);


/** 'ViewsOfPerson' parameters type */
export interface IViewsOfPersonParams {
  person: string;
}

/** 'ViewsOfPerson' return type */
export interface IViewsOfPersonResult {
  choice: Json;
  name: string;
}

/** 'ViewsOfPerson' query type */
export interface IViewsOfPersonQuery {
  params: IViewsOfPersonParams;
  result: IViewsOfPersonResult;
}

const viewsOfPersonIR: any = {"usedParamSet":{"person":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":87,"b":94}]}],"statement":"select\n  name as \"name!\",\n  choice as \"choice!\"\nfrom\n  person_view\nwhere\n  person_id = :person!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   name as "name!",
 *   choice as "choice!"
 * from
 *   person_view
 * where
 *   person_id = :person!
 * ```
 */
export const viewsOfPerson = new PreparedQuery<IViewsOfPersonParams,IViewsOfPersonResult>(viewsOfPersonIR);


/** 'KeepView' parameters type */
export interface IKeepViewParams {
  choice: Json;
  firm: string;
  name: string;
  person: string;
}

/** 'KeepView' return type */
export type IKeepViewResult = void;

/** 'KeepView' query type */
export interface IKeepViewQuery {
  params: IKeepViewParams;
  result: IKeepViewResult;
}

const keepViewIR: any = {"usedParamSet":{"firm":true,"person":true,"name":true,"choice":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":71,"b":76}]},{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":79,"b":86}]},{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":89,"b":94}]},{"name":"choice","required":true,"transform":{"type":"scalar"},"locs":[{"a":97,"b":104}]}],"statement":"insert into\n  person_view (firm_id, person_id, name, choice)\nvalues\n  (:firm!, :person!, :name!, :choice!)\non conflict (firm_id, person_id, name) do update\nset\n  choice = excluded.choice"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   person_view (firm_id, person_id, name, choice)
 * values
 *   (:firm!, :person!, :name!, :choice!)
 * on conflict (firm_id, person_id, name) do update
 * set
 *   choice = excluded.choice
 * ```
 */
export const keepView = new PreparedQuery<IKeepViewParams,IKeepViewResult>(keepViewIR);


/** 'AnyFirm' parameters type */
export type IAnyFirmParams = void;

/** 'AnyFirm' return type */
export interface IAnyFirmResult {
  any: boolean;
}

/** 'AnyFirm' query type */
export interface IAnyFirmQuery {
  params: IAnyFirmParams;
  result: IAnyFirmResult;
}

const anyFirmIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  any_firm () as \"any!\""};

/**
 * Query generated from SQL:
 * ```
 * select
 *   any_firm () as "any!"
 * ```
 */
export const anyFirm = new PreparedQuery<IAnyFirmParams,IAnyFirmResult>(anyFirmIR);


/** 'SessionsOf' parameters type */
export interface ISessionsOfParams {
  account: string;
  own: string;
}

/** 'SessionsOf' return type */
export interface ISessionsOfResult {
  agent: string | null;
  beganAt: string | null;
  id: string;
  own: boolean;
}

/** 'SessionsOf' query type */
export interface ISessionsOfQuery {
  params: ISessionsOfParams;
  result: ISessionsOfResult;
}

const sessionsOfIR: any = {"usedParamSet":{"account":true,"own":true},"params":[{"name":"account","required":true,"transform":{"type":"scalar"},"locs":[{"a":105,"b":113}]},{"name":"own","required":true,"transform":{"type":"scalar"},"locs":[{"a":116,"b":120}]}],"statement":"select\n  id as \"id!\",\n  own as \"own!\",\n  began_at as \"beganAt?\",\n  agent as \"agent?\"\nfrom\n  sessions_of (:account!, :own!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   id as "id!",
 *   own as "own!",
 *   began_at as "beganAt?",
 *   agent as "agent?"
 * from
 *   sessions_of (:account!, :own!)
 * ```
 */
export const sessionsOf = new PreparedQuery<ISessionsOfParams,ISessionsOfResult>(sessionsOfIR);


/** 'SetName' parameters type */
export interface ISetNameParams {
  account: string;
  name: string;
}

/** 'SetName' return type */
export interface ISetNameResult {
  change_name: undefined | null;
}

/** 'SetName' query type */
export interface ISetNameQuery {
  params: ISetNameParams;
  result: ISetNameResult;
}

const setNameIR: any = {"usedParamSet":{"account":true,"name":true},"params":[{"name":"account","required":true,"transform":{"type":"scalar"},"locs":[{"a":22,"b":30}]},{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":33,"b":38}]}],"statement":"select\n  change_name (:account!, :name!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   change_name (:account!, :name!)
 * ```
 */
export const setName = new PreparedQuery<ISetNameParams,ISetNameResult>(setNameIR);


