/** Types generated for queries found in "packages/server/src/people/join.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

/** 'InvitationOf' parameters type */
export interface IInvitationOfParams {
  hash: string;
  now: string;
}

/** 'InvitationOf' return type */
export interface IInvitationOfResult {
  email: string;
  firm: string;
  known: boolean;
  name: string;
  sender: string;
  slug: string;
}

/** 'InvitationOf' query type */
export interface IInvitationOfQuery {
  params: IInvitationOfParams;
  result: IInvitationOfResult;
}

const invitationOfIR: any = {"usedParamSet":{"hash":true,"now":true},"params":[{"name":"hash","required":true,"transform":{"type":"scalar"},"locs":[{"a":150,"b":155}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":158,"b":162}]}],"statement":"select\n  slug as \"slug!\",\n  firm as \"firm!\",\n  name as \"name!\",\n  email as \"email!\",\n  sender as \"sender!\",\n  known as \"known!\"\nfrom\n  invitation_of (:hash!, :now!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   slug as "slug!",
 *   firm as "firm!",
 *   name as "name!",
 *   email as "email!",
 *   sender as "sender!",
 *   known as "known!"
 * from
 *   invitation_of (:hash!, :now!)
 * ```
 */
export const invitationOf = new PreparedQuery<IInvitationOfParams,IInvitationOfResult>(invitationOfIR);


/** 'MakeInvitedAccount' parameters type */
export interface IMakeInvitedAccountParams {
  account: string;
  consents: Json;
  email: string;
  hash: string;
  name: string;
  now: string;
}

/** 'MakeInvitedAccount' return type */
export interface IMakeInvitedAccountResult {
  made: boolean;
}

/** 'MakeInvitedAccount' query type */
export interface IMakeInvitedAccountQuery {
  params: IMakeInvitedAccountParams;
  result: IMakeInvitedAccountResult;
}

const makeInvitedAccountIR: any = {"usedParamSet":{"account":true,"email":true,"name":true,"hash":true,"consents":true,"now":true},"params":[{"name":"account","required":true,"transform":{"type":"scalar"},"locs":[{"a":31,"b":39}]},{"name":"email","required":true,"transform":{"type":"scalar"},"locs":[{"a":42,"b":48}]},{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":51,"b":56}]},{"name":"hash","required":true,"transform":{"type":"scalar"},"locs":[{"a":59,"b":64}]},{"name":"consents","required":true,"transform":{"type":"scalar"},"locs":[{"a":67,"b":76}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":79,"b":83}]}],"statement":"select\n  make_invited_account (:account!, :email!, :name!, :hash!, :consents!, :now!) as \"made!\""};

/**
 * Query generated from SQL:
 * ```
 * select
 *   make_invited_account (:account!, :email!, :name!, :hash!, :consents!, :now!) as "made!"
 * ```
 */
export const makeInvitedAccount = new PreparedQuery<IMakeInvitedAccountParams,IMakeInvitedAccountResult>(makeInvitedAccountIR);


/** 'JoinFirm' parameters type */
export interface IJoinFirmParams {
  account: string;
  now: string;
  token: string;
}

/** 'JoinFirm' return type */
export interface IJoinFirmResult {
  joined: boolean;
}

/** 'JoinFirm' query type */
export interface IJoinFirmQuery {
  params: IJoinFirmParams;
  result: IJoinFirmResult;
}

const joinFirmIR: any = {"usedParamSet":{"token":true,"account":true,"now":true},"params":[{"name":"token","required":true,"transform":{"type":"scalar"},"locs":[{"a":20,"b":26}]},{"name":"account","required":true,"transform":{"type":"scalar"},"locs":[{"a":29,"b":37}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":40,"b":44}]}],"statement":"select\n  join_firm (:token!, :account!, :now!) as \"joined!\""};

/**
 * Query generated from SQL:
 * ```
 * select
 *   join_firm (:token!, :account!, :now!) as "joined!"
 * ```
 */
export const joinFirm = new PreparedQuery<IJoinFirmParams,IJoinFirmResult>(joinFirmIR);


/** 'SetGuide' parameters type */
export interface ISetGuideParams {
  person: string;
  shown: boolean;
}

/** 'SetGuide' return type */
export type ISetGuideResult = void;

/** 'SetGuide' query type */
export interface ISetGuideQuery {
  params: ISetGuideParams;
  result: ISetGuideResult;
}

const setGuideIR: any = {"usedParamSet":{"shown":true,"person":true},"params":[{"name":"shown","required":true,"transform":{"type":"scalar"},"locs":[{"a":28,"b":34}]},{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":49,"b":56}]}],"statement":"update person\nset\n  guide = :shown!\nwhere\n  id = :person!"};

/**
 * Query generated from SQL:
 * ```
 * update person
 * set
 *   guide = :shown!
 * where
 *   id = :person!
 * ```
 */
export const setGuide = new PreparedQuery<ISetGuideParams,ISetGuideResult>(setGuideIR);


