import * as fc from 'fast-check';
import { TreeNode, rollUp } from './roll-up';

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

  it('has nothing of no nodes', () => {
    expect(rollUp([], { hours: 0 }).size).toBe(0);
  });

  it('takes a node whose parent is not there for a root', () => {
    const rolled = rollUp([{ id: 'task', parentId: 'of another project', own: { hours: 2 } }], { hours: 0 });
    expect(rolled.get('task')).toEqual({ id: 'task', own: { hours: 2 }, below: { hours: 0 }, total: { hours: 2 } });
  });
});
