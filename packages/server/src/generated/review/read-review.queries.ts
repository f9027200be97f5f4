/** Types generated for queries found in "packages/server/src/review/read-review.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'WaitingWeeks' parameters type */
export interface IWaitingWeeksParams {
  all: boolean;
  anyTask: boolean;
  asker: string;
  projects: stringArray;
  reach: string;
  tasks: stringArray;
  whose?: string | null | void;
}

/** 'WaitingWeeks' return type */
export interface IWaitingWeeksResult {
  from: string;
  people: number;
  submitted: number;
}

/** 'WaitingWeeks' query type */
export interface IWaitingWeeksQuery {
  params: IWaitingWeeksParams;
  result: IWaitingWeeksResult;
}

const waitingWeeksIR: any = {"usedParamSet":{"reach":true,"asker":true,"all":true,"projects":true,"anyTask":true,"tasks":true,"whose":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":164,"b":170}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":173,"b":179},{"a":257,"b":263}]},{"name":"all","required":true,"transform":{"type":"scalar"},"locs":[{"a":277,"b":281}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":310,"b":319}]},{"name":"anyTask","required":true,"transform":{"type":"scalar"},"locs":[{"a":338,"b":346}]},{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":372,"b":378}]},{"name":"whose","required":false,"transform":{"type":"scalar"},"locs":[{"a":397,"b":402},{"a":439,"b":444}]}],"statement":"select\n  (date_trunc('week', e.work_date))::date as \"from!\",\n  sum(e.quantity) as \"submitted!\",\n  count(distinct e.person_id) as \"people!\"\nfrom\n  entries_in_reach (:reach!, :asker!) e\nwhere\n  e.stage = 'submitted'\n  and e.kind = 'time'\n  and e.person_id <> :asker!\n  and (\n    :all!\n    or e.project_id = any (:projects!)\n  )\n  and (\n    :anyTask!\n    or e.task_id = any (:tasks!)\n  )\n  and (\n    :whose::uuid is null\n    or e.person_id = :whose\n  )\ngroup by\n  1\norder by\n  1"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   (date_trunc('week', e.work_date))::date as "from!",
 *   sum(e.quantity) as "submitted!",
 *   count(distinct e.person_id) as "people!"
 * from
 *   entries_in_reach (:reach!, :asker!) e
 * where
 *   e.stage = 'submitted'
 *   and e.kind = 'time'
 *   and e.person_id <> :asker!
 *   and (
 *     :all!
 *     or e.project_id = any (:projects!)
 *   )
 *   and (
 *     :anyTask!
 *     or e.task_id = any (:tasks!)
 *   )
 *   and (
 *     :whose::uuid is null
 *     or e.person_id = :whose
 *   )
 * group by
 *   1
 * order by
 *   1
 * ```
 */
export const waitingWeeks = new PreparedQuery<IWaitingWeeksParams,IWaitingWeeksResult>(waitingWeeksIR);


