/** Types generated for queries found in "packages/server/src/billing/read-history.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

export type stringArray = (string)[];

/** 'HistoryOf' parameters type */
export interface IHistoryOfParams {
  id: string;
}

/** 'HistoryOf' return type */
export interface IHistoryOfResult {
  action: string;
  after: Json | null;
  at: string;
  before: Json | null;
  by: string;
  id: string;
  kind: string;
  moneyAfter: Json | null;
  moneyBefore: Json | null;
  reason: string;
}

/** 'HistoryOf' query type */
export interface IHistoryOfQuery {
  params: IHistoryOfParams;
  result: IHistoryOfResult;
}

const historyOfIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":437,"b":440}]}],"statement":"select\n  v.id as \"id!\",\n  v.at as \"at!\",\n  p.name as \"by!\",\n  v.action as \"action!\",\n  v.reason as \"reason!\",\n  s.subject_kind as \"kind!\",\n  s.before as \"before?\",\n  s.after as \"after?\",\n  s.money_before as \"moneyBefore?\",\n  s.money_after as \"moneyAfter?\"\nfrom\n  audit_subject s\n  join audit_event v on v.firm_id = s.firm_id\n  and v.id = s.event_id\n  join person p on p.firm_id = v.firm_id\n  and p.id = v.actor_id\nwhere\n  s.subject_id = :id!\norder by\n  v.at,\n  v.xact,\n  v.id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   v.id as "id!",
 *   v.at as "at!",
 *   p.name as "by!",
 *   v.action as "action!",
 *   v.reason as "reason!",
 *   s.subject_kind as "kind!",
 *   s.before as "before?",
 *   s.after as "after?",
 *   s.money_before as "moneyBefore?",
 *   s.money_after as "moneyAfter?"
 * from
 *   audit_subject s
 *   join audit_event v on v.firm_id = s.firm_id
 *   and v.id = s.event_id
 *   join person p on p.firm_id = v.firm_id
 *   and p.id = v.actor_id
 * where
 *   s.subject_id = :id!
 * order by
 *   v.at,
 *   v.xact,
 *   v.id
 * ```
 */
export const historyOf = new PreparedQuery<IHistoryOfParams,IHistoryOfResult>(historyOfIR);


/** 'NamesOfWork' parameters type */
export interface INamesOfWorkParams {
  ids: stringArray;
}

/** 'NamesOfWork' return type */
export interface INamesOfWorkResult {
  id: string;
  name: string;
}

/** 'NamesOfWork' query type */
export interface INamesOfWorkQuery {
  params: INamesOfWorkParams;
  result: INamesOfWorkResult;
}

const namesOfWorkIR: any = {"usedParamSet":{"ids":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":73,"b":77},{"a":140,"b":144},{"a":210,"b":214},{"a":279,"b":283}]}],"statement":"select\n  id as \"id!\",\n  name as \"name!\"\nfrom\n  project\nwhere\n  id = any (:ids!)\nunion all\nselect\n  id,\n  name\nfrom\n  task\nwhere\n  id = any (:ids!)\nunion all\nselect\n  id,\n  name\nfrom\n  service\nwhere\n  id = any (:ids!)\nunion all\nselect\n  id,\n  name\nfrom\n  person\nwhere\n  id = any (:ids!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   id as "id!",
 *   name as "name!"
 * from
 *   project
 * where
 *   id = any (:ids!)
 * union all
 * select
 *   id,
 *   name
 * from
 *   task
 * where
 *   id = any (:ids!)
 * union all
 * select
 *   id,
 *   name
 * from
 *   service
 * where
 *   id = any (:ids!)
 * union all
 * select
 *   id,
 *   name
 * from
 *   person
 * where
 *   id = any (:ids!)
 * ```
 */
export const namesOfWork = new PreparedQuery<INamesOfWorkParams,INamesOfWorkResult>(namesOfWorkIR);


/** 'GoneInReach' parameters type */
export interface IGoneInReachParams {
  asker: string;
  id: string;
  reach: string;
}

/** 'GoneInReach' return type */
export interface IGoneInReachResult {
  id: string;
}

/** 'GoneInReach' query type */
export interface IGoneInReachQuery {
  params: IGoneInReachParams;
  result: IGoneInReachResult;
}

const goneInReachIR: any = {"usedParamSet":{"reach":true,"asker":true,"id":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":51,"b":57}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":60,"b":66}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":92,"b":95}]}],"statement":"select\n  g.entry_id as \"id!\"\nfrom\n  gone_in_reach (:reach!, :asker!) g\nwhere\n  g.entry_id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   g.entry_id as "id!"
 * from
 *   gone_in_reach (:reach!, :asker!) g
 * where
 *   g.entry_id = :id!
 * ```
 */
export const goneInReach = new PreparedQuery<IGoneInReachParams,IGoneInReachResult>(goneInReachIR);


/** 'WorkLookedAfter' parameters type */
export interface IWorkLookedAfterParams {
  asker: string;
  id: string;
  reach: string;
}

/** 'WorkLookedAfter' return type */
export interface IWorkLookedAfterResult {
  id: string;
}

/** 'WorkLookedAfter' query type */
export interface IWorkLookedAfterQuery {
  params: IWorkLookedAfterParams;
  result: IWorkLookedAfterResult;
}

const workLookedAfterIR: any = {"usedParamSet":{"reach":true,"asker":true,"id":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":50,"b":56},{"a":176,"b":182}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":59,"b":65}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":85,"b":88},{"a":109,"b":112},{"a":165,"b":168}]}],"statement":"select\n  p.id as \"id!\"\nfrom\n  projects_to_change (:reach!, :asker!) p\nwhere\n  p.id = :id!\n  or p.client_id = :id!\nunion\nselect\n  c.id\nfrom\n  client c\nwhere\n  c.id = :id!\n  and :reach!::text = 'firm'"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!"
 * from
 *   projects_to_change (:reach!, :asker!) p
 * where
 *   p.id = :id!
 *   or p.client_id = :id!
 * union
 * select
 *   c.id
 * from
 *   client c
 * where
 *   c.id = :id!
 *   and :reach!::text = 'firm'
 * ```
 */
export const workLookedAfter = new PreparedQuery<IWorkLookedAfterParams,IWorkLookedAfterResult>(workLookedAfterIR);


/** 'PersonHere' parameters type */
export interface IPersonHereParams {
  id: string;
}

/** 'PersonHere' return type */
export interface IPersonHereResult {
  id: string;
}

/** 'PersonHere' query type */
export interface IPersonHereQuery {
  params: IPersonHereParams;
  result: IPersonHereResult;
}

const personHereIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":54,"b":57},{"a":112,"b":115},{"a":174,"b":177},{"a":236,"b":239},{"a":300,"b":303}]}],"statement":"select\n  p.id as \"id!\"\nfrom\n  person p\nwhere\n  p.id = :id!\nunion all\nselect\n  t.id\nfrom\n  team t\nwhere\n  t.id = :id!\nunion all\nselect\n  o.id\nfrom\n  own_role o\nwhere\n  o.id = :id!\nunion all\nselect\n  g.id\nfrom\n  position g\nwhere\n  g.id = :id!\nunion all\nselect\n  d.id\nfrom\n  department d\nwhere\n  d.id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!"
 * from
 *   person p
 * where
 *   p.id = :id!
 * union all
 * select
 *   t.id
 * from
 *   team t
 * where
 *   t.id = :id!
 * union all
 * select
 *   o.id
 * from
 *   own_role o
 * where
 *   o.id = :id!
 * union all
 * select
 *   g.id
 * from
 *   position g
 * where
 *   g.id = :id!
 * union all
 * select
 *   d.id
 * from
 *   department d
 * where
 *   d.id = :id!
 * ```
 */
export const personHere = new PreparedQuery<IPersonHereParams,IPersonHereResult>(personHereIR);


