/** Types generated for queries found in "packages/server/src/billing/agreements/agreements.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'ProjectWithMoney' parameters type */
export interface IProjectWithMoneyParams {
  asker: string;
  project: string;
  reach: string;
}

/** 'ProjectWithMoney' return type */
export interface IProjectWithMoneyResult {
  clientId: string | null;
}

/** 'ProjectWithMoney' query type */
export interface IProjectWithMoneyQuery {
  params: IProjectWithMoneyParams;
  result: IProjectWithMoneyResult;
}

const projectWithMoneyIR: any = {"usedParamSet":{"reach":true,"asker":true,"project":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":64,"b":70}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":73,"b":79}]},{"name":"project","required":true,"transform":{"type":"scalar"},"locs":[{"a":99,"b":107}]}],"statement":"select\n  p.client_id as \"clientId?\"\nfrom\n  projects_with_money (:reach!, :asker!) p\nwhere\n  p.id = :project!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.client_id as "clientId?"
 * from
 *   projects_with_money (:reach!, :asker!) p
 * where
 *   p.id = :project!
 * ```
 */
export const projectWithMoney = new PreparedQuery<IProjectWithMoneyParams,IProjectWithMoneyResult>(projectWithMoneyIR);


/** 'UsedOfProject' parameters type */
export interface IUsedOfProjectParams {
  project: string;
}

/** 'UsedOfProject' return type */
export interface IUsedOfProjectResult {
  currency: string;
  used: number;
}

/** 'UsedOfProject' query type */
export interface IUsedOfProjectQuery {
  params: IUsedOfProjectParams;
  result: IUsedOfProjectResult;
}

const usedOfProjectIR: any = {"usedParamSet":{"project":true},"params":[{"name":"project","required":true,"transform":{"type":"scalar"},"locs":[{"a":206,"b":214}]}],"statement":"select\n  a.currency as \"currency!\",\n  coalesce(u.used_minor, 0) as \"used!\"\nfrom\n  (\n    select distinct\n      firm_id,\n      project_id,\n      currency\n    from\n      agreement\n    where\n      project_id = :project!\n  ) a\n  left join lateral used_of_project (a.firm_id, a.project_id, a.currency, null) u on true"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   a.currency as "currency!",
 *   coalesce(u.used_minor, 0) as "used!"
 * from
 *   (
 *     select distinct
 *       firm_id,
 *       project_id,
 *       currency
 *     from
 *       agreement
 *     where
 *       project_id = :project!
 *   ) a
 *   left join lateral used_of_project (a.firm_id, a.project_id, a.currency, null) u on true
 * ```
 */
export const usedOfProject = new PreparedQuery<IUsedOfProjectParams,IUsedOfProjectResult>(usedOfProjectIR);


/** 'RatesOfProject' parameters type */
export interface IRatesOfProjectParams {
  project: string;
}

/** 'RatesOfProject' return type */
export interface IRatesOfProjectResult {
  currency: string;
  id: string;
  rate: number;
  validFrom: string;
  validTo: string | null;
}

/** 'RatesOfProject' query type */
export interface IRatesOfProjectQuery {
  params: IRatesOfProjectParams;
  result: IRatesOfProjectResult;
}

const ratesOfProjectIR: any = {"usedParamSet":{"project":true},"params":[{"name":"project","required":true,"transform":{"type":"scalar"},"locs":[{"a":175,"b":183}]}],"statement":"select\n  r.id as \"id!\",\n  r.currency as \"currency!\",\n  r.rate as \"rate!\",\n  r.valid_from as \"validFrom!\",\n  r.valid_to as \"validTo?\"\nfrom\n  rate_rule r\nwhere\n  r.project_id = :project!\n  and num_nonnulls (r.client_id, r.task_id, r.service_id, r.position_id, r.person_id) = 0\norder by\n  r.valid_from desc,\n  r.currency"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   r.id as "id!",
 *   r.currency as "currency!",
 *   r.rate as "rate!",
 *   r.valid_from as "validFrom!",
 *   r.valid_to as "validTo?"
 * from
 *   rate_rule r
 * where
 *   r.project_id = :project!
 *   and num_nonnulls (r.client_id, r.task_id, r.service_id, r.position_id, r.person_id) = 0
 * order by
 *   r.valid_from desc,
 *   r.currency
 * ```
 */
export const ratesOfProject = new PreparedQuery<IRatesOfProjectParams,IRatesOfProjectResult>(ratesOfProjectIR);


/** 'DeferRules' parameters type */
export type IDeferRulesParams = void;

/** 'DeferRules' return type */
export type IDeferRulesResult = void;

/** 'DeferRules' query type */
export interface IDeferRulesQuery {
  params: IDeferRulesParams;
  result: IDeferRulesResult;
}

const deferRulesIR: any = {"usedParamSet":{},"params":[],"statement":"set constraints entry_firm_id_rate_rule_id_fkey deferred"};

/**
 * Query generated from SQL:
 * ```
 * set constraints entry_firm_id_rate_rule_id_fkey deferred
 * ```
 */
export const deferRules = new PreparedQuery<IDeferRulesParams,IDeferRulesResult>(deferRulesIR);


/** 'IsAgreementBilled' parameters type */
export interface IIsAgreementBilledParams {
  id: string;
}

/** 'IsAgreementBilled' return type */
export interface IIsAgreementBilledResult {
  billed: boolean;
}

/** 'IsAgreementBilled' query type */
export interface IIsAgreementBilledQuery {
  params: IIsAgreementBilledParams;
  result: IIsAgreementBilledResult;
}

const isAgreementBilledIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":100,"b":103}]}],"statement":"select\n  exists (\n    select\n      1\n    from\n      invoice_line l\n    where\n      l.agreement_id = :id!\n  ) as \"billed!\""};

/**
 * Query generated from SQL:
 * ```
 * select
 *   exists (
 *     select
 *       1
 *     from
 *       invoice_line l
 *     where
 *       l.agreement_id = :id!
 *   ) as "billed!"
 * ```
 */
export const isAgreementBilled = new PreparedQuery<IIsAgreementBilledParams,IIsAgreementBilledResult>(isAgreementBilledIR);


/** 'IsRuleBilled' parameters type */
export interface IIsRuleBilledParams {
  id: string;
}

/** 'IsRuleBilled' return type */
export interface IIsRuleBilledResult {
  billed: boolean;
}

/** 'IsRuleBilled' query type */
export interface IIsRuleBilledQuery {
  params: IIsRuleBilledParams;
  result: IIsRuleBilledResult;
}

const isRuleBilledIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":93,"b":96}]}],"statement":"select\n  exists (\n    select\n      1\n    from\n      entry e\n    where\n      e.rate_rule_id = :id!\n      and e.billed_quantity <> 0\n  ) as \"billed!\""};

/**
 * Query generated from SQL:
 * ```
 * select
 *   exists (
 *     select
 *       1
 *     from
 *       entry e
 *     where
 *       e.rate_rule_id = :id!
 *       and e.billed_quantity <> 0
 *   ) as "billed!"
 * ```
 */
export const isRuleBilled = new PreparedQuery<IIsRuleBilledParams,IIsRuleBilledResult>(isRuleBilledIR);


/** 'DropAgreement' parameters type */
export interface IDropAgreementParams {
  id: string;
}

/** 'DropAgreement' return type */
export type IDropAgreementResult = void;

/** 'DropAgreement' query type */
export interface IDropAgreementQuery {
  params: IDropAgreementParams;
  result: IDropAgreementResult;
}

const dropAgreementIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":35,"b":38}]}],"statement":"delete from agreement\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * delete from agreement
 * where
 *   id = :id!
 * ```
 */
export const dropAgreement = new PreparedQuery<IDropAgreementParams,IDropAgreementResult>(dropAgreementIR);


/** 'DropRule' parameters type */
export interface IDropRuleParams {
  id: string;
}

/** 'DropRule' return type */
export type IDropRuleResult = void;

/** 'DropRule' query type */
export interface IDropRuleQuery {
  params: IDropRuleParams;
  result: IDropRuleResult;
}

const dropRuleIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":35,"b":38}]}],"statement":"delete from rate_rule\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * delete from rate_rule
 * where
 *   id = :id!
 * ```
 */
export const dropRule = new PreparedQuery<IDropRuleParams,IDropRuleResult>(dropRuleIR);


/** 'EndRule' parameters type */
export interface IEndRuleParams {
  id: string;
  last: string;
}

/** 'EndRule' return type */
export type IEndRuleResult = void;

/** 'EndRule' query type */
export interface IEndRuleQuery {
  params: IEndRuleParams;
  result: IEndRuleResult;
}

const endRuleIR: any = {"usedParamSet":{"last":true,"id":true},"params":[{"name":"last","required":true,"transform":{"type":"scalar"},"locs":[{"a":34,"b":39}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":54,"b":57}]}],"statement":"update rate_rule\nset\n  valid_to = :last!\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update rate_rule
 * set
 *   valid_to = :last!
 * where
 *   id = :id!
 * ```
 */
export const endRule = new PreparedQuery<IEndRuleParams,IEndRuleResult>(endRuleIR);


/** 'AddRule' parameters type */
export interface IAddRuleParams {
  currency: string;
  firm: string;
  from: string;
  id: string;
  project: string;
  rate: number;
  reason: string;
  to?: string | null | void;
}

/** 'AddRule' return type */
export type IAddRuleResult = void;

/** 'AddRule' query type */
export interface IAddRuleQuery {
  params: IAddRuleParams;
  result: IAddRuleResult;
}

const addRuleIR: any = {"usedParamSet":{"firm":true,"id":true,"project":true,"currency":true,"rate":true,"from":true,"to":true,"reason":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":106,"b":111}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":114,"b":117}]},{"name":"project","required":true,"transform":{"type":"scalar"},"locs":[{"a":120,"b":128}]},{"name":"currency","required":true,"transform":{"type":"scalar"},"locs":[{"a":131,"b":140}]},{"name":"rate","required":true,"transform":{"type":"scalar"},"locs":[{"a":143,"b":148}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":151,"b":156}]},{"name":"to","required":false,"transform":{"type":"scalar"},"locs":[{"a":159,"b":161}]},{"name":"reason","required":true,"transform":{"type":"scalar"},"locs":[{"a":164,"b":171}]}],"statement":"insert into\n  rate_rule (firm_id, id, project_id, currency, rate, valid_from, valid_to, reason)\nvalues\n  (:firm!, :id!, :project!, :currency!, :rate!, :from!, :to, :reason!)"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   rate_rule (firm_id, id, project_id, currency, rate, valid_from, valid_to, reason)
 * values
 *   (:firm!, :id!, :project!, :currency!, :rate!, :from!, :to, :reason!)
 * ```
 */
export const addRule = new PreparedQuery<IAddRuleParams,IAddRuleResult>(addRuleIR);


/** 'TimeSince' parameters type */
export interface ITimeSinceParams {
  from: string;
  project: string;
}

/** 'TimeSince' return type */
export interface ITimeSinceResult {
  id: string;
}

/** 'TimeSince' query type */
export interface ITimeSinceQuery {
  params: ITimeSinceParams;
  result: ITimeSinceResult;
}

const timeSinceIR: any = {"usedParamSet":{"project":true,"from":true},"params":[{"name":"project","required":true,"transform":{"type":"scalar"},"locs":[{"a":61,"b":69}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":114,"b":119}]}],"statement":"select\n  e.id as \"id!\"\nfrom\n  entry e\nwhere\n  e.project_id = :project!\n  and e.kind = 'time'\n  and e.work_date >= :from!\norder by\n  e.id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   e.id as "id!"
 * from
 *   entry e
 * where
 *   e.project_id = :project!
 *   and e.kind = 'time'
 *   and e.work_date >= :from!
 * order by
 *   e.id
 * ```
 */
export const timeSince = new PreparedQuery<ITimeSinceParams,ITimeSinceResult>(timeSinceIR);


