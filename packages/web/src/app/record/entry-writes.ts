import type { BodyOf, Changes, Endpoints, Entry, EntryChange, Timesheet } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { ProblemError } from '../api/problem-error';

/** Where a week is shown. */
export interface ShownWeek {
  readonly week: () => Timesheet | null;
  set(week: Timesheet): void;
  reload(): Promise<void>;
}

/**
 * Writes entries and shows at once what came of it. Every function throws what the server refuses with, and leaves to
 * its caller what is told.
 */
export class EntryWrites {
  /** Weeks that were looked at: what is still being sent may belong to one that was left. */
  private readonly weeks = new Map<string, Timesheet>();
  /** What was written here last, by entry: the length, or null for what was deleted. */
  private readonly written = new Map<string, number | null>();

  constructor(
    private readonly api: Api,
    private readonly shown: ShownWeek,
    /** Why somebody else's time is changed; empty for one's own. */
    private readonly why: () => string = () => '',
  ) {}

  /** Keeps a week that was read. */
  remember(week: Timesheet): void {
    this.weeks.set(week.from, week);
  }

  weekOn(date: string): Timesheet | undefined {
    const now = this.shown.week();
    return [...(now ? [now] : []), ...this.weeks.values()].find((week) => week.from <= date && week.to >= date);
  }

  /** An entry as it is known now. */
  current(id: string): Entry | undefined {
    const now = this.shown.week();
    return [...(now ? [now] : []), ...this.weeks.values()].flatMap((week) => week.entries).find((entry) => entry.id === id);
  }

  /** The length that was written here last; null for deleted, undefined for never. */
  lastWritten(id: string): number | null | undefined {
    return this.written.get(id);
  }

  /** Shows what a refusal says is there now, where it says so. */
  learn(error: unknown): void {
    const current = error instanceof ProblemError ? error.problem.current : null;
    if (current) this.put([current].flat() as Entry[], []);
  }

  reload(): Promise<void> {
    return this.shown.reload();
  }

  async create(body: BodyOf<Endpoints['createEntry']>): Promise<Entry> {
    return this.show(await this.api.call('createEntry', { body: { ...body, ...this.reason() } }));
  }

  async change(id: string, version: number, body: EntryChange): Promise<Entry> {
    return this.show(await this.api.call('changeEntry', { params: { id }, version, body: { ...body, ...this.reason() } }));
  }

  async remove(id: string, version: number): Promise<void> {
    await this.api.call('deleteEntry', { params: { id }, version, query: this.reason() });
    this.showAll([], [id]);
  }

  async restore(id: string): Promise<Entry> {
    return this.show(await this.api.call('restoreEntry', { params: { id } }));
  }

  /** Several at once: all or none. */
  async many(changes: Changes): Promise<Entry[]> {
    const why = this.reason();
    const { entries } = await this.api.call('changeEntries', {
      body: {
        ...changes,
        create: changes.create.map((one) => ({ ...one, ...why })),
        change: changes.change.map((one) => ({ ...one, change: { ...one.change, ...why } })),
        remove: changes.remove.map((one) => ({ ...one, ...why })),
      },
    });
    this.showAll(
      entries,
      changes.remove.map(({ id }) => id),
    );
    return entries;
  }

  private reason(): { reason?: string } {
    const reason = this.why().trim();
    return reason ? { reason } : {};
  }

  private show(entry: Entry): Entry {
    this.showAll([entry], []);
    return entry;
  }

  private showAll(entries: readonly Entry[], gone: readonly string[]): void {
    gone.forEach((id) => this.written.set(id, null));
    entries.forEach((entry) => this.written.set(entry.id, entry.quantity));
    this.put(entries, gone);
  }

  /** Shows entries as they are now, before the next reading. */
  private put(entries: readonly Entry[], gone: readonly string[]): void {
    const ids = new Set([...entries.map((entry) => entry.id), ...gone]);
    const now = this.shown.week();
    for (const week of [...this.weeks.values(), ...(now ? [now] : [])]) {
      const rest = week.entries.filter((entry) => !ids.has(entry.id));
      const here = entries.filter((entry) => entry.date >= week.from && entry.date <= week.to);
      const after = { ...week, entries: [...rest, ...here] };
      this.weeks.set(week.from, after);
      if (week === now) this.shown.set(after);
    }
  }
}
