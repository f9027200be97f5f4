import * as fc from 'fast-check';
import { minor, rate, seconds } from '../firm/units';
import { ValuationFacts } from './valuation';
import { valueTime } from './value-time';

const facts: ValuationFacts = {
  quantity: seconds(4 * 3600 + 120),
  billable: true,
  writtenOff: false,
  agreement: {
    method: 'time and materials',
    currency: 'GBP',
    rounding: { increment: 15, mode: 'nearest', unit: 'entry', minimum: 0 },
  },
  rules: [
    {
      id: 'r',
      clientId: null,
      projectId: 'p',
      taskId: null,
      serviceId: null,
      positionId: null,
      personId: null,
      currency: 'GBP',
      rate: rate(920_000),
      validFrom: '2026-01-01',
      validTo: null,
    },
  ],
  work: {
    date: '2026-06-09',
    currency: 'GBP',
    clientId: 'c',
    projectId: 'p',
    taskPath: [],
    serviceId: 's',
    positionId: null,
    personId: 'me',
  },
  typedRate: null,
  loaded: { pay: rate(250_000), overhead: null },
  standardRate: rate(400_000),
  firmCurrency: 'GBP',
  exchangeRate: null,
  roundedTogether: null,
};

describe('valueTime', () => {
  it('values the time at the firm’s own rate beside the agreed one', () => {
    const [agreed] = facts.rules;
    const own = { ...agreed!, id: 'own', projectId: null, rate: rate(1_200_000) };
    const valued = valueTime({ ...facts, rules: [agreed!, own] });
    // Agreed 92.00, own 120.00, four hours.
    expect([valued.rate, valued.value]).toEqual([rate(920_000), minor(36_800)]);
    expect([valued.ownRate, valued.ownValue]).toEqual([rate(1_200_000), minor(48_000)]);
    // Where the firm has no rate of its own for this work, the agreed one stands for it.
    expect(valueTime(facts).ownValue).toBe(minor(36_800));
    expect(valueTime({ ...facts, typedRate: rate(1_000_000) }).ownValue).toBe(minor(40_000));
    expect(valueTime({ ...facts, billable: false, rules: [agreed!, own] }).ownValue).toBe(minor(0));
  });

  it('takes the own rate in the firm’s currency, and converts an agreed one that stands for it', () => {
    const [agreed] = facts.rules;
    const inEuro = { ...facts, agreement: { ...facts.agreement!, currency: 'EUR' }, work: { ...facts.work, currency: 'EUR' } };
    const euro = { ...agreed!, currency: 'EUR', rate: rate(1_000_000) };
    const own = { ...agreed!, id: 'own', projectId: null };
    expect(valueTime({ ...inEuro, rules: [euro, own], exchangeRate: 8500 }).ownRate).toBe(rate(920_000));
    expect(valueTime({ ...inEuro, rules: [euro], exchangeRate: 8500 }).ownValue).toBe(minor(34_000));
    const unknown = valueTime({ ...inEuro, rules: [euro] });
    expect([unknown.value, unknown.ownRate, unknown.ownValue]).toEqual([minor(40_000), null, null]);
  });

  it('rounds, rates, values and costs one entry', () => {
    const valued = valueTime(facts);
    expect(valued).toEqual(
      jasmine.objectContaining({
        billableQuantity: seconds(4 * 3600),
        rate: rate(920_000),
        rateSource: 'rule',
        rateRuleId: 'r',
        value: minor(36_800),
        billingState: 'to bill',
      }),
    );
    // Cost follows the recorded time, not the rounded.
    expect(valued.cost).toBe(minor(10_083));
  });

  it('lets a typed rate beat every rule, zero included', () => {
    expect(valueTime({ ...facts, typedRate: rate(0) })).toEqual(
      jasmine.objectContaining({ rate: rate(0), rateSource: 'typed', rateRuleId: null, value: minor(0) }),
    );
  });

  it('leaves an entry without a rule unpriced, never at zero', () => {
    expect(valueTime({ ...facts, rules: [] })).toEqual(
      jasmine.objectContaining({ rate: null, rateSource: null, value: null, billingState: 'to bill' }),
    );
  });

  it('charges nothing for internal and not billable work, and costs it all the same', () => {
    for (const agreement of [
      { ...facts.agreement!, method: 'internal' as const },
      { ...facts.agreement!, method: 'not billable' as const },
      null,
    ]) {
      const valued = valueTime({ ...facts, agreement });
      expect(valued).toEqual(
        jasmine.objectContaining({
          billableQuantity: seconds(0),
          billingState: 'nothing to bill',
          rate: null,
          value: minor(0),
          cost: minor(10_083),
        }),
      );
    }
    expect(valueTime({ ...facts, billable: false }).billingState).toBe('nothing to bill');
    expect(valueTime({ ...facts, quantity: seconds(60) }).billingState).toBe('nothing to bill');
  });

  it('stays written off whatever it is worth, until somebody takes it back', () => {
    for (const quantity of [facts.quantity, seconds(60)])
      expect(valueTime({ ...facts, quantity, writtenOff: true }).billingState).toBe('written off');
  });

  it('takes its part of a day that is rounded as a whole, where it is charged', () => {
    expect(valueTime({ ...facts, roundedTogether: seconds(1800) }).value).toBe(minor(4600));
    expect(valueTime({ ...facts, roundedTogether: seconds(1800), billable: false }).billableQuantity).toBe(seconds(0));
  });

  it('costs what the person does, and by the standard of the position, each only where it is known', () => {
    // 4:02 at 40.00 are 161.33.
    expect(valueTime(facts).standardCost).toBe(minor(16_133));
    expect(valueTime({ ...facts, standardRate: null }).standardCost).toBeNull();
    expect(valueTime({ ...facts, loaded: null }).cost).toBe(minor(0));
  });

  it('has no rate of the firm’s own where nothing is charged', () => {
    expect(valueTime({ ...facts, billable: false })).toEqual(jasmine.objectContaining({ ownRate: null, ownValue: minor(0) }));
    expect(valueTime({ ...facts, rules: [] })).toEqual(jasmine.objectContaining({ ownRate: null, ownValue: null }));
    const euro = { ...facts, rules: [], exchangeRate: 8500, agreement: { ...facts.agreement!, currency: 'EUR' } };
    expect(valueTime(euro)).toEqual(jasmine.objectContaining({ ownRate: null, ownValue: null }));
  });

  it('gives the same when done twice, and leaves the recorded time alone', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 90_000 }), fc.boolean(), (quantity, billable) => {
        const once = valueTime({ ...facts, quantity: seconds(quantity), billable });
        expect(valueTime({ ...facts, quantity: once.payableQuantity, billable })).toEqual(once);
        expect(once.payableQuantity).toBe(seconds(quantity));
      }),
    );
  });
});
