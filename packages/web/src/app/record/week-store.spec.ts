import { TestBed } from '@angular/core/testing';
import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import type { Entry, Timesheet } from '@yellowwood/contracts';
import { FakeServer, ME, Page, id, open, refusal } from '../testing/fake-server';
import { MONDAY, entryOf, weekOfEntries } from '../testing/fixtures';
import { WeekStore } from './week-store';

@Component({ template: '{{ store.saved() }}', providers: [WeekStore], changeDetection: ChangeDetectionStrategy.OnPush })
class Holder {
  readonly store = inject(WeekStore);
}

/** A server that keeps the entries of one week. */
class Keeper {
  readonly kept = new Map<string, Entry>();
  private readonly gone = new Map<string, Entry>();
  refuse: string | null = null;

  constructor(entries: Entry[]) {
    entries.forEach((entry) => this.kept.set(entry.id, entry));
  }

  week(): Timesheet {
    return weekOfEntries([...this.kept.values()]);
  }

  serve(server: FakeServer): void {
    const no = () => refusal(409, 'period-submitted', this.refuse!);
    const put = (entry: Entry) => (this.kept.set(entry.id, entry), entry);
    const change = (of: string, change: object) => {
      const entry = this.kept.get(of)!;
      return put({ ...entry, ...(change as Partial<Entry>), version: entry.version + 1 });
    };
    server
      .on('readTimesheet', () => this.week())
      .on('createEntry', ({ body }) =>
        this.refuse
          ? no()
          : put(entryOf(0, { ...(body as object), quantity: body.quantity ?? 3600, version: 1 } as Partial<Entry>)),
      )
      .on('changeEntry', ({ params, body, version }) =>
        version === `"${this.kept.get(params['id']!)!.version}"`
          ? change(params['id']!, body)
          : refusal(412, 'version-stale', 'Somebody else has changed it.'),
      )
      .on('deleteEntry', ({ params }) => {
        this.gone.set(params['id']!, this.kept.get(params['id']!)!);
        this.kept.delete(params['id']!);
        return null;
      })
      .on('restoreEntry', ({ params }) => put(this.gone.get(params['id']!)!))
      .on('changeEntries', ({ body }) => {
        body.remove.forEach((one) => this.kept.delete(one.id));
        const changed = body.change.map((one) => change(one.id, one.change));
        const created = body.create.map((one) => put(entryOf(0, { ...(one as object), version: 1 } as Partial<Entry>)));
        return { entries: [...changed, ...created] };
      });
  }
}

describe('the own week', () => {
  let page: Page<Holder>;
  let keeper: Keeper;
  const store = () => page.fixture.componentInstance.store;
  const hours = () => [...keeper.kept.values()].map((entry) => entry.quantity / 3600);

  async function week(...entries: Entry[]): Promise<void> {
    keeper = new Keeper(entries);
    page = await open(Holder, { url: '/f/f/record', roles: ['staff'], prepare: (server) => keeper.serve(server) });
  }
  afterEach(() => page.element.remove());

  it('is read from its Monday, and grouped into rows', async () => {
    await week(entryOf(50), entryOf(51, { date: '2026-06-10' }), entryOf(52, { taskId: id(31) }));
    expect(page.server.to('readTimesheet')[0]!.params['from']).toBe(MONDAY);
    expect(
      store()
        .rows()
        .map((row) => row.total),
    ).toEqual([10_800, 5400]);
  });

  it('records into an empty cell, and undoes it', async () => {
    await week(entryOf(50));
    await store().typeCell(store().rows()[0]!, 2, '1,5');
    const sent = page.server.to('createEntry')[0]!.body;
    expect(sent).toEqual({
      id: sent.id,
      personId: ME,
      date: '2026-06-10',
      projectId: id(20),
      taskId: id(30),
      serviceId: id(40),
      billable: true,
      note: '',
      origin: 'grid',
      quantity: 5400,
    });
    expect(store().saved()).toMatch(/^1:30 recorded. Saved/);
    await store().undo();
    expect(hours()).toEqual([1.5]);
    expect(store().saved()).toBe('Undone: 1:30 recorded');
  });

  it('changes a cell and puts it back by undo, each with the version of the moment', async () => {
    await week(entryOf(50));
    await store().typeCell(store().rows()[0]!, 0, '2:15');
    await store().typeCell(store().rows()[0]!, 0, '3');
    expect(hours()).toEqual([3]);
    await store().undo();
    expect(hours()).toEqual([2.25]);
    await store().undo();
    expect(hours()).toEqual([1.5]);
    expect(page.server.to('changeEntry').map((sent) => sent.version)).toEqual(['"1"', '"2"', '"3"', '"4"']);
  });

  it('deletes by emptying the cell, and undo brings the same entry back', async () => {
    await week(entryOf(50));
    await store().typeCell(store().rows()[0]!, 0, '');
    expect(hours()).toEqual([]);
    expect(page.notice()).toContain('1:30 deleted');
    await store().undo();
    expect([...keeper.kept.keys()]).toEqual([id(50)]);
  });

  it('gives a span back to the second when it is undone', async () => {
    await week(
      entryOf(50, {
        startAt: '2026-06-08T07:00:05.000Z',
        endAt: '2026-06-08T08:30:05.000Z',
        startClock: '08:00',
        endClock: '09:30',
      }),
    );
    await store().change(
      store().week()!.entries[0]!,
      { span: { start: '08:00', end: '10:00', breakSeconds: 0 } },
      'Entry changed',
    );
    await store().undo();
    expect(page.server.to('changeEntry')[1]!.body).toEqual({ span: { start: '08:00:05', end: '09:30:05', breakSeconds: 0 } });
  });

  it('puts back what was changed and nothing else', async () => {
    await week(entryOf(50, { note: 'as it was' }));
    await store().change(store().week()!.entries[0]!, { note: 'otherwise' }, 'Entry changed');
    await store().undo();
    expect(page.server.to('changeEntry').map((sent) => sent.body)).toEqual([{ note: 'otherwise' }, { note: 'as it was' }]);
  });

  it('pastes a block in one step, skipping and naming what is no duration, and undoes all of it', async () => {
    await week(entryOf(50), entryOf(51, { taskId: id(31), date: '2026-06-09', startAt: '2026-06-09T07:00:00.000Z' }));
    await store().paste(store().rows(), 0, 0, '2:00\t1:00\nlunch\t4:00\n');
    const [sent] = page.server.to('changeEntries');
    expect(sent!.body.change).toEqual([{ id: id(50), version: 1, change: { quantity: 7200 } }]);
    expect(sent!.body.create.map((one) => [one.date, one.quantity])).toEqual([['2026-06-09', 3600]]);
    expect(page.notice()).toContain('2 cells were skipped');
    await store().undo();
    expect(hours().sort()).toEqual([1.5, 1.5]);
  });

  it('tells a refusal in its own words, reads again and loses nothing that is there', async () => {
    await week(entryOf(50));
    keeper.refuse = 'This week is submitted. Withdraw it first.';
    const reads = page.server.to('readTimesheet').length;
    await store().typeCell(store().rows()[0]!, 3, '2');
    await page.settle();
    expect(store().saved()).toBe('This week is submitted. Withdraw it first.');
    expect(page.notice()).toContain('This week is submitted.');
    expect(page.server.to('readTimesheet').length).toBeGreaterThan(reads);
    expect(hours()).toEqual([1.5]);
    expect(store().undos()).toEqual([]);
  });

  it('says that there is nothing to undo', async () => {
    await week();
    await store().undo();
    expect(store().saved()).toBe('Nothing to undo');
  });

  it('brings rows, submits and withdraws, and shows the week that comes back', async () => {
    await week(entryOf(50));
    const submitted = weekOfEntries([entryOf(50, { stage: 'submitted' })], { state: 'submitted' });
    page.server
      .on('bringRows', () =>
        weekOfEntries([entryOf(50)], { rows: [{ projectId: id(21), taskId: null, serviceId: id(41), billable: false }] }),
      )
      .on('submitPeriod', () => (page.server.on('readTimesheet', () => submitted), submitted))
      .on('withdrawPeriod', () => keeper.week());
    await store().bring(false);
    expect(page.server.to('bringRows')[0]!.body).toEqual({ withHours: false });
    expect(store().rows().length).toBe(2);
    await store().submit('done early');
    expect(page.server.to('submitPeriod')[0]!.body).toEqual({ note: 'done early' });
    expect(store().week()!.state).toBe('submitted');
    await store().withdraw();
    expect(page.server.to('withdrawPeriod').length).toBe(1);
    expect(TestBed.inject(FakeServer)).toBe(page.server);
  });
});
