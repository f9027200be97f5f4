import type { KnownWork, ProjectState, WorkLists } from '@yellowwood/contracts';
import { hasWords, wordsOf } from '@yellowwood/core';
import type { FakeServer } from './fake-server';

/** Of so many projects clients stand folded, as the server has it. */
const FEW = 40;
/** As many as a page of a list has. */
const PAGE = 100;

/** What the firm says of its projects. */
export const STATES: ProjectState[] = [
  { id: '0193b1f0-0000-7000-8000-000000000070', name: 'Proposed', records: false, open: true, projects: 0, version: 1 },
  { id: '0193b1f0-0000-7000-8000-000000000071', name: 'Open', records: true, open: true, projects: 2, version: 4 },
  { id: '0193b1f0-0000-7000-8000-000000000072', name: 'Finished', records: false, open: false, projects: 1, version: 1 },
];

/** Has the server of the tests list, find and name some work, as the real one does, for somebody who sees all of it. */
export function firmsWork(server: FakeServer, work: () => KnownWork): void {
  server
    .on('listWork', ({ query }) => listed(work(), (query.unfolded ?? '').split(',').filter(Boolean), query.chosen ?? 'all'))
    .on('findWork', ({ query }) => {
      const found = foundIn(work(), wordsOf(query.words), query.sought).slice(0, FEW);
      return { found, known: work() };
    })
    .on('readNames', ({ query }) => knownOf(work(), query.of.split(',')))
    .on('readWhoRecords', ({ params }) => ({
      ...{ id: params['id']!, version: 1, everyone: true, people: [], teams: [], offered: [] },
    }))
    .on('listProjectStates', () => ({ states: STATES }))
    .on('readBars', () => ({ bars: [] }));
}

function knownOf(work: KnownWork, scopes: readonly string[]): KnownWork {
  const has = ({ id }: { readonly id: string }) => scopes.some((scope) => scope.endsWith(`:${id}`));
  const tasks = work.tasks.filter(has);
  return {
    ...{ clients: work.clients, departments: work.departments, people: work.people.filter(has) },
    tasks: work.tasks.filter((task) => tasks.some(({ projectId }) => projectId === task.projectId)),
    projects: work.projects.filter((project) => has(project) || tasks.some(({ projectId }) => projectId === project.id)),
  };
}

function listed(work: KnownWork, asked: readonly string[], chosen: string): WorkLists {
  const few = work.projects.length <= FEW;
  const pages = new Map(asked.map((one): [string, number] => [one.split('*')[0]!, Number(one.split('*')[1] ?? 1)]));
  const homeOf = (project: KnownWork['projects'][number]) =>
    project.clientId ? `client:${project.clientId}` : `department:${project.departmentId}`;
  const above = (scope: string): string | null => {
    const id = scope.split(':')[1];
    const task = work.tasks.find((one) => one.id === id);
    if (task) return task.parentId ? `task:${task.parentId}` : `project:${task.projectId}`;
    const project = work.projects.find((one) => one.id === id);
    return project ? homeOf(project) : null;
  };
  for (let scope: string | null = chosen; scope && scope !== 'all'; scope = above(scope)) pages.set(scope, pages.get(scope) ?? 1);
  const homes = [...work.clients.map(({ id }) => `client:${id}`), ...work.departments.map(({ id }) => `department:${id}`)];
  const below = (of: string): string[] => {
    if (of === 'top') return homes;
    if (of === 'people') return work.people.map(({ id }) => `person:${id}`);
    return [
      ...work.projects.filter((project) => homeOf(project) === of).map(({ id }) => `project:${id}`),
      ...work.tasks.filter(({ id }) => above(`task:${id}`) === of).map(({ id }) => `task:${id}`),
    ];
  };
  const wanted = [...new Set(['top', ...(few ? homes : []), ...pages.keys()])];
  return {
    lists: wanted
      .map((of) => {
        const all = below(of);
        const most = (pages.get(of) ?? 1) * PAGE;
        const items = all.slice(0, most).map((scope) => ({ scope, holds: below(scope).length > 0 }));
        return { of, items, more: all.length > most };
      })
      .filter(({ of, items }) => of === 'top' || items.length > 0),
    known: work,
    few,
    counts: { clients: work.clients.length, projects: work.projects.length, people: Math.max(1, work.people.length) },
  };
}

function foundIn(work: KnownWork, words: readonly string[], sought: string): string[] {
  const homes = new Map([...work.clients, ...work.departments].map(({ id, name }) => [id, name]));
  const projects = new Map(work.projects.map((project) => [project.id, project]));
  const tasks = new Map(work.tasks.map((task) => [task.id, task]));
  const ofProject = ({ name, shown, code, orderReference }: KnownWork['projects'][number]) =>
    [name, shown, code, orderReference].join(' ');
  const wholeProject = (project: KnownWork['projects'][number]) =>
    `${ofProject(project)} ${homes.get(project.clientId ?? project.departmentId ?? '') ?? ''}`;
  const wholeTask = (task: KnownWork['tasks'][number]): string =>
    `${task.name} ${task.parentId ? wholeTask(tasks.get(task.parentId)!) : wholeProject(projects.get(task.projectId)!)}`;
  const things = [
    ...work.clients.map((one) => ({ ...one, kind: 'client', own: one.name, whole: one.name, open: true })),
    ...work.departments.map((one) => ({ ...one, kind: 'department', own: one.name, whole: one.name, open: true })),
    ...work.projects.map((one) => ({ ...one, kind: 'project', own: ofProject(one), whole: wholeProject(one) })),
    ...work.tasks.map((one) => ({ ...one, kind: 'task', own: one.name, whole: wholeTask(one) })),
    ...work.people.map((one) => ({ ...one, kind: 'person', own: one.name, whole: one.name, open: true })),
  ];
  const kinds = { tree: things.map(({ kind }) => kind), work: ['project', 'task'], colleague: ['person'] }[sought] ?? [sought];
  const isOwn = ({ own }: { readonly own: string }) => words.some((word) => hasWords(own, [word]));
  return things
    .filter((one) => kinds.includes(one.kind) && hasWords(one.whole, words))
    .filter((one) => (sought === 'work' ? ('takesTime' in one ? one.takesTime : one.open) : sought !== 'tree' || isOwn(one)))
    .sort((a, b) => Number(isOwn(b)) - Number(isOwn(a)))
    .map(({ kind, id }) => `${kind}:${id}`);
}
