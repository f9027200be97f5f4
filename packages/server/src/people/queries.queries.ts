/** Types generated for queries found in "packages/server/src/people/queries.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

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

const findAccountByEmailIR: any = {"usedParamSet":{"email":true},"params":[{"name":"email","required":true,"transform":{"type":"scalar"},"locs":[{"a":92,"b":98}]}],"statement":"select id as \"id!\", name as \"name!\", password_hash as \"passwordHash!\" from account_by_email(:email!)"};

/**
 * Query generated from SQL:
 * ```
 * select id as "id!", name as "name!", password_hash as "passwordHash!" from account_by_email(:email!)
 * ```
 */
export const findAccountByEmail = new PreparedQuery<IFindAccountByEmailParams,IFindAccountByEmailResult>(findAccountByEmailIR);


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

const findAccountIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":161,"b":164}]}],"statement":"select id as \"id!\", email as \"email!\", name as \"name!\", password_hash as \"passwordHash!\", theme as \"theme!\", duration_form as \"durationForm!\"\nfrom account_by_id(:id!)"};

/**
 * Query generated from SQL:
 * ```
 * select id as "id!", email as "email!", name as "name!", password_hash as "passwordHash!", theme as "theme!", duration_form as "durationForm!"
 * from account_by_id(:id!)
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

const firmsOfAccountIR: any = {"usedParamSet":{"account":true},"params":[{"name":"account","required":true,"transform":{"type":"scalar"},"locs":[{"a":60,"b":68}]}],"statement":"select slug as \"slug!\", name as \"name!\" from firm_addresses(:account!)"};

/**
 * Query generated from SQL:
 * ```
 * select slug as "slug!", name as "name!" from firm_addresses(:account!)
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

const setPasswordIR: any = {"usedParamSet":{"account":true,"hash":true},"params":[{"name":"account","required":true,"transform":{"type":"scalar"},"locs":[{"a":23,"b":31}]},{"name":"hash","required":true,"transform":{"type":"scalar"},"locs":[{"a":34,"b":39}]}],"statement":"select change_password(:account!, :hash!)"};

/**
 * Query generated from SQL:
 * ```
 * select change_password(:account!, :hash!)
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

const setPreferencesIR: any = {"usedParamSet":{"account":true,"theme":true,"form":true},"params":[{"name":"account","required":true,"transform":{"type":"scalar"},"locs":[{"a":26,"b":34}]},{"name":"theme","required":true,"transform":{"type":"scalar"},"locs":[{"a":37,"b":43}]},{"name":"form","required":true,"transform":{"type":"scalar"},"locs":[{"a":46,"b":51}]}],"statement":"select change_preferences(:account!, :theme!, :form!)"};

/**
 * Query generated from SQL:
 * ```
 * select change_preferences(:account!, :theme!, :form!)
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

const endOtherSessionsIR: any = {"usedParamSet":{"account":true,"but":true},"params":[{"name":"account","required":true,"transform":{"type":"scalar"},"locs":[{"a":20,"b":28}]},{"name":"but","required":true,"transform":{"type":"scalar"},"locs":[{"a":31,"b":35}]}],"statement":"select end_sessions(:account!, :but!)"};

/**
 * Query generated from SQL:
 * ```
 * select end_sessions(:account!, :but!)
 * ```
 */
export const endOtherSessions = new PreparedQuery<IEndOtherSessionsParams,IEndOtherSessionsResult>(endOtherSessionsIR);


/** 'PeopleInReach' parameters type */
export interface IPeopleInReachParams {
  asker: string;
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

const peopleInReachIR: any = {"usedParamSet":{"reach":true,"asker":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":265,"b":271}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":274,"b":280}]}],"statement":"select p.id as \"id!\", p.name as \"name!\", po.name as \"position?\",\n  coalesce((select array_agg(t.name order by t.name) from team_person tp join team t on t.firm_id = tp.firm_id and t.id = tp.team_id where tp.person_id = p.id), '{}') as \"teams!\"\nfrom people_in_reach(:reach!, :asker!) p\nleft join position po on po.firm_id = p.firm_id and po.id = p.position_id\norder by p.name"};

/**
 * Query generated from SQL:
 * ```
 * select p.id as "id!", p.name as "name!", po.name as "position?",
 *   coalesce((select array_agg(t.name order by t.name) from team_person tp join team t on t.firm_id = tp.firm_id and t.id = tp.team_id where tp.person_id = p.id), '{}') as "teams!"
 * from people_in_reach(:reach!, :asker!) p
 * left join position po on po.firm_id = p.firm_id and po.id = p.position_id
 * order by p.name
 * ```
 */
export const peopleInReach = new PreparedQuery<IPeopleInReachParams,IPeopleInReachResult>(peopleInReachIR);


/** 'PayInReach' parameters type */
export interface IPayInReachParams {
  asker: string;
  on: string;
  reach: string;
}

/** 'PayInReach' return type */
export interface IPayInReachResult {
  id: string;
  name: string;
  overhead: number | null;
  overheadKind: string | null;
  pay: number | null;
  payFrom: string | null;
  position: string | null;
}

/** 'PayInReach' query type */
export interface IPayInReachQuery {
  params: IPayInReachParams;
  result: IPayInReachResult;
}

const payInReachIR: any = {"usedParamSet":{"reach":true,"asker":true,"on":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":182,"b":188}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":191,"b":197}]},{"name":"on","required":true,"transform":{"type":"scalar"},"locs":[{"a":365,"b":368},{"a":411,"b":414},{"a":506,"b":509},{"a":552,"b":555}]}],"statement":"select p.id as \"id!\", p.name as \"name!\", po.name as \"position?\", r.rate as \"pay?\", r.valid_from as \"payFrom?\", o.kind as \"overheadKind?\", o.value as \"overhead?\"\nfrom people_in_reach(:reach!, :asker!) p\nleft join position po on po.firm_id = p.firm_id and po.id = p.position_id\nleft join pay_rate r on r.firm_id = p.firm_id and r.person_id = p.id and r.valid_from <= :on! and (r.valid_to is null or r.valid_to >= :on!)\nleft join overhead o on o.firm_id = p.firm_id and o.person_id = p.id and o.valid_from <= :on! and (o.valid_to is null or o.valid_to >= :on!)\norder by p.name"};

/**
 * Query generated from SQL:
 * ```
 * select p.id as "id!", p.name as "name!", po.name as "position?", r.rate as "pay?", r.valid_from as "payFrom?", o.kind as "overheadKind?", o.value as "overhead?"
 * from people_in_reach(:reach!, :asker!) p
 * left join position po on po.firm_id = p.firm_id and po.id = p.position_id
 * left join pay_rate r on r.firm_id = p.firm_id and r.person_id = p.id and r.valid_from <= :on! and (r.valid_to is null or r.valid_to >= :on!)
 * left join overhead o on o.firm_id = p.firm_id and o.person_id = p.id and o.valid_from <= :on! and (o.valid_to is null or o.valid_to >= :on!)
 * order by p.name
 * ```
 */
export const payInReach = new PreparedQuery<IPayInReachParams,IPayInReachResult>(payInReachIR);


