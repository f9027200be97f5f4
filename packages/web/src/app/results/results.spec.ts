import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import type { Behind, ResultRow, Results } from '@yellowwood/contracts';
import { Store } from '@ngrx/store';
import { Role } from '@yellowwood/core';
import { Refresh } from '../state/refresh';
import { sessionActions } from '../state/session';
import { FakeServer, Page, id, open } from '../testing/fake-server';
import { entryOf } from '../testing/fixtures';
import { FigureWhy } from './figure-why';
import { ResultsScreen } from './results';

const MONEY = {
  currency: 'GBP',
  standardValue: 120_000,
  billed: 80_000,
  unbilled: 30_000,
  over: 0,
  revenue: 110_000,
  realisation: 950_000,
  ownRealisation: 792_000,
};

function row(number: number, name: string, parent: number | null, names: Partial<ResultRow> = {}): ResultRow {
  return {
    id: id(number),
    kind: 'task',
    parentId: parent === null ? null : id(parent),
    name,
    hours: { own: 3600, below: 0, total: 3600, estimate: 0, billable: 3600 },
    cost: { own: 4000, below: 0, total: 4000, budget: 0 },
    toDate: { seconds: 3600, cost: 4000 },
    margin: null,
    money: [MONEY],
    ...names,
  };
}

const RESULTS: Results = {
  scope: `project:${id(20)}`,
  name: 'Pier',
  agreement: 'time and materials, up to £1,000.00',
  limit: { currency: 'GBP', limit: 100_000, used: 800_000 },
  hours: { own: 0, below: 7200, total: 7200, estimate: 14_400, billable: 5400 },
  money: [MONEY, { ...MONEY, currency: 'EUR', billed: 5000 }],
  costBasis: 'actual',
  cost: { currency: 'GBP', cost: 60_000, budget: 50_000, left: -10_000, revenue: 110_000, margin: 454_545, markUp: 833_333 },
  rows: [
    row(31, 'Soundings', 30, { hours: { own: 3600, below: 0, total: 3600, estimate: 1800, billable: 3600 } }),
    row(30, 'Survey of piles', 20, {
      cost: { own: 4000, below: 4000, total: 8000, budget: 6000 },
      toDate: { seconds: 3600, cost: 8000 },
    }),
  ],
  series: null,
  own: null,
};

describe('the results', () => {
  let page: Page<ResultsScreen>;

  async function results(
    answer: Results,
    url: string,
    roles: Role[] = ['owner'],
    prepare: (server: FakeServer) => void = () => undefined,
  ) {
    page = await open(ResultsScreen, {
      url,
      roles,
      prepare: (server) => {
        server.on('readResults', () => answer);
        prepare(server);
      },
    });
  }
  afterEach(() => page.element.remove());
  const figures = () => page.texts('.figs button');

  it('says over the whole width of the table that nothing is recorded, whatever columns there are', async () => {
    const url = `/f/f/results?scope=project:${id(20)}`;
    // The page itself is held to rows as wide as the head of their table.
    await results({ ...RESULTS, rows: [] }, url);
    expect(page.text('table tbody')).toContain('Nothing is recorded here yet.');
    page.element.remove();
    TestBed.resetTestingModule();
    await results({ ...RESULTS, rows: [], money: null, cost: null, costBasis: null, series: null }, url, ['staff']);
    expect(page.text('table tbody')).toContain('Nothing is recorded here yet.');
  });

  it('leave out what the firm does not use: what people cost, and what is billed', async () => {
    await results(RESULTS, '/f/f/results');
    const words = () => page.texts('.figs button span').join(' | ');
    const heads = () => page.texts('thead th').join(' | ');
    for (const word of ['margin', 'cost', 'billed', 'unbilled', 'realisation']) expect(words()).toContain(word);
    expect(heads()).toMatch(/Margin.*Billed/);
    await page.without('cost');
    expect(words()).not.toMatch(/margin|cost/);
    expect(heads()).not.toMatch(/Margin|Spent/);
    await page.without('invoices');
    expect(words()).not.toMatch(/billed|realisation/);
    expect(words()).toMatch(/margin.*standard value.*revenue/);
    expect(heads()).not.toMatch(/[Bb]illed/);
  });

  it('are of this month, this quarter or everything, as one chooses', async () => {
    await results(RESULTS, '/f/f/results');
    const asked = () => page.server.to('readResults').at(-1)!.query;
    expect(asked()).toEqual({ scope: 'all', from: '2026-04-01', to: '2026-06-10' });
    await page.press('This month');
    expect(asked()).toEqual({ scope: 'all', from: '2026-06-01', to: '2026-06-10' });
    expect(page.text()).toContain('1 Jun to 10 Jun');
    await page.press('To date');
    expect(asked()).toEqual({ scope: 'all' });
  });

  it('stand with their days until others are there, and make room for shapes where they are of other work', async () => {
    await results(RESULTS, '/f/f/results');
    let answer = () => undefined as unknown;
    page.server.onTheWay = () => new Promise((resolve) => (answer = () => resolve(null)));
    page.button('This month').click();
    await new Promise((resolve) => setTimeout(resolve, 20));
    expect(page.text()).toContain('1 Apr to 10 Jun');
    page.server.onTheWay = () => Promise.resolve();
    answer();
    await page.settle(20);
    expect(page.text()).toContain('1 Jun to 10 Jun');
    page.server.onTheWay = () => new Promise((resolve) => (answer = () => resolve(null)));
    await TestBed.inject(Router).navigateByUrl(`/f/f/results?scope=project:${id(20)}`);
    await new Promise((resolve) => setTimeout(resolve, 20));
    expect([page.text('h1'), page.element.querySelectorAll('yw-loading i').length > 0]).toEqual(['', true]);
    page.server.onTheWay = () => Promise.resolve();
    answer();
    await page.settle(20);
    expect(page.text('h1')).not.toBe('');
  });

  it('draws a chart from two months on: of one there is nothing to compare', async () => {
    const series = (...days: string[]) => ({
      step: 'month' as const,
      points: days.map((from) => ({ from, cost: 100, earned: 200, billed: 0 })),
    });
    const charts = () => page.element.querySelectorAll('yw-series-chart').length;
    const url = `/f/f/results?scope=project:${id(20)}`;
    await results({ ...RESULTS, series: series('2026-05-01') }, url);
    expect(charts()).toBe(0);
    page.element.remove();
    TestBed.resetTestingModule();
    await results({ ...RESULTS, series: series('2026-05-01', '2026-06-01') }, url);
    expect(charts()).toBe(1);
  });

  it('say nothing of what there is not', async () => {
    const bare = { agreement: null, limit: null, money: null, costBasis: null, cost: null };
    const hours = { ...RESULTS.hours, estimate: 0 };
    const rows = [row(20, 'Pier', null, { kind: 'project', cost: null, money: null, toDate: { seconds: 3600, cost: null } })];
    await results({ ...RESULTS, ...bare, hours, rows, scope: 'all', name: 'All work' }, '/f/f/results', ['staff']);
    expect(page.text()).toBe(
      'All your work1 Apr to 10 JunThis monthThis quarterTo date2:00hours1:30billable, 0:30 notColumns and files Project Hours Pier1:00 Total of 1 project 2:00',
    );
  });

  it('judge a project over its whole life, against estimate, budget and limit', async () => {
    await results(RESULTS, `/f/f/results?scope=project:${id(20)}`);
    expect(page.server.to('readResults')[0]!.query).toEqual({ scope: `project:${id(20)}` });
    expect(figures().slice(0, 4)).toEqual([
      '2:00hours, estimate 4:00',
      '1:30billable, 0:30 not',
      '£600.00cost of £500.00',
      '45.5%margin, mark-up 83.3%',
    ]);
    expect(figures()[8]).toBe('95.0%realisation, 79.2% of own rates');
    expect(page.texts('.told')).toEqual([
      '80.0% of the agreed limit of £1,000.00 is billed.',
      'Over budget: 120% of the cost budget is spent.',
    ]);
  });

  it('keep each currency by itself, the firm’s own first', async () => {
    await results({ ...RESULTS, money: [...RESULTS.money!].reverse() }, `/f/f/results?scope=project:${id(20)}`);
    expect(figures().filter((text) => text.endsWith('billed') && !text.endsWith('unbilled'))).toEqual([
      '£800.00billed',
      '€50.00billed',
    ]);
  });

  it('say whose work it is, what is agreed, and of which days the figures are', async () => {
    await results(RESULTS, `/f/f/results?scope=project:${id(20)}`);
    const head = () => page.text('.head .quiet');
    expect(head()).toBe('Harbour Trust, time and materials, up to £1,000.00, everything to date');
    await page.press('This quarter');
    expect(head()).toBe('Harbour Trust, time and materials, up to £1,000.00, 1 Apr to 10 Jun');
    page.element.remove();
    TestBed.resetTestingModule();
    const task = `task:${id(31)}`;
    await results({ ...RESULTS, scope: task, name: 'Soundings', limit: null, agreement: null }, `/f/f/results?scope=${task}`);
    expect(head()).toBe('Pier, Harbour Trust, everything to date');
    page.element.remove();
    TestBed.resetTestingModule();
    await results({ ...RESULTS, scope: 'all', name: 'All work', limit: null, agreement: null }, '/f/f/results');
    expect([page.text('h1'), head()]).toEqual(['All work', '1 Apr to 10 Jun']);
  });

  it('judge the firm by the quarter until somebody asks for everything', async () => {
    await results({ ...RESULTS, limit: null }, '/f/f/results');
    expect(page.server.to('readResults')[0]!.query).toEqual({ scope: 'all', from: '2026-04-01', to: '2026-06-10' });
    expect(page.texts('.told')).toEqual([]);
    await page.press('To date');
    expect(page.server.to('readResults').at(-1)!.query).toEqual({ scope: 'all' });
  });

  it('compare budget and estimate with everything to date, also by the quarter', async () => {
    const pier = row(20, 'Pier', 10, {
      kind: 'project',
      hours: { own: 3600, below: 0, total: 3600, estimate: 7200, billable: 3600 },
      cost: { own: 4000, below: 0, total: 4000, budget: 10_000 },
      toDate: { seconds: 9000, cost: 12_000 },
    });
    await results({ ...RESULTS, limit: null, rows: [pier] }, '/f/f/results');
    const shown = ['spent', 'estimate', 'cost', 'left'];
    TestBed.inject(Store).dispatch(
      sessionActions.viewKept({ name: 'results-projects', view: { columns: shown, sort: null, group: null } }),
    );
    await page.settle();
    // The estimate and the budget are of the whole life of the work: so is what they are compared with.
    expect(page.texts('tbody td').slice(2)).toEqual(['1:00', '2:002:30 to date', '40.00', '−20.00']);
    expect(page.element.querySelector('.bullet')!.getAttribute('aria-label')).toBe('£120.00 of £100.00');
    expect(page.element.querySelector('.bullet i.over')).not.toBeNull();
  });

  it('show tasks as a tree with own, below and total, and mark what is over', async () => {
    await results(RESULTS, `/f/f/results?scope=project:${id(20)}`);
    expect(page.texts('tbody td:first-child')).toEqual(['Survey of piles', 'Soundings']);
    const rows = [...page.element.querySelectorAll<HTMLElement>('tbody tr')];
    expect(rows[1]!.querySelector<HTMLElement>('td span')!.style.paddingLeft).toBe('20px');
    expect(rows[0]!.querySelector('i.over')).not.toBeNull();
    expect(rows[1]!.querySelector('td.wrong')!.textContent).toContain('0:30');
  });

  it('find the worst margin in one press, and say where there is no revenue', async () => {
    const margin = (minor: number, revenue: number) => ({
      revenue,
      minor,
      share: revenue > 0 ? Math.round((1_000_000 * minor) / revenue) : null,
    });
    const of = (number: number, name: string, names: Partial<ResultRow>) => row(number, name, 10, { kind: 'project', ...names });
    const idle = { own: 0, below: 0, total: 3600, estimate: 0, billable: 0 };
    await results(
      {
        ...RESULTS,
        limit: null,
        rows: [
          of(20, 'Pier', { margin: margin(5000, 10_000) }),
          of(21, 'Office', { margin: margin(-9000, 0), hours: idle }),
          of(22, 'Quay', { margin: margin(-500, 0) }),
          of(23, 'Weir', { margin: margin(-2000, 1000) }),
        ],
      },
      '/f/f/results',
    );
    page.server.on('keepView', () => null);
    await page.press('Margin, GBP');
    expect(page.texts('tbody td:first-child')).toEqual(['Office', 'Weir', 'Quay', 'Pier']);
    const at = page.texts('thead th').indexOf('Margin %');
    expect([...page.element.querySelectorAll('tbody tr')].map((one) => one.children[at]!.textContent!.trim())).toEqual([
      'no revenue',
      '−200.0%',
      'no revenue yet',
      '50.0%',
    ]);
    expect(page.texts('tbody td.wrong').length).toBeGreaterThan(2);
    // The sum is the scope's own, as it stands above the table.
    expect(page.texts('tfoot td')[at]).toBe('45.5%');
  });

  it('answer why of a figure and go into a part, all in the address', async () => {
    await results(RESULTS, `/f/f/results?scope=project:${id(20)}`);
    await page.press(/billed$/);
    expect(TestBed.inject(Router).url).toContain('sel=figure:');
    await page.key(page.element.querySelectorAll('tbody tr')[1]!, 'Enter');
    expect(TestBed.inject(Router).url).toContain(`scope=task:${id(31)}`);
  });

  it('show no money and no cost to somebody without the right', async () => {
    const bare = {
      ...RESULTS,
      money: null,
      cost: null,
      limit: null,
      agreement: 'time and materials',
      rows: RESULTS.rows.map((one) => ({ ...one, cost: null, money: null, margin: null, toDate: { ...one.toDate, cost: null } })),
    };
    await results(bare, `/f/f/results?scope=project:${id(20)}`, ['staff']);
    expect(page.text()).not.toMatch(/£|€|margin|cost/i);
    expect(page.texts('thead th')).toEqual(['Phase and task', 'Own', 'Below', 'Total', 'Estimate']);
  });

  it('show of a person what they worked on, without the budgets of the whole', async () => {
    await results({ ...RESULTS, limit: null, agreement: null }, `/f/f/results?scope=person:${id(3)}`);
    expect(page.texts('thead th').slice(0, 4)).toEqual(['Phase and task', 'Own', 'Below', 'Total']);
    expect(page.texts('thead th')).not.toContain('Estimate');
    expect(page.element.querySelector('.bullet')).toBeNull();
    expect(new Set([...page.element.querySelectorAll('tbody tr')].map((row) => row.children.length)).size).toBe(1);
    expect(page.element.querySelectorAll('tbody tr')[0]!.children.length).toBe(page.texts('thead th').length);
  });

  it('show staff their own hours', async () => {
    const own = {
      ...RESULTS,
      money: null,
      cost: null,
      limit: null,
      rows: [],
      own: [{ projectId: id(20), name: 'Pier', seconds: 7200, billable: 5400 }],
    };
    await results(own, '/f/f/results', ['staff']);
    expect(page.texts('tbody tr')).toEqual(['Pier2:001:30']);
  });
});

describe('what stands behind a figure', () => {
  let page: Page<FigureWhy>;
  const BEHIND: Behind = {
    figure: 'unbilled',
    entries: [entryOf(50, { stage: 'approved', value: { billable: 5400, rate: 900_000, minor: 13_500, currency: 'GBP' } })],
    documents: [],
    count: 2,
    seconds: 10_800,
    documentCount: 0,
    sums: [{ part: 'unbilled', currency: 'GBP', minor: 27_000 }],
    nextCursor: '100',
  };

  async function why(
    figure: string,
    answer: (cursor: string | undefined) => Behind,
    url = `/f/f/results?scope=project:${id(20)}`,
  ) {
    page = await open(FigureWhy, {
      url,
      roles: ['owner'],
      inputs: { figure },
      prepare: (server) => server.on('readBehind', ({ query }) => answer(query.cursor)),
    });
  }
  afterEach(() => page.element.remove());

  it('is the rule, the sum and the entries, page after page', async () => {
    await why('unbilled', (cursor) =>
      cursor ? { ...BEHIND, entries: [entryOf(51, { stage: 'submitted' })], nextCursor: null } : BEHIND,
    );
    expect(page.text('h3')).toBe('Unbilled');
    expect(page.text('dl')).toBe('Unbilled£270.002 entries3:00');
    expect(page.text('.entries li')).toContain('£135.00');
    await page.press('Show more');
    expect(page.server.to('readBehind').at(-1)!.query.cursor).toBe('100');
    expect(page.element.querySelectorAll('.entries li').length).toBe(2);
    // What was opened stays so at a refresh.
    TestBed.inject(Refresh).written();
    await page.settle(30);
    expect(page.element.querySelectorAll('.entries li').length).toBe(2);
    expect(page.texts('button.link')).toEqual([]);
  });

  it('is asked for the same period as the figure', async () => {
    await why('hours', () => ({ ...BEHIND, nextCursor: null }), '/f/f/results');
    expect(page.server.to('readBehind')[0]!.query).toEqual({
      figure: 'hours',
      scope: 'all',
      from: '2026-04-01',
      to: '2026-06-10',
    });
    // Hours are not money: no amount stands beside the entries.
    expect(page.text('.entries li')).not.toContain('£135.00');
  });

  it('leads to the documents of what is billed', async () => {
    await why('billed', () => ({
      ...BEHIND,
      entries: [],
      count: 0,
      nextCursor: null,
      documents: [{ id: id(60), number: 'T-0001', issuedOn: '2026-06-01', currency: 'GBP', minor: 80_000 }],
      documentCount: 140,
    }));
    expect(page.text('h3.gap')).toBe('Documents, the newest 1');
    await page.press(/T-0001/);
    expect(TestBed.inject(Router).url).toContain(`/f/f/collect?`);
    expect(TestBed.inject(Router).url).toContain(`sel=invoice:${id(60)}`);
  });

  it('asks nothing for a name that is no figure', async () => {
    await why('weather', () => BEHIND);
    expect([page.text('h3'), page.server.to('readBehind').length]).toEqual(['Figure', 0]);
  });
});
