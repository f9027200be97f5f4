import { DestroyRef, Signal, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { Actions, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import type { WorkLists } from '@yellowwood/contracts';
import { debounceTime } from 'rxjs';
import { Api } from '../api/api';
import { loaded } from '../ui/loaded';
import { Address } from './address';
import { sessionFeature } from './session';
import { ScopeNode, WorkAdded, workActions, workFeature } from './work';

/** How long somebody pauses before what they changed is read again, in milliseconds. */
const PAUSE = 1000;
/** How much may be unfolded beyond what leads to what is chosen. */
const MOST_UNFOLDED = 150;

/** The node that holds the people. */
export const PEOPLE = 'people';

/** A tree of work of which only what is unfolded is read, by page. */
export interface WorkTree {
  /** What is listed, in its order, what is folded away included. */
  readonly nodes: Signal<readonly ScopeNode[]>;
  /** Whether there are so few projects that clients stand open. */
  readonly few: Signal<boolean>;
  readonly counts: Signal<WorkLists['counts'] | null>;
  readonly sentence: Signal<string>;
  /** Reads another page of the list that a node `more` ends. */
  showMore(node: ScopeNode): void;
  /** The nodes of some scopes, with all that they lie below, by name. */
  nodesOf(scopes: readonly string[]): ScopeNode[];
}

interface Item {
  readonly scope: string;
  readonly holds: boolean;
}
interface Added extends Item {
  readonly of: string;
}

/** What of the work is shown. */
interface Shown {
  /** What is unfolded, as scopes, or `people`. */
  readonly unfolded: readonly string[];
  /** What is chosen, to which the way is unfolded. */
  readonly chosen: string;
  /** Whether what is in the archive is listed, too. */
  readonly archived?: boolean;
}

/** Use in an injection context. */
export function workTree(shown: () => Shown): WorkTree {
  const api = inject(Api);
  const store = inject(Store);
  const address = inject(Address);
  const me = store.selectSignal(sessionFeature.selectMe);
  const pages = signal<ReadonlyMap<string, number>>(new Map());
  const added = signal<readonly Added[]>([]);
  const entities = {
    client: store.selectSignal(workFeature.selectClientEntities),
    department: store.selectSignal(workFeature.selectDepartmentEntities),
    project: store.selectSignal(workFeature.selectProjectEntities),
    task: store.selectSignal(workFeature.selectTaskEntities),
    person: store.selectSignal(workFeature.selectPersonEntities),
  };

  const lists = loaded(
    () => {
      const firm = me()?.firm.slug;
      if (firm === undefined || firm !== address.firm()) return undefined;
      const { unfolded, chosen, archived } = shown();
      const wanted = new Set([...(pages().has('top') ? ['top'] : []), ...unfolded.slice(-MOST_UNFOLDED), ...pages().keys()]);
      const text = [...wanted].map((scope) => (pages().has(scope) ? `${scope}*${pages().get(scope)}` : scope)).join(',');
      return {
        ...{ firm, ...(text && { unfolded: text }), ...(chosen !== 'all' && { chosen }) },
        ...(archived && { also: 'archived' as const }),
      };
    },
    async ({ firm: _, ...query }) => {
      const answer = await api.call('listWork', { query });
      store.dispatch(workActions.workLearned({ known: answer.known }));
      return answer;
    },
    (before, now) => before.firm === now.firm,
  );

  const actions = inject(Actions);
  const destroyed = inject(DestroyRef);
  // What was just added stands there before it is read.
  actions.pipe(ofType(workActions.workAdded), takeUntilDestroyed(destroyed)).subscribe((work) => {
    added.update((before) => [
      ...before.filter(({ scope }) => !itemsOf(work).some((one) => one.scope === scope)),
      ...itemsOf(work),
    ]);
  });
  actions.pipe(ofType(workActions.workOutdated), debounceTime(PAUSE), takeUntilDestroyed(destroyed)).subscribe(() => {
    const before = new Set(added());
    void lists.reload().then(() => added.update((now) => now.filter((one) => !before.has(one))));
  });

  /** What stands in the store of a scope. */
  function facts(scope: string) {
    const [kind, id] = scope.split(':') as [keyof typeof entities, string];
    if (kind === 'client') return entities.client()[id];
    if (kind === 'department') {
      const found = entities.department()[id];
      return found && { ...found, name: `${found.name} (internal)` };
    }
    if (kind === 'project') return entities.project()[id];
    return kind === 'task' ? entities.task()[id] : entities.person()[id];
  }

  function nodeOf({ scope, holds }: Item, depth: number, parent: string | null): ScopeNode | null {
    const [kind, id] = scope.split(':') as [ScopeNode['kind'], string];
    const found = facts(scope);
    if (!found) return null;
    const closed = ('open' in found && !found.open) || ('archived' in found && found.archived);
    return { scope, id, name: found.name, kind, depth, parent, hasChildren: holds, closed };
  }

  const nodes = computed((): ScopeNode[] => {
    const answer = lists.value();
    if (!answer) return [];
    const listed = new Map<string, { readonly items: readonly Item[]; readonly more: boolean }>(
      answer.lists.map((list) => [list.of, list]),
    );
    const fresh = new Set(added().map(({ scope }) => scope));
    const rows: ScopeNode[] = [];
    const below = (of: string) => {
      const list = listed.get(of);
      const there = new Set(list?.items.map(({ scope }) => scope));
      // Below what is listed, and below what was itself just added.
      const own = list || fresh.has(of) ? added().filter((one) => one.of === of && !there.has(one.scope)) : [];
      return { items: [...(list?.items ?? []), ...own], more: list?.more ?? false };
    };
    const draw = (of: string, depth: number, parent: string | null) => {
      const { items, more } = below(of);
      // Departments come after all clients, whatever was just added.
      const inOrder =
        of === 'top'
          ? [...items.filter(({ scope }) => !scope.startsWith('dep')), ...items.filter(({ scope }) => scope.startsWith('dep'))]
          : items;
      for (const item of inOrder) {
        const node = nodeOf(item, depth, parent);
        if (!node) continue;
        rows.push({ ...node, hasChildren: item.holds || below(item.scope).items.length > 0 });
        draw(item.scope, depth + 1, node.id);
      }
      if (more)
        rows.push({
          ...{ scope: of, id: `more ${of}`, name: 'Show more', kind: 'more', depth, parent },
          ...{ hasChildren: false, closed: false },
        });
    };
    draw('top', 0, null);
    // One's own time is Record's matter; where more people are in reach, each of them can be a scope.
    if (answer.counts.people > 1) {
      rows.push({
        ...{ scope: '', id: PEOPLE, name: 'People', kind: 'people', depth: 0, parent: null },
        ...{ hasChildren: true, closed: false },
      });
      draw('people', 1, PEOPLE);
    }
    return rows;
  });

  /** What a scope lies below; null for the top. */
  function above(scope: string): string | null {
    const [kind, id] = scope.split(':') as [keyof typeof entities, string];
    if (kind === 'person') return PEOPLE;
    if (kind === 'task') {
      const { parentId, projectId } = entities.task()[id]!;
      return parentId ? `task:${parentId}` : `project:${projectId}`;
    }
    if (kind !== 'project') return null;
    const { clientId, departmentId } = entities.project()[id]!;
    return clientId ? `client:${clientId}` : `department:${departmentId}`;
  }

  function nodesOf(scopes: readonly string[]): ScopeNode[] {
    const children = new Map<string | null, string[]>();
    const seen = new Set<string>();
    const add = (scope: string) => {
      if (seen.has(scope) || (scope !== PEOPLE && !facts(scope))) return;
      seen.add(scope);
      const parent = scope === PEOPLE ? null : above(scope);
      children.set(parent, [...(children.get(parent) ?? []), scope]);
      if (parent !== null) add(parent);
    };
    scopes.forEach(add);
    const rows: ScopeNode[] = [];
    const rank = (scope: string) => (scope === PEOPLE ? 2 : scope.startsWith('department') ? 1 : 0);
    const draw = (of: string | null, depth: number, parent: string | null) => {
      const own = (children.get(of) ?? []).map((scope) => ({ scope, name: scope === PEOPLE ? 'People' : facts(scope)!.name }));
      own.sort((a, b) => rank(a.scope) - rank(b.scope) || a.name.localeCompare(b.name));
      for (const { scope, name } of own) {
        const holds = children.has(scope);
        const node =
          scope === PEOPLE
            ? { scope: '', id: PEOPLE, name, kind: 'people' as const, depth, parent, hasChildren: holds, closed: false }
            : nodeOf({ scope, holds }, depth, parent)!;
        rows.push(node);
        draw(scope, depth + 1, node.id);
      }
    };
    draw(null, 0, null);
    return rows;
  }

  return {
    nodes,
    few: computed(() => lists.value()?.few ?? true),
    counts: computed(() => lists.value()?.counts ?? null),
    sentence: lists.sentence,
    showMore: ({ scope }) => pages.update((before) => new Map(before).set(scope, (before.get(scope) ?? 1) + 1)),
    nodesOf,
  };
}

/** What was added, each below what it belongs to. */
function itemsOf({ client, projects, tasks }: WorkAdded): Added[] {
  return [
    ...(client ? [{ of: 'top', scope: `client:${client.id}`, holds: false }] : []),
    ...projects.map(({ id, clientId, departmentId }) => ({
      ...{ of: clientId ? `client:${clientId}` : `department:${departmentId}`, scope: `project:${id}` },
      holds: tasks.some((task) => task.projectId === id),
    })),
    ...tasks.map(({ id, projectId, parentId }) => ({
      ...{ of: parentId ? `task:${parentId}` : `project:${projectId}`, scope: `task:${id}` },
      holds: tasks.some((task) => task.parentId === id),
    })),
  ];
}
