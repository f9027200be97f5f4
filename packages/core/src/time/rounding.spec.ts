import * as fc from 'fast-check';
import { seconds } from '../firm/units';
import { RoundingRule, roundTime, roundTogether } from './rounding';

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

describe('roundTogether', () => {
  it('hands a sum that was rounded over the day back in whole minutes', () => {
    const shares = roundTogether([seconds(10 * 60), seconds(10 * 60), seconds(11 * 60)], {
      increment: 15,
      mode: 'up',
      unit: 'day',
      minimum: 0,
    });
    expect(shares.reduce((sum, share) => sum + share, 0)).toBe(45 * 60);
    shares.forEach((share) => expect(share % 60).toBe(0));
  });
});
