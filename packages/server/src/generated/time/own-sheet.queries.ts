/** Types generated for queries found in "packages/server/src/time/own-sheet.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

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


