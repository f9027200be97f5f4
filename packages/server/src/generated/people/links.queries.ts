/** Types generated for queries found in "packages/server/src/people/links.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

export type stringArray = (string)[];

/** 'LiveLinks' parameters type */
export interface ILiveLinksParams {
  now: string;
}

/** 'LiveLinks' return type */
export interface ILiveLinksResult {
  by: string;
  expiresAt: string;
  id: string;
  ownRole: string | null;
  role: string | null;
  team: string | null;
  used: number;
  uses: number;
}

/** 'LiveLinks' query type */
export interface ILiveLinksQuery {
  params: ILiveLinksParams;
  result: ILiveLinksResult;
}

const liveLinksIR: any = {"usedParamSet":{"now":true},"params":[{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":455,"b":459}]}],"statement":"select\n  l.id as \"id!\",\n  l.role as \"role?\",\n  o.name as \"ownRole?\",\n  t.name as \"team?\",\n  l.uses as \"uses!\",\n  l.used as \"used!\",\n  l.expires_at as \"expiresAt!\",\n  p.name as \"by!\"\nfrom\n  join_link l\n  join person p on p.firm_id = l.firm_id\n  and p.id = l.made_by\n  left join own_role o on o.firm_id = l.firm_id\n  and o.id = l.own_role_id\n  left join team t on t.firm_id = l.firm_id\n  and t.id = l.team_id\nwhere\n  l.ended_at is null\n  and l.expires_at > :now!\n  and l.used < l.uses\norder by\n  l.made_at desc,\n  l.id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   l.id as "id!",
 *   l.role as "role?",
 *   o.name as "ownRole?",
 *   t.name as "team?",
 *   l.uses as "uses!",
 *   l.used as "used!",
 *   l.expires_at as "expiresAt!",
 *   p.name as "by!"
 * from
 *   join_link l
 *   join person p on p.firm_id = l.firm_id
 *   and p.id = l.made_by
 *   left join own_role o on o.firm_id = l.firm_id
 *   and o.id = l.own_role_id
 *   left join team t on t.firm_id = l.firm_id
 *   and t.id = l.team_id
 * where
 *   l.ended_at is null
 *   and l.expires_at > :now!
 *   and l.used < l.uses
 * order by
 *   l.made_at desc,
 *   l.id
 * ```
 */
export const liveLinks = new PreparedQuery<ILiveLinksParams,ILiveLinksResult>(liveLinksIR);


/** 'AddLink' parameters type */
export interface IAddLinkParams {
  by: string;
  expires: string;
  firm: string;
  id: string;
  now: string;
  ownRole?: string | null | void;
  role?: string | null | void;
  team?: string | null | void;
  uses: number;
}

/** 'AddLink' return type */
export type IAddLinkResult = void;

/** 'AddLink' query type */
export interface IAddLinkQuery {
  params: IAddLinkParams;
  result: IAddLinkResult;
}

const addLinkIR: any = {"usedParamSet":{"firm":true,"id":true,"role":true,"ownRole":true,"team":true,"uses":true,"expires":true,"by":true,"now":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":112,"b":117}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":120,"b":123}]},{"name":"role","required":false,"transform":{"type":"scalar"},"locs":[{"a":126,"b":130}]},{"name":"ownRole","required":false,"transform":{"type":"scalar"},"locs":[{"a":133,"b":140}]},{"name":"team","required":false,"transform":{"type":"scalar"},"locs":[{"a":143,"b":147}]},{"name":"uses","required":true,"transform":{"type":"scalar"},"locs":[{"a":150,"b":155}]},{"name":"expires","required":true,"transform":{"type":"scalar"},"locs":[{"a":158,"b":166}]},{"name":"by","required":true,"transform":{"type":"scalar"},"locs":[{"a":169,"b":172}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":175,"b":179}]}],"statement":"insert into\n  join_link (firm_id, id, role, own_role_id, team_id, uses, expires_at, made_by, made_at)\nvalues\n  (:firm!, :id!, :role, :ownRole, :team, :uses!, :expires!, :by!, :now!)"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   join_link (firm_id, id, role, own_role_id, team_id, uses, expires_at, made_by, made_at)
 * values
 *   (:firm!, :id!, :role, :ownRole, :team, :uses!, :expires!, :by!, :now!)
 * ```
 */
export const addLink = new PreparedQuery<IAddLinkParams,IAddLinkResult>(addLinkIR);


/** 'KeepLink' parameters type */
export interface IKeepLinkParams {
  expires: string;
  firm: string;
  hash: string;
  link: string;
}

/** 'KeepLink' return type */
export interface IKeepLinkResult {
  keep_link: undefined | null;
}

/** 'KeepLink' query type */
export interface IKeepLinkQuery {
  params: IKeepLinkParams;
  result: IKeepLinkResult;
}

const keepLinkIR: any = {"usedParamSet":{"hash":true,"firm":true,"link":true,"expires":true},"params":[{"name":"hash","required":true,"transform":{"type":"scalar"},"locs":[{"a":20,"b":25}]},{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":28,"b":33}]},{"name":"link","required":true,"transform":{"type":"scalar"},"locs":[{"a":36,"b":41}]},{"name":"expires","required":true,"transform":{"type":"scalar"},"locs":[{"a":44,"b":52}]}],"statement":"select\n  keep_link (:hash!, :firm!, :link!, :expires!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   keep_link (:hash!, :firm!, :link!, :expires!)
 * ```
 */
export const keepLink = new PreparedQuery<IKeepLinkParams,IKeepLinkResult>(keepLinkIR);


/** 'CloseLink' parameters type */
export interface ICloseLinkParams {
  id: string;
  now: string;
}

/** 'CloseLink' return type */
export interface ICloseLinkResult {
  ownRole: string | null;
  role: string | null;
}

/** 'CloseLink' query type */
export interface ICloseLinkQuery {
  params: ICloseLinkParams;
  result: ICloseLinkResult;
}

const closeLinkIR: any = {"usedParamSet":{"now":true,"id":true},"params":[{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":34,"b":38},{"a":100,"b":104}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":53,"b":56}]}],"statement":"update join_link\nset\n  ended_at = :now!\nwhere\n  id = :id!\n  and ended_at is null\n  and expires_at > :now!\nreturning\n  role as \"role?\",\n  own_role_id as \"ownRole?\""};

/**
 * Query generated from SQL:
 * ```
 * update join_link
 * set
 *   ended_at = :now!
 * where
 *   id = :id!
 *   and ended_at is null
 *   and expires_at > :now!
 * returning
 *   role as "role?",
 *   own_role_id as "ownRole?"
 * ```
 */
export const closeLink = new PreparedQuery<ICloseLinkParams,ICloseLinkResult>(closeLinkIR);


/** 'CloseLinksOf' parameters type */
export interface ICloseLinksOfParams {
  now: string;
  role: string;
}

/** 'CloseLinksOf' return type */
export interface ICloseLinksOfResult {
  id: string;
}

/** 'CloseLinksOf' query type */
export interface ICloseLinksOfQuery {
  params: ICloseLinksOfParams;
  result: ICloseLinksOfResult;
}

const closeLinksOfIR: any = {"usedParamSet":{"now":true,"role":true},"params":[{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":34,"b":38},{"a":111,"b":115}]},{"name":"role","required":true,"transform":{"type":"scalar"},"locs":[{"a":62,"b":67}]}],"statement":"update join_link\nset\n  ended_at = :now!\nwhere\n  own_role_id = :role!\n  and ended_at is null\n  and expires_at > :now!\nreturning\n  id as \"id!\""};

/**
 * Query generated from SQL:
 * ```
 * update join_link
 * set
 *   ended_at = :now!
 * where
 *   own_role_id = :role!
 *   and ended_at is null
 *   and expires_at > :now!
 * returning
 *   id as "id!"
 * ```
 */
export const closeLinksOf = new PreparedQuery<ICloseLinksOfParams,ICloseLinksOfResult>(closeLinksOfIR);


/** 'OpenLink' parameters type */
export interface IOpenLinkParams {
  hash: string;
  now: string;
}

/** 'OpenLink' return type */
export interface IOpenLinkResult {
  firm: string;
  firmId: string;
  link: string;
  slug: string;
}

/** 'OpenLink' query type */
export interface IOpenLinkQuery {
  params: IOpenLinkParams;
  result: IOpenLinkResult;
}

const openLinkIR: any = {"usedParamSet":{"hash":true,"now":true},"params":[{"name":"hash","required":true,"transform":{"type":"scalar"},"locs":[{"a":105,"b":110}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":113,"b":117}]}],"statement":"select\n  firm_id as \"firmId!\",\n  slug as \"slug!\",\n  firm as \"firm!\",\n  link as \"link!\"\nfrom\n  open_link (:hash!, :now!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   firm_id as "firmId!",
 *   slug as "slug!",
 *   firm as "firm!",
 *   link as "link!"
 * from
 *   open_link (:hash!, :now!)
 * ```
 */
export const openLink = new PreparedQuery<IOpenLinkParams,IOpenLinkResult>(openLinkIR);


/** 'LinkById' parameters type */
export interface ILinkByIdParams {
  id: string;
}

/** 'LinkById' return type */
export interface ILinkByIdResult {
  ownRoleId: string | null;
  role: string | null;
  sender: string;
  senderId: string;
  team: string | null;
  teamId: string | null;
  zone: string;
}

/** 'LinkById' query type */
export interface ILinkByIdQuery {
  params: ILinkByIdParams;
  result: ILinkByIdResult;
}

const linkByIdIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":378,"b":381}]}],"statement":"select\n  l.role as \"role?\",\n  l.own_role_id as \"ownRoleId?\",\n  l.team_id as \"teamId?\",\n  t.name as \"team?\",\n  p.name as \"sender!\",\n  p.id as \"senderId!\",\n  f.zone as \"zone!\"\nfrom\n  join_link l\n  join firm f on f.firm_id = l.firm_id\n  join person p on p.firm_id = l.firm_id\n  and p.id = l.made_by\n  left join team t on t.firm_id = l.firm_id\n  and t.id = l.team_id\nwhere\n  l.id = :id!\n  and l.ended_at is null\n  and l.used < l.uses"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   l.role as "role?",
 *   l.own_role_id as "ownRoleId?",
 *   l.team_id as "teamId?",
 *   t.name as "team?",
 *   p.name as "sender!",
 *   p.id as "senderId!",
 *   f.zone as "zone!"
 * from
 *   join_link l
 *   join firm f on f.firm_id = l.firm_id
 *   join person p on p.firm_id = l.firm_id
 *   and p.id = l.made_by
 *   left join team t on t.firm_id = l.firm_id
 *   and t.id = l.team_id
 * where
 *   l.id = :id!
 *   and l.ended_at is null
 *   and l.used < l.uses
 * ```
 */
export const linkById = new PreparedQuery<ILinkByIdParams,ILinkByIdResult>(linkByIdIR);


/** 'UseLink' parameters type */
export interface IUseLinkParams {
  id: string;
  now: string;
}

/** 'UseLink' return type */
export interface IUseLinkResult {
  id: string;
}

/** 'UseLink' query type */
export interface IUseLinkQuery {
  params: IUseLinkParams;
  result: IUseLinkResult;
}

const useLinkIR: any = {"usedParamSet":{"id":true,"now":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":52,"b":55}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":117,"b":121}]}],"statement":"update join_link\nset\n  used = used + 1\nwhere\n  id = :id!\n  and used < uses\n  and ended_at is null\n  and expires_at > :now!\nreturning\n  id as \"id!\""};

/**
 * Query generated from SQL:
 * ```
 * update join_link
 * set
 *   used = used + 1
 * where
 *   id = :id!
 *   and used < uses
 *   and ended_at is null
 *   and expires_at > :now!
 * returning
 *   id as "id!"
 * ```
 */
export const useLink = new PreparedQuery<IUseLinkParams,IUseLinkResult>(useLinkIR);


/** 'AwaitMember' parameters type */
export interface IAwaitMemberParams {
  account: string;
  firm: string;
  person: string;
}

/** 'AwaitMember' return type */
export interface IAwaitMemberResult {
  joined: boolean;
}

/** 'AwaitMember' query type */
export interface IAwaitMemberQuery {
  params: IAwaitMemberParams;
  result: IAwaitMemberResult;
}

const awaitMemberIR: any = {"usedParamSet":{"account":true,"firm":true,"person":true},"params":[{"name":"account","required":true,"transform":{"type":"scalar"},"locs":[{"a":23,"b":31}]},{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":34,"b":39}]},{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":42,"b":49}]}],"statement":"select\n  await_member (:account!, :firm!, :person!) as \"joined!\""};

/**
 * Query generated from SQL:
 * ```
 * select
 *   await_member (:account!, :firm!, :person!) as "joined!"
 * ```
 */
export const awaitMember = new PreparedQuery<IAwaitMemberParams,IAwaitMemberResult>(awaitMemberIR);


/** 'ConfirmMember' parameters type */
export interface IConfirmMemberParams {
  firm: string;
  person: string;
}

/** 'ConfirmMember' return type */
export interface IConfirmMemberResult {
  confirmed: boolean;
}

/** 'ConfirmMember' query type */
export interface IConfirmMemberQuery {
  params: IConfirmMemberParams;
  result: IConfirmMemberResult;
}

const confirmMemberIR: any = {"usedParamSet":{"firm":true,"person":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":25,"b":30}]},{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":33,"b":40}]}],"statement":"select\n  confirm_member (:firm!, :person!) as \"confirmed!\""};

/**
 * Query generated from SQL:
 * ```
 * select
 *   confirm_member (:firm!, :person!) as "confirmed!"
 * ```
 */
export const confirmMember = new PreparedQuery<IConfirmMemberParams,IConfirmMemberResult>(confirmMemberIR);


/** 'LeadOfTeam' parameters type */
export interface ILeadOfTeamParams {
  team: string;
}

/** 'LeadOfTeam' return type */
export interface ILeadOfTeamResult {
  exceptions: Json;
  leadId: string;
  ownRoles: Json;
  roles: stringArray;
}

/** 'LeadOfTeam' query type */
export interface ILeadOfTeamQuery {
  params: ILeadOfTeamParams;
  result: ILeadOfTeamResult;
}

const leadOfTeamIR: any = {"usedParamSet":{"team":true},"params":[{"name":"team","required":true,"transform":{"type":"scalar"},"locs":[{"a":182,"b":187}]}],"statement":"select\n  t.lead_id as \"leadId!\",\n  h.roles as \"roles!\",\n  h.own_roles as \"ownRoles!\",\n  h.exceptions as \"exceptions!\"\nfrom\n  team t\n  cross join held_by (t.lead_id) h\nwhere\n  t.id = :team!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   t.lead_id as "leadId!",
 *   h.roles as "roles!",
 *   h.own_roles as "ownRoles!",
 *   h.exceptions as "exceptions!"
 * from
 *   team t
 *   cross join held_by (t.lead_id) h
 * where
 *   t.id = :team!
 * ```
 */
export const leadOfTeam = new PreparedQuery<ILeadOfTeamParams,ILeadOfTeamResult>(leadOfTeamIR);


