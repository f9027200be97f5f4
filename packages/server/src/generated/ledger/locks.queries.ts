/** Types generated for queries found in "packages/server/src/ledger/locks.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

export type stringArray = (string)[];

/** 'RulesNow' parameters type */
export type IRulesNowParams = void;

/** 'RulesNow' return type */
export interface IRulesNowResult {
  lockedUntil: string | null;
  periodFrom: string | null;
}

/** 'RulesNow' query type */
export interface IRulesNowQuery {
  params: IRulesNowParams;
  result: IRulesNowResult;
}

const rulesNowIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  locked_until as \"lockedUntil?\",\n  period_from as \"periodFrom?\"\nfrom\n  firm"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   locked_until as "lockedUntil?",
 *   period_from as "periodFrom?"
 * from
 *   firm
 * ```
 */
export const rulesNow = new PreparedQuery<IRulesNowParams,IRulesNowResult>(rulesNowIR);


/** 'LockProjectRows' parameters type */
export interface ILockProjectRowsParams {
  ids: stringArray;
}

/** 'LockProjectRows' return type */
export interface ILockProjectRowsResult {
  id: string;
}

/** 'LockProjectRows' query type */
export interface ILockProjectRowsQuery {
  params: ILockProjectRowsParams;
  result: ILockProjectRowsResult;
}

const lockProjectRowsIR: any = {"usedParamSet":{"ids":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":54,"b":58}]}],"statement":"select\n  id as \"id!\"\nfrom\n  project\nwhere\n  id = any (:ids!)\norder by\n  id\nfor no key update"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   id as "id!"
 * from
 *   project
 * where
 *   id = any (:ids!)
 * order by
 *   id
 * for no key update
 * ```
 */
export const lockProjectRows = new PreparedQuery<ILockProjectRowsParams,ILockProjectRowsResult>(lockProjectRowsIR);


/** 'LockSheets' parameters type */
export interface ILockSheetsParams {
  sheets: Json;
}

/** 'LockSheets' return type */
export interface ILockSheetsResult {
  from: string;
  id: string;
  personId: string;
  state: string;
  to: string;
  version: number;
}

/** 'LockSheets' query type */
export interface ILockSheetsQuery {
  params: ILockSheetsParams;
  result: ILockSheetsResult;
}

const lockSheetsIR: any = {"usedParamSet":{"sheets":true},"params":[{"name":"sheets","required":true,"transform":{"type":"scalar"},"locs":[{"a":296,"b":303}]}],"statement":"select\n  t.id as \"id!\",\n  t.person_id as \"personId!\",\n  t.period_from as \"from!\",\n  t.period_to as \"to!\",\n  t.state as \"state!\",\n  t.version as \"version!\"\nfrom\n  timesheet t\nwhere\n  (t.person_id, t.period_from) in (\n    select\n      s.\"personId\",\n      s.\"from\"\n    from\n      jsonb_to_recordset(:sheets!) as s (\"personId\" uuid, \"from\" date)\n  )\norder by\n  t.id\nfor update"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   t.id as "id!",
 *   t.person_id as "personId!",
 *   t.period_from as "from!",
 *   t.period_to as "to!",
 *   t.state as "state!",
 *   t.version as "version!"
 * from
 *   timesheet t
 * where
 *   (t.person_id, t.period_from) in (
 *     select
 *       s."personId",
 *       s."from"
 *     from
 *       jsonb_to_recordset(:sheets!) as s ("personId" uuid, "from" date)
 *   )
 * order by
 *   t.id
 * for update
 * ```
 */
export const lockSheets = new PreparedQuery<ILockSheetsParams,ILockSheetsResult>(lockSheetsIR);


/** 'MakeSheets' parameters type */
export interface IMakeSheetsParams {
  firm: string;
  sheets: Json;
}

/** 'MakeSheets' return type */
export type IMakeSheetsResult = void;

/** 'MakeSheets' query type */
export interface IMakeSheetsQuery {
  params: IMakeSheetsParams;
  result: IMakeSheetsResult;
}

const makeSheetsIR: any = {"usedParamSet":{"firm":true,"sheets":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":82,"b":87}]},{"name":"sheets","required":true,"transform":{"type":"scalar"},"locs":[{"a":161,"b":168}]}],"statement":"insert into\n  timesheet (firm_id, id, person_id, period_from, period_to)\nselect\n  :firm!,\n  s.id,\n  s.\"personId\",\n  s.\"from\",\n  s.\"to\"\nfrom\n  jsonb_to_recordset(:sheets!) as s (id uuid, \"personId\" uuid, \"from\" date, \"to\" date)\norder by\n  s.\"personId\",\n  s.\"from\"\non conflict do nothing"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   timesheet (firm_id, id, person_id, period_from, period_to)
 * select
 *   :firm!,
 *   s.id,
 *   s."personId",
 *   s."from",
 *   s."to"
 * from
 *   jsonb_to_recordset(:sheets!) as s (id uuid, "personId" uuid, "from" date, "to" date)
 * order by
 *   s."personId",
 *   s."from"
 * on conflict do nothing
 * ```
 */
export const makeSheets = new PreparedQuery<IMakeSheetsParams,IMakeSheetsResult>(makeSheetsIR);


