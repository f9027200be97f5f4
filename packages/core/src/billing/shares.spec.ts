import * as fc from 'fast-check';
import { minor, rate, seconds } from '../firm/units';
import { timeValue } from '../ledger/time-value';
import { lineAmount } from './amount';
import { shareLine } from './shares';

const share = (entryId: string, minutes: number) => ({ entryId, quantity: seconds(minutes * 60) });

describe('the shares of entries in a line', () => {
  it('give the unit that is left to the entry that was cut off most', () => {
    // At 10.00 an hour 1 minute is 16.67 and 2 minutes 33.33: 17 + 33 = 50 = 3 minutes. At 3 × 1 minute, 51 against 50.
    expect(shareLine(minor(50), [share('a', 1), share('b', 2)], rate(100_000), 'GBP').map(Number)).toEqual([17, 33]);
    expect(shareLine(minor(50), [share('a', 1), share('b', 1), share('c', 1)], rate(100_000), 'GBP').map(Number)).toEqual([
      16, 17, 17,
    ]);
  });

  it('let the document decide where the entries’ own values differ from it', () => {
    // Two entries of 65 min at 67.14: 72.74 each (72.735), together 145.47.
    expect(shareLine(minor(14_547), [share('a', 65), share('b', 65)], rate(671_400), 'GBP').map(Number)).toEqual([7273, 7274]);
  });

  it('do not depend on the order in which a document lists them', () => {
    const parts = [share('c', 1), share('a', 1), share('b', 1)];
    const amounts = shareLine(minor(50), parts, rate(100_000), 'GBP');
    expect(Object.fromEntries(parts.map((part, index) => [part.entryId, Number(amounts[index])]))).toEqual({
      a: 16,
      b: 17,
      c: 17,
    });
  });

  it('add up to the line, each within a unit of its own value, also on a credit note', () => {
    const minutes = fc.array(fc.integer({ min: 1, max: 600 }), { minLength: 1, maxLength: 40 });
    fc.assert(
      fc.property(
        minutes,
        fc.integer({ min: 1, max: 3_000_000 }),
        fc.constantFrom('GBP', 'JPY', 'KWD'),
        fc.boolean(),
        (parts, perHour, currency, credit) => {
          const sign = credit ? -1 : 1;
          const shares = parts.map((part, index) => share(`e${String(index).padStart(3, '0')}`, sign * part));
          const total = seconds(shares.reduce((sum, one) => sum + one.quantity, 0));
          const net = lineAmount(total, rate(perHour), currency, { kind: 'minutes' });
          const amounts = shareLine(net, shares, rate(perHour), currency);
          expect(amounts.reduce((sum, amount) => sum + amount, 0)).toBe(Number(net));
          amounts.forEach((amount, index) => {
            const own = timeValue(shares[index]!.quantity, rate(perHour), currency);
            expect(Math.abs(amount - own)).toBeLessThanOrEqual(1);
            expect(amount * sign).toBeGreaterThanOrEqual(0);
          });
        },
      ),
      { numRuns: 800, seed: 3 },
    );
  });

  it('take a larger difference in proportion, where decimal hours of few places move the line', () => {
    const parts = [share('a', 20), share('b', 20)];
    // 0.67 hours at 100.00 are 67.00; two thirds of an hour are 66.67.
    const net = lineAmount(seconds(2400), rate(1_000_000), 'GBP', { kind: 'decimal', places: 2 });
    expect([Number(net), shareLine(net, parts, rate(1_000_000), 'GBP').map(Number)]).toEqual([6700, [3350, 3350]]);
  });
});

describe('shares of a difference as large as its entries are many', () => {
  const of = (net: number, ...minutes: number[]) =>
    shareLine(
      minor(net),
      minutes.map((length, index) => ({ entryId: String(index), quantity: seconds(length * 60) })),
      rate(900_000),
      'GBP',
    ).map(Number);

  it('go by the length of each, and alike where none has any', () => {
    // An hour and half an hour are 90.00 and 45.00; six minor units more are four and two.
    expect(of(13_506, 60, 30)).toEqual([9004, 4502]);
    expect(of(13_502, 60, 30)).toEqual([9001, 4501]);
    expect(of(6, 0, 0, 0)).toEqual([2, 2, 2]);
    expect(of(9003, 60, 0)).toEqual([9003, 0]);
  });

  it('are each entry’s own where nothing is left', () => {
    expect(of(13_500, 60, 30)).toEqual([9000, 4500]);
  });
});
