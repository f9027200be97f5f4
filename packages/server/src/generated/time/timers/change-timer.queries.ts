/** Types generated for queries found in "packages/server/src/time/timers/change-timer.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'UpdateTimer' parameters type */
export interface IUpdateTimerParams {
  billable?: boolean | null | void;
  id: string;
  note: string;
  project?: string | null | void;
  service?: string | null | void;
  task?: string | null | void;
}

/** 'UpdateTimer' return type */
export type IUpdateTimerResult = void;

/** 'UpdateTimer' query type */
export interface IUpdateTimerQuery {
  params: IUpdateTimerParams;
  result: IUpdateTimerResult;
}

const updateTimerIR: any = {"usedParamSet":{"project":true,"task":true,"service":true,"billable":true,"note":true,"id":true},"params":[{"name":"project","required":false,"transform":{"type":"scalar"},"locs":[{"a":32,"b":39}]},{"name":"task","required":false,"transform":{"type":"scalar"},"locs":[{"a":54,"b":58}]},{"name":"service","required":false,"transform":{"type":"scalar"},"locs":[{"a":76,"b":83}]},{"name":"billable","required":false,"transform":{"type":"scalar"},"locs":[{"a":99,"b":107}]},{"name":"note","required":true,"transform":{"type":"scalar"},"locs":[{"a":119,"b":124}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":164,"b":167}]}],"statement":"update timer\nset\n  project_id = :project,\n  task_id = :task,\n  service_id = :service,\n  billable = :billable,\n  note = :note!,\n  version = version + 1\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update timer
 * set
 *   project_id = :project,
 *   task_id = :task,
 *   service_id = :service,
 *   billable = :billable,
 *   note = :note!,
 *   version = version + 1
 * where
 *   id = :id!
 * ```
 */
export const updateTimer = new PreparedQuery<IUpdateTimerParams,IUpdateTimerResult>(updateTimerIR);


/** 'MoveSegmentStart' parameters type */
export interface IMoveSegmentStartParams {
  place: number;
  startAt: string;
  timer: string;
}

/** 'MoveSegmentStart' return type */
export type IMoveSegmentStartResult = void;

/** 'MoveSegmentStart' query type */
export interface IMoveSegmentStartQuery {
  params: IMoveSegmentStartParams;
  result: IMoveSegmentStartResult;
}

const moveSegmentStartIR: any = {"usedParamSet":{"startAt":true,"timer":true,"place":true},"params":[{"name":"startAt","required":true,"transform":{"type":"scalar"},"locs":[{"a":38,"b":46}]},{"name":"timer","required":true,"transform":{"type":"scalar"},"locs":[{"a":67,"b":73}]},{"name":"place","required":true,"transform":{"type":"scalar"},"locs":[{"a":89,"b":95}]}],"statement":"update timer_segment\nset\n  start_at = :startAt!\nwhere\n  timer_id = :timer!\n  and place = :place!"};

/**
 * Query generated from SQL:
 * ```
 * update timer_segment
 * set
 *   start_at = :startAt!
 * where
 *   timer_id = :timer!
 *   and place = :place!
 * ```
 */
export const moveSegmentStart = new PreparedQuery<IMoveSegmentStartParams,IMoveSegmentStartResult>(moveSegmentStartIR);


