import { millionths, minor, rate, seconds } from '../firm/units';
import { labourCost, shownRates, standardCost } from './labour-cost';

describe('labour cost', () => {
  it('is payable time × (pay + overhead), divided last', () => {
    const loaded = { pay: rate(250_000), overhead: { kind: 'percent', percent: millionths(385_000) } } as const;
    expect(shownRates(loaded)).toEqual({ overhead: rate(96_250), cost: rate(346_250) });
    expect(labourCost(seconds(4 * 3600), loaded, 'GBP')).toBe(minor(13_850));
    const perHour = { pay: rate(280_000), overhead: { kind: 'per-hour', rate: rate(35_000) } } as const;
    expect(shownRates(perHour).cost).toBe(rate(315_000));
    expect(labourCost(seconds(3661), perHour, 'GBP')).toBe(minor(3203));
    expect(labourCost(seconds(3600), { pay: rate(200_000), overhead: null }, 'JPY')).toBe(minor(20));
  });

  it('does not round a percentage in between: 3:15 at 31.93 and 38.5 % is 143.72, not 143.73', () => {
    // By hand: 31.93 × 1.385 = 44.22305 an hour, × 3.25 = 143.7249.
    const loaded = { pay: rate(319_300), overhead: { kind: 'percent', percent: millionths(385_000) } } as const;
    expect(labourCost(seconds(11_700), loaded, 'GBP')).toBe(minor(14_372));
  });

  it('has a standard figure beside it that says nothing about anybody’s pay', () => {
    expect(standardCost(seconds(5400), rate(400_000), 'GBP')).toBe(minor(6000));
    expect(standardCost(seconds(5400), rate(400_000), 'JPY')).toBe(minor(60));
  });
});
