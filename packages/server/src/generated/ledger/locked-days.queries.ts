/** Types generated for queries found in "packages/server/src/ledger/locked-days.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'LockedUntil' parameters type */
export type ILockedUntilParams = void;

/** 'LockedUntil' return type */
export interface ILockedUntilResult {
  day: string | null;
}

/** 'LockedUntil' query type */
export interface ILockedUntilQuery {
  params: ILockedUntilParams;
  result: ILockedUntilResult;
}

const lockedUntilIR: any = {"usedParamSet":{},"params":[],"statement":"select\n  locked_until as \"day?\"\nfrom\n  firm"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   locked_until as "day?"
 * from
 *   firm
 * ```
 */
export const lockedUntil = new PreparedQuery<ILockedUntilParams,ILockedUntilResult>(lockedUntilIR);


