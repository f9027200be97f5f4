import { EntityState, createEntityAdapter } from '@ngrx/entity';
import { createActionGroup, createFeature, createReducer, createSelector, emptyProps, on, props } from '@ngrx/store';
import type { AnswerOf, Endpoints, Overview, People, StageBar, Work } from '@yellowwood/contracts';

/** A project by the text that names it on the page, and by all that it is found by. */
export type Project = Omit<Work['projects'][number], 'shown'> & { readonly called: string };
export type Task = Work['tasks'][number];
export type Service = Work['services'][number];

/** What was added, and whom it is for. */
export type WorkAdded = AnswerOf<Endpoints['layDown']>;

export const workActions = createActionGroup({
  source: 'work',
  events: {
    'work known': props<{ work: Work }>(),
    'work unreadable': props<{ sentence: string }>(),
    'work used': props<{ projectId: string; taskId: string | null }>(),
    'work added': props<WorkAdded>(),
    'work outdated': emptyProps(),
    'people known': props<{ people: People['people'] }>(),
    'overview known': props<{ overview: Overview }>(),
  },
});

const projects = createEntityAdapter<Project>();
const tasks = createEntityAdapter<Task>();
const services = createEntityAdapter<Service>();

interface WorkState {
  readonly clients: Work['clients'];
  readonly departments: Work['departments'];
  readonly projects: EntityState<Project>;
  readonly tasks: EntityState<Task>;
  readonly services: EntityState<Service>;
  /** What one has recorded on lately, the newest first. */
  readonly lately: Work['lately'];
  /** Whose time one may read; oneself alone where that is all. */
  readonly people: People['people'];
  readonly overview: Overview | null;
  readonly known: boolean;
  /** Why it could not be read, until it was. */
  readonly sentence: string;
}

const initial: WorkState = {
  clients: [],
  departments: [],
  projects: projects.getInitialState(),
  tasks: tasks.getInitialState(),
  services: services.getInitialState(),
  lately: [],
  people: [],
  overview: null,
  known: false,
  sentence: '',
};

/** A node of the scope tree, with its depth and what a search looks through. */
export interface ScopeNode {
  readonly scope: string;
  readonly id: string;
  readonly name: string;
  /** What it is found by. */
  readonly called: string;
  readonly kind: 'client' | 'department' | 'project' | 'task' | 'people' | 'person';
  readonly depth: number;
  readonly parent: string | null;
  readonly hasChildren: boolean;
  readonly closed: boolean;
}

const asShown = ({ shown, ...project }: Work['projects'][number]): Project => ({
  ...project,
  name: shown,
  called: [shown, project.name, project.code, project.orderReference].join(' '),
});

/** The tree of work, and where its hours stand. */
export const workFeature = createFeature({
  name: 'work',
  reducer: createReducer(
    initial,
    on(workActions.workKnown, (state, { work }) => ({
      ...state,
      clients: work.clients,
      departments: work.departments,
      projects: projects.setAll(work.projects.map(asShown), state.projects),
      tasks: tasks.setAll(work.tasks, state.tasks),
      services: services.setAll(work.services, state.services),
      lately: work.lately,
      known: true,
      sentence: '',
    })),
    on(workActions.workAdded, (state, added) => ({
      ...state,
      clients:
        added.client && !state.clients.some(({ id }) => id === added.client!.id)
          ? [...state.clients, added.client]
          : state.clients,
      projects: projects.upsertMany(added.projects.map(asShown), state.projects),
      tasks: tasks.upsertMany(added.tasks, state.tasks),
    })),
    on(workActions.workUnreadable, (state, { sentence }) => ({ ...state, sentence })),
    on(workActions.workUsed, (state, { projectId, taskId }) => ({
      ...state,
      lately: [{ projectId, taskId }, ...state.lately.filter((one) => one.projectId !== projectId || one.taskId !== taskId)],
    })),
    on(workActions.peopleKnown, (state, { people }) => ({ ...state, people })),
    on(workActions.overviewKnown, (state, { overview }) => ({ ...state, overview })),
  ),
  extraSelectors: ({
    selectClients,
    selectDepartments,
    selectProjects,
    selectTasks,
    selectServices,
    selectPeople,
    selectOverview,
  }) => {
    const selectProjectList = createSelector(selectProjects, projects.getSelectors().selectAll);
    const selectTaskList = createSelector(selectTasks, tasks.getSelectors().selectAll);
    return {
      selectProjectList,
      selectTaskList,
      selectProjectEntities: createSelector(selectProjects, (state) => state.entities),
      selectTaskEntities: createSelector(selectTasks, (state) => state.entities),
      selectPeopleNames: createSelector(selectPeople, (people) => new Map(people.map(({ id, name }) => [id, name]))),
      selectServiceList: createSelector(selectServices, services.getSelectors().selectAll),
      selectServiceEntities: createSelector(selectServices, (state) => state.entities),
      selectBars: createSelector(
        selectOverview,
        (overview) => new Map((overview?.bars ?? []).map((bar): [string, StageBar] => [bar.id, bar])),
      ),
      selectTree: createSelector(selectClients, selectDepartments, selectProjectList, selectTaskList, selectPeople, treeOf),
    };
  },
});

function treeOf(
  clients: Work['clients'],
  departments: Work['departments'],
  projectList: readonly Project[],
  taskList: readonly Task[],
  people: People['people'],
): ScopeNode[] {
  const nodes: ScopeNode[] = [];
  const below = new Map<string, Task[]>();
  for (const task of taskList) {
    const parent = task.parentId ?? task.projectId;
    const found = below.get(parent);
    if (found) found.push(task);
    else below.set(parent, [task]);
  }
  const addTasks = (parent: string, depth: number) => {
    for (const task of below.get(parent) ?? []) {
      const hasChildren = below.has(task.id);
      nodes.push({
        scope: `task:${task.id}`,
        id: task.id,
        ...{ name: task.name, called: task.name },
        kind: 'task',
        depth,
        parent,
        hasChildren,
        closed: !task.open,
      });
      if (hasChildren) addTasks(task.id, depth + 1);
    }
  };
  const addHome = (id: string, name: string, kind: 'client' | 'department') => {
    const own = projectList.filter((project) => (kind === 'client' ? project.clientId : project.departmentId) === id);
    nodes.push({
      scope: `${kind}:${id}`,
      id,
      name,
      called: name,
      kind,
      depth: 0,
      parent: null,
      hasChildren: own.length > 0,
      closed: false,
    });
    for (const project of own) {
      nodes.push({
        scope: `project:${project.id}`,
        id: project.id,
        ...{ name: project.name, called: project.called },
        kind: 'project',
        depth: 1,
        parent: id,
        hasChildren: below.has(project.id),
        closed: !project.open,
      });
      addTasks(project.id, 2);
    }
  };
  clients.forEach((client) => addHome(client.id, client.name, 'client'));
  departments.forEach((department) => addHome(department.id, `${department.name} (internal)`, 'department'));
  // One's own time is Record's matter; where more people are in reach, each of them can be a scope.
  if (people.length > 1) {
    const at = { closed: false, parent: null, depth: 0 };
    nodes.push({ ...at, scope: '', id: PEOPLE, name: 'People', called: 'People', kind: 'people', hasChildren: true });
    for (const { id, name } of people)
      nodes.push({
        ...at,
        scope: `person:${id}`,
        id,
        name,
        called: name,
        kind: 'person',
        depth: 1,
        parent: PEOPLE,
        hasChildren: false,
      });
  }
  return nodes;
}

/** The node that holds the people. */
export const PEOPLE = 'people';

/** The services as a field offers them; none is said later. */
export const selectServiceChoices = createSelector(workFeature.selectServiceList, (services) => [
  { value: '', word: 'not yet' },
  ...services.map(({ id, name }) => ({ value: id, word: name })),
]);
