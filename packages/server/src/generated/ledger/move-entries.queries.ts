/** Types generated for queries found in "packages/server/src/ledger/move-entries.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

/** 'MoveEntries' parameters type */
export interface IMoveEntriesParams {
  moves: Json;
}

/** 'MoveEntries' return type */
export type IMoveEntriesResult = void;

/** 'MoveEntries' query type */
export interface IMoveEntriesQuery {
  params: IMoveEntriesParams;
  result: IMoveEntriesResult;
}

const moveEntriesIR: any = {"usedParamSet":{"moves":true},"params":[{"name":"moves","required":true,"transform":{"type":"scalar"},"locs":[{"a":90,"b":96}]}],"statement":"update entry e\nset\n  stage = m.stage,\n  version = e.version + 1\nfrom\n  jsonb_to_recordset(:moves!) as m (id uuid, stage text)\nwhere\n  e.id = m.id"};

/**
 * Query generated from SQL:
 * ```
 * update entry e
 * set
 *   stage = m.stage,
 *   version = e.version + 1
 * from
 *   jsonb_to_recordset(:moves!) as m (id uuid, stage text)
 * where
 *   e.id = m.id
 * ```
 */
export const moveEntries = new PreparedQuery<IMoveEntriesParams,IMoveEntriesResult>(moveEntriesIR);


