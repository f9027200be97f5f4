/** Types generated for queries found in "packages/server/src/time/remove-row.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'RemoveSheetRow' parameters type */
export interface IRemoveSheetRowParams {
  billable: boolean;
  project: string;
  service: string;
  sheet: string;
  task?: string | null | void;
}

/** 'RemoveSheetRow' return type */
export type IRemoveSheetRowResult = void;

/** 'RemoveSheetRow' query type */
export interface IRemoveSheetRowQuery {
  params: IRemoveSheetRowParams;
  result: IRemoveSheetRowResult;
}

const removeSheetRowIR: any = {"usedParamSet":{"sheet":true,"project":true,"task":true,"service":true,"billable":true},"params":[{"name":"sheet","required":true,"transform":{"type":"scalar"},"locs":[{"a":45,"b":51}]},{"name":"project","required":true,"transform":{"type":"scalar"},"locs":[{"a":72,"b":80}]},{"name":"task","required":false,"transform":{"type":"scalar"},"locs":[{"a":117,"b":121}]},{"name":"service","required":true,"transform":{"type":"scalar"},"locs":[{"a":142,"b":150}]},{"name":"billable","required":true,"transform":{"type":"scalar"},"locs":[{"a":169,"b":178}]}],"statement":"delete from sheet_row\nwhere\n  timesheet_id = :sheet!\n  and project_id = :project!\n  and task_id is not distinct from :task\n  and service_id = :service!\n  and billable = :billable!"};

/**
 * Query generated from SQL:
 * ```
 * delete from sheet_row
 * where
 *   timesheet_id = :sheet!
 *   and project_id = :project!
 *   and task_id is not distinct from :task
 *   and service_id = :service!
 *   and billable = :billable!
 * ```
 */
export const removeSheetRow = new PreparedQuery<IRemoveSheetRowParams,IRemoveSheetRowResult>(removeSheetRowIR);


