/** Types generated for queries found in "packages/server/src/time/timers/start-timer.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'InsertTimer' parameters type */
export interface IInsertTimerParams {
  billable?: boolean | null | void;
  firm: string;
  id: string;
  note: string;
  now: string;
  person: string;
  project?: string | null | void;
  service?: string | null | void;
  task?: string | null | void;
}

/** 'InsertTimer' return type */
export type IInsertTimerResult = void;

/** 'InsertTimer' query type */
export interface IInsertTimerQuery {
  params: IInsertTimerParams;
  result: IInsertTimerResult;
}

const insertTimerIR: any = {"usedParamSet":{"firm":true,"id":true,"person":true,"project":true,"task":true,"service":true,"billable":true,"note":true,"now":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":174,"b":179}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":186,"b":189}]},{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":196,"b":203}]},{"name":"project","required":false,"transform":{"type":"scalar"},"locs":[{"a":210,"b":217}]},{"name":"task","required":false,"transform":{"type":"scalar"},"locs":[{"a":224,"b":228}]},{"name":"service","required":false,"transform":{"type":"scalar"},"locs":[{"a":235,"b":242}]},{"name":"billable","required":false,"transform":{"type":"scalar"},"locs":[{"a":249,"b":257}]},{"name":"note","required":true,"transform":{"type":"scalar"},"locs":[{"a":264,"b":269}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":286,"b":290}]}],"statement":"insert into\n  timer (\n    firm_id,\n    id,\n    person_id,\n    project_id,\n    task_id,\n    service_id,\n    billable,\n    note,\n    running,\n    created_at\n  )\nvalues\n  (\n    :firm!,\n    :id!,\n    :person!,\n    :project,\n    :task,\n    :service,\n    :billable,\n    :note!,\n    true,\n    :now!\n  )"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   timer (
 *     firm_id,
 *     id,
 *     person_id,
 *     project_id,
 *     task_id,
 *     service_id,
 *     billable,
 *     note,
 *     running,
 *     created_at
 *   )
 * values
 *   (
 *     :firm!,
 *     :id!,
 *     :person!,
 *     :project,
 *     :task,
 *     :service,
 *     :billable,
 *     :note!,
 *     true,
 *     :now!
 *   )
 * ```
 */
export const insertTimer = new PreparedQuery<IInsertTimerParams,IInsertTimerResult>(insertTimerIR);


