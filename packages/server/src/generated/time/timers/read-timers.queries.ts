/** Types generated for queries found in "packages/server/src/time/timers/read-timers.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'RecordedOn' parameters type */
export interface IRecordedOnParams {
  date: string;
  person: string;
}

/** 'RecordedOn' return type */
export interface IRecordedOnResult {
  seconds: number;
}

/** 'RecordedOn' query type */
export interface IRecordedOnQuery {
  params: IRecordedOnParams;
  result: IRecordedOnResult;
}

const recordedOnIR: any = {"usedParamSet":{"person":true,"date":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":83,"b":90}]},{"name":"date","required":true,"transform":{"type":"scalar"},"locs":[{"a":110,"b":115}]}],"statement":"select\n  coalesce(sum(quantity), 0) as \"seconds!\"\nfrom\n  entry\nwhere\n  person_id = :person!\n  and work_date = :date!\n  and kind = 'time'"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   coalesce(sum(quantity), 0) as "seconds!"
 * from
 *   entry
 * where
 *   person_id = :person!
 *   and work_date = :date!
 *   and kind = 'time'
 * ```
 */
export const recordedOn = new PreparedQuery<IRecordedOnParams,IRecordedOnResult>(recordedOnIR);


