import { LedgerEntry, differs } from '@yellowwood/core';
import { group, sum } from 'd3-array';
import { audit } from '../platform/audit';
import { Context } from '../platform/context';
import { PersonDay, isChanged, readDays, rowSubject, updateRows } from './rows';
import { derived, valuationBasis } from './value-entries';

const VALUE = ['billableQuantity', 'billingState', 'rate', 'valueMinor', 'ownValueMinor'] as const;

/** Why the entries of a day move when one of them comes off a document. */
export const LEFT_A_DOCUMENT = 'time of the day left a document, and the day had changed';

/** Whether an entry is worth something else than it was. */
export function isWorthOtherwise(before: LedgerEntry, after: LedgerEntry): boolean {
  return differs(before, after, VALUE);
}

/** Tells the history of entries that nobody wrote and whose value moved with their day. */
export async function tellRounding(
  context: Context,
  before: ReadonlyMap<string, LedgerEntry>,
  moved: readonly LedgerEntry[],
  because: string,
): Promise<void> {
  if (moved.length === 0) return;
  const cause = { before: {}, after: { because } };
  await audit(
    context,
    'rounded anew with its day',
    moved.map((row) => ({ ...rowSubject(before.get(row.id)!, row), ...cause })),
  );
}

/**
 * Rounds days anew whose time came off a document, where the rest of the day changed while it stood there: what is
 * billed keeps its part, so the sum is no longer that of the rounded day. Where it still is, each entry stays worth what
 * it was billed at. The rules and the timesheets and entries of these days are held by the caller.
 */
export async function roundAnew(context: Context, days: readonly PersonDay[], because: string): Promise<void> {
  // Most agreements round entry by entry: then nothing is read for it.
  if (days.length === 0) return;
  const rows = await readDays(context, days);
  const valuations = (await valuationBasis(context, rows)).value(rows);
  const moved: LedgerEntry[] = [];
  for (const [day, together] of group(rows, (row) => valuations.get(row.id)!.day)) {
    if (!day) continue;
    const due = sum(together, (row) => day.parts.get(row.id) ?? row.billableQuantity);
    if (sum(together, (row) => row.billableQuantity) === due) continue;
    for (const row of together.filter((one) => day.parts.has(one.id))) {
      const after = { ...row, ...derived(valuations.get(row.id)!, row.rateReason) };
      if (isChanged(row, after)) moved.push({ ...after, valueVersion: row.valueVersion + 1 });
    }
  }
  const before = new Map(rows.map((row) => [row.id, row]));
  await updateRows(context, before, moved);
  await tellRounding(context, before, moved, because);
}
