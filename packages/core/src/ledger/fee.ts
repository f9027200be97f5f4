import { minor, seconds } from '../firm/units';
import { EntryKind } from './kind';
import { unvalued } from './valuation';

/** What a fee comes from: the line of an invoice on which a sum over the agreed limit stands. */
export interface FeeFacts {
  overLimitLineId: string | null;
}

/**
 * A sum that became due without hours of its own: what was over an agreed limit and may be billed since the
 * limit was raised. Its quantity is the sum, in minor units of the agreement's currency. Its standard value
 * is nothing, since the hours behind it have theirs; so is its cost.
 */
export const fee: EntryKind<'fee', FeeFacts> = {
  name: 'fee',
  side: ['overLimitLineId'],
  noSide: { overLimitLineId: null },
  byHand: false,
  isTime: false,
  problems: () => [],
  value: (facts) => {
    const nothing = { ...unvalued(facts), payableQuantity: seconds(0) };
    // Taken back with the invoice from whose limit it came.
    if (!facts.billable) return nothing;
    return {
      ...nothing,
      billableQuantity: seconds(facts.quantity),
      billingState: facts.writtenOff ? 'written off' : 'to bill',
      value: minor(facts.quantity),
    };
  },
};
