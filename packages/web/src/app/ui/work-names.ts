import { DestroyRef, Injectable, effect, inject, untracked } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { Actions, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import { debounceTime } from 'rxjs';
import { Api } from '../api/api';
import { OwnWords } from '../state/own-words';
import { Refresh } from '../state/refresh';
import { sessionFeature } from '../state/session';
import { Client, Department, KnownPerson, Project, Task, workActions, workFeature } from '../state/work';

/** How many names are asked for at once. */
const AT_ONCE = 100;
/** How long somebody pauses before what they changed is read again, in milliseconds. */
const PAUSE = 1000;
/** What stands for a name that is on its way. */
const COMING = '…';

/**
 * What work and people are called. What is not known yet is asked for, all that a page shows at once, and stands there when it
 * has come; the page never holds all the work of a firm.
 */
@Injectable({ providedIn: 'root' })
export class WorkNames {
  private readonly api = inject(Api);
  private readonly say = inject(OwnWords).say;
  private readonly store = inject(Store);
  private readonly clients = this.store.selectSignal(workFeature.selectClientEntities);
  private readonly departments = this.store.selectSignal(workFeature.selectDepartmentEntities);
  private readonly projects = this.store.selectSignal(workFeature.selectProjectEntities);
  private readonly tasks = this.store.selectSignal(workFeature.selectTaskEntities);
  private readonly services = this.store.selectSignal(workFeature.selectServiceEntities);
  private readonly people = this.store.selectSignal(workFeature.selectPersonEntities);
  private readonly unseen = this.store.selectSignal(workFeature.selectUnseen);
  private readonly rights = this.store.selectSignal(sessionFeature.selectRights);
  private readonly wanted = new Set<string>();
  private sending = false;
  private due = false;

  constructor() {
    const refresh = inject(Refresh);
    // What could not be told is asked for again.
    effect(() => {
      refresh.tick();
      untracked(() => this.soon());
    });
    const actions = inject(Actions);
    const ends = takeUntilDestroyed(inject(DestroyRef));
    actions.pipe(ofType(workActions.firmOpened), ends).subscribe(() => this.wanted.clear());
    actions.pipe(ofType(workActions.workOutdated), debounceTime(PAUSE), takeUntilDestroyed(inject(DestroyRef))).subscribe(() => {
      this.renew();
    });
  }

  /** A project; null where it is not one's own to see, undefined while it is on its way. */
  projectOf(id: string | null | undefined): Project | null | undefined {
    return this.of('project', this.projects(), id);
  }

  taskOf(id: string | null | undefined): Task | null | undefined {
    return this.of('task', this.tasks(), id);
  }

  clientOf(id: string | null | undefined): Client | null | undefined {
    return this.of('client', this.clients(), id);
  }

  departmentOf(id: string | null | undefined): Department | null | undefined {
    return this.of('department', this.departments(), id);
  }

  /** Somebody, for those who read the time of others, or name them beside work; null otherwise. */
  personOf(id: string | null | undefined): KnownPerson | null | undefined {
    const { 'time.read': reach, 'work.change': names } = this.rights();
    return names === undefined && (reach === undefined || reach === 'own') ? null : this.of('person', this.people(), id);
  }

  project(id: string | null): string {
    if (!id) return this.say('No project yet');
    const project = this.projectOf(id);
    return project === undefined ? COMING : (project?.name ?? this.say('a project that you cannot see'));
  }

  /** For whom a project is, or whose it is within the firm. */
  homeOf(project: Pick<Project, 'clientId' | 'departmentId'>): string {
    const home = project.clientId ? this.clientOf(project.clientId) : this.departmentOf(project.departmentId);
    return home?.name ?? '';
  }

  /** Whose time it is; empty where only one's own is in reach. */
  person(id: string | null): string {
    return this.personOf(id)?.name ?? '';
  }

  tone(id: string | null): number {
    return this.projectOf(id)?.tone ?? 9;
  }

  task(id: string | null): string {
    const task = this.taskOf(id);
    return task === undefined && id ? COMING : (task?.name ?? '');
  }

  /** The names of a task and of those that it lies below, from the top. */
  pathOf(id: string | null): string[] {
    const task = this.taskOf(id);
    return task ? [...this.pathOf(task.parentId), task.name] : [];
  }

  service(id: string | null): string {
    return id ? (this.services()[id]?.name ?? '') : '';
  }

  /** Task and service in one line: `Condition survey, site survey`. */
  detail(taskId: string | null, serviceId: string | null): string {
    const service = this.service(serviceId);
    return [this.task(taskId), this.task(taskId) ? service.toLowerCase() : service].filter(Boolean).join(', ');
  }

  private of<T>(
    kind: string,
    known: Readonly<Record<string, T | undefined>>,
    id: string | null | undefined,
  ): T | null | undefined {
    if (!id) return undefined;
    const found = known[id];
    if (found) return found;
    const scope = `${kind}:${id}`;
    if (this.unseen()[scope]) return null;
    this.wanted.add(scope);
    this.soon();
    return undefined;
  }

  /** What is drawn at once is asked for at once. */
  private soon(): void {
    if (this.due || this.wanted.size === 0) return;
    this.due = true;
    queueMicrotask(() => {
      this.due = false;
      void this.send();
    });
  }

  private async send(): Promise<void> {
    if (this.sending) return;
    this.sending = true;
    try {
      while (this.wanted.size > 0) await this.ask([...this.wanted].slice(0, AT_ONCE));
    } catch {
      // They are asked for again at the next refresh.
    } finally {
      this.sending = false;
    }
  }

  private async ask(asked: readonly string[]): Promise<void> {
    const known = await this.api.call('readNames', { query: { of: asked.join(',') } });
    for (const scope of asked) this.wanted.delete(scope);
    this.store.dispatch(workActions.workLearned({ known, asked }));
  }

  /** Asks anew for all that is known: names may be others by now. */
  private renew(): void {
    for (const id of Object.keys(this.projects())) this.wanted.add(`project:${id}`);
    for (const id of Object.keys(this.tasks())) this.wanted.add(`task:${id}`);
    this.soon();
  }
}
