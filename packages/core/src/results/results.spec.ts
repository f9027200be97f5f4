import * as fc from 'fast-check';
import { millionths, minor } from '../firm/units';
import { revenueEarned } from './revenue-earned';
import { margin, markUp, ratio, realisation } from './ratios';
import { TreeNode, rollUp } from './roll-up';

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

describe('revenue earned', () => {
  it('is billed and unbilled value, never above the limit', () => {
    expect(revenueEarned(minor(8000), minor(3500), minor(10_000))).toBe(minor(10_000));
    expect(revenueEarned(minor(8000), minor(1500), minor(10_000))).toBe(minor(9500));
    expect(revenueEarned(minor(8000), minor(3500), null)).toBe(minor(11_500));
  });
});

describe('rollUp', () => {
  it('has own, below and total at every level', () => {
    const nodes: TreeNode<{ hours: number }>[] = [
      { id: 'leaf', parentId: 'phase', own: { hours: 2 } },
      { id: 'phase', parentId: 'project', own: { hours: 1 } },
      { id: 'project', parentId: 'client', own: { hours: 4 } },
      { id: 'other', parentId: 'phase', own: { hours: 3 } },
    ];
    const rolled = rollUp(nodes, { hours: 0 });
    expect(rolled.get('project')).toEqual({ id: 'project', own: { hours: 4 }, below: { hours: 6 }, total: { hours: 10 } });
    expect(rolled.get('phase')!.below.hours).toBe(5);
  });

  it('has at the top the sum over all, for every tree', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.nat(1000), fc.nat(30)), { minLength: 1, maxLength: 31 }), (list) => {
        const nodes = list.map(([hours, parent], index) => ({
          id: String(index),
          parentId: index === 0 ? null : String(parent % index),
          own: { hours },
        }));
        expect(rollUp(nodes, { hours: 0 }).get('0')!.total.hours).toBe(list.reduce((sum, [hours]) => sum + hours, 0));
      }),
    );
  });
});
