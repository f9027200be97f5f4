import { Injectable, computed, inject, signal } from '@angular/core';
import { TreePlace, readOutline } from '@yellowwood/core';
import { v7 as newId } from 'uuid';
import { NewRow, OutlineNode } from './outline-node';
import { OutlineState } from './outline-state';

/** The last place there is. */
const LAST = { parentId: null, beforeId: null, afterId: null } as const;

/** What is typed in the outline: names of new rows and of those that are there, and where they go from there. */
@Injectable()
export class OutlineEdits {
  private readonly state = inject(OutlineState);
  /** The row whose name is being changed. */
  readonly editing = signal<string | null>(null);
  /** What was typed for the new row before it went elsewhere. */
  readonly typed = signal('');
  private readonly rows = this.state.rows;
  private readonly byId = computed(() => new Map(this.rows().map((row) => [row.id, row])));

  node(id: string | null): OutlineNode | undefined {
    return id === null ? undefined : this.byId().get(id);
  }

  /** Those beside a row, in their order. */
  private beside({ parent, kind }: OutlineNode): OutlineNode[] {
    return this.rows().filter((row) => row.parent === parent && row.kind === kind);
  }

  private neighbour(node: OutlineNode, by: 1 | -1): OutlineNode | undefined {
    const beside = this.beside(node);
    return beside[beside.findIndex(({ id }) => id === node.id) + by];
  }

  /** Begins a new row after one: beside a project or a task, below a client. */
  begin(after: OutlineNode): void {
    if (after.kind === 'client' || after.kind === 'department') {
      void this.state.unfold(after.id, after.kind);
      this.open({ ...LAST, kind: 'project', of: after.id });
    } else if (after.kind === 'project') {
      this.open({ ...LAST, kind: 'project', of: after.parent!, afterId: after.id });
    } else {
      const task = after.task!;
      const { projectId: of, parentId } = task;
      this.open({ ...LAST, kind: 'task', of, parentId, beforeId: this.state.nextTo(task) });
    }
  }

  /** Begins a new client, above all others. */
  beginClient(): void {
    this.open({ ...LAST, kind: 'client', of: '' });
  }

  private open(row: Omit<NewRow, 'id'>, text = '', id = newId()): void {
    this.editing.set(null);
    this.typed.set(text);
    this.state.newRow.set({ ...row, id });
  }

  /** Ends the new row. @returns the row beside which it stood, to go on from */
  drop(): string | null {
    const row = this.state.newRow();
    if (!row) return null;
    const rows = this.rows();
    const before = rows[rows.findIndex(({ id }) => id === row.id) - 1]?.id ?? null;
    this.state.newRow.set(null);
    return before;
  }

  /**
   * Takes what was typed as something new. It stands there at once, so that the next can be typed and taken further in.
   * @returns whether there was anything
   */
  async take(text: string, goesOn: boolean): Promise<boolean> {
    const row = this.state.newRow();
    const [line] = readOutline(text);
    if (!row || !line) return false;
    const { id, kind, of, parentId, beforeId } = row;
    this.state.newRow.set(null);
    const lines = [{ id, parentId: null, name: line.name, estimate: line.estimate ?? 0 }];
    if (kind === 'client') {
      const sent = this.state.addClient(id, line.name);
      if (goesOn) this.begin(this.node(id)!);
      await sent;
    } else if (kind === 'project') {
      const home = this.node(of);
      const sent = home && this.state.addProjects(home, lines);
      if (home && goesOn) this.open({ ...row, afterId: id });
      await sent;
    } else {
      const sent = this.state.addTasks(of, { parentId, beforeId }, lines);
      if (goesOn) this.open(row);
      await sent;
    }
    return true;
  }

  /** Takes the new row one level further in or out, with what was typed: it stays the same row, so that no key is lost. */
  async turnNew(inwards: boolean, text: string): Promise<void> {
    const row = this.state.newRow();
    const node = row && this.node(row.id);
    if (!row || !node) return;
    const before = this.neighbour(node, -1);
    if (inwards && before) {
      const task = before.task;
      // Read first, so that it comes after what is there.
      await this.state.unfold(before.id, before.kind);
      const of = task?.projectId ?? before.id;
      return this.open({ ...LAST, kind: 'task', of, parentId: task?.id ?? null }, text, row.id);
    }
    const above = this.node(node.parent);
    if (!inwards && row.kind === 'task' && above) {
      if (!above.task) return this.open({ ...LAST, kind: 'project', of: above.parent!, afterId: above.id }, text, row.id);
      const { projectId: of, parentId } = above.task;
      return this.open({ ...LAST, kind: 'task', of, parentId, beforeId: this.state.nextTo(above.task) }, text, row.id);
    }
    // There is nothing to go into or out of: it goes on where it is.
    this.open(row, text, row.id);
  }

  /** Names a row otherwise; a time at the end is its estimate. */
  async rename(node: OutlineNode, text: string): Promise<void> {
    const [line] = readOutline(text);
    if (!line || !node.task) return;
    await this.state.change(node.id, { name: line.name, ...(line.estimate !== null && { estimate: line.estimate }) });
  }

  /** Where a task goes by a step in the outline; null where there is nowhere to go. */
  step(node: OutlineNode, way: 'up' | 'down' | 'in' | 'out'): TreePlace | null {
    const task = node.task;
    if (!task) return null;
    const own = { projectId: task.projectId, parentId: task.parentId };
    const [before, after] = [this.neighbour(node, -1)?.task, this.neighbour(node, 1)?.task];
    if (way === 'up') return before ? { ...own, beforeId: before.id } : null;
    if (way === 'down') return after ? { ...own, beforeId: this.state.nextTo(after) } : null;
    if (way === 'in') return before ? { ...own, parentId: before.id, beforeId: null } : null;
    const above = task.parentId === null ? undefined : this.state.task(task.parentId);
    return above ? { projectId: task.projectId, parentId: above.parentId, beforeId: this.state.nextTo(above) } : null;
  }
}
