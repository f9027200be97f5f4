import { Reach } from '@yellowwood/core';
import { Context, reachOf } from '../platform/context';
import { problem } from '../platform/problem';
import { scopeProjects, scopeTask } from './queries.queries';

/** A scope as queries take it. */
export interface ScopeFilter {
  readonly text: string;
  readonly kind: 'all' | 'client' | 'department' | 'project' | 'task';
  readonly id: string | null;
  /** Everything: the lists below do not count. */
  readonly all: boolean;
  readonly projects: string[];
  /** Any task of these projects, and time on the projects themselves. */
  readonly anyTask: boolean;
  readonly tasks: string[];
}

const ALL: ScopeFilter = { text: 'all', kind: 'all', id: null, all: true, projects: [], anyTask: true, tasks: [] };

/**
 * Reads a scope and finds the projects and tasks that it holds, as far as the person may see them.
 * @throws the problem `scope-unknown` for what is not there or not theirs to see
 */
export async function resolveScope(context: Context, scope: string | undefined): Promise<ScopeFilter> {
  if (!scope || scope === 'all') return ALL;
  const [kind, id] = scope.split(':') as [Exclude<ScopeFilter['kind'], 'all'>, string];
  const reach: Reach = reachOf(context, 'work.read');
  const who = { reach, asker: context.actor.personId };
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
    };
  }
  const projects = await scopeProjects.run({ ...who, kind, id }, context.tx);
  if (projects.length === 0) throw problem('scope-unknown');
  return { text: scope, kind, id, all: false, projects: projects.map((project) => project.id), anyTask: true, tasks: [] };
}

/** The parameters of a scope in a query. */
export function scopeParameters(scope: ScopeFilter) {
  return { all: scope.all, projects: scope.projects, anyTask: scope.anyTask, tasks: scope.tasks };
}
