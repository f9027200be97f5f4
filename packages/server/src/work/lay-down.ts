import { AnswerOf, BodyOf, Endpoints } from '@yellowwood/contracts';
import { addOutlineTasks } from '../generated/work/outline.queries';
import { audit } from '../platform/audit';
import { Context } from '../platform/context';
import { json } from '../platform/json';
import { problem } from '../platform/problem';
import { takeTurn } from '../platform/turn';
import { addProject, clientFor, homeOf } from './create-project';

type Line = BodyOf<Endpoints['layDown']>['lines'][number];
type TaskWish = BodyOf<Endpoints['addTasks']>['lines'][number];

/** A line that is a task, as it is read. */
interface TaskLine {
  readonly id: string;
  readonly parentId: string | null;
  readonly kind: 'phase' | 'deliverable' | 'work order' | 'task';
  readonly name: string;
  readonly place: number;
  readonly estimate: number;
  readonly open: boolean;
}

/**
 * Tasks from a list: what lies above others is a phase, unless it says what it is.
 * @throws the problem `order-unreadable` where something lies below what does not stand before it
 */
export function readLines(lines: readonly TaskWish[]): TaskLine[] {
  const before = new Set<string | null>([null]);
  const above = new Set(lines.map(({ parentId }) => parentId));
  const beside = new Map<string | null, number>();
  return lines.map(({ id, parentId, name, estimate, kind, open = true }) => {
    if (!before.has(parentId)) throw problem('order-unreadable', { name });
    before.add(id);
    const place = beside.get(parentId) ?? 0;
    beside.set(parentId, place + 1);
    return { id, parentId, kind: kind ?? (above.has(id) ? 'phase' : 'task'), name: name.trim(), place, estimate, open };
  });
}

/** The lines that are projects, and those that are tasks, each with its project. @throws the problem `order-unreadable` */
function sorted(lines: readonly Line[]) {
  const project = new Map<string, string>();
  const tasks = readLines(lines).flatMap((line) => {
    const projectId = line.parentId === null ? line.id : project.get(line.parentId)!;
    project.set(line.id, projectId);
    // What lies below the project itself has no task above it.
    return line.parentId === null ? [] : [{ ...line, projectId, parentId: line.parentId === projectId ? null : line.parentId }];
  });
  return { projects: lines.filter(({ parentId }) => parentId === null), tasks };
}

/**
 * Lays down projects and their tasks from a list, for a client or for the firm itself: all of them, or none.
 * @throws the problems `client-unknown`, `client-archived`, `client-exists`, `project-exists`, `order-unreadable`
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
  await addOutlineTasks.run({ firm: firm.id, tasks: json(tasks) }, tx);
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
