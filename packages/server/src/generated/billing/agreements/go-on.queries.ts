/** Types generated for queries found in "packages/server/src/billing/agreements/go-on.sql" */
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
  firm: string;
  from: string;
}

/** 'GoOnWith' return type */
export type IGoOnWithResult = void;

/** 'GoOnWith' query type */
export interface IGoOnWithQuery {
  params: IGoOnWithParams;
  result: IGoOnWithResult;
}

const goOnWithIR: any = {"usedParamSet":{"firm":true,"from":true,"agreements":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":252,"b":257}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":395,"b":400}]},{"name":"agreements","required":true,"transform":{"type":"scalar"},"locs":[{"a":443,"b":454}]}],"statement":"insert into\n  agreement (\n    firm_id,\n    id,\n    project_id,\n    method,\n    currency,\n    limit_minor,\n    rounding_increment,\n    rounding_mode,\n    rounding_unit,\n    rounding_minimum,\n    decimal_places,\n    valid_from,\n    valid_to\n  )\nselect\n  :firm!,\n  n.id,\n  n.\"projectId\",\n  n.method,\n  n.currency,\n  n.\"limit\",\n  n.increment,\n  n.mode,\n  n.unit,\n  n.minimum,\n  n.\"decimalPlaces\",\n  :from!,\n  n.\"validTo\"\nfrom\n  jsonb_to_recordset(:agreements!) as n (\n    id uuid,\n    \"projectId\" uuid,\n    method text,\n    currency text,\n    \"limit\" bigint,\n    increment integer,\n    mode text,\n    unit text,\n    minimum integer,\n    \"decimalPlaces\" integer,\n    \"validTo\" date\n  )"};

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
 *   :firm!,
 *   n.id,
 *   n."projectId",
 *   n.method,
 *   n.currency,
 *   n."limit",
 *   n.increment,
 *   n.mode,
 *   n.unit,
 *   n.minimum,
 *   n."decimalPlaces",
 *   :from!,
 *   n."validTo"
 * from
 *   jsonb_to_recordset(:agreements!) as n (
 *     id uuid,
 *     "projectId" uuid,
 *     method text,
 *     currency text,
 *     "limit" bigint,
 *     increment integer,
 *     mode text,
 *     unit text,
 *     minimum integer,
 *     "decimalPlaces" integer,
 *     "validTo" date
 *   )
 * ```
 */
export const goOnWith = new PreparedQuery<IGoOnWithParams,IGoOnWithResult>(goOnWithIR);


