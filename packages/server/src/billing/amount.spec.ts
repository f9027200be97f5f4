import { invoiceTotals, labourCost, lineAmount, millionths, rate, seconds } from '@yellowwood/core';
import * as fc from 'fast-check';
import pg from 'pg';

/**
 * Amounts against another implementation of exact decimals: PostgreSQL's numeric, whose round() takes
 * half away from zero. 20,000 cases with a seed, negatives included.
 */
describe('amounts against PostgreSQL numeric', () => {
  it('are the same in 20,000 cases', async () => {
    const pool = new pg.Pool({ connectionString: process.env['DATABASE_URL'], max: 1 });
    const cases = fc.sample(
      fc.record({
        minutes: fc.integer({ min: -6000, max: 60_000 }),
        rate: fc.integer({ min: 0, max: 5_000_000 }),
        digits: fc.constantFrom(0, 2, 3),
        places: fc.integer({ min: 2, max: 6 }),
        percent: fc.integer({ min: 0, max: 1_000_000 }),
      }),
      { numRuns: 20_000, seed: 1861 },
    );
    const currency: Record<number, string> = { 0: 'JPY', 2: 'GBP', 3: 'KWD' };
    const own = cases.map((one) => {
      const code = currency[one.digits]!;
      const quantity = seconds(one.minutes * 60);
      const exact = lineAmount(quantity, rate(one.rate), code, { kind: 'minutes' });
      return [
        Number(exact),
        Number(lineAmount(quantity, rate(one.rate), code, { kind: 'decimal', places: one.places })),
        Number(invoiceTotals([{ net: exact, category: 'S', rate: millionths(one.percent) }]).tax),
        Number(
          labourCost(quantity, { pay: rate(one.rate), overhead: { kind: 'percent', percent: millionths(one.percent) } }, code),
        ),
      ];
    });
    const found = await pool.query<{ exact: string; printed: string; tax: string; cost: string }>(
      `select round(c.minutes * c.rate / 600000 * (10 ^ c.digits::numeric))::text as exact,
              round(round(c.minutes / 60.0, c.places) * c.rate / 10000.0 * (10 ^ c.digits::numeric))::text as printed,
              round(round(c.minutes * c.rate / 600000 * (10 ^ c.digits::numeric)) * c.percent / 1000000)::text as tax,
              round(c.minutes * c.rate * (1000000 + c.percent) * (10 ^ c.digits::numeric) / 600000000000)::text as cost
         from (select (e ->> 'minutes')::numeric as minutes, (e ->> 'rate')::numeric as rate, (e ->> 'digits')::int as digits, (e ->> 'places')::int as places, (e ->> 'percent')::numeric as percent, n
                 from jsonb_array_elements($1) with ordinality as x(e, n)) c order by c.n`,
      [JSON.stringify(cases)],
    );
    await pool.end();
    expect(found.rows.length).toBe(20_000);
    const different = found.rows.flatMap((row, index) => {
      const theirs = [row.exact, row.printed, row.tax, row.cost].map(Number);
      return theirs.every((value, place) => value === own[index]![place])
        ? []
        : [{ case: cases[index], theirs, ours: own[index] }];
    });
    expect(different.slice(0, 5)).toEqual([]);
  });
});
