/** Types generated for queries found in "packages/server/src/people/planned-time.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type numberArray = (number)[];

export type stringArray = (string)[];

/** 'ScheduleOf' parameters type */
export interface IScheduleOfParams {
  from: string;
  people: stringArray;
  to: string;
}

/** 'ScheduleOf' return type */
export interface IScheduleOfResult {
  dayEnd: string;
  dayStart: string;
  personId: string;
  planned: numberArray;
  validFrom: string;
  validTo: string | null;
}

/** 'ScheduleOf' query type */
export interface IScheduleOfQuery {
  params: IScheduleOfParams;
  result: IScheduleOfResult;
}

const scheduleOfIR: any = {"usedParamSet":{"people":true,"to":true,"from":true},"params":[{"name":"people","required":true,"transform":{"type":"scalar"},"locs":[{"a":208,"b":215}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":238,"b":241}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":291,"b":296}]}],"statement":"select\n  person_id as \"personId!\",\n  valid_from as \"validFrom!\",\n  valid_to as \"validTo?\",\n  planned as \"planned!\",\n  day_start as \"dayStart!\",\n  day_end as \"dayEnd!\"\nfrom\n  schedule\nwhere\n  person_id = any (:people!)\n  and valid_from <= :to!\n  and (\n    valid_to is null\n    or valid_to >= :from!\n  )\norder by\n  person_id,\n  valid_from"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   person_id as "personId!",
 *   valid_from as "validFrom!",
 *   valid_to as "validTo?",
 *   planned as "planned!",
 *   day_start as "dayStart!",
 *   day_end as "dayEnd!"
 * from
 *   schedule
 * where
 *   person_id = any (:people!)
 *   and valid_from <= :to!
 *   and (
 *     valid_to is null
 *     or valid_to >= :from!
 *   )
 * order by
 *   person_id,
 *   valid_from
 * ```
 */
export const scheduleOf = new PreparedQuery<IScheduleOfParams,IScheduleOfResult>(scheduleOfIR);


