import { millionths, minor } from '../firm/units';
import { margin, markUp, ratio, realisation } from './ratios';

describe('ratios', () => {
  it('keeps margin and mark-up apart, and is not defined rather than infinite', () => {
    expect(margin(minor(12_000), minor(9000))).toBe(millionths(250_000));
    expect(markUp(minor(12_000), minor(9000))).toBe(millionths(333_333));
    expect(margin(minor(0), minor(9000))).toBeNull();
    expect(ratio(0, 0)).toBeNull();
  });

  it('shows realisation against the agreed and the firm’s own rate: 95.0 % and 79.2 %', () => {
    // Firm rate 120, agreed 100, ten hours, written down by 50.
    expect(realisation(minor(95_000), minor(100_000))).toBe(millionths(950_000));
    expect(realisation(minor(95_000), minor(120_000))).toBe(millionths(791_667));
  });
});
