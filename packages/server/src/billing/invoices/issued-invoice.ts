import { Permission, stageBefore } from '@yellowwood/core';
import {
  ILockInvoiceResult,
  IWorkOfInvoiceResult,
  lockInvoice,
  moveInvoiceEntries,
  workOfInvoice,
} from '../../generated/billing/invoices/invoice.queries';
import { holdRules, lockProjects, lockTimesheets, locking } from '../../ledger/locks';
import { PersonDay, lockRows } from '../../ledger/rows';
import { Context, reachOf } from '../../platform/context';
import { ProblemCode, problem } from '../../platform/problem';

/**
 * Holds an issued document with the projects and entries behind it, in the order of locks. What stands on an
 * issued document does not change, so it can be read before it is held.
 * @throws the problems `invoice-unknown` and `invoice-not-issued`
 */
export async function issuedInvoice(context: Context, id: string, permission: Permission) {
  const [invoice] = await holdInvoices(context, [id], permission, 'invoice-unknown');
  if (invoice!.status !== 'issued') throw problem('invoice-not-issued');
  return invoice!;
}

/**
 * Holds an issued document whose entries are to bill again, with the days that are rounded as a whole.
 * @throws the problems `invoice-unknown` and `invoice-not-issued`
 */
export async function invoiceToEnd(context: Context, id: string) {
  const days = await holdWork(context, [id], true);
  const [invoice] = await lockInvoices(context, [id], 'invoices.issue', 'invoice-unknown');
  if (invoice!.status !== 'issued') throw problem('invoice-not-issued');
  return { invoice: invoice!, days };
}

/**
 * Holds documents with the projects and entries behind them, in the order of locks.
 * @param otherwise the problem where one of them is not there or not the person's to act on
 */
export async function holdInvoices(
  context: Context,
  ids: readonly string[],
  permission: Permission,
  otherwise: ProblemCode,
): Promise<ILockInvoiceResult[]> {
  await holdWork(context, ids, false);
  return lockInvoices(context, ids, permission, otherwise);
}

/**
 * Holds the projects and entries behind documents, and the fees that were released of what stands on them over a limit.
 * @param givingBack whether their entries come off the documents: what they share a day with is then held, too
 * @returns the days that may have to be rounded anew
 */
export async function holdWork(context: Context, ids: readonly string[], givingBack: boolean): Promise<PersonDay[]> {
  if (givingBack) await holdRules(context);
  const work: IWorkOfInvoiceResult[] = [];
  for (const invoice of ids) work.push(...(await workOfInvoice.run({ invoice }, context.tx)));
  const days = givingBack ? work.flatMap(({ personId, date, byDay }) => (byDay && personId ? [{ personId, date }] : [])) : [];
  await lockProjects(
    context,
    work.map((row) => row.projectId),
  );
  if (days.length > 0) await lockTimesheets(context, days);
  await lockRows(context, [...new Set(work.map((row) => row.entryId))], days);
  return days;
}

async function lockInvoices(
  context: Context,
  ids: readonly string[],
  permission: Permission,
  otherwise: ProblemCode,
): Promise<ILockInvoiceResult[]> {
  locking(context, 'invoices');
  const held: ILockInvoiceResult[] = [];
  for (const id of [...ids].sort()) {
    const who = { id, reach: reachOf(context, permission), asker: context.actor.personId };
    const [invoice] = await lockInvoice.run(who, context.tx);
    if (!invoice) throw problem(otherwise);
    held.push(invoice);
  }
  return held;
}

/** Entries of a document are to bill again. */
export async function giveBack(context: Context, id: string, from: 'billed' | 'paid'): Promise<void> {
  if (from === 'paid') await moveInvoiceEntries.run({ invoice: id, from: stageBefore('unsettle'), to: 'billed' }, context.tx);
  await moveInvoiceEntries.run({ invoice: id, from: stageBefore('unbill'), to: 'approved' }, context.tx);
}
