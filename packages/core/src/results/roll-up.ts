import { group } from 'd3-array';

/** Figures that can be added up a tree. */
export type Figures = Readonly<Record<string, number>>;

/** A node of the work tree with what was recorded on the node itself. */
export interface TreeNode<F extends Figures> {
  readonly id: string;
  readonly parentId: string | null;
  readonly own: F;
}

export interface RolledUp<F extends Figures> {
  readonly id: string;
  readonly own: F;
  /** The sum of the children's totals. */
  readonly below: F;
  /** Own and below together. */
  readonly total: F;
}

function add<F extends Figures>(a: F, b: F): F {
  const sum: Record<string, number> = {};
  for (const key of Object.keys(a)) sum[key] = a[key]! + b[key]!;
  return sum as F;
}

/**
 * Rolls figures up a tree of any depth: own, below, total. Own, below and total never mean kinds of
 * labour. Nodes may come in any order; a node whose parent is not among them is a root.
 */
export function rollUp<F extends Figures>(nodes: readonly TreeNode<F>[], zero: F): Map<string, RolledUp<F>> {
  const ids = new Set(nodes.map((node) => node.id));
  const children = group(nodes, ({ parentId }) => (parentId !== null && ids.has(parentId) ? parentId : ''));
  const rolled = new Map<string, RolledUp<F>>();
  const visit = (node: TreeNode<F>): F => {
    let below = zero;
    for (const child of children.get(node.id) ?? []) below = add(below, visit(child));
    const total = add(node.own, below);
    rolled.set(node.id, { id: node.id, own: node.own, below, total });
    return total;
  };
  (children.get('') ?? []).forEach(visit);
  return rolled;
}
