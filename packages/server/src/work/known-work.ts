import { KnownWork } from '@yellowwood/contracts';
import { clientsKnown, departmentsKnown, peopleKnown, projectsKnown, tasksKnown } from '../generated/work/known-work.queries';
import { Context, may, reachOf, today } from '../platform/context';

/** The ids of some work and people, by kind. */
export interface WorkIds {
  readonly clients?: readonly string[];
  readonly departments?: readonly string[];
  readonly projects?: readonly string[];
  readonly tasks?: readonly string[];
  readonly people?: readonly string[];
}

/** Who asks, as the queries of work take it. */
export function asksForWork(context: Context) {
  return {
    reach: reachOf(context, 'work.read'),
    asker: context.actor.personId,
    adds: may(context, 'work.change'),
    // Nobody is in a reach that is not there.
    peopleReach: context.actor.rights['time.read'] ?? 'none',
    // Whoever lays out work names those who do it.
    namesReach: may(context, 'work.change') ? 'firm' : (context.actor.rights['time.read'] ?? 'none'),
    // Whoever records for others, by correcting their time, records where they do.
    others: may(context, 'time.correct'),
  };
}

type Named = KnownWork['projects'][number]['named'];

/** The ids of scopes, by kind. */
export function idsOf(scopes: readonly string[]): Record<keyof WorkIds, string[]> {
  const of = (kind: string) => scopes.filter((scope) => scope.startsWith(`${kind}:`)).map((scope) => scope.split(':')[1]!);
  return {
    ...{ clients: of('client'), departments: of('department'), projects: of('project') },
    ...{ tasks: of('task'), people: of('person') },
  };
}

const known = (ids: readonly (string | null)[]) => [...new Set(ids.filter((id) => id !== null))];

/** What work and people are called and belong to, with all that they lie below, as far as the person may see them. */
export async function knownWork(
  context: Context,
  { clients = [], departments = [], projects = [], tasks = [], people = [] }: WorkIds,
): Promise<KnownWork> {
  const { reach, asker, adds, namesReach, others } = asksForWork(context);
  const foundTasks = tasks.length === 0 ? [] : await tasksKnown.run({ reach, asker, tasks: [...tasks] }, context.tx);
  const ofProjects = known([...projects, ...foundTasks.map(({ projectId }) => projectId)]);
  const foundProjects =
    ofProjects.length === 0 ? [] : await projectsKnown.run({ reach, asker, others, projects: ofProjects }, context.tx);
  const ofClients = known([...clients, ...foundProjects.map(({ clientId }) => clientId)]);
  const ofDepartments = known([...departments, ...foundProjects.map(({ departmentId }) => departmentId)]);
  return {
    clients: ofClients.length === 0 ? [] : await clientsKnown.run({ reach, asker, adds, clients: ofClients }, context.tx),
    departments:
      ofDepartments.length === 0 ? [] : await departmentsKnown.run({ reach, asker, departments: ofDepartments }, context.tx),
    projects: foundProjects.map((project) => ({ ...project, named: project.named as Named })),
    tasks: foundTasks,
    people:
      people.length === 0
        ? []
        : await peopleKnown.run({ reach: namesReach, asker, on: today(context), people: [...people] }, context.tx),
  };
}
