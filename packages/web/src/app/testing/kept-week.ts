import type { Entry, Timesheet } from '@yellowwood/contracts';
import { FakeServer, refusal } from './fake-server';
import { entryOf, weekOfEntries } from './fixtures';

/** A server that keeps the entries of one week, by their versions. */
export class KeptWeek {
  readonly kept = new Map<string, Entry>();
  private readonly gone = new Map<string, Entry>();
  /** Refuses to record anything with these words. */
  refuse: string | null = null;

  constructor(entries: readonly Entry[]) {
    entries.forEach((entry) => this.kept.set(entry.id, entry));
  }

  week(): Timesheet {
    return weekOfEntries([...this.kept.values()]);
  }

  serve(server: FakeServer): void {
    server
      .on('readTimesheet', () => this.week())
      .on('createEntry', ({ body }) => (this.refuse ? refusal(409, 'period-submitted', this.refuse) : this.create(body)))
      .on('changeEntry', ({ params, body, version }) => this.current(params['id']!, version) ?? this.change(params['id']!, body))
      .on('deleteEntry', ({ params, version }) => this.current(params['id']!, version) ?? this.remove(params['id']!))
      .on('restoreEntry', ({ params }) => this.restore(params['id']!))
      .on('changeEntries', ({ body }) => {
        const stale = [...body.change, ...body.remove]
          .map(({ id }) => this.kept.get(id)!)
          .filter((_, index) => {
            const seen = [...body.change, ...body.remove][index]!;
            return this.kept.get(seen.id)?.version !== seen.version;
          });
        if (stale.length > 0) return { ...refusal(409, 'entries-stale', 'Some have changed.'), current: stale } as never;
        body.remove.forEach((one) => this.remove(one.id));
        const entries = [
          ...body.change.map((one) => this.change(one.id, one.change)),
          ...body.create.map((one) => this.create(one)),
          ...(body.restore ?? []).map((id) => this.restore(id)),
        ];
        return { entries };
      });
  }

  /** A refusal where what was seen is not what is there. */
  private current(id: string, version: string | null) {
    const now = this.kept.get(id);
    if (!now) return refusal(404, 'entry-unknown', 'There is no such entry.');
    if (version === `"${now.version}"`) return null;
    return { ...refusal(412, 'version-stale', 'Somebody else has changed it.'), current: now } as never;
  }

  private put(entry: Entry): Entry {
    this.kept.set(entry.id, entry);
    return entry;
  }

  /** The same again is the same entry. */
  private create(body: object): Entry {
    const made = entryOf(0, { quantity: 3600, ...body, version: 1 } as Partial<Entry>);
    return this.kept.get(made.id) ?? this.put(made);
  }

  private change(id: string, change: object): Entry {
    const entry = this.kept.get(id)!;
    return this.put({ ...entry, ...(change as Partial<Entry>), version: entry.version + 1 });
  }

  private remove(id: string): null {
    this.gone.set(id, this.kept.get(id)!);
    this.kept.delete(id);
    return null;
  }

  private restore(id: string): Entry {
    const entry = this.gone.get(id)!;
    return this.put({ ...entry, version: entry.version + 1 });
  }
}
