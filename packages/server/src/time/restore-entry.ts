import { Entry } from '@yellowwood/contracts';
import { deletedEntry } from '../generated/time/restore-entry.queries';
import { LedgerRow } from '../ledger/row';
import { Context } from '../platform/context';
import { problem } from '../platform/problem';
import { writeEntries } from './write-entries';

/** Undoes a deletion: the audit event kept the row whole, and it comes back with the same id. */
export async function restoreEntry(context: Context, id: string): Promise<Entry> {
  const [found] = await deletedEntry.run({ id }, context.tx);
  if (!found) throw problem('entry-unknown');
  const kept = found.before as unknown as LedgerRow;
  const money = found.moneyBefore as { rate: number | null } | null;
  if (kept.personId !== context.actor.personId) throw problem('entry-unknown');
  const restored: LedgerRow = {
    ...kept,
    clientId: null,
    billableQuantity: 0,
    billingState: 'nothing to bill',
    rate: kept.rateSource === 'typed' ? (money?.rate ?? null) : null,
    rateRuleId: null,
    valueMinor: null,
    valueCurrency: null,
    ownRate: null,
    ownValueMinor: null,
    costMinor: 0,
    taxCategory: null,
    stage: 'recorded',
    problems: [],
    version: 1,
  };
  const entry = { ...kept, date: kept.workDate, span: undefined, quantity: undefined };
  const [back] = await writeEntries(context, {
    create: [{ entry, origin: kept.origin, restored }],
    change: [],
    remove: [],
    action: 'entry restored',
    stale: 'version-stale',
  });
  return back!;
}
