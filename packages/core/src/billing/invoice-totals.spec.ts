import * as fc from 'fast-check';
import { millionths, minor } from '../firm/units';
import { TaxedAmount, invoiceTotals } from './invoice-totals';

const S = (net: number, percent = 20): TaxedAmount => ({ net: minor(net), category: 'S', rate: millionths(percent * 10_000) });

describe('invoiceTotals', () => {
  it('gives the figures of EN 16931-1’s example: 7 × 400 − 3 × 500 + charge 25, tax 25 %', () => {
    // Lines 2,800.00 and −1,500.00, a document charge of 25.00: 1,325.00, tax 331.25, 1,656.25. (The
    // standard's example as written down from memory, recomputed with exact fractions.)
    const totals = invoiceTotals([S(280_000, 25), S(-150_000, 25)], [], [S(2500, 25)]);
    expect([totals.lines, totals.charges, totals.net, totals.tax, totals.gross].map(Number)).toEqual([
      130_000, 2500, 132_500, 33_125, 165_625,
    ]);
  });

  it('taxes per category and rate on the whole base, never per line', () => {
    // Three lines of 0.33 at 5 %: per line 0.02 each, on the base 0.05.
    const totals = invoiceTotals([S(33, 5), S(33, 5), S(33, 5)]);
    expect(totals.taxes).toEqual([{ category: 'S', rate: millionths(50_000), base: minor(99), tax: minor(5) }]);
  });

  it('rounds half away from zero on credit notes too', () => {
    expect(invoiceTotals([S(250, 5)]).tax).toBe(minor(13));
    expect(invoiceTotals([S(-250, 5)]).tax).toBe(minor(-13));
  });

  it('keeps the rules BR-CO-10, 11, 12, 13, 14, 15, 16, 17 and BR-S-08 for every document', () => {
    const amount = fc
      .record({
        net: fc.integer({ min: -5_000_000, max: 5_000_000 }),
        rate: fc.constantFrom(0, 50_000, 99_750, 200_000),
        category: fc.constantFrom('S' as const, 'E' as const, 'AE' as const),
      })
      .map((one): TaxedAmount => ({
        net: minor(one.net),
        category: one.category,
        rate: millionths(one.category === 'S' ? one.rate : 0),
      }));
    const list = fc.array(amount, { maxLength: 12 });
    const sum = (amounts: readonly { net: number }[]) => amounts.reduce((total, one) => total + one.net, 0);
    fc.assert(
      fc.property(list, list, list, fc.integer({ min: 0, max: 1000 }), (lines, allowances, charges, paid) => {
        const totals = invoiceTotals(lines, allowances, charges, minor(paid), minor(1));
        expect(Number(totals.lines)).toBe(sum(lines));
        expect(Number(totals.allowances)).toBe(sum(allowances));
        expect(Number(totals.charges)).toBe(sum(charges));
        expect(Number(totals.net)).toBe(sum(lines) - sum(allowances) + sum(charges));
        expect(Number(totals.tax)).toBe(totals.taxes.reduce((total, row) => total + row.tax, 0));
        expect(Number(totals.gross)).toBe(totals.net + totals.tax);
        expect(Number(totals.due)).toBe(totals.gross - paid + 1);
        expect(totals.taxes.reduce((total, row) => total + row.base, 0)).toBe(Number(totals.net));
        for (const row of totals.taxes) {
          const own = (amounts: readonly TaxedAmount[]) =>
            sum(amounts.filter((one) => one.category === row.category && one.rate === row.rate));
          expect(Number(row.base)).toBe(own(lines) - own(allowances) + own(charges));
          expect(2 * Math.abs(row.tax * 1_000_000 - row.base * row.rate)).toBeLessThanOrEqual(1_000_000);
        }
      }),
    );
  });
});

describe('the tax breakdown', () => {
  it('stands by rate, the highest first, then by category', () => {
    const line = (category: 'S' | 'Z' | 'E', percent: number) => ({
      net: minor(100),
      category,
      rate: millionths(percent * 10_000),
    });
    const { taxes } = invoiceTotals([line('Z', 0), line('S', 5), line('E', 0), line('S', 20), line('S', 5)]);
    expect(taxes.map((row) => [row.category, row.rate / 10_000, Number(row.base)])).toEqual([
      ['S', 20, 100],
      ['S', 5, 200],
      ['E', 0, 100],
      ['Z', 0, 100],
    ]);
  });
});
