import { BodyOf, Endpoints, Entry } from '@yellowwood/contracts';
import { LedgerEntry, NO_SIDE, mayRelease, minor, moneyText } from '@yellowwood/core';
import { roomUnder } from '../../generated/billing/limits/over-limit.queries';
import { entriesById } from '../../ledger/read-entries';
import { insertRows, rowSubject } from '../../ledger/rows';
import { blankEntry, derived, valuationBasis } from '../../ledger/value-entries';
import { audit } from '../../platform/audit';
import { Context, today } from '../../platform/context';
import { problem } from '../../platform/problem';
import { undecided } from './over-limit';

/**
 * Releases a sum that stood over the agreed limit, as far as the limit, once raised, has room for it: it
 * becomes a fee tied to the line, approved by whoever decides. Its standard value is nothing.
 */
export async function releaseOverLimit(
  context: Context,
  line: string,
  { id, minor: amount, note }: BodyOf<Endpoints['releaseOverLimit']>,
): Promise<Entry> {
  const over = await undecided(context, line, amount);
  const day = today(context);
  const limits = await roomUnder.run({ day, projects: [over.projectId] }, context.tx);
  const limit = limits.find((one) => one.currency === over.currency);
  // Without a limit any more, all of it may be billed.
  if (limit && amount > mayRelease(minor(amount), minor(limit.room)))
    throw problem('limit-has-no-room', { left: moneyText(minor(limit.room), over.currency) });
  const blank: LedgerEntry = {
    ...NO_SIDE,
    ...blankEntry('fee'),
    id,
    kind: 'fee',
    personId: null,
    workDate: day,
    projectId: over.projectId,
    quantity: amount,
    note,
    stage: 'approved',
    billingState: 'to bill',
    overLimitLineId: line,
    origin: 'limit',
    enteredBy: context.actor.personId,
    enteredAt: context.now,
    changedByOther: false,
    late: false,
    lagDays: 0,
  };
  const valuation = (await valuationBasis(context, [blank])).value([blank]).get(id)!;
  // It is taxed as the line was that it comes from.
  const fee: LedgerEntry = {
    ...blank,
    ...derived(valuation, ''),
    taxCategory: over.category as LedgerEntry['taxCategory'],
    valueCurrency: over.currency,
  };
  await insertRows(context, [fee]);
  await audit(context, 'released over the limit', [
    rowSubject(null, fee),
    { kind: 'invoice', id: over.invoiceId, moneyAfter: { released: amount } },
  ]);
  return (await entriesById(context, [id]))[0]!;
}
