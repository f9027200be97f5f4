import { minor, rate } from '../firm/units';
import { fee } from './fee';
import { ValuationFacts } from './valuation';

const WORTH: ValuationFacts = {
  quantity: 45_000,
  billable: true,
  writtenOff: false,
  agreement: {
    method: 'time and materials',
    currency: 'EUR',
    rounding: { increment: 15, mode: 'nearest', unit: 'entry', minimum: 0 },
  },
  rules: [],
  work: {
    ...{ date: '2026-06-09', currency: 'EUR', clientId: 'c', projectId: 'p', taskPath: [] },
    ...{ serviceId: 's', positionId: null, personId: 'me' },
  },
  typedRate: rate(900_000),
  loaded: { pay: rate(200_000), overhead: null },
  standardRate: rate(300_000),
  firmCurrency: 'GBP',
  exchangeRate: null,
  roundedTogether: null,
};

describe('a fee', () => {
  it('is worth its sum in the currency of the agreement, with no standard value, pay or cost of its own', () => {
    const worth = fee.value(WORTH);
    expect([worth.value, worth.valueCurrency, worth.billableQuantity as number]).toEqual([minor(45_000), 'EUR', 45_000]);
    expect([worth.ownValue, worth.cost, worth.standardCost, worth.payableQuantity as number]).toEqual([
      minor(0),
      minor(0),
      minor(0),
      0,
    ]);
    expect([worth.rate, worth.rounded]).toEqual([null, null]);
  });

  it('is to bill until somebody writes it off, and nothing stands in its way', () => {
    expect(fee.value(WORTH).billingState).toBe('to bill');
    expect(fee.value({ ...WORTH, writtenOff: true }).billingState).toBe('written off');
    // Taken back: no more to bill, whatever was decided on it before.
    for (const writtenOff of [false, true]) {
      const back = fee.value({ ...WORTH, billable: false, writtenOff });
      expect([back.billingState, back.value, back.billableQuantity as number]).toEqual(['nothing to bill', minor(0), 0]);
    }
    expect(fee.problems({ projectId: null, absenceCode: null } as never)).toEqual([]);
  });
});
