import { minor, rate } from '../firm/units';
import { KINDS, KIND_NAMES, NO_SIDE } from './kinds';
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

describe('the kinds of entries', () => {
  it('are named as they are listed, and have what no other kind has', () => {
    for (const name of KIND_NAMES) {
      expect(KINDS[name].name).toBe(name);
      expect([...KINDS[name].side].sort()).toEqual(Object.keys(KINDS[name].noSide).sort() as never);
    }
    const all = KIND_NAMES.flatMap((name) => [...KINDS[name].side] as string[]);
    expect(new Set(all).size).toBe(all.length);
    expect(Object.keys(NO_SIDE).sort()).toEqual(all.sort());
  });

  it('are working time, and recorded by hand, only where they are time', () => {
    expect(KIND_NAMES.filter((name) => KINDS[name].isTime)).toEqual(['time']);
    expect(KIND_NAMES.filter((name) => KINDS[name].byHand)).toEqual(['time']);
  });
});

describe('a fee', () => {
  it('is worth its sum in the currency of the agreement, with no standard value, pay or cost of its own', () => {
    const worth = KINDS.fee.value(WORTH);
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
    expect(KINDS.fee.value(WORTH).billingState).toBe('to bill');
    expect(KINDS.fee.value({ ...WORTH, writtenOff: true }).billingState).toBe('written off');
    // Taken back: no more to bill, whatever was decided on it before.
    for (const writtenOff of [false, true]) {
      const back = KINDS.fee.value({ ...WORTH, billable: false, writtenOff });
      expect([back.billingState, back.value, back.billableQuantity as number]).toEqual(['nothing to bill', minor(0), 0]);
    }
    expect(KINDS.fee.problems({ projectId: null, absenceCode: null } as never)).toEqual([]);
  });
});

describe('an absence', () => {
  it('counts for pay and is charged to nobody', () => {
    const worth = KINDS.absence.value({ ...WORTH, quantity: 27_000 });
    expect([worth.payableQuantity as number, worth.billableQuantity as number]).toEqual([27_000, 0]);
    expect([worth.billingState, worth.value, worth.cost]).toEqual(['nothing to bill', minor(0), minor(0)]);
    expect(KINDS.absence.value({ ...WORTH, agreement: null }).valueCurrency).toBeNull();
  });

  it('wants its reason', () => {
    expect(KINDS.absence.problems({ absenceCode: null } as never)).toEqual(['no-absence-code']);
    expect(KINDS.absence.problems({ absenceCode: 'holiday' } as never)).toEqual([]);
  });
});
