import { minor } from '../firm/units';
import { absence } from './absence';
import { ValuationFacts } from './valuation';

// Nothing else decides on what an absence is worth.
const WORTH = { quantity: 27_000, agreement: { currency: 'EUR' } } as ValuationFacts;

describe('an absence', () => {
  it('counts for pay and is charged to nobody', () => {
    const worth = absence.value(WORTH);
    expect([worth.payableQuantity as number, worth.billableQuantity as number]).toEqual([27_000, 0]);
    expect([worth.billingState, worth.value, worth.cost]).toEqual(['nothing to bill', minor(0), minor(0)]);
    expect(absence.value({ ...WORTH, agreement: null }).valueCurrency).toBeNull();
  });

  it('wants its reason', () => {
    expect(absence.problems({ absenceCode: null } as never)).toEqual(['no-absence-code']);
    expect(absence.problems({ absenceCode: 'holiday' } as never)).toEqual([]);
  });
});
