import { signal } from '@angular/core';
import type { Changes, Entry } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { codeOf, isAnswered, sentenceOf } from '../api/problem-error';
import { NOT_SENT, OTHER_THINGS, changedMeanwhile, readCell } from '../words/record';
import { EntryWrites } from './entry-writes';
import { Undo } from '../ui/undo-stack';
import { CellDraft, GridRow, Place, Seen, Target, cellKey, cellOf, pastedCells, placeOf } from './week-model';

/** How often a cell is sent again because its neighbours have moved its version. */
const TRIES = 3;

/**
 * What is typed into cells on its way to the server. A cell is written by what it is, one thing after the other; other
 * cells do not wait for it, and a block waits for all. What was typed stays in its cell until it is stored.
 */
export class CellWrites {
  private readonly all = signal<ReadonlyMap<string, CellDraft>>(new Map());
  readonly drafts = this.all.asReadonly();
  private readonly chains = new Map<string, Promise<void>>();
  private block: Promise<unknown> = Promise.resolve();

  /**
   * @param done tells what was done, and how it is taken back
   * @param next a number for what is typed now, by which it is taken back in order
   * @param text a length as the person reads it
   * @param written has everything read again
   */
  constructor(
    private readonly writes: EntryWrites,
    private readonly done: (undo: Undo, order: number, loud?: boolean) => void,
    private readonly next: () => number,
    private readonly text: (quantity: number) => string,
    private readonly written: () => void,
  ) {}

  /**
   * Types into a cell: records, changes or, when emptied, deletes.
   * @param seen what stood there when typing began
   * @returns what is wrong with it; nothing when it is on its way
   */
  type(target: Target, typed: string, seen: Seen | null): string {
    const read = readCell(typed);
    const draft = { target, text: typed.trim(), id: newId(), seen, order: this.next() };
    if ('sentence' in read) {
      this.put(placeOf(target), { ...draft, quantity: null, state: 'unread', sentence: read.sentence });
      return read.sentence;
    }
    this.send({ ...draft, quantity: read.quantity, state: 'saving', sentence: '' });
    return '';
  }

  /** Goes on with what was left; what was still on its way then may or may not have arrived. */
  take(drafts: readonly CellDraft[]): void {
    for (const draft of drafts)
      this.put(placeOf(draft.target), draft.state === 'saving' ? { ...draft, state: 'unsent', sentence: NOT_SENT } : draft);
  }

  /** Sends what nobody has answered to, each under its id, once its week is known. */
  retry(): void {
    for (const draft of this.all().values())
      if (draft.state === 'unsent' && this.writes.weekOn(draft.target.date))
        this.send({ ...draft, state: 'saving', sentence: '' });
  }

  /** Takes what was typed into a cell, and was refused, for good over what stands there. */
  insist(place: Place): void {
    const draft = this.all().get(cellKey(place));
    if (draft?.state !== 'refused') return;
    const now = this.entryIn(place);
    this.send({ ...draft, id: newId(), seen: seenOf(now), state: 'saving', sentence: '' });
  }

  /** Lets go of what was typed and could not be read or was refused. */
  forget(place: Place): void {
    const draft = this.all().get(cellKey(place));
    if (draft && draft.state !== 'saving') this.put(place, null);
  }

  /** Waits until nothing is on its way. */
  async idle(): Promise<void> {
    await Promise.all([this.block, ...this.chains.values()]);
  }

  /** Does something once nothing else is on its way; what is typed meanwhile waits for it. */
  alone<T>(work: () => Promise<T>): Promise<T> {
    const next = this.idle().then(work);
    this.block = next.catch(() => undefined);
    return next;
  }

  /** Empties cells: all that can be, in one step. */
  empty(targets: readonly Target[]): Promise<void> {
    return this.writeBlock(
      targets.map((target) => ({ target, quantity: 0, text: '' })),
      'emptied',
    );
  }

  /** Writes a block from a spreadsheet, its corner in a cell; @returns how many of its cells were skipped */
  paste(rows: readonly GridRow[], corner: { row: number; column: number }, clipboard: string): number {
    const cells: BlockCell[] = [];
    let skipped = 0;
    pastedCells(clipboard).forEach((line, down) =>
      line.forEach((typed, across) => {
        const row = rows[corner.row + down];
        const cell = row?.cells[corner.column + across];
        if (!row || !cell || typed === '') return;
        const read = readCell(typed);
        if ('sentence' in read || !cell.typeable) return void (skipped += 1);
        cells.push({ target: { row, date: cell.date }, quantity: read.quantity, text: typed });
      }),
    );
    void this.writeBlock(cells, 'pasted');
    return skipped;
  }

  private put(place: Place, draft: CellDraft | null): void {
    const key = cellKey(place);
    this.all.update((all) => {
      const next = new Map(all);
      if (draft) next.set(key, draft);
      else next.delete(key);
      return next;
    });
  }

  /** Puts something in the place of a draft, unless something newer was typed over it. */
  private settle(draft: CellDraft, then: CellDraft | null): void {
    const place = placeOf(draft.target);
    if (this.all().get(cellKey(place)) === draft) this.put(place, then);
  }

  private send(draft: CellDraft): void {
    const place = placeOf(draft.target);
    const key = cellKey(place);
    this.put(place, draft);
    const next = Promise.all([this.block, this.chains.get(key)]).then(() => this.save(draft));
    this.chains.set(key, next);
    void next.then(() => this.chains.get(key) === next && this.chains.delete(key));
  }

  private entryIn(place: Place): Entry | undefined {
    const week = this.writes.weekOn(place.date);
    return week && cellOf(week, place).entries[0];
  }

  private async save(draft: CellDraft): Promise<void> {
    try {
      const sentence = await this.write(draft, TRIES);
      this.settle(draft, sentence ? { ...draft, state: 'refused', sentence } : null);
      this.written();
    } catch (error) {
      await this.failed([draft], error);
    }
  }

  private async failed(drafts: readonly CellDraft[], error: unknown): Promise<void> {
    const answered = isAnswered(error);
    if (answered) await this.writes.reload();
    for (const draft of drafts) {
      // An earlier try may have arrived without its answer.
      const there = this.entryIn(placeOf(draft.target))?.quantity ?? 0;
      if (!answered) this.settle(draft, { ...draft, state: 'unsent', sentence: NOT_SENT });
      else this.settle(draft, there === draft.quantity ? null : { ...draft, state: 'refused', sentence: sentenceOf(error) });
    }
  }

  /** @returns what is wrong; nothing when the cell holds what was typed */
  private async write(draft: CellDraft, tries: number): Promise<string> {
    const { date } = draft.target;
    const place = placeOf(draft.target);
    const week = this.writes.weekOn(date)!;
    const quantity = draft.quantity!;
    const { entries, typeable } = cellOf(week, place);
    const [entry] = entries;
    if ((entry?.quantity ?? 0) === quantity && entries.length < 2) return '';
    if (entry && !typeable) return OTHER_THINGS;
    if (!this.isAsSeen(entry, draft.seen)) return changedMeanwhile(entry ? this.text(entry.quantity) : '');
    try {
      if (!entry) await this.record(week.personId, draft);
      else if (quantity === 0) await this.remove(entry, draft.order);
      else await this.change(entry, quantity, draft.order);
      return '';
    } catch (error) {
      // Its version moves when a neighbour changes what stands in its way; what somebody saw does not.
      if (!isStale(error) || tries === 0) throw error;
      this.writes.learn(error);
      return this.write(draft, tries - 1);
    }
  }

  /** Whether a cell holds what somebody saw when they began to type, or what was written here since. */
  private isAsSeen(now: Entry | undefined, seen: Seen | null): boolean {
    if (!now) return seen === null || this.writes.lastWritten(seen.id) === null;
    return (now.id === seen?.id && now.quantity === seen.quantity) || this.writes.lastWritten(now.id) === now.quantity;
  }

  private async record(personId: string, { target, quantity, id, order }: CellDraft): Promise<void> {
    const { projectId, taskId, serviceId, billable } = target.row;
    const facts = { date: target.date, projectId, taskId, serviceId, billable, quantity: quantity!, note: '' };
    const made = await this.writes.create({ id, personId, ...facts, origin: 'grid' });
    this.done(
      { what: `${this.text(made.quantity)} recorded`, run: () => this.toOwn([made.id], () => this.takeOut(made.id)) },
      order,
    );
  }

  private async change(entry: Entry, quantity: number, order: number): Promise<void> {
    await this.writes.change(entry.id, entry.version, { quantity });
    const back = () => this.writes.change(entry.id, this.versionNow(entry.id), { quantity: entry.quantity });
    this.done({ what: `${this.text(quantity)} recorded`, run: () => this.toOwn([entry.id], back) }, order);
  }

  private async remove(entry: Entry, order: number): Promise<void> {
    await this.writes.remove(entry.id, entry.version);
    this.done({ what: `${this.text(entry.quantity)} deleted`, run: () => this.writes.restore(entry.id) }, order, true);
  }

  private async takeOut(id: string): Promise<void> {
    if (this.writes.current(id)) await this.writes.remove(id, this.versionNow(id));
  }

  private versionNow(id: string): number {
    return this.writes.current(id)?.version ?? 0;
  }

  /** Does something to entries in their present versions, as long as they hold what was written here last. */
  private async toOwn<T>(ids: readonly string[], work: () => Promise<T>, tries = TRIES): Promise<T> {
    try {
      return await work();
    } catch (error) {
      this.writes.learn(error);
      const mine = ids.every((id) => this.writes.current(id)?.quantity === this.writes.lastWritten(id));
      if (!isStale(error) || !mine || tries === 0) throw error;
      return this.toOwn(ids, work, tries - 1);
    }
  }

  /** Writes several cells as one command with one way back. */
  private async writeBlock(cells: readonly BlockCell[], how: string): Promise<void> {
    const order = this.next();
    const drafts = cells.map(({ target, quantity, text }): CellDraft => {
      const seen = seenOf(this.entryIn(placeOf(target)));
      return { target, text, quantity, state: 'saving', sentence: '', id: newId(), seen, order };
    });
    drafts.forEach((draft) => this.put(placeOf(draft.target), draft));
    await this.alone(async () => {
      try {
        const sentence = await this.sendBlock(drafts, how, TRIES);
        for (const draft of drafts) this.settle(draft, sentence ? { ...draft, state: 'refused', sentence } : null);
        this.written();
      } catch (error) {
        await this.failed(drafts, error);
      }
    });
  }

  /** @returns what is wrong; nothing when all cells hold what was meant */
  private async sendBlock(drafts: readonly CellDraft[], how: string, tries: number): Promise<string> {
    const parts = drafts.map((draft) => this.partOf(draft));
    const wrong = parts.find((part) => typeof part === 'string');
    if (wrong) return wrong as string;
    const all = parts.filter((part) => part !== null) as Part[];
    if (all.length === 0) return '';
    const changes: Changes = {
      create: all.flatMap((part) => part.create ?? []),
      change: all.flatMap(({ entry, quantity }) =>
        entry && quantity > 0 ? [{ ...versionOf(entry), change: { quantity } }] : [],
      ),
      remove: all.flatMap(({ entry, quantity }) => (entry && quantity === 0 ? [versionOf(entry)] : [])),
    };
    try {
      await this.writes.many(changes);
    } catch (error) {
      if (!isStale(error) || tries === 0) throw error;
      this.writes.learn(error);
      return this.sendBlock(drafts, how, tries - 1);
    }
    const own = [...changes.create, ...changes.change].map(({ id }) => id);
    const run = () => this.toOwn(own, () => this.writes.many(this.back(changes, all)));
    this.done({ what: `${all.length} ${all.length === 1 ? 'cell' : 'cells'} ${how}`, run }, drafts[0]!.order, true);
    return '';
  }

  /** What one cell of a block has done to it: nothing (null), a sentence where it cannot be, or its part of the command. */
  private partOf({ target, id, seen, ...draft }: CellDraft): Part | string | null {
    const week = this.writes.weekOn(target.date)!;
    const quantity = draft.quantity ?? 0;
    const { entries, typeable } = cellOf(week, placeOf(target));
    const [entry] = entries;
    if ((entry?.quantity ?? 0) === quantity && entries.length < 2) return null;
    if (entry && !typeable) return OTHER_THINGS;
    if (!this.isAsSeen(entry, seen)) return changedMeanwhile(entry ? this.text(entry.quantity) : '');
    if (entry) return { entry, quantity };
    const { projectId, taskId, serviceId, billable } = target.row;
    const work = { projectId, taskId, serviceId, billable };
    const { personId } = week;
    return { create: { id, personId, date: target.date, ...work, quantity, note: '', origin: 'grid' }, quantity };
  }

  private back(changes: Changes, parts: readonly Part[]): Changes {
    const now = (id: string) => ({ id, version: this.versionNow(id) });
    const before = new Map(parts.flatMap(({ entry }) => (entry ? [[entry.id, entry.quantity]] : [])));
    return {
      create: [],
      change: changes.change.map(({ id }) => ({ ...now(id), change: { quantity: before.get(id)! } })),
      remove: changes.create.map(({ id }) => now(id)),
      restore: changes.remove.map(({ id }) => id),
    };
  }
}

interface Part {
  readonly entry?: Entry;
  readonly create?: Changes['create'][number];
  readonly quantity: number;
}

interface BlockCell {
  readonly target: Target;
  readonly quantity: number;
  readonly text: string;
}

function isStale(error: unknown): boolean {
  return codeOf(error) === 'version-stale' || codeOf(error) === 'entries-stale';
}

function versionOf({ id, version }: Entry) {
  return { id, version };
}

function seenOf(entry: Entry | undefined): Seen | null {
  return entry ? { id: entry.id, quantity: entry.quantity } : null;
}
