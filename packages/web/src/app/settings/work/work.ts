import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import { OwnWords, SayPipe } from '../../state/own-words';
import { ScopeNode, WorkAdded, workFeature } from '../../state/work';
import { hasWords, wordsOf } from '../../ui/plain-text';
import { CellTemplate } from '../../ui/table/cell-template';
import { Column } from '../../ui/table/column';
import { Table } from '../../ui/table/table';
import { LayDown } from './lay-down';

/** Clients with their projects and tasks, and how more of them are added. */
@Component({
  selector: 'yw-work',
  imports: [CellTemplate, LayDown, MatButton, SayPipe, Table],
  templateUrl: './work.html',
  styleUrl: './work.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WorkScreen {
  private readonly store = inject(Store);
  private readonly say = inject(OwnWords).say;
  private readonly tree = this.store.selectSignal(workFeature.selectTree);
  private readonly projects = this.store.selectSignal(workFeature.selectProjectEntities);
  private readonly tasks = this.store.selectSignal(workFeature.selectTaskEntities);
  private readonly names = this.store.selectSignal(workFeature.selectPeopleNames);
  private readonly known = this.store.selectSignal(workFeature.selectKnown);
  protected readonly adding = signal(false);
  protected readonly told = signal('');
  protected readonly find = signal('');
  protected readonly idOf = ({ id }: ScopeNode) => id;
  protected readonly parentOf = ({ parent }: ScopeNode) => parent;
  protected readonly isClosed = ({ closed }: ScopeNode) => closed;
  private readonly all = computed(() => this.tree().filter(({ kind }) => kind !== 'people' && kind !== 'person'));
  private readonly nodes = computed(() => new Map(this.all().map((node) => [node.id, node])));
  /** All that is found, each with what it lies below. */
  protected readonly found = computed(() => {
    if (!this.known()) return null;
    const words = wordsOf(this.find());
    const all = this.all();
    if (words.length === 0) return all;
    const nodes = this.nodes();
    const shown = new Set<string>();
    for (const node of all)
      if (hasWords(node.called, words))
        for (let at: ScopeNode | undefined = node; at && !shown.has(at.id); at = nodes.get(at.parent ?? '')) shown.add(at.id);
    return all.filter(({ id }) => shown.has(id));
  });
  protected readonly summary = computed(() => {
    const count = (kind: ScopeNode['kind'], word: string) => {
      const number = this.all().filter((node) => node.kind === kind).length;
      return `${number} ${this.say(number === 1 ? word : `${word}s`)}`;
    };
    return [count('client', 'client'), count('project', 'project'), count('task', 'task')].join(', ');
  });
  protected readonly columns = computed((): readonly Column<ScopeNode>[] => [
    { id: 'name', head: 'Name', kind: 'text', value: ({ name }) => name },
    { id: 'kind', head: 'Kind', kind: 'text', groups: true, choice: 'shown', width: 120, value: (node) => this.kindOf(node) },
    {
      ...{ id: 'client', head: 'Client', kind: 'text', groups: true, choice: 'hidden', width: 150 },
      value: (node) => this.above(node, 'client', 'department'),
    },
    {
      ...{ id: 'project', head: 'Project', kind: 'text', groups: true, choice: 'hidden', width: 150 },
      value: (node) => this.above(node, 'project'),
    },
    {
      ...{ id: 'code', head: 'Code', kind: 'text', choice: 'shown', width: 110 },
      value: ({ id }) => this.projects()[id]?.code ?? null,
    },
    {
      ...{ id: 'manager', head: 'Manager', kind: 'text', groups: true, choice: 'shown', width: 150 },
      value: ({ id }) => this.names().get(this.projects()[id]?.managerId ?? '') ?? null,
    },
    {
      ...{ id: 'state', head: 'State', kind: 'text', groups: true, choice: 'shown', width: 90 },
      value: (node) => (node.kind === 'project' || node.kind === 'task' ? (node.closed ? 'done' : 'open') : null),
    },
  ]);

  /** What of a kind a row is, or lies below: said of a row that stands alone, in a filter or a file. */
  private above(node: ScopeNode, ...kinds: readonly ScopeNode['kind'][]): string | null {
    for (let at: ScopeNode | undefined = node; at; at = this.nodes().get(at.parent ?? ''))
      if (kinds.includes(at.kind)) return at.name;
    return null;
  }

  private kindOf({ id, kind }: ScopeNode): string {
    return this.say(kind === 'task' ? (this.tasks()[id]?.kind ?? 'task') : kind);
  }

  protected laid({ projects, tasks }: WorkAdded): void {
    const names = projects.map(({ name }) => name).join(', ');
    const below = tasks.length === 0 ? '' : `, with ${tasks.length} ${this.say(tasks.length === 1 ? 'task' : 'tasks')}`;
    this.told.set(`${names} ${projects.length === 1 ? 'is' : 'are'} added${below}.`);
  }
}
