import { BreakpointObserver } from '@angular/cdk/layout';
import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { of } from 'rxjs';
import type { Review, ReviewPerson } from '@yellowwood/contracts';
import { FakeServer, ME, Page, id, open, refusal } from '../testing/fake-server';
import { MONDAY, reviewed } from '../testing/fixtures';
import { Decided } from './decided';
import { ReviewScreen } from './review';

const look = (reason: string, date: string | null = null) => ({ reason, date, entryId: null });

describe('the review', () => {
  let page: Page<ReviewScreen>;
  const clean = reviewed(3, 'Rosa Vane');
  const doubtful = reviewed(4, 'Ben Holt', {
    clean: false,
    looks: [look('missing', '2026-06-09'), look('late')],
    days: clean.days.map((day, index) => ({
      ...day,
      looks: index === 1 ? ['missing'] : [],
      absent: index === 2 ? 'holiday' : null,
    })),
  });
  const own = reviewed(5, 'Anna Test', { personId: ME, own: true, clean: false, entries: [] });
  const decided = reviewed(6, 'Ida Fell', { state: 'approved', clean: false, submitted: 0, entries: [] });
  const missing = reviewed(7, 'Tom Reed', {
    state: 'missing',
    clean: false,
    recorded: 0,
    submitted: 0,
    entries: [],
    looks: [look('missing')],
  });

  async function list(
    people: ReviewPerson[],
    names: Partial<Review> = {},
    prepare: (server: FakeServer) => void = () => undefined,
  ) {
    page = await open(ReviewScreen, {
      url: `/f/f/review?period=2026-W24`,
      roles: ['manager'],
      prepare: (server) => {
        server.on('readReview', ({ query }) => ({
          from: query.from,
          to: '2026-06-14',
          scope: 'all',
          people,
          waiting: [],
          ...names,
        }));
        prepare(server);
      },
    });
  }
  afterEach(() => page.element.remove());

  const row = (name: string) =>
    [...page.element.querySelectorAll<HTMLElement>('tbody tr')].find((one) => one.textContent!.includes(name))!;
  const url = () => TestBed.inject(Router).url;

  it('says nothing of what a week does not have', async () => {
    await list([clean]);
    expect(page.text()).toBe(
      '‹Week 24›Go to the week of Approve 1 clean week, 12:00 1 submitted Only what needs a look Columns and files Person Mon 8 Tue 9 Wed 10 Thu 11 Fri 12 Week State Rosa VaneSurveyor6:006:0012:00of 37:30clean Total of 1 person 6:006:0012:00 In the list: arrows move, Enter opens, F8 next to look at, Ctrl+Enter approves the week, Ctrl+Backspace returns it.',
    );
  });

  it('says of each day what to look at, and in red what is wrong', async () => {
    const looks = ['problem', 'over-day', 'missing', 'late'];
    await list([
      reviewed(8, 'Ann Part', { days: clean.days.map((day, index) => ({ ...day, looks: looks.slice(index, index + 1) })) }),
    ]);
    const cells = [...row('Ann Part').querySelectorAll('.cell')].slice(0, 4);
    expect(cells.map((cell) => [cell.querySelector('small')!.textContent!.trim(), cell.classList.contains('wrong')])).toEqual([
      ['problem', true],
      ['over the day', true],
      ['missing', true],
      ['late', false],
    ]);
  });

  it('takes no part of somebody’s time for the whole', async () => {
    await list([clean, reviewed(8, 'Ann Part', { inAll: 143_100 })]);
    expect(row('Ann Part').textContent).toContain('12:00of 39:45 in all');
    expect(row('Rosa Vane').textContent).toContain('12:00of 37:30');
    expect(page.text()).toContain('2 submitted, 1 seen in part');
  });

  it('does not say that nobody has recorded where it could not be read', async () => {
    await list([], {}, (server) => server.on('readReview', () => refusal(503, 'not-ready', 'Try again in a moment.')));
    expect(page.text()).toContain('Try again in a moment.');
    expect(page.text()).not.toContain('Nobody has recorded');
  });

  it('says nothing of weeks that nobody has', async () => {
    await list([]);
    expect(page.text()).toBe(
      '‹Week 24›Go to the week ofnobody Only what needs a look Columns and files Person Week State Nobody has recorded here in this week. In the list: arrows move, Enter opens, F8 next to look at, Ctrl+Enter approves the week, Ctrl+Backspace returns it.',
    );
  });

  it('says of everybody what is clean, what needs a look and why, and who is missing', async () => {
    const open = reviewed(8, 'Lena Moor', { state: 'open', clean: false, submitted: 0, entries: [] });
    await list([clean, doubtful, own, decided, missing, open]);
    expect(
      page.texts('tbody td:first-child span').map((name, index) => [name, page.texts('tbody td:last-child')[index]]),
    ).toEqual([
      ['Rosa Vane', 'clean'],
      ['Ben Holt', '2 to look at'],
      ['Anna Test', 'your ownsomebody else decides'],
      ['Ida Fell', 'decided'],
      ['Tom Reed', 'nothing recorded'],
      ['Lena Moor', 'not submitted'],
    ]);
    expect(page.text('yw-table .bar .quiet')).toBe('3 submitted, 1 decided, 1 not submitted, 1 missing');
    expect(row('Ben Holt').textContent).toContain('leave');
    expect(row('Ben Holt').querySelectorAll('.cell.wrong').length).toBe(1);
  });

  it('shows a weekend only when somebody worked on it', async () => {
    await list([clean]);
    expect(page.element.querySelectorAll('thead th').length).toBe(8);
    page.element.remove();
    TestBed.resetTestingModule();
    await list([
      reviewed(3, 'Rosa Vane', {
        days: clean.days.map((day, index) => ({ ...day, recorded: index === 5 ? 3600 : day.recorded })),
      }),
    ]);
    expect(page.element.querySelectorAll('thead th').length).toBe(9);
  });

  it('approves everything that is clean at once, and nothing else', async () => {
    await list([clean, doubtful, own, reviewed(8, 'Nell Ash')], {}, (server) =>
      server
        .on('approveEntries', ({ body }) => ({
          decided: 2,
          seconds: 86_400,
          entries: body.entries.map((one) => ({ ...one, version: 2 })),
        }))
        .on('recallApproval', () => ({ decided: 2, seconds: 86_400 })),
    );
    await page.press(/^Approve 2 clean weeks, 24:00$/);
    expect(page.server.to('approveEntries')[0]!.body).toEqual({
      entries: [
        { id: id(300), version: 1 },
        { id: id(800), version: 1 },
      ],
    });
    expect(page.notice()).toContain('2 clean weeks approved');
    // It asked nothing, and is taken back as it was then.
    await page.undo();
    expect(page.server.to('recallApproval')[0]!.body).toEqual({
      entries: [
        { id: id(300), version: 2 },
        { id: id(800), version: 2 },
      ],
    });
    expect(page.notice()).toBe('Undone: 2 clean weeks approved');
  });

  it('has nothing to approve when nobody is clean', async () => {
    await list([doubtful]);
    expect(page.texts('button').filter((text) => text.startsWith('Approve'))).toEqual([]);
  });

  it('leaves the days to the panel where there is little room', async () => {
    page = await open(ReviewScreen, {
      url: '/f/f/review?period=2026-W24',
      roles: ['manager'],
      providers: [{ provide: BreakpointObserver, useValue: { observe: () => of({ matches: true }) } }],
      prepare: (server) =>
        server.on('readReview', ({ query }) => ({
          from: query.from,
          to: '2026-06-14',
          scope: 'all',
          people: [clean],
          waiting: [],
        })),
    });
    expect(page.texts('thead th')).toEqual(['Person', 'Week', 'State']);
  });

  it('says how late a week is that was not submitted, once it is over', async () => {
    const late = reviewed(8, 'Lena Moor', { state: 'open', clean: false, submitted: 0, entries: [] });
    await list([late], { to: '2026-06-07' });
    expect(page.texts('tbody td:last-child')).toEqual(['not submitted3 days late']);
    page.element.remove();
    TestBed.resetTestingModule();
    await list([late], { to: '2026-06-10' });
    expect(page.texts('tbody td:last-child')).toEqual(['not submitted']);
  });

  it('narrows to what needs a look', async () => {
    await list([clean, doubtful, decided]);
    await page.press('Only what needs a look');
    expect(page.texts('tbody td:first-child span')).toEqual(['Ben Holt']);
    await page.press('Everybody');
    expect(page.texts('tbody td:first-child span').length).toBe(3);
  });

  it('leads from what is decided to the next that needs a look, and nowhere when it was refused', async () => {
    const next = reviewed(8, 'Nell Ash', { clean: false, looks: [look('late')] });
    await list([clean, doubtful, own, next], {}, (server) =>
      server.on('approveEntries', ({ body }) => ({ decided: 1, seconds: 43_200, entries: body.entries })),
    );
    row('Ben Holt').focus();
    await page.key(row('Ben Holt'), 'Enter', { ctrlKey: true });
    expect(document.activeElement).toBe(row('Nell Ash'));
    expect(url()).toContain(`sel=person:${id(8)}`);
    page.server.on('approveEntries', () => refusal(409, 'entries-stale', 'Some of these entries have changed.'));
    await page.key(row('Nell Ash'), 'Enter', { ctrlKey: true });
    expect(document.activeElement).toBe(row('Nell Ash'));
  });

  it('is worked through by keys: next to look at, open, approve, return', async () => {
    await list([clean, doubtful, own], {}, (server) =>
      server
        .on('approveEntries', ({ body }) => ({ decided: 1, seconds: 43_200, entries: body.entries }))
        .on('returnPeriod', () => ({ decided: 1, seconds: 43_200 })),
    );
    row('Rosa Vane').focus();
    await page.key(row('Rosa Vane'), 'F8');
    expect(document.activeElement).toBe(row('Ben Holt'));
    expect(url()).toContain(`sel=person:${id(4)}`);
    await page.key(row('Ben Holt'), 'Enter', { ctrlKey: true });
    expect(page.server.to('approveEntries')[0]!.body).toEqual({ entries: [{ id: id(400), version: 1 }] });
    await page.key(row('Ben Holt'), 'Backspace', { ctrlKey: true });
    await page.answer('Return week', 'Tuesday is missing');
    expect([page.server.to('returnPeriod')[0]!.params['id'], page.server.to('returnPeriod')[0]!.body]).toEqual([
      id(4),
      { from: MONDAY, reason: 'Tuesday is missing' },
    ]);
    await page.key(row('Ben Holt'), 'ArrowDown');
    expect(document.activeElement).toBe(row('Anna Test'));
    // One's own week is neither approved nor returned.
    await page.key(row('Anna Test'), 'Enter', { ctrlKey: true });
    await page.key(row('Anna Test'), 'Backspace', { ctrlKey: true });
    expect([page.server.to('approveEntries').length, page.server.to('returnPeriod').length]).toEqual([1, 1]);
  });

  it('leads on to the next that needs a look also where it was decided beside it', async () => {
    await list([clean, doubtful, reviewed(8, 'Nell Ash', { clean: false, looks: doubtful.looks })]);
    TestBed.inject(Decided).person.next(id(4));
    await page.settle();
    expect(document.activeElement).toBe(row('Nell Ash'));
    expect(url()).toContain(`sel=person:${id(8)}`);
  });

  it('leads to somebody by name where there are many', async () => {
    await list([clean, doubtful]);
    expect(page.element.querySelector('yw-person-field')).toBeNull();
    page.element.remove();
    TestBed.resetTestingModule();
    await list([clean, ...Array.from({ length: 12 }, (_, index) => reviewed(20 + index, `Person ${index}`)), doubtful]);
    const find = page.element.querySelector<HTMLInputElement>('yw-person-field input')!;
    find.focus();
    await page.type('yw-person-field input', 'holt');
    await page.settle(30);
    await page.key(find, 'Enter');
    await page.settle(50);
    expect(url()).toContain(`sel=person:${id(4)}`);
    expect(document.activeElement).toBe(row('Ben Holt'));
  });

  it('returns nothing when the person cancels', async () => {
    await list([doubtful]);
    await page.key(row('Ben Holt'), 'Backspace', { ctrlKey: true });
    await page.answer('Cancel');
    expect(page.server.to('returnPeriod').length).toBe(0);
  });

  it('goes to other weeks, and names those in which something still waits', async () => {
    await list([clean], {
      waiting: [
        { from: '2026-05-25', submitted: 7200, people: 1 },
        { from: MONDAY, submitted: 43_200, people: 1 },
      ],
    });
    expect(page.texts('.waiting button')).toEqual(['week 22, 2:00 from 1']);
    await page.press('week 22, 2:00 from 1');
    expect(url()).toContain('period=2026-W22');
    expect(page.server.to('readReview').at(-1)!.query.from).toBe('2026-05-25');
  });

  it('tells when somebody else has changed what was to be approved, and reads again', async () => {
    await list([clean], {}, (server) =>
      server.on('approveEntries', () => refusal(409, 'entries-stale', 'Some of these entries have changed.')),
    );
    const before = page.server.to('readReview').length;
    await page.press(/^Approve 1 clean week,/);
    expect(page.refused()).toContain('Some of these entries have changed.');
    expect(page.server.to('readReview').length).toBeGreaterThan(before);
  });
});

describe('the review of somebody who reviews nobody', () => {
  it('shows what has become of the own weeks', async () => {
    const { weekOfEntries, entryOf } = await import('../testing/fixtures');
    const page = await open(ReviewScreen, {
      url: '/f/f/review',
      roles: ['staff'],
      prepare: (server) =>
        server.on('readTimesheet', ({ params }) =>
          params['from'] === MONDAY
            ? weekOfEntries([
                entryOf(50, { stage: 'approved' }),
                entryOf(51, { returned: { by: 'Maud', at: '2026-06-09T10:00:00.000Z', reason: 'wrong task' } }),
              ])
            : weekOfEntries([], {
                from: params['from']!,
                state: 'submitted',
                submissions: [{ at: '2026-06-05T16:00:00.000Z', note: '', withdrawnAt: null }],
              }),
        ),
    });
    expect(page.server.to('readTimesheet').map((sent) => sent.params['from'])).toEqual([
      MONDAY,
      '2026-06-01',
      '2026-05-25',
      '2026-05-18',
      '2026-05-11',
      '2026-05-04',
    ]);
    const [first, second] = page.texts('tbody tr');
    expect(first).toContain('returned by Maud: “wrong task”');
    expect(first).toContain('3:000:001:30');
    expect(second).toContain('submitted');
    page.element.remove();
  });
});
