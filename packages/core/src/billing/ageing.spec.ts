import * as fc from 'fast-check';
import { addDays } from '../firm/dates';
import { minor } from '../firm/units';
import { AGE_BUCKETS, ageBucket, ageing, daysLate } from './ageing';
import { convert } from '../rates/exchange';
import { paidPart } from './paid-part';

const DUE = '2026-05-01';

describe('the age of what is open', () => {
  it('changes bucket the day after 0, 30, 60 and 90 days past due', () => {
    const on = (days: number) => ageBucket(DUE, addDays(DUE, days));
    expect([on(-400), on(0), on(1), on(30), on(31), on(60), on(61), on(90), on(91), on(4000)]).toEqual([
      'not-due',
      'not-due',
      '1-30',
      '1-30',
      '31-60',
      '31-60',
      '61-90',
      '61-90',
      'over-90',
      'over-90',
    ]);
  });

  it('counts days of the calendar, over the end of February in leap years too', () => {
    expect([daysLate('2024-02-28', '2024-03-01'), daysLate('2026-02-28', '2026-03-01'), daysLate(DUE, '2026-04-30')]).toEqual([
      2, 1, -1,
    ]);
  });

  it('puts every invoice into one bucket, so that the buckets add up to what is open', () => {
    const invoice = fc.record({
      due: fc.integer({ min: -200, max: 200 }).map((days) => addDays(DUE, days)),
      open: fc.integer({ min: 1, max: 1e9 }).map(minor),
    });
    fc.assert(
      fc.property(fc.array(invoice, { maxLength: 40 }), (open) => {
        const buckets = ageing(open, DUE);
        const sum = AGE_BUCKETS.reduce((total, bucket) => total + buckets[bucket], 0);
        expect(sum).toBe(open.reduce((total, one) => total + one.open, 0));
      }),
      { numRuns: 200, seed: 9 },
    );
  });
});

describe('the paid part of an amount', () => {
  it('follows what is settled of the whole document, tax included', () => {
    expect(Number(paidPart(minor(100_000), minor(60_000), minor(120_000)))).toBe(50_000);
    expect(Number(paidPart(minor(100_000), minor(120_000), minor(120_000)))).toBe(100_000);
    expect(Number(paidPart(minor(1), minor(1), minor(2)))).toBe(1);
  });

  it('is nothing of a document over nothing', () => {
    expect(Number(paidPart(minor(0), minor(0), minor(0)))).toBe(0);
  });
});

describe('an amount in another currency', () => {
  it('is rounded once, half away from zero, by the minor units of both currencies', () => {
    // 0.8540 pounds for a euro; yen have no minor unit, Kuwaiti dinars have three digits (ISO 4217).
    expect(Number(convert(minor(10_000), { from: 'EUR', to: 'GBP', rate: 8540 }))).toBe(8540);
    expect(Number(convert(minor(1000), { from: 'JPY', to: 'GBP', rate: 53 }))).toBe(530);
    expect(Number(convert(minor(1_000), { from: 'KWD', to: 'GBP', rate: 25_631 }))).toBe(256);
    expect(Number(convert(minor(98_000), { from: 'EUR', to: 'GBP', rate: 8540 }))).toBe(83_692);
    expect(Number(convert(minor(100), { from: 'KWD', to: 'JPY', rate: 4_870_000 }))).toBe(49);
    expect(Number(convert(minor(50), { from: 'GBP', to: 'JPY', rate: 1_900_000 }))).toBe(95);
    expect([1, -1].map((sign) => Number(convert(minor(sign * 5), { from: 'EUR', to: 'GBP', rate: 5000 })))).toEqual([3, -3]);
  });
});
