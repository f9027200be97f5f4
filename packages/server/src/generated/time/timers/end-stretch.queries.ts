/** Types generated for queries found in "packages/server/src/time/timers/end-stretch.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'CloseSegment' parameters type */
export interface ICloseSegmentParams {
  at: string;
  timer: string;
}

/** 'CloseSegment' return type */
export type ICloseSegmentResult = void;

/** 'CloseSegment' query type */
export interface ICloseSegmentQuery {
  params: ICloseSegmentParams;
  result: ICloseSegmentResult;
}

const closeSegmentIR: any = {"usedParamSet":{"at":true,"timer":true},"params":[{"name":"at","required":true,"transform":{"type":"scalar"},"locs":[{"a":55,"b":58}]},{"name":"timer","required":true,"transform":{"type":"scalar"},"locs":[{"a":80,"b":86}]}],"statement":"update timer_segment\nset\n  end_at = greatest(start_at, :at!)\nwhere\n  timer_id = :timer!\n  and end_at is null"};

/**
 * Query generated from SQL:
 * ```
 * update timer_segment
 * set
 *   end_at = greatest(start_at, :at!)
 * where
 *   timer_id = :timer!
 *   and end_at is null
 * ```
 */
export const closeSegment = new PreparedQuery<ICloseSegmentParams,ICloseSegmentResult>(closeSegmentIR);


