import { Entry } from '@yellowwood/contracts';
import { LedgerEntry, NO_SIDE } from '@yellowwood/core';
import { deletedEntry } from '../generated/time/restore-entry.queries';
import { blankEntry } from '../ledger/value-entries';
import { Context } from '../platform/context';
import { problem } from '../platform/problem';
import { writeEntries } from './write-entries';

/** Undoes a deletion: the audit event kept the row whole, and it comes back with the same id. */
export async function restoreEntry(context: Context, id: string): Promise<Entry> {
  const [found] = await deletedEntry.run({ id }, context.tx);
  if (!found) throw problem('entry-unknown');
  const kept = found.before as unknown as LedgerEntry;
  const money = (found.moneyBefore ?? {}) as Partial<LedgerEntry>;
  if (kept.personId !== context.actor.personId) throw problem('entry-unknown');
  const typed =
    money.rateSource === 'typed' ? { rate: money.rate!, rateSource: 'typed' as const, rateReason: money.rateReason! } : {};
  const restored: LedgerEntry = { ...NO_SIDE, ...blankEntry(kept.kind), ...kept, ...typed };
  const entry = { ...kept, personId: kept.personId, date: kept.workDate, span: undefined, quantity: undefined };
  const [back] = await writeEntries(context, {
    create: [{ entry, origin: kept.origin, restored }],
    change: [],
    remove: [],
    action: 'entry restored',
    stale: 'version-stale',
  });
  return back!;
}
