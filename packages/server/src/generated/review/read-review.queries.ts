/** Types generated for queries found in "packages/server/src/review/read-review.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'WaitingDays' parameters type */
export interface IWaitingDaysParams {
  all: boolean;
  anyTask: boolean;
  asker: string;
  projects: stringArray;
  reach: string;
  tasks: stringArray;
  whose?: string | null | void;
}

/** 'WaitingDays' return type */
export interface IWaitingDaysResult {
  date: string;
  personId: string;
  submitted: number;
}

/** 'WaitingDays' query type */
export interface IWaitingDaysQuery {
  params: IWaitingDaysParams;
  result: IWaitingDaysResult;
}

const waitingDaysIR: any = {"usedParamSet":{"reach":true,"asker":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"whose":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":130,"b":136}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":139,"b":145},{"a":223,"b":229}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":302,"b":306}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":313,"b":322}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":329,"b":337}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":344,"b":350}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":357,"b":362}]}],"statement":"select\n  e.work_date as \"date!\",\n  e.person_id as \"personId!\",\n  sum(e.quantity)::bigint as \"submitted!\"\nfrom\n  entries_in_reach (:reach!, :asker!) e\nwhere\n  e.stage = 'submitted'\n  and e.kind = 'time'\n  and e.person_id <> :asker!\n  and in_scope (\n    e.project_id,\n    e.task_id,\n    e.person_id,\n    :all!,\n    :projects!,\n    :anyTask!,\n    :tasks!,\n    :whose\n  )\ngroup by\n  1,\n  2\norder by\n  1,\n  2"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   e.work_date as "date!",
 *   e.person_id as "personId!",
 *   sum(e.quantity)::bigint as "submitted!"
 * from
 *   entries_in_reach (:reach!, :asker!) e
 * where
 *   e.stage = 'submitted'
 *   and e.kind = 'time'
 *   and e.person_id <> :asker!
 *   and in_scope (
 *     e.project_id,
 *     e.task_id,
 *     e.person_id,
 *     :all!,
 *     :projects!,
 *     :anyTask!,
 *     :tasks!,
 *     :whose
 *   )
 * group by
 *   1,
 *   2
 * order by
 *   1,
 *   2
 * ```
 */
export const waitingDays = new PreparedQuery<IWaitingDaysParams,IWaitingDaysResult>(waitingDaysIR);


