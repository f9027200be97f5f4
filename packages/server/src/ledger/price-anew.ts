import { Repricing } from '@yellowwood/contracts';
import { EntryProblem, LedgerEntry, isPricedOtherwise, repricingEffect } from '@yellowwood/core';
import { createHash } from 'node:crypto';
import { Context } from '../platform/context';
import { problem } from '../platform/problem';
import { refuseLockedDays } from './locked-days';
import { isChanged, rowSubject, updateRows } from './rows';
import { EntryValuation, derived, valuationBasis } from './value-entries';
import { AuditSubject } from '../platform/audit';

/** Entries that a change prices anew, as they are and, in the same order, as they become. */
export interface PricedAnew {
  readonly before: readonly LedgerEntry[];
  readonly after: readonly LedgerEntry[];
}

/** Whether anything of an entry is billed, or held by a draft: then its price stays. */
export function isOnDocument(entry: LedgerEntry): boolean {
  return entry.billedQuantity !== 0;
}

/**
 * Values entries by the rules, terms and work as they stand in the transaction. What is on a document stays as it is.
 * Where an agreement rounds by the day, all entries of the day are among them; the rules are held exclusively.
 * @param rows   locked entries
 * @param become what is different of every entry then
 */
export async function priceAnew(
  context: Context,
  rows: readonly LedgerEntry[],
  become: Partial<Pick<LedgerEntry, 'projectId'>>,
): Promise<PricedAnew> {
  const moved = rows.map((row) => ({ ...row, ...become }));
  const valuations = (await valuationBasis(context, moved)).value(moved);
  const after = moved.map((row, index) => {
    if (isOnDocument(row)) return rows[index]!;
    const valuation = valuations.get(row.id)!;
    const worth = { ...row, ...derived(valuation, row.rateReason), problems: problemsThen(row, valuation) };
    const before = rows[index]!;
    if (row.projectId !== before.projectId) return { ...worth, version: row.version + 1 };
    return isPricedOtherwise(before, worth) ? { ...worth, valueVersion: row.valueVersion + 1 } : before;
  });
  return { before: rows, after };
}

function problemsThen(row: LedgerEntry, { billingState, rate }: EntryValuation): EntryProblem[] {
  const others = row.problems.filter((code) => code !== 'no-rate');
  return billingState === 'to bill' && rate === null ? [...others, 'no-rate'] : others;
}

/** What is told of it before it is done, with what stands for it. */
function effectOf({ before, after }: PricedAnew, showsMoney: boolean): Repricing {
  const { moves, ...counts } = repricingEffect(before, after);
  const price = ({ id, version, valueVersion, rate, valueMinor, valueCurrency, billingState }: LedgerEntry) =>
    [id, version, valueVersion, rate, valueMinor, valueCurrency, billingState].join(' ');
  const seen = createHash('sha256').update(after.map(price).join('\n')).digest('base64url');
  return { ...counts, moves: showsMoney ? [...moves] : [], seen };
}

/**
 * Does what was seen, and nothing else: refuses a change that moves prices until its effect comes back as seen. Only
 * what is touched must lie on days that are not locked.
 * @param seen what was seen of it; null where nobody has looked yet
 * @param asks whether it is asked for although no price moves
 * @throws the problems `day-locked`, `effect-unseen` and `effect-changed`, with the effect
 */
export async function refuseUnseen(
  context: Context,
  priced: PricedAnew,
  { seen, asks, showsMoney }: { readonly seen: string | null; readonly asks: boolean; readonly showsMoney: boolean },
): Promise<void> {
  const touched = changedOf(priced);
  await refuseLockedDays(
    context,
    touched.map(({ after }) => after.workDate),
  );
  if (touched.length === 0 || !(asks || touched.some(({ before, after }) => isPricedOtherwise(before, after)))) return;
  const effect = effectOf(priced, showsMoney);
  if (seen !== effect.seen) throw problem(seen === null ? 'effect-unseen' : 'effect-changed', {}, { current: effect });
}

/** Stores what was priced anew. @returns what the history tells of each entry that is another then */
export async function storePriced(context: Context, priced: PricedAnew): Promise<AuditSubject[]> {
  const touched = changedOf(priced);
  await updateRows(
    context,
    new Map(touched.map(({ before }) => [before.id, before])),
    touched.map(({ after }) => after),
  );
  return touched.map(({ before, after }) => rowSubject(before, after));
}

function changedOf({ before, after }: PricedAnew) {
  return before.map((row, index) => ({ before: row, after: after[index]! })).filter((pair) => isChanged(pair.before, pair.after));
}
