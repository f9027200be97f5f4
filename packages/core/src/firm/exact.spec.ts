import { divideHalfAway, multiplyDivide } from './exact';

describe('divideHalfAway', () => {
  it('rounds half away from zero, on both sides', () => {
    expect(divideHalfAway(5n, 2n)).toBe(3n);
    expect(divideHalfAway(-5n, 2n)).toBe(-3n);
    expect(divideHalfAway(5n, -2n)).toBe(-3n);
    expect(divideHalfAway(4n, 3n)).toBe(1n);
    expect(() => divideHalfAway(1n, 0n)).toThrowError(RangeError);
  });
});

describe('multiplyDivide', () => {
  it('divides last: 65 minutes at 67.14 are 72.74, not 72.73', () => {
    expect(multiplyDivide([65 * 60, 671_400, 100], [3600, 10_000])).toBe(7274);
  });

  it('refuses what cannot be stored exactly', () => {
    expect(() => multiplyDivide([Number.MAX_SAFE_INTEGER, 3], [1])).toThrowError(RangeError);
  });

  it('never gives a negative zero', () => {
    expect(Object.is(multiplyDivide([-1, 1], [10]), 0)).toBeTrue();
  });
});

describe('nothing', () => {
  it('has no sign, and is divided by nothing that is none', () => {
    expect(Object.is(multiplyDivide([0, -5], [3]), 0)).toBeTrue();
    expect(Object.is(multiplyDivide([-1], [3]), 0)).toBeTrue();
    expect(divideHalfAway(0n, -3n)).toBe(0n);
    expect(() => divideHalfAway(1n, 0n)).toThrowError('division by zero');
    expect(() => multiplyDivide([Number.MAX_SAFE_INTEGER, 3], [1])).toThrowError('the amount is too large to be stored exactly');
  });
});
