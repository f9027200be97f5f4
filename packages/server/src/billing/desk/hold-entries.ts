import { Seen } from '@yellowwood/core';
import { lockToHold, setHold } from '../../generated/billing/desk/hold-entries.queries';
import { entriesById } from '../../ledger/read-entries';
import { audit } from '../../platform/audit';
import { Context } from '../../platform/context';
import { problem } from '../../platform/problem';

/** Keeps approved entries off the next invoice, or, without a reason, releases them. */
export async function holdEntries(context: Context, seen: readonly Seen[], reason: string | null): Promise<{ changed: number }> {
  const rows = await lockToHold.run({ ids: seen.map((one) => one.id) }, context.tx);
  const versions = new Map(rows.map((row) => [row.id, row.version]));
  const stale = seen.filter((one) => versions.get(one.id) !== one.version).map((one) => one.id);
  if (stale.length > 0) throw problem('entries-stale', {}, { current: await entriesById(context, stale) });
  if (rows.some((row) => row.stage !== 'approved' || row.billingState !== 'to bill' || row.billedQuantity !== 0))
    throw problem('entry-not-to-bill');
  await setHold.run({ ids: rows.map((row) => row.id), reason }, context.tx);
  await audit(
    context,
    reason ? 'entries held' : 'entries released',
    rows.map((row) => ({ kind: 'entry', id: row.id, before: { holdReason: row.holdReason }, after: { holdReason: reason } })),
    reason ?? '',
  );
  return { changed: rows.length };
}
