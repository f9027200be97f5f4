/** Types generated for queries found in "packages/server/src/time/own-sheet.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

/** 'LockSheet' parameters type */
export interface ILockSheetParams {
  from: string;
  person: string;
}

/** 'LockSheet' return type */
export interface ILockSheetResult {
  from: string;
  id: string;
  personId: string;
  state: string;
  to: string;
  version: number;
}

/** 'LockSheet' query type */
export interface ILockSheetQuery {
  params: ILockSheetParams;
  result: ILockSheetResult;
}

const lockSheetIR: any = {"usedParamSet":{"person":true,"from":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":196,"b":203}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":227,"b":232}]}],"statement":"select\n  t.id as \"id!\",\n  t.state as \"state!\",\n  t.version as \"version!\",\n  t.person_id as \"personId!\",\n  t.period_from as \"from!\",\n  t.period_to as \"to!\"\nfrom\n  timesheet t\nwhere\n  t.person_id = :person!\n  and t.period_from = :from!\nfor update"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   t.id as "id!",
 *   t.state as "state!",
 *   t.version as "version!",
 *   t.person_id as "personId!",
 *   t.period_from as "from!",
 *   t.period_to as "to!"
 * from
 *   timesheet t
 * where
 *   t.person_id = :person!
 *   and t.period_from = :from!
 * for update
 * ```
 */
export const lockSheet = new PreparedQuery<ILockSheetParams,ILockSheetResult>(lockSheetIR);


/** 'MakeSheet' parameters type */
export interface IMakeSheetParams {
  firm: string;
  from: string;
  id: string;
  person: string;
  to: string;
}

/** 'MakeSheet' return type */
export type IMakeSheetResult = void;

/** 'MakeSheet' query type */
export interface IMakeSheetQuery {
  params: IMakeSheetParams;
  result: IMakeSheetResult;
}

const makeSheetIR: any = {"usedParamSet":{"firm":true,"id":true,"person":true,"from":true,"to":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":83,"b":88}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":91,"b":94}]},{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":97,"b":104}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":107,"b":112}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":115,"b":118}]}],"statement":"insert into\n  timesheet (firm_id, id, person_id, period_from, period_to)\nvalues\n  (:firm!, :id!, :person!, :from!, :to!)\non conflict (firm_id, person_id, period_from) do nothing"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   timesheet (firm_id, id, person_id, period_from, period_to)
 * values
 *   (:firm!, :id!, :person!, :from!, :to!)
 * on conflict (firm_id, person_id, period_from) do nothing
 * ```
 */
export const makeSheet = new PreparedQuery<IMakeSheetParams,IMakeSheetResult>(makeSheetIR);


/** 'AddSheetRows' parameters type */
export interface IAddSheetRowsParams {
  firm: string;
  rows: Json;
  sheet: string;
}

/** 'AddSheetRows' return type */
export type IAddSheetRowsResult = void;

/** 'AddSheetRows' query type */
export interface IAddSheetRowsQuery {
  params: IAddSheetRowsParams;
  result: IAddSheetRowsResult;
}

const addSheetRowsIR: any = {"usedParamSet":{"firm":true,"sheet":true,"rows":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":100,"b":105}]},{"name":"sheet","required":true,"transform":{"type":"scalar"},"locs":[{"a":110,"b":116}]},{"name":"rows","required":true,"transform":{"type":"scalar"},"locs":[{"a":206,"b":211}]}],"statement":"insert into\n  sheet_row (firm_id, timesheet_id, project_id, task_id, service_id, billable)\nselect\n  :firm!,\n  :sheet!,\n  r.\"projectId\",\n  r.\"taskId\",\n  r.\"serviceId\",\n  r.billable\nfrom\n  jsonb_to_recordset(:rows!) as r (\"projectId\" uuid, \"taskId\" uuid, \"serviceId\" uuid, billable boolean)\non conflict do nothing"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   sheet_row (firm_id, timesheet_id, project_id, task_id, service_id, billable)
 * select
 *   :firm!,
 *   :sheet!,
 *   r."projectId",
 *   r."taskId",
 *   r."serviceId",
 *   r.billable
 * from
 *   jsonb_to_recordset(:rows!) as r ("projectId" uuid, "taskId" uuid, "serviceId" uuid, billable boolean)
 * on conflict do nothing
 * ```
 */
export const addSheetRows = new PreparedQuery<IAddSheetRowsParams,IAddSheetRowsResult>(addSheetRowsIR);


