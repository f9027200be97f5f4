import { Entry } from '@yellowwood/contracts';
import { LedgerEntry, NO_SIDE } from '@yellowwood/core';
import { IDeletedEntriesResult, deletedEntries } from '../generated/time/restore-entry.queries';
import { blankEntry } from '../ledger/value-entries';
import { Context } from '../platform/context';
import { problem } from '../platform/problem';
import { Creation, writeEntries } from './write-entries';

/** Undoes a deletion: the audit event kept the row whole, and it comes back with the same id. */
export async function restoreEntry(context: Context, id: string): Promise<Entry> {
  const [back] = await writeEntries(context, {
    create: await comingBack(context, [id]),
    change: [],
    remove: [],
    action: 'entry restored',
    stale: 'version-stale',
  });
  return back!;
}

/**
 * Deleted entries, one's own or deleted by oneself, as they come back.
 * @throws the problem `entry-unknown` for what was not deleted, or is somebody else's
 */
export async function comingBack(context: Context, ids: readonly string[]): Promise<Creation[]> {
  if (ids.length === 0) return [];
  const found = new Map((await deletedEntries.run({ ids: [...ids] }, context.tx)).map((one) => [one.id, one]));
  return ids.map((id) => asItWas(context, found.get(id)));
}

function asItWas(context: Context, found: IDeletedEntriesResult | undefined): Creation {
  if (!found) throw problem('entry-unknown');
  const then = found.before as unknown as LedgerEntry;
  // Its task may have moved to another project meanwhile.
  const kept = { ...then, projectId: found.projectNow ?? then.projectId };
  const money = (found.moneyBefore ?? {}) as Partial<LedgerEntry>;
  // What somebody else deleted of theirs is theirs to bring back; what one deleted oneself, one's own.
  const own = [kept.personId, found.deletedBy].includes(context.actor.personId);
  if (kept.personId === null || !own) throw problem('entry-unknown');
  const typed =
    money.rateSource === 'typed' ? { rate: money.rate!, rateSource: 'typed' as const, rateReason: money.rateReason! } : {};
  const restored: LedgerEntry = { ...NO_SIDE, ...blankEntry(kept.kind), ...kept, ...typed };
  const entry = { ...kept, personId: kept.personId, date: kept.workDate, span: undefined, quantity: undefined };
  return { entry, origin: kept.origin, restored };
}
