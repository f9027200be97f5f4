import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import { WEEKS, datesFrom } from '@yellowwood/core';
import type { Entry, SheetRow, Timesheet } from '@yellowwood/contracts';
import { workActions } from '../state/work';
import { sessionActions } from '../state/session';
import { FakeServer, Page, TODAY, id, me, open, workOf } from '../testing/fake-server';
import { MONDAY, entryOf, weekOfEntries } from '../testing/fixtures';
import { WeekScreen } from './week';

describe('the own week on the page', () => {
  let page: Page<WeekScreen>;

  async function week(
    entries: Entry[],
    names: Partial<Timesheet> = {},
    prepare: (server: FakeServer) => void = () => undefined,
    url = '/f/f/record',
  ) {
    page = await open(WeekScreen, {
      url,
      roles: ['staff'],
      prepare: (server) => {
        server.on('readTimesheet', ({ params }) =>
          weekOfEntries(entries, { ...names, ...(params['from'] === MONDAY ? {} : { entries: [] }) }),
        );
        prepare(server);
      },
    });
  }
  afterEach(() => page.element.remove());
  const url = () => decodeURIComponent(TestBed.inject(Router).url);
  const day = () => page.text('yw-day-panel h2');

  it('offers no new time in a week that is submitted, and says nothing of what it does not have', async () => {
    const submissions = [{ at: '2026-06-12T16:00:00.000Z', note: '', withdrawnAt: null }];
    await week([entryOf(50, { stage: 'submitted', date: '2026-06-10' })], { state: 'submitted', submissions });
    const buttons = page.texts('button').filter((text) => /Add|Submit|Bring|Edit|Divide|Delete|Withdraw|Start again/.test(text));
    expect(buttons).toEqual(['Withdraw', 'Start again']);
    expect(page.texts('yw-week-grid input, yw-week-grid yw-work-field')).toEqual([]);
    expect(page.texts('yw-day-panel li')).toEqual(['Survey of pilesPier, survey 1:30 Start again']);
  });

  it('has the day alone where the firm uses no grid, and no way to it', async () => {
    await week([entryOf(50, { date: '2026-06-10' })]);
    const there = () => [
      page.element.querySelector('yw-week-grid') !== null,
      page.texts('yw-day-panel button').some((text) => /Show (the whole week|this day alone)/.test(text)),
    ];
    expect(there()).toEqual([true, true]);
    await page.without('grid');
    expect(there()).toEqual([false, false]);
    expect(page.text('yw-day-panel')).toContain('Survey of piles');
  });

  it('asks for nothing to be confirmed where the firm instructs nobody', async () => {
    await week([], {}, (server) => server.on('readInstruction', () => ({ instruction: null, confirmedOn: null }) as never));
    const store = TestBed.inject(Store);
    store.dispatch(sessionActions.meRead({ me: { ...me('staff'), toConfirm: 2 } }));
    await page.settle(30);
    expect(page.element.querySelector('yw-to-confirm')).not.toBeNull();
    await page.without('instruction');
    expect(page.element.querySelector('yw-to-confirm')).toBeNull();
  });

  it('shows the first steps until they are closed, and not to who looks', async () => {
    await week([], {}, (server) => server.on('readGuide', () => ({ steps: [{ step: 'recorded', done: false }] })));
    const store = TestBed.inject(Store);
    expect(page.element.querySelector('yw-first-steps')).toBeNull();
    store.dispatch(sessionActions.meRead({ me: { ...me('staff'), guide: true } }));
    await page.settle(30);
    expect(page.text('yw-first-steps')).toContain('Start a timer, or type hours');
    await TestBed.inject(Router).navigateByUrl(`/f/f/record?as=${id(77)}`);
    await page.settle(30);
    expect(page.element.querySelector('yw-first-steps')).toBeNull();
  });

  it('says what the firm has locked, and offers nothing there', async () => {
    await week([entryOf(50)], { lockedUntil: '2026-06-09' });
    expect(page.text('.told')).toContain('The firm has locked its time up to Tue');
    expect(page.texts('button').some((text) => text.startsWith('Submit'))).toBeTrue();
    const add = () => page.texts('yw-day-panel button').includes('Add time');
    // Today is open, the day before is not.
    expect(add()).toBeTrue();
    page.element.remove();
    TestBed.resetTestingModule();
    await week([entryOf(50)], { lockedUntil: '2026-06-09' }, undefined, '/f/f/record?day=2026-06-09');
    expect(add()).toBeFalse();
    page.element.remove();
    TestBed.resetTestingModule();
    await week([entryOf(50)], { lockedUntil: '2026-06-30' });
    expect(page.texts('button').filter((text) => /Submit|Bring|Add time/.test(text))).toEqual([]);
    page.element.remove();
    TestBed.resetTestingModule();
    await week([entryOf(50)], { lockedUntil: '2026-06-07' });
    expect(page.element.querySelector('.told')).toBeNull();
  });

  it('opens on this week and today, and goes to other weeks by arrow or date', async () => {
    await week([entryOf(50)]);
    expect(page.text('h1')).toBe('Week 24');
    expect(day()).toContain('10');
    await page.press('Week before');
    expect(url()).toContain('period=2026-W23');
    await page.type('yw-date-field input', '2026-05-20', 'change');
    await page.settle(100);
    expect(url()).toContain('period=2026-W21');
    expect(page.server.to('readTimesheet').at(-1)!.params['from']).toBe('2026-05-18');
  });

  it('is shown once its rows have their names, and says why it is not where they cannot be read', async () => {
    page = await open(WeekScreen, {
      url: '/f/f/record',
      roles: ['staff'],
      workless: true,
      prepare: (server) => server.on('readTimesheet', () => weekOfEntries([entryOf(50)])),
    });
    const [grid, store] = [() => page.element.querySelector('yw-week-grid, yw-day-panel'), TestBed.inject(Store)];
    expect(page.server.to('readTimesheet').length).toBe(1);
    expect([grid(), page.text('yw-loading')]).toEqual([null, '']);
    store.dispatch(workActions.workUnreadable({ sentence: 'The server does not answer.' }));
    await page.settle();
    expect([grid(), page.text('yw-loading')]).toEqual([null, 'The server does not answer.']);
    store.dispatch(workActions.workKnown({ work: workOf() }));
    await page.settle();
    expect(grid()).not.toBeNull();
    expect(page.text('yw-loading')).toBe('');
  });

  it('is as long as the firm’s periods are', async () => {
    const halves = [datesFrom('2026-06-01', '2026-06-15'), datesFrom('2026-06-16', '2026-06-30')];
    page = await open(WeekScreen, {
      url: '/f/f/record',
      roles: ['staff'],
      period: { ...WEEKS, kind: 'half-month' },
      prepare: (server) =>
        server.on('readTimesheet', ({ params }) => {
          const dates = halves.find(([first]) => first === params['from'])!;
          const days = dates.map((date) => ({ ...weekOfEntries([]).days[0]!, date }));
          return { ...weekOfEntries([entryOf(50)]), from: dates[0]!, to: dates.at(-1)!, days };
        }),
    });
    expect(page.server.to('readTimesheet')[0]!.params['from']).toBe('2026-06-01');
    expect(page.text('h1')).toBe('1 Jun to 15 Jun');
    expect(page.element.querySelectorAll('yw-week-grid th .day').length).toBe(15);
    expect(page.text()).toContain('Submit 1:30');
    const cells = page.element.querySelectorAll<HTMLElement>('yw-week-grid tbody tr:first-child [role=gridcell]');
    cells[0]!.focus();
    await page.key(cells[0]!, 'End');
    expect(document.activeElement).toBe(cells[14]!);
    await page.press('Period after');
    expect(url()).toContain('period=2026-06-16..2026-06-30');
    expect(page.server.to('readTimesheet').at(-1)!.params['from']).toBe('2026-06-16');
  });

  it('keeps the chosen day in the address, and shows it without the grid to those who work by the day', async () => {
    await week([entryOf(50)], {}, undefined, '/f/f/record?day=2026-06-08&show=day');
    expect(day()).toMatch(/^Mon /);
    expect(page.element.querySelector('yw-week-grid')).toBeNull();
    await page.press('Day before');
    expect(url()).toContain('period=2026-W23');
    expect(url()).toContain('day=2026-06-07');
    await page.press('Show the whole week');
    expect(page.element.querySelector('yw-week-grid')).not.toBeNull();
    expect(day()).toMatch(/^Sun /);
    // Another week begins with its own first day, or today.
    await page.press('Week after');
    expect(url()).not.toContain('day=');
    expect(day()).toMatch(/^Wed /);
  });

  it('submits the week with a note, and only after it was asked', async () => {
    const submitted = weekOfEntries([entryOf(50, { stage: 'submitted' })], {
      state: 'submitted',
      submissions: [{ at: '2026-06-10T16:00:00.000Z', note: 'done', withdrawnAt: null }],
    });
    await week([entryOf(50), entryOf(51, { date: '2026-06-09' })], {}, (server) =>
      server.on('submitPeriod', () => (server.on('readTimesheet', () => submitted), submitted)),
    );
    await page.press('Submit 3:00');
    await page.settle(20);
    const asked = document.querySelector('mat-dialog-container')!.textContent!;
    expect(asked).toContain('3:00 in 2 entries go to review.');
    // It is Wednesday: the week is not over.
    expect(asked).toContain('It ends on Sun 14 Jun');
    await page.answer('Cancel');
    expect(page.server.to('submitPeriod').length).toBe(0);
    await page.press('Submit 3:00');
    await page.answer('Submit week', 'done');
    expect(page.server.to('submitPeriod')[0]!.body).toEqual({ note: 'done' });
    expect(page.text('.told')).toContain('“done”. 1:30 waits for a decision.');
    expect(page.button('Withdraw')).toBeTruthy();
  });

  it('says what was approved by policy, and lets it be withdrawn', async () => {
    const submissions = [{ at: '2026-06-10T16:00:00.000Z', note: '', withdrawnAt: null }];
    const approved = [entryOf(50, { stage: 'approved' })];
    await week(approved, { state: 'submitted', submissions, byPolicy: 1 });
    expect(page.text('.told')).toContain('Approved by policy: this time is not reviewed, or nobody else here decides on it.');
    expect(page.button('Withdraw')).toBeTruthy();
    page.element.remove();
    TestBed.resetTestingModule();
    await week(approved, { state: 'submitted', submissions });
    expect(page.text('.told')).toContain('Everything is decided.');
    expect(page.text()).not.toContain('Withdraw');
  });

  it('leads to what stands in the way instead of submitting', async () => {
    await week([entryOf(50), entryOf(51, { date: '2026-06-09', projectId: null, taskId: null, problems: ['no-project'] })]);
    expect(page.text('.problems b')).toBe('1 entry stands in the way of submitting.');
    await page.press('Submit 3:00');
    expect(page.server.to('submitPeriod').length).toBe(0);
    expect(url()).toContain(`sel=entry:${id(51)}`);
    expect(day()).toContain('9');
    expect(page.element.querySelector('yw-day-panel yw-entry-form')).not.toBeNull();
  });

  it('does not hold up a week for a missing rate', async () => {
    await week([entryOf(50, { problems: ['no-rate'] })]);
    expect(page.element.querySelector('.problems')).toBeNull();
  });

  it('can submit an empty week, and says so', async () => {
    await week([]);
    expect(page.button('Submit empty week').disabled).toBeFalse();
  });

  it('shows why the whole week came back, and counts what came back of it', async () => {
    await week(
      [
        entryOf(50, { returned: { by: 'Maud', at: '2026-06-09T10:00:00.000Z', reason: 'wrong task' } }),
        entryOf(51, { stage: 'approved' }),
      ],
      {
        returned: { by: 'Maud', at: '2026-06-09T10:00:00.000Z', reason: 'Friday is missing' },
      },
    );
    expect(page.text('.back')).toBe('Week returned by Maud: “Friday is missing”');
    expect(page.text('.head .quiet')).toContain('1 returned, 1 approved');
    expect(page.button('Submit 1:30 again')).toBeTruthy();
  });

  it('adds a row of picked work once its service is chosen, billable as project and service are', async () => {
    const added: SheetRow[] = [];
    await week([], {}, (server) =>
      server
        .on('addRow', ({ body }) => {
          added.push(body);
          return weekOfEntries([], { rows: added });
        })
        .on('readTimesheet', () => weekOfEntries([], { rows: added })),
    );
    page.element.querySelector<HTMLElement>('yw-add-row input')!.focus();
    await page.settle(30);
    await page.type('yw-week-grid yw-work-field input', 'sound');
    await page.settle(30);
    document.querySelector<HTMLElement>('mat-option')!.click();
    // The choice comes in its own time.
    for (let tries = 0; tries < 50 && !document.querySelector('.mat-mdc-select-panel'); tries += 1) await page.settle(20);
    // What is still to be said stands open, and has the focus.
    expect(document.activeElement!.closest('yw-choice-field')).not.toBeNull();
    expect(document.querySelector('.mat-mdc-select-panel')).not.toBeNull();
    await page.choose('Service of the new row', 'Office');
    expect(added).toEqual([{ projectId: id(20), taskId: id(31), serviceId: id(41), billable: false }]);
    expect(page.texts('tbody td.name')[0]).toContain('Pier');
  });

  it('adds a row that is not billable on work that is not, whatever the service is', async () => {
    await week([], {}, (server) => server.on('addRow', ({ body }) => weekOfEntries([], { rows: [body] })));
    page.element.querySelector<HTMLElement>('yw-add-row input')!.focus();
    await page.settle(30);
    await page.type('yw-week-grid yw-work-field input', 'running');
    await page.settle(30);
    document.querySelector<HTMLElement>('mat-option')!.click();
    for (let tries = 0; tries < 50 && !document.querySelector('.mat-mdc-select-panel'); tries += 1) await page.settle(20);
    await page.choose('Service of the new row', 'Survey');
    const { body } = page.server.to('addRow')[0]!;
    expect([body.projectId, body.serviceId, body.billable]).toEqual([id(21), id(40), false]);
  });

  it('is narrowed to a client, to what is the firm’s own, to a project or a task', async () => {
    const entries = [
      entryOf(50),
      entryOf(51, { projectId: id(21), taskId: null, serviceId: id(41) }),
      entryOf(52, { taskId: id(31) }),
    ];
    await week(entries);
    const of = async (scope: string) => {
      await TestBed.inject(Router).navigateByUrl(`/f/f/record?scope=${scope}`);
      await page.settle(30);
      return page.texts('yw-week-grid tbody td.name').map((text) => text.replace(/(survey|office)$/, '').trim());
    };
    const [piles, office, soundings] = ['PierSurvey of piles,', 'Running the officeOffice', 'PierSoundings,'];
    expect(await of('all')).toEqual(jasmine.arrayWithExactContents([piles, office, soundings]));
    expect(await of(`client:${id(10)}`)).toEqual(jasmine.arrayWithExactContents([piles, soundings]));
    expect(await of(`department:${id(11)}`)).toEqual([office]);
    expect(await of(`project:${id(21)}`)).toEqual([office]);
    expect(await of(`task:${id(31)}`)).toEqual([soundings]);
  });

  it('leaves the keys of the field that adds a row, and of the head, to them', async () => {
    await week([entryOf(50, { date: TODAY })]);
    const field = () => page.element.querySelector<HTMLInputElement>('yw-add-row input')!;
    field().focus();
    await page.settle(30);
    for (const key of ['7', 'Backspace', 'F2', 'ArrowLeft']) await page.key(field(), key);
    const paste = new ClipboardEvent('paste', { clipboardData: new DataTransfer(), bubbles: true, cancelable: true });
    paste.clipboardData!.setData('text/plain', '7:00');
    field().dispatchEvent(paste);
    await page.settle(30);
    expect(document.activeElement).toBe(field());
    const head = page.element.querySelector<HTMLElement>('thead button.day')!;
    head.focus();
    await page.key(head, 'Enter');
    expect([document.activeElement, paste.defaultPrevented]).toEqual([head, false]);
    expect([page.texts('[data-cell="0-2"]'), page.element.querySelector('.cell-edit')]).toEqual([['1:30'], null]);
  });

  it('opens an entry with a span for whoever types on its cell, and types on in its form', async () => {
    const span = { startAt: `${TODAY}T07:00:00.000Z`, endAt: `${TODAY}T08:30:00.000Z`, startClock: '08:00', endClock: '09:30' };
    await week([entryOf(50, { date: TODAY, ...span })]);
    const cell = page.element.querySelector<HTMLElement>('[data-cell="0-2"]')!;
    cell.focus();
    await page.key(cell, '3');
    expect([document.activeElement!.tagName, (document.activeElement as HTMLInputElement).value]).toEqual(['INPUT', '08:00']);
    expect(page.element.querySelector('yw-day-panel yw-entry-form')).not.toBeNull();
  });

  it('begins on today, or on what came back', async () => {
    const stop = () => page.element.querySelector('yw-week-grid td[tabindex="0"]')!.getAttribute('data-cell');
    await week([entryOf(50)]);
    expect(stop()).toBe('0-2');
    page.element.remove();
    TestBed.resetTestingModule();
    const returned = { by: 'Maud', reason: 'Which pier?', at: `${TODAY}T07:00:00.000Z` };
    await week([entryOf(50), entryOf(51, { date: '2026-06-12', taskId: id(31), returned })]);
    expect(stop()).toBe('1-4');
  });

  it('takes the last step back by its button, and shows it only where there is one', async () => {
    await week([entryOf(50)], {}, (server) =>
      server.on('deleteEntry', () => null).on('restoreEntry', () => entryOf(50, { version: 2 })),
    );
    const undo = () => page.texts('.saved button');
    expect(undo()).toEqual([]);
    const cell = page.element.querySelector<HTMLElement>('[data-cell="0-0"]')!;
    cell.focus();
    await page.key(cell, 'Delete');
    expect(undo()).toEqual(['Undo']);
    page.element.querySelector<HTMLElement>('.saved button')!.click();
    await page.settle(30);
    expect([page.server.to('restoreEntry').length, undo()]).toEqual([1, []]);
  });

  it('neither submits nor lets the page be closed while something typed is not stored', async () => {
    const listening = spyOn(window, 'addEventListener').and.callThrough();
    await week([entryOf(50)]);
    // Asked by itself: Karma listens to the window for this, too.
    const asks = listening.calls.allArgs().filter(([name]) => name === 'beforeunload');
    expect(asks.length).toBe(1);
    const leaving = () => {
      const event = new Event('beforeunload', { cancelable: true });
      (asks[0]![1] as unknown as (event: Event) => void)(event);
      return event.defaultPrevented;
    };
    expect(leaving()).toBeFalse();
    const cell = page.element.querySelector<HTMLElement>('[data-cell="0-0"]')!;
    cell.focus();
    await page.key(cell, 'F2');
    await page.type('input.cell-edit', 'lunch');
    page.element.querySelector<HTMLElement>('input.cell-edit')!.dispatchEvent(new FocusEvent('blur'));
    await page.settle();
    expect(page.element.querySelector('[data-cell="0-0"]')!.textContent).toContain('lunch');
    expect(page.element.querySelector('[data-cell="0-0"]')!.getAttribute('aria-label')).toContain(
      'typed lunch: This cannot be read',
    );
    expect(leaving()).toBeTrue();
    await page.press(/^Submit/);
    expect(page.refused()).toBe('1 cell holds what is not stored yet. Mend or empty it first.');
    expect(document.querySelector('mat-dialog-container')).toBeNull();
    // Escape lets go of it.
    page.element.querySelector<HTMLElement>('[data-cell="0-0"]')!.focus();
    await page.key(page.element.querySelector('[data-cell="0-0"]')!, 'Escape');
    expect(leaving()).toBeFalse();
  });

  it('brings last week’s rows with or without their hours', async () => {
    await week([entryOf(50)], {}, (server) => server.on('bringRows', () => weekOfEntries([entryOf(50)])));
    await page.press("Bring last week's rows");
    await page.press('Rows with their hours, to today');
    expect(page.server.to('bringRows')[0]!.body).toEqual({ withHours: true });
  });
});

describe('the chosen day', () => {
  let page: Page<WeekScreen>;
  const morning = entryOf(50, {
    date: '2026-06-10',
    startAt: '2026-06-10T07:00:00.000Z',
    endAt: '2026-06-10T08:30:00.000Z',
    startClock: '08:00',
    endClock: '09:30',
    breakSeconds: 600,
    note: 'Low tide',
  });
  const later = entryOf(51, {
    date: '2026-06-10',
    startAt: '2026-06-10T10:00:00.000Z',
    endAt: '2026-06-10T11:30:00.000Z',
    startClock: '11:00',
    endClock: '12:30',
  });

  async function today(
    entries: Entry[],
    prepare: (server: FakeServer) => void = () => undefined,
    names: Partial<Timesheet> = {},
  ) {
    const base = weekOfEntries(entries, names);
    const gap = {
      startAt: '2026-06-10T08:30:00.000Z',
      endAt: '2026-06-10T10:00:00.000Z',
      startClock: '09:30',
      endClock: '11:00',
      seconds: 5400,
    };
    base.days[2] = { ...base.days[2]!, gaps: entries.length > 1 ? [gap] : [] };
    page = await open(WeekScreen, {
      url: '/f/f/record',
      roles: ['staff'],
      prepare: (server) => {
        server.on('readTimesheet', () => base);
        prepare(server);
      },
    });
  }
  afterEach(() => page.element.remove());
  const lines = () => page.texts('yw-day-panel li');

  it('lists entries and gaps in the order of the day', async () => {
    await today([later, morning]);
    expect(lines().length).toBe(3);
    expect(lines()[0]).toContain('Pier, survey, 08:00 to 09:30, break 0:10Low tide');
    expect(lines()[1]).toContain('09:30 to 11:00, nothing1:30');
    expect(page.text('yw-day-panel .head .quiet')).toBe('3:00 recorded, 4:30 short of the day, a gap of 1:30');
  });

  it('fills a gap with its own start and end', async () => {
    await today([morning, later], (server) =>
      server.on('createEntry', ({ body }) => entryOf(60, { id: body.id, date: body.date })),
    );
    await page.press('Fill it');
    const boxes = [...page.element.querySelectorAll<HTMLInputElement>('yw-day-panel yw-entry-form .time input')].map(
      (box) => box.value,
    );
    expect(boxes.slice(0, 2)).toEqual(['09:30', '11:00']);
  });

  it('deletes with a way back', async () => {
    await today([morning], (server) => server.on('deleteEntry', () => null).on('restoreEntry', () => morning));
    await page.press('Delete Pier');
    expect(page.server.to('deleteEntry')[0]!.version).toBe('"1"');
    expect(page.notice()).toContain('1:30 deleted');
    await page.undo();
    expect(page.server.to('restoreEntry')[0]!.params['id']).toBe(id(50));
  });

  it('starts the same work again as a timer', async () => {
    await today([morning], (server) =>
      server.on('startTimer', () => ({
        timers: [],
        now: '2026-06-10T12:00:00.000Z',
        today: { date: '2026-06-10', recorded: 0, maximum: 36_000, planned: 27_000 },
      })),
    );
    await page.press('Start again: Pier');
    expect(page.server.to('startTimer')[0]!.body).toEqual(
      jasmine.objectContaining({
        projectId: id(20),
        taskId: id(30),
        serviceId: id(40),
        note: 'Low tide',
        billable: true,
        others: 'pause',
      }),
    );
  });

  it('starts no absence again: only what was worked on', async () => {
    await today([
      entryOf(52, { date: TODAY, kind: 'absence', absenceCode: 'holiday', projectId: null, taskId: null, serviceId: null }),
    ]);
    expect(lines()[0]).toContain('leave');
    expect(page.texts('yw-day-panel button').filter((text) => /again/.test(text))).toEqual([]);
  });

  it('divides a span at a time inside it, in one step that can be undone', async () => {
    await today([morning, later], (server) =>
      server.on('changeEntries', ({ body }) => ({
        entries: [
          ...body.change.map(({ id: changed }) => ({ ...morning, id: changed, version: 2, quantity: 3600 })),
          ...body.create.map((one) => ({ ...morning, id: one.id, quantity: 1800 })),
        ],
      })),
    );
    page.element.querySelector<HTMLButtonElement>('[aria-label="Divide Pier"]')!.click();
    await page.settle();
    const divide = async (at: string) => {
      expect(document.activeElement!.closest('yw-split-form')).not.toBeNull();
      await page.type('yw-split-form input', at);
      await page.press('Divide entry');
    };
    expect(page.text('yw-split-form .hint')).toBe('between 08:00 and 09:30');
    await divide('12:00');
    expect(page.text('.split .field-error')).toContain('between 08:00 and 09:30');
    await divide('8:05');
    expect(page.text('.split .field-error')).toContain('no longer than the break');
    expect(page.server.to('changeEntries').length).toBe(0);
    await divide('9:00');
    const [sent] = page.server.to('changeEntries');
    expect(sent!.body.change).toEqual([
      { id: id(50), version: 1, change: { span: { start: '08:00:00', end: '09:00', breakSeconds: 600 } } },
    ]);
    expect(sent!.body.create).toEqual([
      jasmine.objectContaining({
        date: '2026-06-10',
        taskId: id(30),
        note: 'Low tide',
        span: { start: '09:00', end: '09:30:00', breakSeconds: 0 },
      }),
    ]);
    expect(page.element.querySelector('yw-split-form')).toBeNull();
  });

  it('lets nobody edit what waits for review', async () => {
    await today([entryOf(50, { ...morning, stage: 'submitted' })], () => undefined, { state: 'submitted' });
    expect(page.texts('yw-day-panel button').filter((text) => /Edit|Delete|Add time|Fill/.test(text))).toEqual([]);
  });

  it('says of an empty day what can be done', async () => {
    await today([]);
    expect(lines()).toEqual(['Nothing recorded on this day. Add time here, or start the timer below.']);
    await page.press('Add time');
    expect(page.text('yw-day-panel')).not.toContain('Nothing recorded');
  });
});
