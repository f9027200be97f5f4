import { TestBed } from '@angular/core/testing';
import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import type { Entry } from '@yellowwood/contracts';
import { Refresh } from '../state/refresh';
import { FakeServer, ME, NO_ANSWER, Page, id, open } from '../testing/fake-server';
import { MONDAY, entryOf, weekOfEntries } from '../testing/fixtures';
import { KeptWeek } from '../testing/kept-week';
import { WeekStore } from './week-store';

@Component({ template: '{{ store.saved() }}', providers: [WeekStore], changeDetection: ChangeDetectionStrategy.OnPush })
class Holder {
  readonly store = inject(WeekStore);
}

describe('the own week', () => {
  let page: Page<Holder>;
  let keeper: KeptWeek;
  const store = () => page.fixture.componentInstance.store;
  /** Types into a cell as the grid does: over what stands there. */
  async function type(row: number, column: number, text: string): Promise<void> {
    const { cells, ...target } = store().rows()[row]!;
    const [entry] = cells[column]!.entries;
    store().cells.type(
      { row: target, date: cells[column]!.date },
      text,
      entry ? { id: entry.id, quantity: entry.quantity } : null,
    );
    await store().cells.idle();
    await page.settle();
  }
  const draft = () => [...store().cells.drafts().values()][0];
  const hours = () => [...keeper.kept.values()].map((entry) => entry.quantity / 3600);

  async function week(...entries: Entry[]): Promise<void> {
    keeper = new KeptWeek(entries);
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
    await type(0, 2, '1,5');
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
    await type(0, 0, '2:15');
    await type(0, 0, '3');
    expect(hours()).toEqual([3]);
    await store().undo();
    expect(hours()).toEqual([2.25]);
    await store().undo();
    expect(hours()).toEqual([1.5]);
    expect(page.server.to('changeEntry').map((sent) => sent.version)).toEqual(['"1"', '"2"', '"3"', '"4"']);
  });

  it('deletes by emptying the cell, and undo brings the same entry back', async () => {
    await week(entryOf(50));
    await type(0, 0, '');
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
    const skipped = store().cells.paste(store().rows(), { row: 0, column: 0 }, '2:00\t1:00\nlunch\t4:00\n');
    await store().cells.idle();
    await page.settle();
    const [sent] = page.server.to('changeEntries');
    expect(sent!.body.change).toEqual([{ id: id(50), version: 1, change: { quantity: 7200 } }]);
    expect(sent!.body.create.map((one) => [one.date, one.quantity])).toEqual([['2026-06-09', 3600]]);
    expect([skipped, page.notice()]).toEqual([2, '2 cells pasted Undo']);
    await store().undo();
    expect(store().saved()).toBe('Undone: 2 cells pasted');
    expect(hours().sort()).toEqual([1.5, 1.5]);
  });

  it('tells a refusal in its own words, reads again and loses nothing that is there', async () => {
    await week(entryOf(50));
    keeper.refuse = 'This week is submitted. Withdraw it first.';
    const reads = page.server.to('readTimesheet').length;
    await type(0, 3, '2');
    expect(draft()).toEqual(
      jasmine.objectContaining({ text: '2', state: 'refused', sentence: 'This week is submitted. Withdraw it first.' }),
    );
    expect(page.server.to('readTimesheet').length).toBeGreaterThan(reads);
    expect(hours()).toEqual([1.5]);
    expect(store().undos.all()).toEqual([]);
    // What was typed is let go of only by whoever typed it.
    store().cells.forget({ key: store().rows()[0]!.key, date: '2026-06-11' });
    expect(draft()).toBeUndefined();
  });

  it('keeps in its cell what nobody answers to, and sends it under its id when the server is back', async () => {
    await week(entryOf(50));
    page.server.onTheWay = NO_ANSWER;
    await type(0, 3, '2');
    expect(draft()).toEqual(jasmine.objectContaining({ text: '2', state: 'unsent' }));
    expect(draft()!.sentence).toContain('Not sent yet');
    expect(store().rows()[0]!.total).toBe(5400 + 7200);
    expect(await store().allStored()).toBeFalse();
    page.server.onTheWay = () => Promise.resolve();
    TestBed.inject(Refresh).written();
    await page.settle(20);
    expect([draft(), hours()]).toEqual([undefined, [1.5, 2]]);
    const [first, second] = page.server.to('createEntry');
    expect(second!.body.id).toBe(first!.body.id);
    expect(await store().allStored()).toBeTrue();
  });

  it('sends at once what is kept when the browser is back on line', async () => {
    await week(entryOf(50));
    page.server.onTheWay = NO_ANSWER;
    await type(0, 3, '2');
    page.server.onTheWay = () => Promise.resolve();
    window.dispatchEvent(new Event('online'));
    await page.settle(20);
    expect([draft(), hours()]).toEqual([undefined, [1.5, 2]]);
  });

  it('does not send again what has arrived though its answer was lost', async () => {
    await week(entryOf(50));
    let trips = 0;
    page.server.onTheWay = () => (++trips === 2 ? NO_ANSWER() : Promise.resolve());
    await type(0, 0, '2');
    expect([draft()!.state, hours()]).toEqual(['unsent', [2]]);
    TestBed.inject(Refresh).written();
    await page.settle(20);
    TestBed.inject(Refresh).written();
    await page.settle(20);
    expect([draft(), page.server.to('changeEntry').length <= 2, hours()]).toEqual([undefined, true, [2]]);
  });

  it('writes over nothing that somebody else has changed meanwhile, until it is insisted on', async () => {
    await week(entryOf(50));
    const [row] = store().rows();
    const place = { key: row!.key, date: MONDAY };
    keeper.kept.set(id(50), entryOf(50, { quantity: 10_800, version: 2 }));
    await type(0, 0, '2');
    expect(draft()).toEqual(jasmine.objectContaining({ text: '2', state: 'refused' }));
    expect(draft()!.sentence).toBe('Somebody made this 3:00 meanwhile. Enter takes yours, Escape theirs.');
    expect(hours()).toEqual([3]);
    store().cells.insist(place);
    await store().cells.idle();
    expect([draft(), hours()]).toEqual([undefined, [2]]);
  });

  it('follows a version that moved though nothing of the cell has changed', async () => {
    await week(entryOf(50));
    keeper.kept.set(id(50), entryOf(50, { version: 5, problems: ['overlap'] }));
    await type(0, 0, '2');
    expect([draft(), hours()]).toEqual([undefined, [2]]);
    expect(page.server.to('changeEntry').map((sent) => sent.version)).toEqual(['"1"', '"5"']);
  });

  it('leaves a cell in which something else stands by now', async () => {
    await week(entryOf(50));
    const [row] = store().rows();
    keeper.kept.set(id(51), entryOf(51));
    await store().loadedWeek.reload();
    store().cells.type({ row: row!, date: MONDAY }, '2', { id: id(50), quantity: 5400 });
    await store().cells.idle();
    expect(draft()!.sentence).toContain('Something else stands in this cell');
    expect(hours()).toEqual([1.5, 1.5]);
  });

  it('keeps what was typed while its person looks at something else, for that person', async () => {
    await week(entryOf(50));
    await type(0, 3, 'lunch');
    expect(draft()!.sentence).toContain('cannot be read');
    page.fixture.destroy();
    const again = TestBed.createComponent(Holder);
    await again.whenStable();
    expect([...again.componentInstance.store.cells.drafts().values()].map((one) => one.text)).toEqual(['lunch']);
    again.destroy();
  });

  it('sends what was left unsent once its week is there again', async () => {
    await week(entryOf(50));
    page.server.onTheWay = NO_ANSWER;
    await type(0, 3, '2');
    page.fixture.destroy();
    page.server.onTheWay = () => Promise.resolve();
    const again = TestBed.createComponent(Holder);
    await again.whenStable();
    await page.settle(30);
    expect([again.componentInstance.store.cells.drafts().size, hours()]).toEqual([0, [1.5, 2]]);
    again.destroy();
  });

  it('takes back what was written here though its version has moved since, one cell or a block', async () => {
    await week(entryOf(50), entryOf(51, { date: '2026-06-09' }));
    const moved = () => keeper.kept.forEach((entry, key) => keeper.kept.set(key, { ...entry, version: entry.version + 3 }));
    await type(0, 0, '2');
    moved();
    await store().undo();
    expect(hours()).toEqual([1.5, 1.5]);
    store().cells.paste(store().rows(), { row: 0, column: 0 }, '2:00\t3:00');
    await store().cells.idle();
    moved();
    await store().undo();
    expect([store().saved(), hours()]).toEqual(['Undone: 2 cells pasted', [1.5, 1.5]]);
  });

  it('says that an undo was refused, and keeps it', async () => {
    await week(entryOf(50));
    await type(0, 0, '2');
    keeper.kept.set(id(50), entryOf(50, { quantity: 3600, version: 9 }));
    await store().undo();
    expect(store().saved()).toContain('2:00 recorded, and not undone. Somebody else has changed it.');
    expect([store().undos.all().length, hours()]).toEqual([1, [1]]);
  });

  it('keeps its rows where they are while one works, also when nothing stands in them any more', async () => {
    await week(entryOf(50), entryOf(51, { taskId: id(31), date: '2026-06-09' }));
    const rows = () =>
      store()
        .rows()
        .map((row) => [row.taskId, row.total]);
    await type(0, 0, '');
    expect(rows()).toEqual([
      [id(30), 0],
      [id(31), 5400],
    ]);
    keeper.kept.set(id(52), entryOf(52, { taskId: null }));
    await store().loadedWeek.reload();
    expect(rows()).toEqual([
      [id(30), 0],
      [id(31), 5400],
      [null, 5400],
    ]);
    const { cells: _cells, key: _key, total: _total, ...first } = store().rows()[0]!;
    await store().removeRow(first as never);
    expect(rows().length).toBe(2);
    expect(page.server.to('removeRow').length).toBe(0);
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
