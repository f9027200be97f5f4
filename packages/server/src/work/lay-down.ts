import { AnswerOf, BodyOf, Endpoints } from '@yellowwood/contracts';
import { addTasks } from '../generated/work/lay-down.queries';
import { audit } from '../platform/audit';
import { Context } from '../platform/context';
import { json } from '../platform/json';
import { problem } from '../platform/problem';
import { takeTurn } from '../platform/turn';
import { addProject, clientFor, homeOf } from './create-project';

type Line = BodyOf<Endpoints['layDown']>['lines'][number];

/** The lines that are projects, and those that are tasks, each with its project. @throws the problem `order-unreadable` */
function sorted(lines: readonly Line[]) {
  const project = new Map<string, string>();
  const above = new Set(lines.map(({ parentId }) => parentId));
  const tasks = lines.flatMap((line, place) => {
    if (line.parentId === null) return (project.set(line.id, line.id), []);
    const projectId = project.get(line.parentId);
    if (!projectId) throw problem('order-unreadable', { name: line.name });
    project.set(line.id, projectId);
    const kind = above.has(line.id) ? 'phase' : 'task';
    // What lies below the project itself has no task above it.
    const parentId = line.parentId === projectId ? null : line.parentId;
    return [{ id: line.id, projectId, parentId, kind, name: line.name.trim(), place, estimate: line.estimate }];
  });
  return { projects: lines.filter(({ parentId }) => parentId === null), tasks };
}

/**
 * Lays down projects and their tasks from a list, for a client or for the firm itself: all of them, or none.
 * @throws the problems `client-unknown`, `client-exists`, `project-exists`, `order-unreadable`
 */
export async function layDown(
  context: Context,
  { client: meant, lines }: BodyOf<Endpoints['layDown']>,
): Promise<AnswerOf<Endpoints['layDown']>> {
  const { tx, firm } = context;
  // So that no two have one name or one code.
  await takeTurn(context, 'work');
  const { projects: wanted, tasks } = sorted(lines);
  const client = meant && (await clientFor(context, meant));
  const home = await homeOf(context, client);
  const projects = [];
  for (const { id, name, estimate } of wanted)
    projects.push(await addProject(context, { id, name: name.trim(), estimate, ...home }));
  await addTasks.run({ firm: firm.id, tasks: json(tasks) }, tx);
  await audit(
    context,
    'work laid down',
    projects.map(({ id, name, code }) => {
      const own = tasks.filter(({ projectId }) => projectId === id).map((task) => task.name);
      return {
        ...{ kind: 'project', id },
        after: { name, code, client: client?.name ?? null, ...(own.length > 0 && { tasks: own.join(', ') }) },
      };
    }),
  );
  return {
    client,
    projects,
    tasks: tasks.map(({ id, projectId, parentId, name, kind }) => ({ id, projectId, parentId, name, kind, open: true })),
  };
}
