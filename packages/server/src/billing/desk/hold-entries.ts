import { Seen } from '@yellowwood/core';
import { setHold } from '../../generated/billing/desk/hold-entries.queries';
import { audit } from '../../platform/audit';
import { Context } from '../../platform/context';
import { problem } from '../../platform/problem';
import { entriesToBill } from './entries-to-bill';

/** Keeps approved entries off the next invoice, or, without a reason, releases them. */
export async function holdEntries(context: Context, seen: readonly Seen[], reason: string | null): Promise<{ changed: number }> {
  const rows = await entriesToBill(context, seen);
  if (rows.some((row) => !row.toBill)) throw problem('entry-not-to-bill');
  await setHold.run({ ids: rows.map((row) => row.id), reason }, context.tx);
  // Why something is held back is a note on money: it stands with the money.
  await audit(
    context,
    reason ? 'entries held' : 'entries released',
    rows.map((row) => ({
      kind: 'entry',
      id: row.id,
      before: { held: row.holdReason !== null },
      after: { held: reason !== null },
      moneyBefore: { holdReason: row.holdReason },
      moneyAfter: { holdReason: reason },
    })),
  );
  return { changed: rows.length };
}
