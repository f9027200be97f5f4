/** Types generated for queries found in "packages/server/src/review/period.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

export type stringArray = (string)[];

/** 'PeriodEntries' parameters type */
export interface IPeriodEntriesParams {
  from: string;
  person: string;
  to: string;
}

/** 'PeriodEntries' return type */
export interface IPeriodEntriesResult {
  id: string;
  kind: string;
  problems: stringArray;
  quantity: number;
  stage: string;
  version: number;
}

/** 'PeriodEntries' query type */
export interface IPeriodEntriesQuery {
  params: IPeriodEntriesParams;
  result: IPeriodEntriesResult;
}

const periodEntriesIR: any = {"usedParamSet":{"person":true,"from":true,"to":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":173,"b":180}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":206,"b":211}]},{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":217,"b":220}]}],"statement":"select\n  id as \"id!\",\n  stage as \"stage!\",\n  kind as \"kind!\",\n  quantity as \"quantity!\",\n  problems as \"problems!\",\n  version as \"version!\"\nfrom\n  entry\nwhere\n  person_id = :person!\n  and work_date between :from! and :to!\norder by\n  id\nfor update"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   id as "id!",
 *   stage as "stage!",
 *   kind as "kind!",
 *   quantity as "quantity!",
 *   problems as "problems!",
 *   version as "version!"
 * from
 *   entry
 * where
 *   person_id = :person!
 *   and work_date between :from! and :to!
 * order by
 *   id
 * for update
 * ```
 */
export const periodEntries = new PreparedQuery<IPeriodEntriesParams,IPeriodEntriesResult>(periodEntriesIR);


/** 'SetSheetState' parameters type */
export interface ISetSheetStateParams {
  id: string;
  state: string;
}

/** 'SetSheetState' return type */
export type ISetSheetStateResult = void;

/** 'SetSheetState' query type */
export interface ISetSheetStateQuery {
  params: ISetSheetStateParams;
  result: ISetSheetStateResult;
}

const setSheetStateIR: any = {"usedParamSet":{"state":true,"id":true},"params":[{"name":"state","required":true,"transform":{"type":"scalar"},"locs":[{"a":31,"b":37}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":77,"b":80}]}],"statement":"update timesheet\nset\n  state = :state!,\n  version = version + 1\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update timesheet
 * set
 *   state = :state!,
 *   version = version + 1
 * where
 *   id = :id!
 * ```
 */
export const setSheetState = new PreparedQuery<ISetSheetStateParams,ISetSheetStateResult>(setSheetStateIR);


/** 'InsertDecisions' parameters type */
export interface IInsertDecisionsParams {
  at: string;
  by: string;
  byPolicy: boolean;
  decisions: Json;
  firm: string;
  outcome: string;
  reason: string;
}

/** 'InsertDecisions' return type */
export type IInsertDecisionsResult = void;

/** 'InsertDecisions' query type */
export interface IInsertDecisionsQuery {
  params: IInsertDecisionsParams;
  result: IInsertDecisionsResult;
}

const insertDecisionsIR: any = {"usedParamSet":{"firm":true,"outcome":true,"reason":true,"by":true,"at":true,"byPolicy":true,"decisions":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":109,"b":114}]},{"name":"outcome","required":true,"transform":{"type":"scalar"},"locs":[{"a":157,"b":165}]},{"name":"reason","required":true,"transform":{"type":"scalar"},"locs":[{"a":170,"b":177}]},{"name":"by","required":true,"transform":{"type":"scalar"},"locs":[{"a":182,"b":185}]},{"name":"at","required":true,"transform":{"type":"scalar"},"locs":[{"a":190,"b":193}]},{"name":"byPolicy","required":true,"transform":{"type":"scalar"},"locs":[{"a":198,"b":207}]},{"name":"decisions","required":true,"transform":{"type":"scalar"},"locs":[{"a":235,"b":245}]}],"statement":"insert into\n  decision (firm_id, id, timesheet_id, entry_id, outcome, reason, by_id, at, by_policy)\nselect\n  :firm!,\n  d.id,\n  d.\"sheetId\",\n  d.\"entryId\",\n  :outcome!,\n  :reason!,\n  :by!,\n  :at!,\n  :byPolicy!\nfrom\n  jsonb_to_recordset(:decisions!) as d (id uuid, \"sheetId\" uuid, \"entryId\" uuid)"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   decision (firm_id, id, timesheet_id, entry_id, outcome, reason, by_id, at, by_policy)
 * select
 *   :firm!,
 *   d.id,
 *   d."sheetId",
 *   d."entryId",
 *   :outcome!,
 *   :reason!,
 *   :by!,
 *   :at!,
 *   :byPolicy!
 * from
 *   jsonb_to_recordset(:decisions!) as d (id uuid, "sheetId" uuid, "entryId" uuid)
 * ```
 */
export const insertDecisions = new PreparedQuery<IInsertDecisionsParams,IInsertDecisionsResult>(insertDecisionsIR);


