/** Types generated for queries found in "packages/server/src/people/recording.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type numberArray = (number)[];

export type stringArray = (string)[];

/** 'SetRecording' parameters type */
export interface ISetRecordingParams {
  dayMaximum?: number | null | void;
  person: string;
  ways?: stringArray | null | void;
  weekMaximum?: number | null | void;
}

/** 'SetRecording' return type */
export type ISetRecordingResult = void;

/** 'SetRecording' query type */
export interface ISetRecordingQuery {
  params: ISetRecordingParams;
  result: ISetRecordingResult;
}

const setRecordingIR: any = {"usedParamSet":{"ways":true,"dayMaximum":true,"weekMaximum":true,"person":true},"params":[{"name":"ways","required":false,"transform":{"type":"scalar"},"locs":[{"a":34,"b":38}]},{"name":"dayMaximum","required":false,"transform":{"type":"scalar"},"locs":[{"a":57,"b":67}]},{"name":"weekMaximum","required":false,"transform":{"type":"scalar"},"locs":[{"a":87,"b":98}]},{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":138,"b":145}]}],"statement":"update person\nset\n  record_ways = :ways,\n  day_maximum = :dayMaximum,\n  week_maximum = :weekMaximum,\n  version = version + 1\nwhere\n  id = :person!"};

/**
 * Query generated from SQL:
 * ```
 * update person
 * set
 *   record_ways = :ways,
 *   day_maximum = :dayMaximum,
 *   week_maximum = :weekMaximum,
 *   version = version + 1
 * where
 *   id = :person!
 * ```
 */
export const setRecording = new PreparedQuery<ISetRecordingParams,ISetRecordingResult>(setRecordingIR);


/** 'RecordingNow' parameters type */
export interface IRecordingNowParams {
  person: string;
}

/** 'RecordingNow' return type */
export interface IRecordingNowResult {
  dayMaximum: number | null;
  ways: stringArray | null;
  weekMaximum: number | null;
}

/** 'RecordingNow' query type */
export interface IRecordingNowQuery {
  params: IRecordingNowParams;
  result: IRecordingNowResult;
}

const recordingNowIR: any = {"usedParamSet":{"person":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":135,"b":142}]}],"statement":"select\n  p.record_ways as \"ways?\",\n  p.day_maximum as \"dayMaximum?\",\n  p.week_maximum as \"weekMaximum?\"\nfrom\n  person p\nwhere\n  p.id = :person!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.record_ways as "ways?",
 *   p.day_maximum as "dayMaximum?",
 *   p.week_maximum as "weekMaximum?"
 * from
 *   person p
 * where
 *   p.id = :person!
 * ```
 */
export const recordingNow = new PreparedQuery<IRecordingNowParams,IRecordingNowResult>(recordingNowIR);


/** 'DropLaterPlans' parameters type */
export interface IDropLaterPlansParams {
  from: string;
  person: string;
}

/** 'DropLaterPlans' return type */
export type IDropLaterPlansResult = void;

/** 'DropLaterPlans' query type */
export interface IDropLaterPlansQuery {
  params: IDropLaterPlansParams;
  result: IDropLaterPlansResult;
}

const dropLaterPlansIR: any = {"usedParamSet":{"person":true,"from":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":41,"b":48}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":70,"b":75}]}],"statement":"delete from schedule\nwhere\n  person_id = :person!\n  and valid_from >= :from!"};

/**
 * Query generated from SQL:
 * ```
 * delete from schedule
 * where
 *   person_id = :person!
 *   and valid_from >= :from!
 * ```
 */
export const dropLaterPlans = new PreparedQuery<IDropLaterPlansParams,IDropLaterPlansResult>(dropLaterPlansIR);


/** 'EndPlans' parameters type */
export interface IEndPlansParams {
  last: string;
  person: string;
}

/** 'EndPlans' return type */
export type IEndPlansResult = void;

/** 'EndPlans' query type */
export interface IEndPlansQuery {
  params: IEndPlansParams;
  result: IEndPlansResult;
}

const endPlansIR: any = {"usedParamSet":{"last":true,"person":true},"params":[{"name":"last","required":true,"transform":{"type":"scalar"},"locs":[{"a":33,"b":38},{"a":89,"b":94},{"a":143,"b":148}]},{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":60,"b":67}]}],"statement":"update schedule\nset\n  valid_to = :last!\nwhere\n  person_id = :person!\n  and valid_from <= :last!\n  and (\n    valid_to is null\n    or valid_to > :last!\n  )"};

/**
 * Query generated from SQL:
 * ```
 * update schedule
 * set
 *   valid_to = :last!
 * where
 *   person_id = :person!
 *   and valid_from <= :last!
 *   and (
 *     valid_to is null
 *     or valid_to > :last!
 *   )
 * ```
 */
export const endPlans = new PreparedQuery<IEndPlansParams,IEndPlansResult>(endPlansIR);


/** 'PlannedForNew' parameters type */
export type IPlannedForNewParams = void;

/** 'PlannedForNew' return type */
export interface IPlannedForNewResult {
  dayEnd: string;
  dayStart: string;
  planned: numberArray;
}

/** 'PlannedForNew' query type */
export interface IPlannedForNewQuery {
  params: IPlannedForNewParams;
  result: IPlannedForNewResult;
}

const plannedForNewIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  planned as \"planned!\",\n  day_start as \"dayStart!\",\n  day_end as \"dayEnd!\"\nfrom\n  firm"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   planned as "planned!",
 *   day_start as "dayStart!",
 *   day_end as "dayEnd!"
 * from
 *   firm
 * ```
 */
export const plannedForNew = new PreparedQuery<IPlannedForNewParams,IPlannedForNewResult>(plannedForNewIR);


/** 'SetPlannedForNew' parameters type */
export interface ISetPlannedForNewParams {
  planned: numberArray;
}

/** 'SetPlannedForNew' return type */
export type ISetPlannedForNewResult = void;

/** 'SetPlannedForNew' query type */
export interface ISetPlannedForNewQuery {
  params: ISetPlannedForNewParams;
  result: ISetPlannedForNewResult;
}

const setPlannedForNewIR: any = {"usedParamSet":{"planned":true},"params":[{"name":"planned","required":true,"transform":{"type":"scalar"},"locs":[{"a":28,"b":36}]}],"statement":"update firm\nset\n  planned = :planned!"};

/**
 * Query generated from SQL:
 * ```
 * update firm
 * set
 *   planned = :planned!
 * ```
 */
export const setPlannedForNew = new PreparedQuery<ISetPlannedForNewParams,ISetPlannedForNewResult>(setPlannedForNewIR);


