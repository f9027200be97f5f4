/** Types generated for queries found in "packages/server/src/work/read-work.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'ServicesSeen' parameters type */
export type IServicesSeenParams = void;

/** 'ServicesSeen' return type */
export interface IServicesSeenResult {
  billable: boolean;
  code: string;
  id: string;
  kind: string;
  name: string;
}

/** 'ServicesSeen' query type */
export interface IServicesSeenQuery {
  params: IServicesSeenParams;
  result: IServicesSeenResult;
}

const servicesSeenIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  id as \"id!\",\n  code as \"code!\",\n  name as \"name!\",\n  kind as \"kind!\",\n  billable as \"billable!\"\nfrom\n  service\norder by\n  name"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   id as "id!",
 *   code as "code!",
 *   name as "name!",
 *   kind as "kind!",
 *   billable as "billable!"
 * from
 *   service
 * order by
 *   name
 * ```
 */
export const servicesSeen = new PreparedQuery<IServicesSeenParams,IServicesSeenResult>(servicesSeenIR);


/** 'WorkedLately' parameters type */
export interface IWorkedLatelyParams {
  asker: string;
  since: string;
}

/** 'WorkedLately' return type */
export interface IWorkedLatelyResult {
  projectId: string;
  taskId: string | null;
}

/** 'WorkedLately' query type */
export interface IWorkedLatelyQuery {
  params: IWorkedLatelyParams;
  result: IWorkedLatelyResult;
}

const workedLatelyIR: any = {"usedParamSet":{"asker":true,"since":true},"params":[{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":101,"b":107}]},{"name":"since","required":true,"transform":{"type":"scalar"},"locs":[{"a":129,"b":135}]}],"statement":"select\n  e.project_id as \"projectId!\",\n  e.task_id as \"taskId?\"\nfrom\n  entry e\nwhere\n  e.person_id = :asker!\n  and e.work_date > :since!\n  and e.project_id is not null\ngroup by\n  e.project_id,\n  e.task_id\norder by\n  max(e.work_date) desc,\n  max(e.id::text) desc\nlimit\n  12"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   e.project_id as "projectId!",
 *   e.task_id as "taskId?"
 * from
 *   entry e
 * where
 *   e.person_id = :asker!
 *   and e.work_date > :since!
 *   and e.project_id is not null
 * group by
 *   e.project_id,
 *   e.task_id
 * order by
 *   max(e.work_date) desc,
 *   max(e.id::text) desc
 * limit
 *   12
 * ```
 */
export const workedLately = new PreparedQuery<IWorkedLatelyParams,IWorkedLatelyResult>(workedLatelyIR);


