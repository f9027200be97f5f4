/** Types generated for queries found in "packages/server/src/time/timers/own-timers.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'TimersOf' parameters type */
export interface ITimersOfParams {
  person: string;
}

/** 'TimersOf' return type */
export interface ITimersOfResult {
  billable: boolean | null;
  endAt: string | null;
  id: string;
  note: string;
  place: number;
  projectId: string | null;
  running: boolean;
  serviceId: string | null;
  startAt: string;
  taskId: string | null;
  version: number;
}

/** 'TimersOf' query type */
export interface ITimersOfQuery {
  params: ITimersOfParams;
  result: ITimersOfResult;
}

const timersOfIR: any = {"usedParamSet":{"person":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":401,"b":408}]}],"statement":"select\n  t.id as \"id!\",\n  t.project_id as \"projectId?\",\n  t.task_id as \"taskId?\",\n  t.service_id as \"serviceId?\",\n  t.billable as \"billable?\",\n  t.note as \"note!\",\n  t.running as \"running!\",\n  t.version as \"version!\",\n  s.place as \"place!\",\n  s.start_at as \"startAt!\",\n  s.end_at as \"endAt?\"\nfrom\n  timer t\n  join timer_segment s on s.firm_id = t.firm_id\n  and s.timer_id = t.id\nwhere\n  t.person_id = :person!\norder by\n  t.created_at,\n  t.id,\n  s.place"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   t.id as "id!",
 *   t.project_id as "projectId?",
 *   t.task_id as "taskId?",
 *   t.service_id as "serviceId?",
 *   t.billable as "billable?",
 *   t.note as "note!",
 *   t.running as "running!",
 *   t.version as "version!",
 *   s.place as "place!",
 *   s.start_at as "startAt!",
 *   s.end_at as "endAt?"
 * from
 *   timer t
 *   join timer_segment s on s.firm_id = t.firm_id
 *   and s.timer_id = t.id
 * where
 *   t.person_id = :person!
 * order by
 *   t.created_at,
 *   t.id,
 *   s.place
 * ```
 */
export const timersOf = new PreparedQuery<ITimersOfParams,ITimersOfResult>(timersOfIR);


/** 'InsertSegment' parameters type */
export interface IInsertSegmentParams {
  firm: string;
  place: number;
  startAt: string;
  timer: string;
}

/** 'InsertSegment' return type */
export type IInsertSegmentResult = void;

/** 'InsertSegment' query type */
export interface IInsertSegmentQuery {
  params: IInsertSegmentParams;
  result: IInsertSegmentResult;
}

const insertSegmentIR: any = {"usedParamSet":{"firm":true,"timer":true,"place":true,"startAt":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":75,"b":80}]},{"name":"timer","required":true,"transform":{"type":"scalar"},"locs":[{"a":83,"b":89}]},{"name":"place","required":true,"transform":{"type":"scalar"},"locs":[{"a":92,"b":98}]},{"name":"startAt","required":true,"transform":{"type":"scalar"},"locs":[{"a":101,"b":109}]}],"statement":"insert into\n  timer_segment (firm_id, timer_id, place, start_at)\nvalues\n  (:firm!, :timer!, :place!, :startAt!)"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   timer_segment (firm_id, timer_id, place, start_at)
 * values
 *   (:firm!, :timer!, :place!, :startAt!)
 * ```
 */
export const insertSegment = new PreparedQuery<IInsertSegmentParams,IInsertSegmentResult>(insertSegmentIR);


/** 'SetRunning' parameters type */
export interface ISetRunningParams {
  id: string;
  running: boolean;
}

/** 'SetRunning' return type */
export type ISetRunningResult = void;

/** 'SetRunning' query type */
export interface ISetRunningQuery {
  params: ISetRunningParams;
  result: ISetRunningResult;
}

const setRunningIR: any = {"usedParamSet":{"running":true,"id":true},"params":[{"name":"running","required":true,"transform":{"type":"scalar"},"locs":[{"a":29,"b":37}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":77,"b":80}]}],"statement":"update timer\nset\n  running = :running!,\n  version = version + 1\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update timer
 * set
 *   running = :running!,
 *   version = version + 1
 * where
 *   id = :id!
 * ```
 */
export const setRunning = new PreparedQuery<ISetRunningParams,ISetRunningResult>(setRunningIR);


/** 'DeleteTimer' parameters type */
export interface IDeleteTimerParams {
  id: string;
}

/** 'DeleteTimer' return type */
export type IDeleteTimerResult = void;

/** 'DeleteTimer' query type */
export interface IDeleteTimerQuery {
  params: IDeleteTimerParams;
  result: IDeleteTimerResult;
}

const deleteTimerIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":31,"b":34}]}],"statement":"delete from timer\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * delete from timer
 * where
 *   id = :id!
 * ```
 */
export const deleteTimer = new PreparedQuery<IDeleteTimerParams,IDeleteTimerResult>(deleteTimerIR);


