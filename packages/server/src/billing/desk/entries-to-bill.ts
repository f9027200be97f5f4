import { Seen } from '@yellowwood/core';
import { ILockToBillResult, lockToBill } from '../../generated/billing/desk/hold-entries.queries';
import { locking } from '../../ledger/locks';
import { entriesById } from '../../ledger/read-entries';
import { Context, reachOf } from '../../platform/context';
import { problem } from '../../platform/problem';

/**
 * Entries that somebody decides on at the desk, held: as they were seen and within the reach of issuing.
 * @throws the problems `entry-unknown` and `entries-stale`
 */
export async function entriesToBill(context: Context, seen: readonly Seen[]): Promise<ILockToBillResult[]> {
  locking(context, 'entries');
  const ids = seen.map((one) => one.id);
  const who = { reach: reachOf(context, 'invoices.issue'), asker: context.actor.personId };
  const rows = await lockToBill.run({ ...who, ids }, context.tx);
  const versions = new Map(rows.map((row) => [row.id, row.version]));
  if (ids.some((id) => !versions.has(id))) throw problem('entry-unknown');
  const stale = seen.filter((one) => versions.get(one.id) !== one.version).map((one) => one.id);
  if (stale.length > 0) throw problem('entries-stale', {}, { current: await entriesById(context, stale) });
  return rows;
}
