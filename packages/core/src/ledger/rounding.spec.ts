import * as fc from 'fast-check';
import { seconds } from '../firm/units';
import { RoundingRule, roundDay, roundTime } from './rounding';

const rule = (increment: number, mode: RoundingRule['mode'] = 'nearest', minimum = 0): RoundingRule => ({
  increment,
  mode,
  unit: 'entry',
  minimum,
});
const minutes = (value: number, by: RoundingRule) => roundTime(seconds(value * 60), by).seconds / 60;

describe('roundTime', () => {
  it('turns at the half of a quarter hour: 0:07 to nothing, 0:08 to 0:15', () => {
    expect(minutes(7, rule(15))).toBe(0);
    expect(minutes(8, rule(15))).toBe(15);
    expect(roundTime(seconds(449), rule(15)).seconds).toBe(seconds(0));
    expect(roundTime(seconds(450), rule(15)).seconds).toBe(seconds(900));
  });

  it('allows what 29 CFR 785.48(b) allows: the nearest five minutes, tenth or quarter of an hour', () => {
    expect(minutes(52, rule(5))).toBe(50);
    expect(minutes(53, rule(5))).toBe(55);
    expect(minutes(51, rule(6))).toBe(54);
    expect(minutes(68, rule(15))).toBe(75);
  });

  it('rounds up and down, and charges a minimum only for what took time', () => {
    expect(minutes(1, rule(15, 'up'))).toBe(15);
    expect(minutes(29, rule(15, 'down'))).toBe(15);
    expect(roundTime(seconds(120), rule(6, 'nearest', 30))).toEqual(
      jasmine.objectContaining({ seconds: seconds(1800), byMinimum: true }),
    );
    expect(minutes(0, rule(6, 'nearest', 30))).toBe(0);
  });

  it('leaves the recorded seconds alone, averages out, and is odd in its sign', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 90_000 }), fc.constantFrom(1, 5, 6, 10, 15, 30, 60), (recorded, increment) => {
        const rounded = roundTime(seconds(recorded), rule(increment));
        expect(rounded.recorded).toBe(seconds(recorded));
        expect(rounded.seconds % (increment * 60)).toBe(0);
        expect(Math.abs(rounded.seconds - recorded)).toBeLessThanOrEqual(increment * 30);
        expect(roundTime(seconds(-recorded), rule(increment)).seconds).toBe(
          seconds(rounded.seconds === 0 ? 0 : -rounded.seconds),
        );
      }),
    );
  });
});

describe('roundDay', () => {
  const up = { increment: 15, mode: 'up', unit: 'day', minimum: 0 } as const;
  const entry = (id: string, minutesLong: number, kept: number | null = null) => ({
    id,
    recorded: seconds(minutesLong * 60),
    kept: kept === null ? null : seconds(kept * 60),
  });
  const parts = (entries: Parameters<typeof roundDay>[0], by: RoundingRule = up) =>
    Object.fromEntries([...roundDay(entries, by).parts].map(([id, part]) => [id, part / 60]));

  it('hands a sum that was rounded over the day back in whole minutes, whatever order the entries come in', () => {
    // 31 minutes, up to the quarter: 45, shared 10 : 10 : 11.
    expect(parts([entry('a', 10), entry('b', 10), entry('c', 11)])).toEqual({ a: 15, b: 14, c: 16 });
    expect(parts([entry('c', 11), entry('b', 10), entry('a', 10)])).toEqual({ a: 15, b: 14, c: 16 });
    expect(roundDay([entry('a', 10), entry('b', 21)], up).day.seconds).toBe(seconds(45 * 60));
  });

  it('leaves what is billed its part: the others share the rest', () => {
    // 16 and 14 minutes are half an hour together; with 16 billed, 14 are left.
    const nearest = { ...up, mode: 'nearest' } as const;
    expect(parts([entry('a', 16, 16), entry('b', 14)], nearest)).toEqual({ b: 14 });
    // 16 and 20 minutes round to 30: of those 16 are billed.
    expect(parts([entry('a', 16, 16), entry('b', 20)], nearest)).toEqual({ b: 14 });
  });

  it('never hands out less than nothing', () => {
    expect(parts([entry('a', 7, 15), entry('b', 0)])).toEqual({ b: 0 });
    expect(parts([entry('a', 40, 45), entry('b', 1)], { ...up, mode: 'down' })).toEqual({ b: 0 });
  });

  it('charges the least of a day once, not for every entry', () => {
    expect(parts([entry('a', 5), entry('b', 5)], { ...up, increment: 1, minimum: 30 })).toEqual({ a: 15, b: 15 });
  });

  it('adds up to the rounded day where nothing is kept', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 20_000 }), { minLength: 1, maxLength: 6 }),
        fc.constantFrom<RoundingRule['mode']>('nearest', 'up', 'down'),
        (recorded, mode) => {
          const entries = recorded.map((value, index) => ({ id: String(index), recorded: seconds(value), kept: null }));
          const { day, parts: shares } = roundDay(entries, { increment: 15, mode, unit: 'day', minimum: 10 });
          expect([...shares.values()].reduce((sum, share) => sum + share, 0)).toBe(day.seconds);
        },
      ),
    );
  });
});
