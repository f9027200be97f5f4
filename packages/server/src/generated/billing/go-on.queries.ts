/** Types generated for queries found in "packages/server/src/billing/go-on.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

export type stringArray = (string)[];

/** 'EndAgreements' parameters type */
export interface IEndAgreementsParams {
  ids: stringArray;
  last: string;
}

/** 'EndAgreements' return type */
export type IEndAgreementsResult = void;

/** 'EndAgreements' query type */
export interface IEndAgreementsQuery {
  params: IEndAgreementsParams;
  result: IEndAgreementsResult;
}

const endAgreementsIR: any = {"usedParamSet":{"last":true,"ids":true},"params":[{"name":"last","required":true,"transform":{"type":"scalar"},"locs":[{"a":34,"b":39}]},{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":59,"b":63}]}],"statement":"update agreement\nset\n  valid_to = :last!\nwhere\n  id = any (:ids!)"};

/**
 * Query generated from SQL:
 * ```
 * update agreement
 * set
 *   valid_to = :last!
 * where
 *   id = any (:ids!)
 * ```
 */
export const endAgreements = new PreparedQuery<IEndAgreementsParams,IEndAgreementsResult>(endAgreementsIR);


/** 'GoOnWith' parameters type */
export interface IGoOnWithParams {
  agreements: Json;
  from: string;
}

/** 'GoOnWith' return type */
export type IGoOnWithResult = void;

/** 'GoOnWith' query type */
export interface IGoOnWithQuery {
  params: IGoOnWithParams;
  result: IGoOnWithResult;
}

const goOnWithIR: any = {"usedParamSet":{"from":true,"agreements":true},"params":[{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":432,"b":437}]},{"name":"agreements","required":true,"transform":{"type":"scalar"},"locs":[{"a":480,"b":491}]}],"statement":"insert into\n  agreement (\n    firm_id,\n    id,\n    project_id,\n    method,\n    currency,\n    limit_minor,\n    rounding_increment,\n    rounding_mode,\n    rounding_unit,\n    rounding_minimum,\n    decimal_places,\n    valid_from,\n    valid_to\n  )\nselect\n  a.firm_id,\n  n.id,\n  a.project_id,\n  a.method,\n  a.currency,\n  n.\"limit\",\n  a.rounding_increment,\n  a.rounding_mode,\n  a.rounding_unit,\n  a.rounding_minimum,\n  a.decimal_places,\n  :from!,\n  n.\"validTo\"\nfrom\n  jsonb_to_recordset(:agreements!) as n (id uuid, of uuid, \"limit\" bigint, \"validTo\" date)\n  join agreement a on a.id = n.of"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   agreement (
 *     firm_id,
 *     id,
 *     project_id,
 *     method,
 *     currency,
 *     limit_minor,
 *     rounding_increment,
 *     rounding_mode,
 *     rounding_unit,
 *     rounding_minimum,
 *     decimal_places,
 *     valid_from,
 *     valid_to
 *   )
 * select
 *   a.firm_id,
 *   n.id,
 *   a.project_id,
 *   a.method,
 *   a.currency,
 *   n."limit",
 *   a.rounding_increment,
 *   a.rounding_mode,
 *   a.rounding_unit,
 *   a.rounding_minimum,
 *   a.decimal_places,
 *   :from!,
 *   n."validTo"
 * from
 *   jsonb_to_recordset(:agreements!) as n (id uuid, of uuid, "limit" bigint, "validTo" date)
 *   join agreement a on a.id = n.of
 * ```
 */
export const goOnWith = new PreparedQuery<IGoOnWithParams,IGoOnWithResult>(goOnWithIR);


