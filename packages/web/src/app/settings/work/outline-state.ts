import { Injectable, computed, effect, inject, signal, untracked } from '@angular/core';
import { Store } from '@ngrx/store';
import type { BodyOf, Endpoints, OutlineTask } from '@yellowwood/contracts';
import { TreePlace, branchOf, childrenOf, parentsOf, placeBranch, readOutline } from '@yellowwood/core';
import { v7 as newId } from 'uuid';
import { Api } from '../../api/api';
import { sessionFeature } from '../../state/session';
import { workActions } from '../../state/work';
import { workTree } from '../../state/work-tree';
import { askSeen } from '../../ui/ask-seen';
import { Dialogs } from '../../ui/dialogs';
import { command } from '../../ui/command';
import { hasWords, wordsOf } from '@yellowwood/core';
import { UndoStack } from '../../ui/undo-stack';
import { workFinder } from '../../ui/work-finder';
import { WorkNames } from '../../ui/work-names';
import { NewRow, OutlineNode, outlineRows } from './outline-node';

type Lines = BodyOf<Endpoints['addTasks']>['lines'];
type TaskChange = BodyOf<Endpoints['changeTask']>;

/** A few projects at once are unfolded for what is looked for; more letters find the rest. */
const MOST_FOUND = 20;

/**
 * The outline of clients, projects and tasks, and what is done to it. What somebody does stands there at once and is sent in
 * turn; what is refused is told, and its project read anew.
 */
@Injectable()
export class OutlineState {
  private readonly api = inject(Api);
  private readonly store = inject(Store);
  private readonly dialogs = inject(Dialogs);
  private readonly names = inject(WorkNames);
  private readonly me = this.store.selectSignal(sessionFeature.selectMe);
  private readonly read = signal<ReadonlyMap<string, readonly OutlineTask[]>>(new Map());
  /** What was folded or unfolded by hand. */
  private readonly turned = signal<ReadonlyMap<string, boolean>>(new Map());
  /** Whether what is in the archive is listed, too. */
  readonly archived = signal(false);
  /** What is listed: where there are very many projects, those of a client only once it is unfolded. */
  readonly work = workTree(() => ({
    unfolded: [...this.turned()].flatMap(([id, open]) => (open && this.homeScopes.has(id) ? [this.homeScopes.get(id)!] : [])),
    chosen: 'all',
    archived: this.archived(),
  }));
  private readonly homeScopes = new Map<string, string>();
  private readonly finder = workFinder('tree');
  readonly known = computed(() => this.work.counts() !== null);
  readonly find = signal('');
  readonly newRow = signal<NewRow | null>(null);
  readonly command = command({ inTurn: true });
  /** Reading tells its own failures: what was refused before stays told. */
  private readonly reading = command({ inTurn: true });
  readonly undos = new UndoStack();
  private doing: Promise<unknown> = Promise.resolve();
  /** What was found of what is looked for; null where nothing is. */
  private readonly hits = computed(() => {
    const answer = this.finder.answer();
    return this.find().trim() === '' || !answer ? null : (answer.found ?? []);
  });
  private readonly homes = computed(() => {
    const hits = this.hits();
    const nodes = hits ? this.work.nodesOf(hits.filter((scope) => !scope.startsWith('person:'))) : this.work.nodes();
    return nodes.filter(({ kind }) => ['client', 'department', 'project'].includes(kind));
  });
  private readonly shows = computed(() => {
    const hits = this.hits();
    if (!hits) return null;
    const ids = new Set(hits.map((scope) => scope.split(':')[1]));
    const words = wordsOf(this.find());
    // Of the projects that are read, all tasks of that name are shown.
    return ({ id, name }: Pick<OutlineNode, 'id' | 'name'>) => ids.has(id) || (this.byId().has(id) && hasWords(name, words));
  });
  /** What ends with more than is listed yet. */
  readonly more = computed(() => (this.hits() ? [] : this.work.nodes().filter(({ kind }) => kind === 'more')));
  readonly rows = computed((): OutlineNode[] =>
    outlineRows({
      ...{ homes: this.homes(), tasks: this.read(), isOpen: (node) => this.isOpen(node) },
      ...{ newRow: this.newRow(), shows: this.shows() },
    }),
  );
  private readonly byId = computed(() => new Map([...this.read().values()].flat().map((task) => [task.id, task])));

  task(id: string): OutlineTask | undefined {
    return this.byId().get(id);
  }

  /** The tasks of a project, in the order of their places. */
  tasksOf(projectId: string): readonly OutlineTask[] {
    return this.read().get(projectId) ?? [];
  }

  constructor() {
    // The projects in which something is found are read.
    effect(() => {
      const hits = this.hits() ?? [];
      const projects = new Set(hits.map((scope) => this.projectOf(scope)));
      untracked(() => {
        for (const id of [...projects].slice(0, MOST_FOUND)) if (id && !this.read().has(id)) void this.readProject(id);
      });
    });
  }

  private projectOf(scope: string): string | undefined {
    const [kind, id] = scope.split(':');
    return kind === 'task' ? this.names.taskOf(id)?.projectId : undefined;
  }

  lookFor(text: string): void {
    this.find.set(text);
    this.finder.look(text);
  }

  private isOpen({ id, kind }: Pick<OutlineNode, 'id' | 'kind'>): boolean {
    return this.turned().get(id) ?? (kind === 'project' ? false : kind === 'task' || this.work.few());
  }

  /** Folds or unfolds what lies below a row; the tasks of a project are read the first time. */
  async turn(node: OutlineNode): Promise<void> {
    if (node.unfolded === null) return;
    if (node.unfolded) this.set(node, false);
    else await this.unfold(node.id, node.kind);
  }

  /** Shows what lies below something, reading it first. */
  async unfold(id: string, kind: OutlineNode['kind']): Promise<void> {
    if (kind === 'project' && !this.read().has(id)) await this.readProject(id);
    this.set({ id, kind }, true);
  }

  private set({ id, kind }: Pick<OutlineNode, 'id' | 'kind'>, open: boolean): void {
    if (kind === 'client' || kind === 'department') this.homeScopes.set(id, `${kind}:${id}`);
    this.turned.update((turned) => new Map(turned).set(id, open));
  }

  private async readProject(id: string): Promise<void> {
    const answer = await this.reading.run(() => this.api.call('listTasks', { params: { id } }), { apart: true });
    if (answer) this.read.update((read) => new Map(read).set(id, answer.tasks));
  }

  /** Puts tasks into what is shown; those of another project by now leave theirs. */
  private put(tasks: readonly OutlineTask[]): void {
    const ids = new Set(tasks.map(({ id }) => id));
    this.read.update((read) => {
      const next = new Map([...read].map(([project, own]) => [project, own.filter(({ id }) => !ids.has(id))]));
      for (const task of tasks) {
        const own = next.get(task.projectId);
        if (own) next.set(task.projectId, [...own, task]);
      }
      return next;
    });
  }

  private drop(ids: readonly string[]): void {
    this.read.update((read) => new Map([...read].map(([project, own]) => [project, own.filter(({ id }) => !ids.includes(id))])));
  }

  /** What somebody does, until it is stored or refused: what is taken back is what was done last, not what was stored last. */
  private deed<T>(work: Promise<T>): Promise<T> {
    this.doing = Promise.allSettled([this.doing, work]);
    return work;
  }

  /** Sends a change; where it is refused, the projects that it concerns are read as they are. */
  private async send<T>(work: (key: string) => Promise<T>, projects: readonly string[]): Promise<T | undefined> {
    const answer = await this.command.run(work, { apart: true });
    if (answer === undefined) for (const id of projects) if (this.read().has(id)) await this.readProject(id);
    // The scope beside it, and the fields that find work.
    this.store.dispatch(workActions.workOutdated());
    return answer;
  }

  /**
   * Adds tasks that were typed or pasted. They stand there at once.
   * @returns whether it was done
   */
  addTasks(projectId: string, place: Omit<TreePlace, 'projectId'>, lines: Lines): Promise<boolean> {
    return this.deed(this.add(projectId, place, lines));
  }

  private async add(projectId: string, place: Omit<TreePlace, 'projectId'>, lines: Lines): Promise<boolean> {
    if (!(await this.added(projectId, place, lines))) return false;
    const tops = lines.filter(({ parentId }) => parentId === null).map(({ id }) => id);
    this.undos.push({
      what: lines.length === 1 ? `${lines[0]!.name} added` : `${lines.length} added`,
      run: async () => {
        for (const id of tops) await done(this.take(id));
      },
    });
    return true;
  }

  private async added(projectId: string, place: Omit<TreePlace, 'projectId'>, lines: Lines): Promise<boolean> {
    const made = lines.map((line, index) => ({
      ...{ id: line.id, projectId, parentId: line.parentId, name: line.name, place: index, estimate: line.estimate },
      ...{ kind: line.kind ?? ('task' as const), open: line.open ?? true, version: 1 },
    }));
    const placed = placeBranch<OutlineTask>(this.tasksOf(projectId), made, { projectId, ...place });
    if (placed.ok) this.put(placed.value);
    const answer = await this.send(
      (key) => this.api.call('addTasks', { params: { id: projectId }, body: { place, lines }, key }),
      [projectId],
    );
    if (answer) this.put(answer.tasks);
    return answer !== undefined;
  }

  /** Changes facts of a task. */
  change(id: string, change: TaskChange): Promise<boolean> {
    return this.deed(this.makeOtherwise(id, change));
  }

  private async makeOtherwise(id: string, change: TaskChange): Promise<boolean> {
    const before = this.task(id);
    if (!before) return false;
    const back = Object.fromEntries(Object.keys(change).map((fact) => [fact, before[fact as keyof TaskChange]])) as TaskChange;
    if (JSON.stringify(back) === JSON.stringify(change)) return true;
    if (!(await this.changed(id, change))) return false;
    this.undos.push({ what: `${before.name} changed`, run: () => done(this.changed(id, back)) });
    return true;
  }

  private async changed(id: string, change: TaskChange): Promise<boolean> {
    const before = this.task(id)!;
    this.put([{ ...before, ...(change as Partial<OutlineTask>) }]);
    const answer = await this.send(
      () => this.api.call('changeTask', { params: { id }, version: this.task(id)!.version, body: change }),
      [before.projectId],
    );
    if (answer) this.put([answer]);
    return answer !== undefined;
  }

  /** Takes a task away with all below it. */
  remove(id: string): Promise<boolean> {
    return this.deed(this.takeAway(id));
  }

  private async takeAway(id: string): Promise<boolean> {
    const task = this.task(id);
    if (!task) return false;
    const tasks = this.tasksOf(task.projectId);
    const branch = branchOf(tasks, id);
    const place = { parentId: task.parentId, beforeId: this.nextTo(task) };
    if (!(await this.take(id))) return false;
    const lines = branch.map(({ id: own, parentId, name, estimate, kind, open }) => ({
      ...{ id: own, parentId: own === id ? null : parentId, name, estimate, kind, open },
    }));
    this.undos.push({ what: `${task.name} taken away`, run: () => done(this.added(task.projectId, place, lines)) });
    return true;
  }

  private async take(id: string): Promise<boolean> {
    const task = this.task(id);
    if (!task) return false;
    const branch = branchOf(this.tasksOf(task.projectId), id).map((one) => one.id);
    const answer = await this.send(
      () => this.api.call('removeTask', { params: { id }, version: this.task(id)!.version, body: { branch } }),
      [task.projectId],
    );
    if (answer) this.drop(answer.gone);
    return answer !== undefined;
  }

  /** What stands after a task, of those beside it; null after the last. */
  nextTo(task: OutlineTask): string | null {
    const beside = childrenOf(this.tasksOf(task.projectId), task.projectId, task.parentId);
    return beside[beside.findIndex(({ id }) => id === task.id) + 1]?.id ?? null;
  }

  /** Moves a task with all below it; where prices move, what changes is shown before. */
  move(id: string, place: TreePlace): Promise<boolean> {
    return this.deed(this.moveTo(id, place));
  }

  private async moveTo(id: string, place: TreePlace): Promise<boolean> {
    const before = this.task(id);
    if (!before) return false;
    const back = { projectId: before.projectId, parentId: before.parentId, beforeId: this.nextTo(before) };
    if (!(await this.moved(id, place))) return false;
    this.undos.push({ what: `${before.name} moved`, run: () => done(this.moved(id, back)) });
    return true;
  }

  private async moved(id: string, place: TreePlace): Promise<boolean> {
    const before = this.task(id)!;
    const version = () => this.task(id)!.version;
    const within = before.projectId === place.projectId;
    // Among its own it stands there at once; what goes to another project may be priced anew.
    if (within) {
      const tasks = this.tasksOf(place.projectId);
      const placed = placeBranch<OutlineTask>(tasks, branchOf(tasks, id), place);
      if (placed.ok) this.put(placed.value);
    }
    const ask = (seen: string | null) =>
      this.api.call('moveTask', { params: { id }, version: version(), body: { ...place, seen } });
    const question = {
      ...{ title: `Move “${before.name}”?`, button: 'Move and price anew', kept: `“${before.name}” stays where it was.` },
      what: { one: 'goes along and is priced by what holds there', more: 'go along and are priced by what holds there' },
    };
    const asked = () => askSeen(this.dialogs, ask, question);
    const answer = await this.send(asked, [...new Set([before.projectId, place.projectId])]);
    if (!answer) return false;
    this.put(answer.tasks);
    return true;
  }

  /** Takes back what was done last. @returns what that was; empty where nothing is, or it was refused */
  undo(): Promise<string> {
    return this.deed(this.doing.then(() => this.takeBack()));
  }

  private takeBack(): Promise<string> {
    const last = this.undos.last();
    if (!last) return Promise.resolve('');
    return this.undos.take(last).then(
      () => last.what,
      () => '',
    );
  }

  /**
   * Adds what was pasted: projects below a client or department, tasks below a project or a task.
   * @param beforeId what it stands before there; null for the last
   * @returns how many lines there were; 0 for what has none
   */
  async paste(below: OutlineNode, text: string, beforeId: string | null = null): Promise<number> {
    const read = readOutline(text);
    if (read.length === 0) return 0;
    const ids = read.map(() => newId());
    const lines = parentsOf(read).map((parent, index) => ({
      ...{ id: ids[index]!, parentId: parent === null ? null : ids[parent]!, name: read[index]!.name },
      ...{ estimate: read[index]!.estimate ?? 0 },
    }));
    if (below.kind === 'client' || below.kind === 'department') {
      await this.addProjects(below, lines);
    } else {
      const projectId = below.task?.projectId ?? below.id;
      await this.unfold(projectId, 'project');
      await this.addTasks(projectId, { parentId: below.task?.id ?? null, beforeId }, lines);
    }
    return lines.length;
  }

  /** Adds a client with nothing below it yet. It stands there at once; where it was refused, until work is read again. */
  async addClient(id: string, name: string): Promise<boolean> {
    const client = { id, name, currency: this.me()!.firm.currency, archived: false };
    this.store.dispatch(workActions.workAdded({ client, projects: [], tasks: [] }));
    return (await this.send(() => this.api.call('createClient', { body: { id, name } }), [])) !== undefined;
  }

  /** Adds projects with their tasks to a client or to the firm itself. The projects stand there at once. */
  async addProjects(home: OutlineNode, lines: BodyOf<Endpoints['layDown']>['lines']): Promise<boolean> {
    const isClient = home.kind === 'client';
    const of = { clientId: isClient ? home.id : null, departmentId: isClient ? null : home.id };
    const usual = {
      ...{ code: '', orderReference: '', tone: 1, billable: isClient, managerId: this.me()!.person.id },
      ...{ state: '', open: true, takesTime: true, named: null, archived: false },
      ...{ startsOn: null, endsOn: null, complete: null },
    };
    const tops = lines.filter(({ parentId }) => parentId === null);
    const projects = tops.map(({ id, name }) => ({ id, ...of, name, shown: name, ...usual }));
    this.store.dispatch(workActions.workAdded({ client: null, projects, tasks: [] }));
    this.read.update((read) => new Map([...read, ...tops.map(({ id }): [string, OutlineTask[]] => [id, []])]));
    const client = isClient ? { id: home.id } : null;
    const made = await this.send((key) => this.api.call('layDown', { body: { client, lines }, key }), []);
    if (!made) return false;
    this.store.dispatch(workActions.workAdded(made));
    if (lines.length > tops.length) for (const { id } of tops) await this.readProject(id);
    return true;
  }
}

/** What is refused is told already, and stays to be taken back. @throws where it was not done */
async function done(work: Promise<boolean>): Promise<void> {
  if (!(await work)) throw new Error('refused');
}
