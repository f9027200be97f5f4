import { EntityState, createEntityAdapter } from '@ngrx/entity';
import { createActionGroup, createFeature, createReducer, createSelector, emptyProps, on, props } from '@ngrx/store';
import type { AnswerOf, Endpoints, KnownWork, Overview, Work } from '@yellowwood/contracts';

type KnownProject = KnownWork['projects'][number];
/** A project by the text that names it on the page, and by all that it is found by. */
export type Project = Omit<KnownProject, 'shown'> & { readonly called: string };
export type Client = KnownWork['clients'][number];
export type Department = KnownWork['departments'][number];
export type Task = KnownWork['tasks'][number];
export type KnownPerson = KnownWork['people'][number];
export type Service = Work['services'][number];

/** What was added, and whom it is for. */
export type WorkAdded = AnswerOf<Endpoints['layDown']>;

export const workActions = createActionGroup({
  source: 'work',
  events: {
    /** Another firm is looked at: what was known is of another one. */
    'firm opened': emptyProps(),
    'work known': props<{ work: Work }>(),
    'work unreadable': props<{ sentence: string }>(),
    /** What some work is called; of what was asked, the rest is not there, or not one's own to see. */
    'work learned': props<{ known: KnownWork; asked?: readonly string[] }>(),
    'work used': props<{ projectId: string; taskId: string | null }>(),
    'work added': props<WorkAdded>(),
    'work outdated': emptyProps(),
    'overview known': props<{ overview: Overview }>(),
  },
});

const clients = createEntityAdapter<Client>();
const departments = createEntityAdapter<Department>();
const projects = createEntityAdapter<Project>();
const tasks = createEntityAdapter<Task>();
const people = createEntityAdapter<KnownPerson>();
const services = createEntityAdapter<Service>();

interface WorkState {
  readonly clients: EntityState<Client>;
  readonly departments: EntityState<Department>;
  readonly projects: EntityState<Project>;
  readonly tasks: EntityState<Task>;
  readonly people: EntityState<KnownPerson>;
  readonly services: EntityState<Service>;
  /** Scopes of which it is known that they are not one's own to see. */
  readonly unseen: Readonly<Record<string, true>>;
  /** What one has recorded on lately, the newest first. */
  readonly lately: Work['lately'];
  readonly overview: Overview | null;
  readonly known: boolean;
  /** Why it could not be read, until it was. */
  readonly sentence: string;
}

const initial: WorkState = {
  clients: clients.getInitialState(),
  departments: departments.getInitialState(),
  projects: projects.getInitialState(),
  tasks: tasks.getInitialState(),
  people: people.getInitialState(),
  services: services.getInitialState(),
  unseen: {},
  lately: [],
  overview: null,
  known: false,
  sentence: '',
};

/** A node of a tree of work, with its depth. */
export interface ScopeNode {
  readonly scope: string;
  readonly id: string;
  readonly name: string;
  readonly kind: 'client' | 'department' | 'project' | 'task' | 'people' | 'person' | 'more';
  readonly depth: number;
  readonly parent: string | null;
  readonly hasChildren: boolean;
  readonly closed: boolean;
}

const asShown = ({ shown, ...project }: KnownProject): Project => ({
  ...project,
  name: shown,
  called: [shown, project.name, project.code, project.orderReference].join(' '),
});

const learn = (state: WorkState, known: Partial<KnownWork>): WorkState => ({
  ...state,
  clients: clients.upsertMany(known.clients ?? [], state.clients),
  departments: departments.upsertMany(known.departments ?? [], state.departments),
  projects: projects.upsertMany((known.projects ?? []).map(asShown), state.projects),
  tasks: tasks.upsertMany(known.tasks ?? [], state.tasks),
  people: people.upsertMany(known.people ?? [], state.people),
});

/** What was asked for and is not told: `unseen`, and no more known. */
function forget(state: WorkState, asked: readonly string[], known: KnownWork): WorkState {
  const told = new Set(
    Object.values(known)
      .flatMap((list): readonly { id: string }[] => list)
      .map(({ id }) => id),
  );
  const gone = asked.filter((scope) => !told.has(scope.split(':')[1]!));
  const seen = Object.entries(state.unseen).filter(([scope]) => !told.has(scope.split(':')[1]!));
  const ids = gone.map((scope) => scope.split(':')[1]!);
  return {
    ...state,
    projects: projects.removeMany(ids, state.projects),
    tasks: tasks.removeMany(ids, state.tasks),
    unseen: Object.fromEntries([...seen, ...gone.map((scope): [string, true] => [scope, true])]),
  };
}

/** What is known of the firm's work, what one may record, and where hours stand. */
export const workFeature = createFeature({
  name: 'work',
  reducer: createReducer(
    initial,
    on(workActions.firmOpened, () => initial),
    on(workActions.workKnown, (state, { work }) => ({
      ...learn(state, work.known),
      services: services.setAll(work.services, state.services),
      lately: work.lately,
      known: true,
      sentence: '',
    })),
    on(workActions.workLearned, (state, { known, asked = [] }) => forget(learn(state, known), asked, known)),
    on(workActions.workAdded, (state, added) =>
      learn(state, { clients: added.client ? [added.client] : [], projects: added.projects, tasks: added.tasks }),
    ),
    on(workActions.workUnreadable, (state, { sentence }) => ({ ...state, sentence })),
    on(workActions.workUsed, (state, { projectId, taskId }) => ({
      ...state,
      lately: [{ projectId, taskId }, ...state.lately.filter((one) => one.projectId !== projectId || one.taskId !== taskId)],
    })),
    on(workActions.overviewKnown, (state, { overview }) => ({ ...state, overview })),
  ),
  extraSelectors: ({ selectClients, selectDepartments, selectProjects, selectTasks, selectPeople, selectServices }) => ({
    selectClientEntities: createSelector(selectClients, ({ entities }) => entities),
    selectClientList: createSelector(selectClients, clients.getSelectors().selectAll),
    selectDepartmentEntities: createSelector(selectDepartments, ({ entities }) => entities),
    selectProjectEntities: createSelector(selectProjects, ({ entities }) => entities),
    selectProjectList: createSelector(selectProjects, projects.getSelectors().selectAll),
    selectTaskEntities: createSelector(selectTasks, ({ entities }) => entities),
    selectTaskList: createSelector(selectTasks, tasks.getSelectors().selectAll),
    selectPersonEntities: createSelector(selectPeople, ({ entities }) => entities),
    selectPersonList: createSelector(selectPeople, people.getSelectors().selectAll),
    selectServiceList: createSelector(selectServices, services.getSelectors().selectAll),
    selectServiceEntities: createSelector(selectServices, ({ entities }) => entities),
  }),
});

/** The services as a field offers them; none is said later. */
export const selectServiceChoices = createSelector(workFeature.selectServiceList, (list) => [
  { value: '', word: 'not yet' },
  ...list.map(({ id, name }) => ({ value: id, word: name })),
]);
