import { Result, fail, ok } from '../firm/result';
import { Stage, moveStage } from '../ledger/stage';

/** An entry as a decision needs it. */
export interface DecidableEntry {
  readonly id: string;
  readonly version: number;
  readonly stage: Stage;
  readonly personId: string;
  readonly billedQuantity: number;
  readonly reserved: boolean;
  /** Who decided on it last; null before anybody did. */
  readonly decidedBy: string | null;
}

export type DecisionFailure =
  | 'own-time'
  | 'entry-changed'
  | 'entry-missing'
  | 'stage-not-possible'
  | 'entry-billed'
  | 'entry-in-draft'
  | 'decided-by-another'
  | 'reason-missing';

/** A recall takes back one's own approval, which then waits as before. */
export type Outcome = 'approve' | 'return' | 'reopen' | 'recall';

/** Decisions that take a person's work out of what is done: they say why. */
const WITH_REASON: readonly Outcome[] = ['return', 'reopen'];

/** What the reviewer looked at: the id and the version on the screen. */
export interface Seen {
  readonly id: string;
  readonly version: number;
}

/**
 * Decides on entries: all of them or none. Nobody decides on their own time; a return and a re-opening
 * carry a reason; what has been billed or stands in a draft is neither re-opened nor recalled, and only who
 * approved recalls.
 * @param entries as they are now, locked
 * @param seen    as the reviewer saw them; a different version is refused
 * @returns the new stage of each entry
 */
export function decide(
  outcome: Outcome,
  entries: readonly DecidableEntry[],
  seen: readonly Seen[],
  decider: string,
  reason: string | null,
): Result<{ id: string; stage: Stage }[], DecisionFailure> {
  if (WITH_REASON.includes(outcome) && !reason?.trim()) return fail('reason-missing');
  const now = new Map(entries.map((entry) => [entry.id, entry]));
  const decided: { id: string; stage: Stage }[] = [];
  for (const { id, version } of seen) {
    const entry = now.get(id);
    if (!entry) return fail('entry-missing', { id });
    if (entry.personId === decider) return fail('own-time', { id });
    if (entry.version !== version) return fail('entry-changed', { id });
    const takenBack = outcome === 'reopen' || outcome === 'recall';
    if (takenBack && entry.billedQuantity !== 0) return fail('entry-billed', { id });
    if (takenBack && entry.reserved) return fail('entry-in-draft', { id });
    const moved = moveStage(entry.stage, outcome);
    if (!moved.ok) return fail('stage-not-possible', { id, stage: entry.stage });
    if (outcome === 'recall' && entry.decidedBy !== decider) return fail('decided-by-another', { id });
    decided.push({ id, stage: moved.value });
  }
  return ok(decided);
}
