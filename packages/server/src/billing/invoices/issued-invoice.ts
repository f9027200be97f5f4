import { Permission, stageBefore } from '@yellowwood/core';
import {
  ILockInvoiceResult,
  IWorkOfInvoiceResult,
  lockInvoice,
  moveInvoiceEntries,
  workOfInvoice,
} from '../../generated/billing/invoices/invoice.queries';
import { lockProjects, locking } from '../../ledger/locks';
import { lockRows } from '../../ledger/rows';
import { Context, reachOf } from '../../platform/context';
import { ProblemCode, problem } from '../../platform/problem';

/** The entries on an invoice, and the fees that were released of what stands on it over a limit. */
export async function entriesOf(context: Context, id: string): Promise<string[]> {
  const work = await workOfInvoice.run({ invoice: id }, context.tx);
  return [...new Set(work.map((row) => row.entryId))];
}

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
 * Holds documents with the projects and entries behind them, in the order of locks.
 * @param otherwise the problem where one of them is not there or not the person's to act on
 */
export async function holdInvoices(
  context: Context,
  ids: readonly string[],
  permission: Permission,
  otherwise: ProblemCode,
): Promise<ILockInvoiceResult[]> {
  const work: IWorkOfInvoiceResult[] = [];
  for (const invoice of ids) work.push(...(await workOfInvoice.run({ invoice }, context.tx)));
  await lockProjects(
    context,
    work.map((row) => row.projectId),
  );
  await lockRows(
    context,
    work.map((row) => row.entryId),
  );
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
