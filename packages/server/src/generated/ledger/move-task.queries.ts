/** Types generated for queries found in "packages/server/src/ledger/move-task.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'EntriesOfTasks' parameters type */
export interface IEntriesOfTasksParams {
  project: string;
  tasks: stringArray;
}

/** 'EntriesOfTasks' return type */
export interface IEntriesOfTasksResult {
  id: string;
}

/** 'EntriesOfTasks' query type */
export interface IEntriesOfTasksQuery {
  params: IEntriesOfTasksParams;
  result: IEntriesOfTasksResult;
}

const entriesOfTasksIR: any = {"usedParamSet":{"project":true,"tasks":true},"params":[{"name":"project","required":true,"transform":{"type":"scalar"},"locs":[{"a":61,"b":69}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":94,"b":100}]}],"statement":"select\n  e.id as \"id!\"\nfrom\n  entry e\nwhere\n  e.project_id = :project!\n  and e.task_id = any (:tasks!)\norder by\n  e.id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   e.id as "id!"
 * from
 *   entry e
 * where
 *   e.project_id = :project!
 *   and e.task_id = any (:tasks!)
 * order by
 *   e.id
 * ```
 */
export const entriesOfTasks = new PreparedQuery<IEntriesOfTasksParams,IEntriesOfTasksResult>(entriesOfTasksIR);


/** 'DocumentsOf' parameters type */
export interface IDocumentsOfParams {
  entries: stringArray;
}

/** 'DocumentsOf' return type */
export interface IDocumentsOfResult {
  by: string;
  number: string | null;
  status: string;
}

/** 'DocumentsOf' query type */
export interface IDocumentsOfQuery {
  params: IDocumentsOfParams;
  result: IDocumentsOfResult;
}

const documentsOfIR: any = {"usedParamSet":{"entries":true},"params":[{"name":"entries","required":true,"transform":{"type":"scalar"},"locs":[{"a":421,"b":429}]}],"statement":"select distinct\n  i.status as \"status!\",\n  i.snapshot ->> 'number' as \"number?\",\n  p.name as \"by!\"\nfrom\n  entry e\n  join line_share s on s.firm_id = e.firm_id\n  and s.entry_id = e.id\n  and s.live\n  join invoice_line l on l.firm_id = s.firm_id\n  and l.id = s.line_id\n  join invoice i on i.firm_id = l.firm_id\n  and i.id = l.invoice_id\n  join person p on p.firm_id = i.firm_id\n  and p.id = i.created_by\nwhere\n  e.id = any (:entries!)\norder by\n  2,\n  3"};

/**
 * Query generated from SQL:
 * ```
 * select distinct
 *   i.status as "status!",
 *   i.snapshot ->> 'number' as "number?",
 *   p.name as "by!"
 * from
 *   entry e
 *   join line_share s on s.firm_id = e.firm_id
 *   and s.entry_id = e.id
 *   and s.live
 *   join invoice_line l on l.firm_id = s.firm_id
 *   and l.id = s.line_id
 *   join invoice i on i.firm_id = l.firm_id
 *   and i.id = l.invoice_id
 *   join person p on p.firm_id = i.firm_id
 *   and p.id = i.created_by
 * where
 *   e.id = any (:entries!)
 * order by
 *   2,
 *   3
 * ```
 */
export const documentsOf = new PreparedQuery<IDocumentsOfParams,IDocumentsOfResult>(documentsOfIR);


/** 'DeferTasks' parameters type */
export type IDeferTasksParams = void;

/** 'DeferTasks' return type */
export type IDeferTasksResult = void;

/** 'DeferTasks' query type */
export interface IDeferTasksQuery {
  params: IDeferTasksParams;
  result: IDeferTasksResult;
}

const deferTasksIR: any = {"usedParamSet":{},"params":[],"statement":"set constraints entry_firm_id_project_id_task_id_fkey,\ntimer_firm_id_project_id_task_id_fkey,\nsheet_row_firm_id_project_id_task_id_fkey deferred"};

/**
 * Query generated from SQL:
 * ```
 * set constraints entry_firm_id_project_id_task_id_fkey,
 * timer_firm_id_project_id_task_id_fkey,
 * sheet_row_firm_id_project_id_task_id_fkey deferred
 * ```
 */
export const deferTasks = new PreparedQuery<IDeferTasksParams,IDeferTasksResult>(deferTasksIR);


/** 'MoveTimersOfTasks' parameters type */
export interface IMoveTimersOfTasksParams {
  project: string;
  tasks: stringArray;
}

/** 'MoveTimersOfTasks' return type */
export type IMoveTimersOfTasksResult = void;

/** 'MoveTimersOfTasks' query type */
export interface IMoveTimersOfTasksQuery {
  params: IMoveTimersOfTasksParams;
  result: IMoveTimersOfTasksResult;
}

const moveTimersOfTasksIR: any = {"usedParamSet":{"project":true,"tasks":true},"params":[{"name":"project","required":true,"transform":{"type":"scalar"},"locs":[{"a":32,"b":40}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":90,"b":96}]}],"statement":"update timer\nset\n  project_id = :project!,\n  version = version + 1\nwhere\n  task_id = any (:tasks!)"};

/**
 * Query generated from SQL:
 * ```
 * update timer
 * set
 *   project_id = :project!,
 *   version = version + 1
 * where
 *   task_id = any (:tasks!)
 * ```
 */
export const moveTimersOfTasks = new PreparedQuery<IMoveTimersOfTasksParams,IMoveTimersOfTasksResult>(moveTimersOfTasksIR);


/** 'MoveRowsOfTasks' parameters type */
export interface IMoveRowsOfTasksParams {
  project: string;
  tasks: stringArray;
}

/** 'MoveRowsOfTasks' return type */
export type IMoveRowsOfTasksResult = void;

/** 'MoveRowsOfTasks' query type */
export interface IMoveRowsOfTasksQuery {
  params: IMoveRowsOfTasksParams;
  result: IMoveRowsOfTasksResult;
}

const moveRowsOfTasksIR: any = {"usedParamSet":{"project":true,"tasks":true},"params":[{"name":"project","required":true,"transform":{"type":"scalar"},"locs":[{"a":36,"b":44}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":69,"b":75}]}],"statement":"update sheet_row\nset\n  project_id = :project!\nwhere\n  task_id = any (:tasks!)"};

/**
 * Query generated from SQL:
 * ```
 * update sheet_row
 * set
 *   project_id = :project!
 * where
 *   task_id = any (:tasks!)
 * ```
 */
export const moveRowsOfTasks = new PreparedQuery<IMoveRowsOfTasksParams,IMoveRowsOfTasksResult>(moveRowsOfTasksIR);


/** 'SeesValues' parameters type */
export interface ISeesValuesParams {
  asker: string;
  projects: stringArray;
  reach: string;
}

/** 'SeesValues' return type */
export interface ISeesValuesResult {
  count: number;
}

/** 'SeesValues' query type */
export interface ISeesValuesQuery {
  params: ISeesValuesParams;
  result: ISeesValuesResult;
}

const seesValuesIR: any = {"usedParamSet":{"reach":true,"asker":true,"projects":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":62,"b":68}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":71,"b":77}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":102,"b":111}]}],"statement":"select\n  count(*)::int as \"count!\"\nfrom\n  projects_to_change (:reach!, :asker!) p\nwhere\n  p.id = any (:projects!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   count(*)::int as "count!"
 * from
 *   projects_to_change (:reach!, :asker!) p
 * where
 *   p.id = any (:projects!)
 * ```
 */
export const seesValues = new PreparedQuery<ISeesValuesParams,ISeesValuesResult>(seesValuesIR);


