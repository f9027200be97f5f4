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


/** 'PruneMail' parameters type */
export interface IPruneMailParams {
  before: string;
}

/** 'PruneMail' return type */
export interface IPruneMailResult {
  prune_mail: undefined | null;
}

/** 'PruneMail' query type */
export interface IPruneMailQuery {
  params: IPruneMailParams;
  result: IPruneMailResult;
}

const pruneMailIR: any = {"usedParamSet":{"before":true},"params":[{"name":"before","required":true,"transform":{"type":"scalar"},"locs":[{"a":21,"b":28}]}],"statement":"select\n  prune_mail (:before!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   prune_mail (:before!)
 * ```
 */
export const pruneMail = new PreparedQuery<IPruneMailParams,IPruneMailResult>(pruneMailIR);


