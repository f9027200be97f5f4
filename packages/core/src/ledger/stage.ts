import { Result, fail, ok } from '../firm/result';

/** Where an entry stands on its way. Moved only by `moveStage`. */
export const STAGES = ['recorded', 'submitted', 'approved', 'billed', 'paid'] as const;
export type Stage = (typeof STAGES)[number];

/** What moves an entry. */
export type StageMove =
  'submit' | 'withdraw' | 'approve' | 'return' | 'reopen' | 'recall' | 'bill' | 'unbill' | 'settle' | 'unsettle';

const moves: Readonly<Record<StageMove, readonly [from: Stage, to: Stage]>> = {
  submit: ['recorded', 'submitted'],
  withdraw: ['submitted', 'recorded'],
  approve: ['submitted', 'approved'],
  return: ['submitted', 'recorded'],
  reopen: ['approved', 'recorded'],
  recall: ['approved', 'submitted'],
  bill: ['approved', 'billed'],
  unbill: ['billed', 'approved'],
  settle: ['billed', 'paid'],
  unsettle: ['paid', 'billed'],
};

/** The stage after a move, or why there is none. */
export function moveStage(stage: Stage, move: StageMove): Result<Stage, 'stage-not-possible'> {
  const [from, to] = moves[move];
  return stage === from ? ok(to) : fail('stage-not-possible', { stage, move });
}

/** The stage from which a move starts. */
export function stageBefore(move: StageMove): Stage {
  return moves[move][0];
}

export type BillingState = 'to bill' | 'nothing to bill' | 'covered' | 'written off';

/** How the hours of an agreement become money. */
export type BillingMethod = 'time and materials' | 'internal' | 'not billable';

/** The billing state of an entry by its agreement and its own flag. */
export function billingStateOf(billable: boolean, method: BillingMethod | null): BillingState {
  return billable && method === 'time and materials' ? 'to bill' : 'nothing to bill';
}
