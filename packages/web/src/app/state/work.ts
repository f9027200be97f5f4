import { EntityState, createEntityAdapter } from '@ngrx/entity';
import { createActionGroup, createFeature, createReducer, createSelector, on, props } from '@ngrx/store';
import type { Overview, StageBar, Work } from '@yellowwood/contracts';

export type Project = Work['projects'][number];
export type Task = Work['tasks'][number];
export type Service = Work['services'][number];

export const workActions = createActionGroup({
  source: 'work',
  events: { 'work known': props<{ work: Work }>(), 'overview known': props<{ overview: Overview }>() },
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
  readonly overview: Overview | null;
  readonly known: boolean;
}

const initial: WorkState = {
  clients: [],
  departments: [],
  projects: projects.getInitialState(),
  tasks: tasks.getInitialState(),
  services: services.getInitialState(),
  overview: null,
  known: false,
};

/** A node of the scope tree, with its depth and what a search looks through. */
export interface ScopeNode {
  readonly scope: string;
  readonly id: string;
  readonly name: string;
  readonly kind: 'client' | 'department' | 'project' | 'task';
  readonly depth: number;
  readonly parent: string | null;
  readonly hasChildren: boolean;
  readonly closed: boolean;
}

/** The tree of work, and where its hours stand. */
export const workFeature = createFeature({
  name: 'work',
  reducer: createReducer(
    initial,
    on(workActions.workKnown, (state, { work }) => ({
      ...state,
      clients: work.clients,
      departments: work.departments,
      projects: projects.setAll(work.projects, state.projects),
      tasks: tasks.setAll(work.tasks, state.tasks),
      services: services.setAll(work.services, state.services),
      known: true,
    })),
    on(workActions.overviewKnown, (state, { overview }) => ({ ...state, overview })),
  ),
  extraSelectors: ({ selectClients, selectDepartments, selectProjects, selectTasks, selectServices, selectOverview }) => {
    const selectProjectList = createSelector(selectProjects, projects.getSelectors().selectAll);
    const selectTaskList = createSelector(selectTasks, tasks.getSelectors().selectAll);
    return {
      selectProjectList,
      selectTaskList,
      selectProjectEntities: createSelector(selectProjects, (state) => state.entities),
      selectTaskEntities: createSelector(selectTasks, (state) => state.entities),
      selectServiceList: createSelector(selectServices, services.getSelectors().selectAll),
      selectServiceEntities: createSelector(selectServices, (state) => state.entities),
      selectBars: createSelector(
        selectOverview,
        (overview) => new Map((overview?.bars ?? []).map((bar): [string, StageBar] => [bar.id, bar])),
      ),
      selectTree: createSelector(selectClients, selectDepartments, selectProjectList, selectTaskList, treeOf),
    };
  },
});

function treeOf(
  clients: Work['clients'],
  departments: Work['departments'],
  projectList: readonly Project[],
  taskList: readonly Task[],
): ScopeNode[] {
  const nodes: ScopeNode[] = [];
  const addTasks = (project: string, parent: string | null, depth: number) => {
    for (const task of taskList.filter((one) => one.projectId === project && one.parentId === parent)) {
      const hasChildren = taskList.some((one) => one.parentId === task.id);
      nodes.push({
        scope: `task:${task.id}`,
        id: task.id,
        name: task.name,
        kind: 'task',
        depth,
        parent: parent ?? project,
        hasChildren,
        closed: !task.open,
      });
      if (hasChildren) addTasks(project, task.id, depth + 1);
    }
  };
  const addHome = (id: string, name: string, kind: 'client' | 'department') => {
    const own = projectList.filter((project) => (kind === 'client' ? project.clientId : project.departmentId) === id);
    nodes.push({ scope: `${kind}:${id}`, id, name, kind, depth: 0, parent: null, hasChildren: own.length > 0, closed: false });
    for (const project of own) {
      nodes.push({
        scope: `project:${project.id}`,
        id: project.id,
        name: project.name,
        kind: 'project',
        depth: 1,
        parent: id,
        hasChildren: taskList.some((task) => task.projectId === project.id),
        closed: !project.open,
      });
      addTasks(project.id, null, 2);
    }
  };
  clients.forEach((client) => addHome(client.id, client.name, 'client'));
  departments.forEach((department) => addHome(department.id, `${department.name} (internal)`, 'department'));
  return nodes;
}
