import { minor, moneyText } from '@yellowwood/core';
import { setToBillAgain } from '../../generated/billing/desk/write-off-entries.queries';
import {
  IOverLimitLineResult,
  decidedOfInvoice,
  deleteWriteDowns,
  overLimitLine,
} from '../../generated/billing/limits/over-limit.queries';
import { holdRules, lockProjects } from '../../ledger/locks';
import { readRows, rowSubject, updateRows } from '../../ledger/rows';
import { derived, valuationBasis } from '../../ledger/value-entries';
import { AuditSubject, audit } from '../../platform/audit';
import { Context, reachOf } from '../../platform/context';
import { problem } from '../../platform/problem';

/**
 * A sum over the limit that somebody decides on, its project held, so that two decisions cannot take the
 * same part of it.
 * @param amount what is to be decided on, minor units
 * @throws the problems `over-limit-unknown` and `over-limit-too-much`
 */
export async function undecided(context: Context, line: string, amount: number): Promise<IOverLimitLineResult> {
  const who = { reach: reachOf(context, 'invoices.issue'), asker: context.actor.personId, line };
  const [seen] = await overLimitLine.run(who, context.tx);
  if (!seen) throw problem('over-limit-unknown');
  await holdRules(context);
  await lockProjects(context, [seen.projectId]);
  const [now] = await overLimitLine.run(who, context.tx);
  if (!now) throw problem('over-limit-unknown');
  if (amount > now.waiting) throw problem('over-limit-too-much', { waiting: moneyText(minor(now.waiting), now.currency) });
  return now;
}

/**
 * Takes back what was decided on the sums over the limit of an invoice that ends: its hours are to bill again
 * in full. Projects and entries are held already.
 * @throws the problem `over-limit-billed` where a fee of it stands on another document
 */
export async function forgetDecisions(context: Context, invoice: string): Promise<void> {
  const decided = await decidedOfInvoice.run({ invoice }, context.tx);
  const billed = decided.find((row) => row.billed !== 0);
  if (billed) throw problem('over-limit-billed', { number: billed.number ?? 'a draft' });
  const fees = decided.flatMap((row) => row.feeId ?? []);
  const written = decided.flatMap((row) => row.writeDownId ?? []);
  if (fees.length + written.length === 0) return;
  await deleteWriteDowns.run({ ids: written }, context.tx);
  await audit(context, 'decisions on the limit taken back', [
    ...(await takeBack(context, fees)),
    {
      kind: 'invoice',
      id: invoice,
      moneyBefore: { released: fees.length, writtenDown: written.length },
      moneyAfter: { released: 0, writtenDown: 0 },
    },
  ]);
}

/** Fees are to bill no more. They stay, since documents that have ended may still name them. */
async function takeBack(context: Context, ids: readonly string[]): Promise<AuditSubject[]> {
  const before = new Map((await readRows(context, ids)).map((row) => [row.id, row]));
  // What was written off is taken back first: it is given up no more, and not to bill either.
  const off = [...before.values()].filter((row) => row.billingState === 'written off').map((row) => row.id);
  if (off.length > 0) await setToBillAgain.run({ ids: off }, context.tx);
  const rows = await readRows(context, ids);
  const back = rows.map((row) => ({ ...row, billable: false }));
  const { value } = await valuationBasis(context, back);
  const worth = value(back);
  const after = back.map((row) => {
    const { taxCategory, valueCurrency } = row;
    return { ...row, ...derived(worth.get(row.id)!, ''), taxCategory, valueCurrency, version: row.version + 1 };
  });
  await updateRows(context, new Map(rows.map((row) => [row.id, row])), after);
  return after.map((row) => rowSubject(before.get(row.id)!, row));
}
