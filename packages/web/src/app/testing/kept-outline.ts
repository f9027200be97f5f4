import type { OutlineTask, Problem } from '@yellowwood/contracts';
import { branchOf, placeBranch } from '@yellowwood/core';
import { FakeServer, id, refusal } from './fake-server';

/** The tasks of projects as a server keeps them, for tests of the outline. */
export class KeptOutline {
  readonly kept = new Map<string, OutlineTask>();

  constructor(tasks: readonly OutlineTask[] = OUTLINE) {
    for (const task of tasks) this.kept.set(task.id, task);
  }

  private store(tasks: readonly OutlineTask[]): OutlineTask[] {
    return tasks.map((task) => {
      const next = { ...task, version: (this.kept.get(task.id)?.version ?? 0) + 1 };
      this.kept.set(task.id, next);
      return next;
    });
  }

  private held(task: string, version: string | null): OutlineTask | Problem {
    const found = this.kept.get(task);
    if (!found) return refusal(404, 'task-unknown', 'This task does not exist any more, or is not yours to change.');
    return version === `"${found.version}"` ? found : refusal(412, 'version-stale', 'Somebody changed this after you read it.');
  }

  serve(server: FakeServer): void {
    const all = () => [...this.kept.values()];
    server
      .on('listTasks', ({ params }) => ({ tasks: all().filter(({ projectId }) => projectId === params['id']) }))
      .on('addTasks', ({ params, body }) => {
        const projectId = params['id']!;
        const made = body.lines.map((line, place) => ({
          kind: 'task' as const,
          open: true,
          ...line,
          projectId,
          place,
          version: 0,
        }));
        const placed = placeBranch<OutlineTask>(all(), made, { projectId, ...body.place });
        return placed.ok ? { tasks: this.store(placed.value) } : refusal(422, placed.error.code, 'No such place.');
      })
      .on('changeTask', ({ params, body, version }) => {
        const held = this.held(params['id']!, version);
        return 'code' in held ? held : this.store([{ ...held, ...(body as Partial<OutlineTask>) }])[0]!;
      })
      .on('removeTask', ({ params, version }) => {
        const held = this.held(params['id']!, version);
        if ('code' in held) return held;
        const gone = branchOf(all(), held.id).map((task) => task.id);
        for (const one of gone) this.kept.delete(one);
        return { gone };
      })
      .on('moveTask', ({ params, body, version }) => {
        const held = this.held(params['id']!, version);
        if ('code' in held) return held;
        const placed = placeBranch<OutlineTask>(all(), branchOf(all(), held.id), body);
        return placed.ok ? { tasks: this.store(placed.value) } : refusal(422, placed.error.code, 'No such place.');
      });
  }
}

const task = (number: number, name: string, names: Partial<OutlineTask> = {}): OutlineTask => ({
  ...{ id: id(number), projectId: id(20), parentId: null, kind: 'task', name, place: 0, open: true, estimate: 0, version: 1 },
  ...names,
});

/** The tasks of the project of the tests: two, one below the other, and a third. */
export const OUTLINE: readonly OutlineTask[] = [
  task(30, 'Survey of piles', { kind: 'phase' }),
  task(31, 'Soundings', { parentId: id(30), estimate: 36_000 }),
  task(32, 'Report', { place: 1 }),
];
