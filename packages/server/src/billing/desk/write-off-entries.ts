import { Seen } from '@yellowwood/core';
import { ILockToBillResult } from '../../generated/billing/desk/hold-entries.queries';
import { setToBillAgain, setWrittenOff } from '../../generated/billing/desk/write-off-entries.queries';
import { audit } from '../../platform/audit';
import { Context } from '../../platform/context';
import { problem } from '../../platform/problem';
import { entriesToBill } from './entries-to-bill';

/** Writes approved work off: it is never billed, and its value counts against realisation. The time stays. */
export async function writeOffEntries(context: Context, seen: readonly Seen[], reason: string): Promise<{ changed: number }> {
  const rows = await entriesToBill(context, seen);
  if (rows.some((row) => !row.toBill)) throw problem('entry-not-to-bill');
  await setWrittenOff.run({ ids: rows.map((row) => row.id), reason }, context.tx);
  return told(context, 'entries written off', rows, reason);
}

/** Takes back what was written off: it is to bill again. */
export async function reinstateEntries(context: Context, seen: readonly Seen[]): Promise<{ changed: number }> {
  const rows = await entriesToBill(context, seen);
  if (rows.some((row) => !row.writtenOff)) throw problem('entry-not-written-off');
  await setToBillAgain.run({ ids: rows.map((row) => row.id) }, context.tx);
  return told(context, 'entries taken back', rows, null);
}

async function told(context: Context, action: string, rows: readonly ILockToBillResult[], reason: string | null) {
  await audit(
    context,
    action,
    rows.map((row) => ({
      kind: 'entry',
      id: row.id,
      before: { writtenOff: row.writtenOff },
      after: { writtenOff: reason !== null },
      moneyBefore: { writeOffReason: row.writeOffReason },
      moneyAfter: { writeOffReason: reason, valueMinor: row.valueMinor, valueCurrency: row.valueCurrency },
    })),
  );
  return { changed: rows.length };
}
