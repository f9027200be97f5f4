import * as fc from 'fast-check';
import { expectOk } from './result';
import { split } from './split';
import { minor } from './units';

const parts = (whole: number, weights: number[]) => expectOk(split(minor(whole), weights)).map(Number);

describe('split', () => {
  it('hands left-over units to the largest remainders, ties by order', () => {
    expect(parts(100, [1, 1, 1])).toEqual([34, 33, 33]);
    expect(parts(10, [3, 3, 1])).toEqual([4, 4, 2].map((value, index) => (index === 2 ? 2 : value)));
    expect(parts(5, [0, 1])).toEqual([0, 5]);
  });

  it('refuses weights that are all zero or negative', () => {
    expect(split(minor(5), [0, 0]).ok).toBeFalse();
    expect(split(minor(5), [2, -1]).ok).toBeFalse();
  });

  it('always adds up to the whole, is odd in its sign, and strays by less than one unit', () => {
    const weights = fc
      .array(fc.integer({ min: 0, max: 1_000_000 }), { minLength: 1, maxLength: 40 })
      .filter((list) => list.some((weight) => weight > 0));
    fc.assert(
      fc.property(fc.integer({ min: -1_000_000_000, max: 1_000_000_000 }), weights, (whole, list) => {
        const shares = parts(whole, list);
        expect(shares.reduce((sum, share) => sum + share, 0)).toBe(whole === 0 ? 0 : whole);
        expect(parts(-whole, list).map((share) => (share === 0 ? 0 : -share))).toEqual(shares);
        const total = list.reduce((sum, weight) => sum + weight, 0);
        shares.forEach((share, index) => expect(Math.abs(share - (whole * list[index]!) / total)).toBeLessThan(1));
      }),
    );
  });
});
