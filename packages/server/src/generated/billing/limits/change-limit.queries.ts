/** Types generated for queries found in "packages/server/src/billing/limits/change-limit.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'ProjectWithMoney' parameters type */
export interface IProjectWithMoneyParams {
  asker: string;
  project: string;
  reach: string;
}

/** 'ProjectWithMoney' return type */
export interface IProjectWithMoneyResult {
  id: string;
}

/** 'ProjectWithMoney' query type */
export interface IProjectWithMoneyQuery {
  params: IProjectWithMoneyParams;
  result: IProjectWithMoneyResult;
}

const projectWithMoneyIR: any = {"usedParamSet":{"reach":true,"asker":true,"project":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":51,"b":57}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":60,"b":66}]},{"name":"project","required":true,"transform":{"type":"scalar"},"locs":[{"a":86,"b":94}]}],"statement":"select\n  p.id as \"id!\"\nfrom\n  projects_with_money (:reach!, :asker!) p\nwhere\n  p.id = :project!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!"
 * from
 *   projects_with_money (:reach!, :asker!) p
 * where
 *   p.id = :project!
 * ```
 */
export const projectWithMoney = new PreparedQuery<IProjectWithMoneyParams,IProjectWithMoneyResult>(projectWithMoneyIR);


/** 'AgreementOn' parameters type */
export interface IAgreementOnParams {
  day: string;
  project: string;
}

/** 'AgreementOn' return type */
export interface IAgreementOnResult {
  currency: string;
  id: string;
  limit: number | null;
  validFrom: string;
  validTo: string | null;
}

/** 'AgreementOn' query type */
export interface IAgreementOnQuery {
  params: IAgreementOnParams;
  result: IAgreementOnResult;
}

const agreementOnIR: any = {"usedParamSet":{"day":true,"project":true},"params":[{"name":"day","required":true,"transform":{"type":"scalar"},"locs":[{"a":163,"b":167}]},{"name":"project","required":true,"transform":{"type":"scalar"},"locs":[{"a":195,"b":203}]}],"statement":"select\n  a.id as \"id!\",\n  a.currency as \"currency!\",\n  a.limit_minor as \"limit?\",\n  a.valid_from as \"validFrom!\",\n  a.valid_to as \"validTo?\"\nfrom\n  agreements_on (:day!) a\nwhere\n  a.project_id = :project!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   a.id as "id!",
 *   a.currency as "currency!",
 *   a.limit_minor as "limit?",
 *   a.valid_from as "validFrom!",
 *   a.valid_to as "validTo?"
 * from
 *   agreements_on (:day!) a
 * where
 *   a.project_id = :project!
 * ```
 */
export const agreementOn = new PreparedQuery<IAgreementOnParams,IAgreementOnResult>(agreementOnIR);


/** 'UsedOf' parameters type */
export interface IUsedOfParams {
  currency: string;
  project: string;
}

/** 'UsedOf' return type */
export interface IUsedOfResult {
  used: number;
}

/** 'UsedOf' query type */
export interface IUsedOfQuery {
  params: IUsedOfParams;
  result: IUsedOfResult;
}

const usedOfIR: any = {"usedParamSet":{"project":true,"currency":true},"params":[{"name":"project","required":true,"transform":{"type":"scalar"},"locs":[{"a":171,"b":179}]},{"name":"currency","required":true,"transform":{"type":"scalar"},"locs":[{"a":200,"b":209}]}],"statement":"select\n  coalesce(sum(l.net_minor), 0)::bigint as \"used!\"\nfrom\n  invoice_line l\n  join invoice i on i.firm_id = l.firm_id\n  and i.id = l.invoice_id\nwhere\n  l.project_id = :project!\n  and i.currency = :currency!\n  and i.status in ('draft', 'issued')"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   coalesce(sum(l.net_minor), 0)::bigint as "used!"
 * from
 *   invoice_line l
 *   join invoice i on i.firm_id = l.firm_id
 *   and i.id = l.invoice_id
 * where
 *   l.project_id = :project!
 *   and i.currency = :currency!
 *   and i.status in ('draft', 'issued')
 * ```
 */
export const usedOf = new PreparedQuery<IUsedOfParams,IUsedOfResult>(usedOfIR);


