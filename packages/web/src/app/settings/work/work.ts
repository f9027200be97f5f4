import {
  ChangeDetectionStrategy,
  Component,
  Injector,
  afterNextRender,
  computed,
  inject,
  signal,
  viewChild,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import type { TreePlace } from '@yellowwood/core';
import { sessionFeature } from '../../state/session';
import { OwnWords, SayPipe } from '../../state/own-words';
import type { ScopeNode, WorkAdded } from '../../state/work';
import { Escaped } from '../../ui/escaped';
import { Failure } from '../../ui/failure';
import { WorkNames } from '../../ui/work-names';
import { NotFetched } from '../../ui/not-fetched';
import { CellTemplate } from '../../ui/table/cell-template';
import { Column } from '../../ui/table/column';
import { Table } from '../../ui/table/table';
import { LayDown } from './lay-down';
import { NameBox } from './name-box';
import { OutlineEdits } from './outline-edits';
import { OutlineNode } from './outline-node';
import { OutlineState } from './outline-state';
import { ClientPanel } from './client-panel';
import { ProjectPanel } from './project-panel';
import { TaskPanel } from './task-panel';

/** What is told of what is in the archive, whatever else is said of it. */
const IN_ARCHIVE = 'in the archive';

/** Clients with their projects and tasks, as an outline that is edited by keys, by dragging, and beside it. */
@Component({
  selector: 'yw-work',
  imports: [
    ...[CellTemplate, ClientPanel, Escaped, Failure, LayDown, MatButton, NameBox, NotFetched, ProjectPanel, SayPipe, Table],
    TaskPanel,
  ],
  templateUrl: './work.html',
  styleUrl: './work.scss',
  providers: [OutlineState, OutlineEdits],
  host: { '(paste)': 'pasteInto($event)' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WorkScreen {
  private readonly store = inject(Store);
  private readonly injector = inject(Injector);
  protected readonly state = inject(OutlineState);
  protected readonly edits = inject(OutlineEdits);
  private readonly say = inject(OwnWords).say;
  private readonly names = inject(WorkNames);
  private readonly rights = this.store.selectSignal(sessionFeature.selectRights);
  protected readonly changes = computed(() => this.rights()['work.change'] !== undefined);
  private readonly table = viewChild.required<Table<OutlineNode>>(Table);
  protected readonly adding = signal(false);
  protected readonly told = signal('');
  /** What stands beside the outline. */
  protected readonly chosen = signal<string | null>(null);
  protected readonly beside = computed(() => {
    const node = this.edits.node(this.chosen());
    return node?.kind === 'department' ? undefined : node;
  });
  protected readonly dragged = signal<string | null>(null);
  protected readonly over = signal<string | null>(null);
  protected readonly idOf = ({ id }: OutlineNode) => id;
  protected readonly parentOf = ({ parent }: OutlineNode) => parent;
  protected readonly isClosed = ({ closed }: OutlineNode) => closed;
  protected readonly unfoldedOf = ({ unfolded }: OutlineNode) => unfolded;
  protected readonly rows = computed(() => (this.state.known() ? this.state.rows() : null));
  protected readonly summary = computed(() => {
    const counts = this.state.work.counts();
    if (!counts) return '';
    const count = (number: number, word: string) => `${number} ${this.say(number === 1 ? word : `${word}s`)}`;
    return `${count(counts.clients, 'client')}, ${count(counts.projects, 'project')}`;
  });
  protected readonly columns = computed((): readonly Column<OutlineNode>[] => [
    { id: 'name', head: 'Name', kind: 'text', value: ({ name }) => name },
    { id: 'kind', head: 'Kind', kind: 'text', choice: 'shown', width: 110, value: (node) => this.kindOf(node) },
    {
      ...{ id: 'client', head: 'Client', kind: 'text', choice: 'hidden', width: 150 },
      value: (node) => this.above(node, 'client', 'department'),
    },
    {
      ...{ id: 'project', head: 'Project', kind: 'text', choice: 'hidden', width: 150 },
      value: (node) => this.above(node, 'project'),
    },
    {
      ...{ id: 'estimate', head: 'Estimate', kind: 'hours', choice: 'shown', width: 90 },
      value: ({ task }) => task?.estimate || null,
    },
    {
      ...{ id: 'code', head: 'Code', kind: 'text', choice: 'shown', width: 100 },
      value: (node) => this.factsOf(node)?.code ?? null,
    },
    {
      ...{ id: 'manager', head: 'Manager', kind: 'text', groups: true, choice: 'shown', width: 140 },
      value: (node) => this.names.person(this.factsOf(node)?.managerId ?? null) || null,
    },
    {
      ...{ id: 'records', head: 'Who records', kind: 'text', groups: true, choice: 'hidden', width: 120 },
      value: (node) => this.recordersOf(node),
    },
    {
      ...{ id: 'begins', head: 'Begins', kind: 'date', choice: 'hidden', width: 110 },
      value: (node) => this.factsOf(node)?.startsOn ?? null,
    },
    {
      ...{ id: 'ends', head: 'Ends', kind: 'date', choice: 'hidden', width: 110 },
      value: (node) => this.factsOf(node)?.endsOn ?? null,
    },
    {
      ...{ id: 'complete', head: 'Complete, %', kind: 'count', choice: 'hidden', width: 100 },
      value: (node) => this.factsOf(node)?.complete ?? null,
    },
    {
      ...{ id: 'state', head: 'State', kind: 'text', groups: true, choice: 'shown', width: 100 },
      value: (node) => this.stateOf(node),
    },
  ]);

  /** What of a kind a row is, or lies below: said of a row that stands alone, in a filter or a file. */
  private above(node: OutlineNode, ...kinds: readonly OutlineNode['kind'][]): string | null {
    for (let at: OutlineNode | undefined = node; at; at = this.edits.node(at.parent)) if (kinds.includes(at.kind)) return at.name;
    return null;
  }

  private factsOf({ id, kind, isNew }: OutlineNode) {
    return kind === 'project' && !isNew ? this.names.projectOf(id) : undefined;
  }

  private stateOf({ id, kind, closed, task, isNew }: OutlineNode): string | null {
    if (task) return closed ? 'done' : 'open';
    if (isNew) return null;
    if (kind === 'project') {
      const project = this.names.projectOf(id);
      return (project?.archived ? IN_ARCHIVE : project?.state) || null;
    }
    return closed ? IN_ARCHIVE : null;
  }

  private recordersOf(node: OutlineNode): string | null {
    const project = this.factsOf(node);
    if (!project) return null;
    const { teams, people } = project.named ?? { teams: 0, people: 0 };
    const count = (number: number, one: string, more: string) => (number === 0 ? [] : [`${number} ${number === 1 ? one : more}`]);
    const named = [...count(teams, 'team', 'teams'), ...count(people, 'person', 'people')].join(', ');
    return project.named ? named || 'its manager' : 'everyone';
  }

  private kindOf({ kind, task }: OutlineNode): string {
    return this.say(task?.kind ?? kind);
  }

  protected moreOf({ parent }: ScopeNode): string {
    const of = this.edits.node(parent)?.name;
    return of ? `${this.say('Show more projects')} of ${of}` : this.say('Show more clients');
  }

  protected placeholderOf({ kind }: OutlineNode): string {
    return this.say(kind === 'task' ? 'Name of a task, then its time' : `Name of a ${kind}`);
  }

  protected laid({ projects, tasks }: WorkAdded): void {
    const names = projects.map(({ name }) => name).join(', ');
    const below = tasks.length === 0 ? '' : `, with ${tasks.length} ${this.say(tasks.length === 1 ? 'task' : 'tasks')}`;
    this.told.set(`${names} ${projects.length === 1 ? 'is' : 'are'} added${below}.`);
    for (const { id } of projects) void this.state.unfold(id, 'project');
  }

  /** The row that has the focus, or holds what has it. */
  private current(): OutlineNode | undefined {
    return this.edits.node(document.activeElement?.closest('tr')?.dataset['key'] ?? null);
  }

  /** Puts the focus on a row once it is drawn. */
  private focus(id: string | null): void {
    afterNextRender({ read: () => this.table().focus.to(id) }, { injector: this.injector });
  }

  /** Brings the focus back to a row that was drawn anew; whoever has gone on meanwhile is not called back. */
  private keepFocus(id: string | null): void {
    const lost = () => document.activeElement === null || document.activeElement === document.body;
    afterNextRender({ read: () => lost() && this.table().focus.to(id) }, { injector: this.injector });
  }

  protected key({ event, row }: { event: KeyboardEvent; row: OutlineNode }): void {
    if (!this.changes() || event.target !== event.currentTarget) return;
    const deed = this.deedOf(event, row);
    if (!deed) return;
    event.preventDefault();
    void deed();
  }

  private deedOf(event: KeyboardEvent, row: OutlineNode): (() => unknown) | undefined {
    const steps = { ArrowUp: 'up', ArrowDown: 'down', ArrowRight: 'in', ArrowLeft: 'out' } as const;
    const control = event.ctrlKey || event.metaKey;
    if (control && event.key === 'z') return () => this.undo();
    if (event.altKey && event.key === 'Enter') return () => this.chosen.set(row.id);
    if (event.altKey && event.key in steps && row.task) return () => this.step(row, steps[event.key as keyof typeof steps]);
    if (control || event.altKey || event.shiftKey) return undefined;
    if (event.key === 'Enter') return () => this.edits.begin(row);
    if (event.key === 'F2' && row.task) return () => this.edits.editing.set(row.id);
    if (event.key === 'Delete' && row.task) return () => this.state.remove(row.id);
    if (event.key === ' ' && row.task) return () => this.state.change(row.id, { open: row.closed });
    return undefined;
  }

  private async step(row: OutlineNode, way: 'up' | 'down' | 'in' | 'out'): Promise<void> {
    const place = this.edits.step(row, way);
    if (!place) return;
    if (place.parentId) void this.state.unfold(place.parentId, 'task');
    const moved = this.state.move(row.id, place);
    this.focus(row.id);
    await moved;
    this.keepFocus(row.id);
  }

  private async undo(): Promise<void> {
    const id = this.current()?.id ?? null;
    const what = await this.state.undo();
    if (what) this.told.set(`Taken back: ${what}.`);
    this.keepFocus(id);
  }

  protected async entered(node: OutlineNode, text: string): Promise<void> {
    if (node.isNew) {
      const taken = this.edits.take(text, true);
      if (!(await taken)) this.focus(this.edits.drop());
      return;
    }
    this.edits.editing.set(null);
    this.focus(node.id);
    await this.edits.rename(node, text);
  }

  protected async left(node: OutlineNode, text: string): Promise<void> {
    this.edits.editing.set(null);
    if (!node.isNew) return this.edits.rename(node, text);
    if (!(await this.edits.take(text, false))) this.edits.drop();
  }

  protected dropped(node: OutlineNode): void {
    this.edits.editing.set(null);
    this.focus(node.isNew ? this.edits.drop() : node.id);
  }

  protected async turnedBy(node: OutlineNode, { inwards, text }: { inwards: boolean; text: string }): Promise<void> {
    if (node.isNew) return this.edits.turnNew(inwards, text);
    const place = this.edits.step(node, inwards ? 'in' : 'out');
    await this.edits.rename(node, text);
    // Its name is typed on while it moves.
    if (place) await this.state.move(node.id, place);
  }

  protected async pastedInto(node: OutlineNode, text: string): Promise<void> {
    const below = node.isNew ? this.edits.node(node.parent) : node;
    const beforeId = (node.isNew && this.state.newRow()?.beforeId) || null;
    this.edits.editing.set(null);
    this.edits.drop();
    if (below) await this.paste(below, text, beforeId);
  }

  protected pasteInto(event: ClipboardEvent): void {
    const row = this.current();
    const text = event.clipboardData?.getData('text/plain') ?? '';
    if (!this.changes() || !row || event.target !== document.activeElement?.closest('tr') || text.trim() === '') return;
    event.preventDefault();
    void this.paste(row, text);
  }

  private async paste(below: OutlineNode, text: string, beforeId: string | null = null): Promise<void> {
    const lines = await this.state.paste(below, text, beforeId);
    if (lines === 0) this.state.command.refuse('There is no name in what was pasted. Copy a line for each thing.');
    this.keepFocus(below.id);
  }

  /** Where the pointer is over a row: before it, or with the lower half below it. */
  protected dragOver(event: DragEvent, node: OutlineNode): void {
    if (this.dragged() === null || node.kind === 'client' || node.kind === 'department') return;
    event.preventDefault();
    this.over.set(node.id);
  }

  protected async drop(event: DragEvent, node: OutlineNode): Promise<void> {
    const [id, over] = [this.dragged(), this.over()];
    this.dragged.set(null);
    this.over.set(null);
    if (id === null || id === node.id || over !== node.id) return;
    event.preventDefault();
    await this.state.move(id, this.dropPlace(event, node));
    this.keepFocus(id);
  }

  private dropPlace({ clientY, currentTarget }: DragEvent, node: OutlineNode): TreePlace {
    if (!node.task) return { projectId: node.id, parentId: null, beforeId: null };
    const { top, height } = (currentTarget as Element).getBoundingClientRect();
    const { projectId, parentId, id } = node.task;
    return clientY < top + height / 2 ? { projectId, parentId, beforeId: id } : { projectId, parentId: id, beforeId: null };
  }

  protected open(row: OutlineNode): void {
    if (row.kind !== 'department' && !row.isNew && (row.kind !== 'client' || this.changes())) this.chosen.set(row.id);
  }

  protected close(): void {
    const id = this.chosen();
    this.chosen.set(null);
    this.focus(id);
  }

  /** A copy stands beside the list at once, to be made its own. */
  protected showCopy(made: WorkAdded): void {
    this.laid(made);
    this.chosen.set(made.projects[0]!.id);
    this.focus(made.projects[0]!.id);
  }

  /** What stood beside it is there no more: on with what it lay below, or with the row before it. */
  protected closeGone(): void {
    const rows = this.rows() ?? [];
    const at = rows.findIndex(({ id }) => id === this.chosen());
    // It may be out of the list by what is sought there.
    const parent = this.edits.node(this.chosen())?.parent;
    const next = parent ?? rows[at <= 0 ? at + 1 : at - 1]?.id ?? null;
    this.chosen.set(null);
    this.focus(next);
  }
}
