/** Types generated for queries found in "packages/server/src/platform/prune.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'PruneReplays' parameters type */
export interface IPruneReplaysParams {
  before: string;
}

/** 'PruneReplays' return type */
export interface IPruneReplaysResult {
  gone: number;
}

/** 'PruneReplays' query type */
export interface IPruneReplaysQuery {
  params: IPruneReplaysParams;
  result: IPruneReplaysResult;
}

const pruneReplaysIR: any = {"usedParamSet":{"before":true},"params":[{"name":"before","required":true,"transform":{"type":"scalar"},"locs":[{"a":24,"b":31}]}],"statement":"select\n  prune_replays (:before!) as \"gone!\""};

/**
 * Query generated from SQL:
 * ```
 * select
 *   prune_replays (:before!) as "gone!"
 * ```
 */
export const pruneReplays = new PreparedQuery<IPruneReplaysParams,IPruneReplaysResult>(pruneReplaysIR);


