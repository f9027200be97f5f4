import * as fc from 'fast-check';
import { PlacedTask, TreePlace, branchOf, childrenOf, placeBranch } from './task-tree';

const task = (id: string, parentId: string | null = null, place = 0, projectId = 'p'): PlacedTask => ({
  id,
  projectId,
  parentId,
  place,
});
/** Each task with what lies below it, as words: `a(b c(d))`. */
function told(tasks: readonly PlacedTask[], project = 'p', parent: string | null = null): string {
  return childrenOf(tasks, project, parent)
    .map(({ id }) => {
      const below = told(tasks, project, id);
      return below === '' ? id : `${id}(${below})`;
    })
    .join(' ');
}
function put(tasks: readonly PlacedTask[], id: string, place: Partial<TreePlace>): readonly PlacedTask[] | string {
  const placed = placeBranch(tasks, branchOf(tasks, id), { projectId: 'p', parentId: null, beforeId: null, ...place });
  if (!placed.ok) return placed.error.code;
  const changed = new Map(placed.value.map((one) => [one.id, one]));
  return tasks.map((one) => changed.get(one.id) ?? one);
}
const moved = (tasks: readonly PlacedTask[], id: string, place: Partial<TreePlace>): string => {
  const after = put(tasks, id, place);
  return typeof after === 'string' ? after : told(after);
};

describe('placeBranch', () => {
  const tree = [task('a'), task('b', null, 1), task('c', 'b'), task('d', 'b', 1), task('e', 'd'), task('f', null, 2)];

  it('puts a task with all below it before another, or last', () => {
    expect(told(tree)).toBe('a b(c d(e)) f');
    expect(moved(tree, 'd', { beforeId: 'a' })).toBe('d(e) a b(c) f');
    expect(moved(tree, 'b', { parentId: 'f' })).toBe('a f(b(c d(e)))');
    expect(moved(tree, 'a', {})).toBe('b(c d(e)) f a');
    expect(moved(tree, 'e', { parentId: 'b', beforeId: 'd' })).toBe('a b(c e d) f');
  });

  it('tells those of one place apart, always in the same way', () => {
    expect(told([task('b'), task('c'), task('a')])).toBe('a b c');
  });

  it('says what stands beside it, where its place is another then', () => {
    const placed = placeBranch(tree, branchOf(tree, 'f'), { projectId: 'p', parentId: null, beforeId: 'b' });
    expect(placed).toEqual({ ok: true, value: [task('f', null, 1), task('b', null, 2)] });
  });

  it('goes to another project as a whole', () => {
    const all = [...tree, task('x', null, 0, 'q')];
    const placed = placeBranch(all, branchOf(all, 'b'), { projectId: 'q', parentId: 'x', beforeId: null });
    expect(placed.ok && placed.value.map(({ id, projectId, parentId }) => `${id} ${projectId} ${parentId}`)).toEqual([
      'b q x',
      'c q b',
      'd q b',
      'e q d',
    ] as never);
  });

  it('lies not below itself, nor below or before what is not there', () => {
    expect(moved(tree, 'b', { parentId: 'e' })).toBe('below-itself');
    expect(moved(tree, 'b', { parentId: 'b' })).toBe('below-itself');
    expect(moved(tree, 'b', { beforeId: 'b' })).toBe('below-itself');
    expect(moved(tree, 'b', { parentId: 'gone' })).toBe('task-unknown');
    expect(moved(tree, 'a', { parentId: 'b', beforeId: 'f' })).toBe('task-unknown');
    expect(moved(tree, 'a', { projectId: 'q', parentId: 'b' })).toBe('task-unknown');
  });

  it('lies at most nine deep', () => {
    const deep = Array.from({ length: 8 }, (_, depth) => task(`t${depth}`, depth === 0 ? null : `t${depth - 1}`));
    const all = [...deep, task('x', null, 1), task('y', 'x')];
    expect(moved(all, 'y', { parentId: 't7' })).toContain('t7(y)');
    expect(moved(all, 'x', { parentId: 't7' })).toBe('too-deep');
    expect(moved(all, 'x', { parentId: 't6' })).toContain('t6(t7 x(y))');
  });

  // A tree as somebody draws it, nested lists: the plain model.
  interface Node {
    readonly id: string;
    readonly below: Node[];
  }
  const find = (nodes: readonly Node[], id: string): Node | undefined =>
    nodes.flatMap((node) => (node.id === id ? [node] : (find(node.below, id) ?? []))).at(0);
  const without = (nodes: readonly Node[], id: string): Node[] =>
    nodes.filter((node) => node.id !== id).map((node) => ({ id: node.id, below: without(node.below, id) }));
  const drawn = (nodes: readonly Node[]): string =>
    nodes.map(({ id, below }) => (below.length === 0 ? id : `${id}(${drawn(below)})`)).join(' ');

  it('gives after any moves, done and taken back, the tree that a plain model gives: nothing lost, no circle', () => {
    const ids = ['a', 'b', 'c', 'd', 'e', 'f', 'g'];
    const some = fc.constantFrom(...ids);
    const deed = fc.record({ id: some, parent: fc.option(some), before: fc.option(some), back: fc.boolean() });
    fc.assert(
      fc.property(fc.array(deed, { maxLength: 40 }), (deeds) => {
        let tasks: readonly PlacedTask[] = ids.map((id, place) => task(id, null, place));
        let model: Node[] = ids.map((id) => ({ id, below: [] }));
        for (const { id, parent, before, back } of deeds) {
          const own = tasks.find((one) => one.id === id)!;
          const beside = childrenOf(tasks, 'p', own.parentId);
          const was = { parentId: own.parentId, beforeId: beside[beside.indexOf(own) + 1]?.id ?? null };
          const after = put(tasks, id, { parentId: parent, beforeId: before });
          if (typeof after === 'string') {
            const branch = find(model, id)!;
            const into = parent === null ? { below: model } : find(without(model, id), parent);
            const stands = before === null || (before !== id && into?.below.some((one) => one.id === before));
            const possible = !(parent !== null && (parent === id || find(branch.below, parent))) && into && stands;
            if (possible) throw new Error(`refused: ${after}`);
            continue;
          }
          if (back) {
            const again = put(after, id, was);
            if (typeof again === 'string' || told(again) !== told(tasks)) throw new Error('taken back, it is another tree');
            continue;
          }
          tasks = after;
          const branch = find(model, id)!;
          model = without(model, id);
          const list = parent === null ? model : find(model, parent)!.below;
          list.splice(before === null ? list.length : list.findIndex((one) => one.id === before), 0, branch);
          if (told(tasks) !== drawn(model)) throw new Error(`${told(tasks)} for ${drawn(model)}`);
        }
      }),
      { numRuns: 300 },
    );
  });
});
