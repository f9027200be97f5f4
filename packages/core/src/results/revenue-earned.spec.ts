import { minor } from '../firm/units';
import { revenueEarned } from './revenue-earned';

describe('revenue earned', () => {
  it('is billed and unbilled value, never above the limit', () => {
    expect(revenueEarned(minor(8000), minor(3500), minor(10_000))).toBe(minor(10_000));
    expect(revenueEarned(minor(8000), minor(1500), minor(10_000))).toBe(minor(9500));
    expect(revenueEarned(minor(8000), minor(3500), null)).toBe(minor(11_500));
  });
});
