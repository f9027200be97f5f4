import type { OutlineTask } from '@yellowwood/contracts';
import { childrenOf } from '@yellowwood/core';
import type { ScopeNode } from '../../state/work';

/** A row of the outline: a client or department, a project, a task, or one that is just being named. */
export interface OutlineNode {
  readonly id: string;
  readonly kind: 'client' | 'department' | 'project' | 'task';
  readonly name: string;
  readonly depth: number;
  readonly parent: string | null;
  /** Whether what lies below it is shown; null where nothing does. */
  readonly unfolded: boolean | null;
  readonly closed: boolean;
  readonly task: OutlineTask | null;
  /** Not there yet: somebody is typing its name. */
  readonly isNew?: true;
}

/** Where something new is being named. */
export interface NewRow {
  readonly id: string;
  readonly kind: 'client' | 'project' | 'task';
  /** The client or department of a project, the project of a task; empty of a client. */
  readonly of: string;
  readonly parentId: string | null;
  /** What a task stands before, of those beside it; null for the last. */
  readonly beforeId: string | null;
  /** What a project stands after: they go by their names, and what was just added may be anywhere by now; null for the last. */
  readonly afterId: string | null;
}

/** What the rows of the outline are made of. */
export interface OutlineParts {
  /** Clients, departments and projects, in their order. */
  readonly homes: readonly ScopeNode[];
  /** The tasks of the projects that have been read. */
  readonly tasks: ReadonlyMap<string, readonly OutlineTask[]>;
  /** Whether what lies below a row is shown. */
  readonly isOpen: (node: Pick<OutlineNode, 'id' | 'kind'>) => boolean;
  readonly newRow: NewRow | null;
  /** Whether a row is shown alone, by what is looked for; null shows all. */
  readonly shows: ((node: Pick<OutlineNode, 'id' | 'name'>) => boolean) | null;
}

/** The rows of the outline in their order, folded as chosen; where something is looked for, all that leads to it is unfolded. */
export function outlineRows({ homes, tasks, isOpen, newRow, shows }: OutlineParts): OutlineNode[] {
  const rows: OutlineNode[] = [];
  const added = (depth: number, parent: string | null): OutlineNode[] =>
    newRow
      ? [
          {
            ...{ id: newRow.id, kind: newRow.kind, name: '', depth, parent },
            ...{ unfolded: null, closed: false, task: null, isNew: true as const },
          },
        ]
      : [];
  /** What lies below, with the new row in its place. */
  const between = <T extends { readonly id: string }>(
    list: readonly T[],
    isHere: boolean,
    at: { readonly depth: number; readonly parent: string },
    draw: (one: T) => OutlineNode[],
  ): OutlineNode[] => {
    const row = isHere ? newRow : null;
    const own = list.flatMap((one) => [
      ...(row?.beforeId === one.id ? added(at.depth, at.parent) : []),
      ...draw(one),
      ...(row?.afterId === one.id ? added(at.depth, at.parent) : []),
    ]);
    const isLast = row && !list.some(({ id }) => id === row.beforeId || id === row.afterId);
    return isLast ? [...own, ...added(at.depth, at.parent)] : own;
  };

  const drawTasks = (projectId: string, parentId: string | null, depth: number): OutlineNode[] => {
    const isHere = newRow?.kind === 'task' && newRow.of === projectId && newRow.parentId === parentId;
    const all = tasks.get(projectId) ?? [];
    return between(childrenOf(all, projectId, parentId), isHere, { depth, parent: parentId ?? projectId }, (task) => {
      const below = drawTasks(projectId, task.id, depth + 1);
      const node = { id: task.id, kind: 'task' as const, name: task.name };
      const found = !shows || shows(node);
      if (!found && below.length === 0) return [];
      const unfolded = below.length === 0 ? null : shows !== null || isOpen(node) || below.some(({ isNew }) => isNew);
      return [
        {
          ...{ ...node, depth, parent: parentId ?? projectId },
          ...{ unfolded, closed: !task.open, task },
        },
        ...(unfolded ? below : []),
      ];
    });
  };

  const drawProject = (project: ScopeNode): OutlineNode[] => {
    const read = tasks.get(project.id);
    const below = read ? drawTasks(project.id, null, 2) : [];
    const hasBelow = read ? below.length > 0 : project.hasChildren;
    if (shows && !shows(project) && below.length === 0) return [];
    const node = { id: project.id, kind: 'project' as const, name: project.name };
    const open = shows ? below.length > 0 : isOpen(node) || below.some(({ isNew }) => isNew);
    return [
      {
        ...{ ...node, depth: 1, parent: project.parent },
        ...{ unfolded: hasBelow ? open : null, closed: project.closed, task: null },
      },
      ...(open ? below : []),
    ];
  };

  if (newRow?.kind === 'client') rows.push(...added(0, null));
  for (const home of homes.filter(({ depth }) => depth === 0)) {
    const own = homes.filter(({ parent }) => parent === home.id);
    const isHere = newRow?.kind === 'project' && newRow.of === home.id;
    const below = between(own, isHere, { depth: 1, parent: home.id }, drawProject);
    if (shows && !shows(home) && below.length === 0) continue;
    const node = { id: home.id, kind: home.kind as 'client', name: home.name };
    const holds = below.length > 0 || home.hasChildren;
    const unfolded = holds ? shows !== null || isOpen(node) || isHere : null;
    rows.push({
      ...{ ...node, depth: 0, parent: null },
      ...{ unfolded, closed: home.closed, task: null },
    });
    if (unfolded) rows.push(...below);
  }
  return rows;
}
