/** Types generated for queries found in "packages/server/src/review/submit-period.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'InsertSubmission' parameters type */
export interface IInsertSubmissionParams {
  at: string;
  by: string;
  confirmation: string;
  firm: string;
  id: string;
  note: string;
  quantity: number;
  sheet: string;
}

/** 'InsertSubmission' return type */
export type IInsertSubmissionResult = void;

/** 'InsertSubmission' query type */
export interface IInsertSubmissionQuery {
  params: IInsertSubmissionParams;
  result: IInsertSubmissionResult;
}

const insertSubmissionIR: any = {"usedParamSet":{"firm":true,"id":true,"sheet":true,"by":true,"at":true,"note":true,"confirmation":true,"quantity":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":104,"b":109}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":112,"b":115}]},{"name":"sheet","required":true,"transform":{"type":"scalar"},"locs":[{"a":118,"b":124}]},{"name":"by","required":true,"transform":{"type":"scalar"},"locs":[{"a":127,"b":130}]},{"name":"at","required":true,"transform":{"type":"scalar"},"locs":[{"a":133,"b":136}]},{"name":"note","required":true,"transform":{"type":"scalar"},"locs":[{"a":139,"b":144}]},{"name":"confirmation","required":true,"transform":{"type":"scalar"},"locs":[{"a":147,"b":160}]},{"name":"quantity","required":true,"transform":{"type":"scalar"},"locs":[{"a":163,"b":172}]}],"statement":"insert into\n  submission (firm_id, id, timesheet_id, by_id, at, note, confirmation, quantity)\nvalues\n  (:firm!, :id!, :sheet!, :by!, :at!, :note!, :confirmation!, :quantity!)"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   submission (firm_id, id, timesheet_id, by_id, at, note, confirmation, quantity)
 * values
 *   (:firm!, :id!, :sheet!, :by!, :at!, :note!, :confirmation!, :quantity!)
 * ```
 */
export const insertSubmission = new PreparedQuery<IInsertSubmissionParams,IInsertSubmissionResult>(insertSubmissionIR);


