import { Reach } from '@yellowwood/core';
import { peopleFacts } from '../generated/people/people-facts.queries';
import { scopeProjects, scopeTask } from '../generated/work/scope.queries';
import { Context, may, reachOf } from '../platform/context';
import { problem } from '../platform/problem';

/** A scope as queries take it. */
export interface ScopeFilter {
  readonly text: string;
  readonly kind: 'all' | 'client' | 'department' | 'project' | 'task' | 'person';
  readonly id: string | null;
  /** Everything: the lists below do not count. */
  readonly all: boolean;
  readonly projects: string[];
  /** Any task of these projects, and time on the projects themselves. */
  readonly anyTask: boolean;
  readonly tasks: string[];
  /** The one whose time alone counts; null for everybody's. */
  readonly whose: string | null;
}

const ALL: ScopeFilter = { text: 'all', kind: 'all', id: null, all: true, projects: [], anyTask: true, tasks: [], whose: null };

/**
 * Reads a scope and finds the projects and tasks that it holds, as far as the person may see them.
 * @throws the problem `scope-unknown` for what is not there or not theirs to see
 */
export async function resolveScope(context: Context, scope: string | undefined): Promise<ScopeFilter> {
  if (!scope || scope === 'all') return ALL;
  const [kind, id] = scope.split(':') as [Exclude<ScopeFilter['kind'], 'all'>, string];
  const reach: Reach = reachOf(context, 'work.read');
  const who = { reach, asker: context.actor.personId };
  if (kind === 'person') {
    const [person] = await peopleFacts.run({ reach: reachOf(context, 'time.read'), asker: who.asker, people: [id] }, context.tx);
    if (!person) throw problem('scope-unknown');
    return { ...ALL, text: scope, kind, id, whose: id };
  }
  if (kind === 'task') {
    const tasks = await scopeTask.run({ ...who, id }, context.tx);
    if (tasks.length === 0) throw problem('scope-unknown');
    return {
      text: scope,
      kind,
      id,
      all: false,
      projects: [tasks[0]!.projectId],
      anyTask: false,
      tasks: tasks.map((task) => task.id),
      whose: null,
    };
  }
  const projects = await scopeProjects.run({ ...who, kind, id }, context.tx);
  if (projects.length === 0) throw problem('scope-unknown');
  return {
    text: scope,
    kind,
    id,
    all: false,
    projects: projects.map((project) => project.id),
    anyTask: true,
    tasks: [],
    whose: null,
  };
}

/** The parameters of a scope in a query. */
export function scopeParameters(scope: ScopeFilter) {
  const { all, projects, anyTask, tasks, whose } = scope;
  return { all, projects, anyTask, tasks, whose };
}

/** Whether a scope holds projects as a whole, so that their limits and budgets can be set against it. */
export function isWhole(scope: ScopeFilter): boolean {
  return scope.kind !== 'task' && scope.kind !== 'person';
}

/** Whether the reader may know what a scope costs: the cost of one person's time gives their pay away. */
export function mayKnowCost(context: Context, scope: ScopeFilter): boolean {
  return may(context, 'cost.read') && (scope.kind !== 'person' || may(context, 'pay.read'));
}
