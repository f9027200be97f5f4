import * as fc from 'fast-check';
import { millionths, minor } from '../firm/units';
import { overLimit, spreadOverLimit, mayRelease, shareLimit } from './limit';

const S = { category: 'S', rate: millionths(200_000) } as const;
const E = { category: 'E', rate: millionths(0) } as const;
const over = (limit: number, before: number, net: number) => Number(overLimit(minor(limit), minor(before), minor(net)).over);

describe('what goes over an agreed limit', () => {
  it('is nothing up to the limit itself', () => {
    expect([over(100_000, 0, 99_999), over(100_000, 0, 100_000), over(100_000, 60_000, 40_000)]).toEqual([0, 0, 0]);
  });

  it('is the part of the document beyond it, and at most the whole document', () => {
    expect(over(100_000, 60_000, 54_300)).toBe(14_300);
    expect(over(100_000, 120_000, 5000)).toBe(5000);
    expect(over(0, 0, 700)).toBe(700);
  });

  it('is never a gain: a document below zero takes nothing off', () => {
    expect(over(100_000, 150_000, -2000)).toBe(0);
  });

  it('keeps what is charged on an agreement at its limit, whatever the documents are', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 1_000_000 }),
        fc.array(fc.integer({ min: 0, max: 400_000 }), { maxLength: 12 }),
        (limit, nets) => {
          let used = 0;
          for (const net of nets) used += net - over(limit, used, net);
          expect(used).toBe(
            Math.min(
              limit,
              nets.reduce((sum, net) => sum + net, 0),
            ),
          );
        },
      ),
      { numRuns: 500, seed: 7 },
    );
  });

  it('is taken off each tax in proportion, to the last unit', () => {
    const rows = spreadOverLimit(minor(14_300), [
      { ...S, net: minor(80_000) },
      { ...E, net: minor(34_300) },
      { ...S, net: minor(20_000) },
    ]);
    // 14,300 × 100,000 ÷ 134,300 = 10,647.8; × 34,300 ÷ 134,300 = 3,652.2.
    expect(rows).toEqual([
      { ...S, net: minor(10_648) },
      { ...E, net: minor(3652) },
    ]);
  });

  it('is spread over what is charged alone, and adds up, whatever the lines are', () => {
    const line = fc.record({ tax: fc.constantFrom(S, E), net: fc.integer({ min: -5000, max: 100_000 }) });
    fc.assert(
      fc.property(fc.array(line, { minLength: 1, maxLength: 8 }), fc.integer({ min: 1, max: 100 }), (lines, percent) => {
        const taxed = lines.map(({ tax, net }) => ({ ...tax, net: minor(net) }));
        const positive = new Map<string, number>();
        for (const { category, net } of taxed) positive.set(category, (positive.get(category) ?? 0) + net);
        const charged = [...positive.values()].filter((net) => net > 0).reduce((sum, net) => sum + net, 0);
        const amount = Math.floor((charged * percent) / 100);
        if (amount === 0) return;
        const rows = spreadOverLimit(minor(amount), taxed);
        expect(rows.reduce((sum, row) => sum + row.net, 0)).toBe(amount);
        for (const row of rows) {
          expect(row.net).toBeGreaterThan(0);
          expect(row.net).toBeLessThanOrEqual(positive.get(row.category)!);
        }
      }),
      { numRuns: 500, seed: 8 },
    );
  });
});

describe('what may be billed under a limit', () => {
  const works = [
    { id: 'a', value: minor(60_000) },
    { id: 'b', value: minor(0) },
    { id: 'c', value: minor(110_733) },
  ];

  it('is used up in order, and what is over is told apart', () => {
    // Limit 5,000.00, 3,898.96 billed, then 1,707.33 of work: 1,101.04 is ready and 606.29 over.
    expect([...shareLimit(minor(500_000 - 389_896), works)]).toEqual([
      ['a', { ready: minor(60_000), over: minor(0) }],
      ['b', { ready: minor(0), over: minor(0) }],
      ['c', { ready: minor(50_104), over: minor(60_629) }],
    ]);
  });

  it('is nothing once the limit is used up or has been overrun, and everything without one', () => {
    for (const left of [minor(0), minor(-1)])
      expect([...shareLimit(left, works).values()].every((part) => part.ready === 0)).toBeTrue();
    expect([...shareLimit(null, works).values()].reduce((sum, part) => sum + part.ready, 0)).toBe(170_733);
  });

  it('of what stands over the limit on an invoice is no more than waits there and no more than is left', () => {
    expect(mayRelease(minor(60_629), minor(45_000))).toBe(minor(45_000));
    expect(mayRelease(minor(30_000), minor(45_000))).toBe(minor(30_000));
    expect(mayRelease(minor(30_000), minor(-5))).toBe(minor(0));
  });
});
