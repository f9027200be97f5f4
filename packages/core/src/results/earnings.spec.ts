import { millionths, minor } from '../firm/units';
import {
  EarningRows,
  Earned,
  Judged,
  WorkSum,
  chartOf,
  chartStep,
  earningsOf,
  judge,
  limitKey,
  moneyByProject,
  moneyOf,
  revenueInFirm,
  revenueInFirmByProject,
  stepStart,
} from './earnings';

const work = (names: Partial<WorkSum>): WorkSum => ({
  ...{ projectId: 'p', currency: 'GBP', value: 0, unbilled: 0, billedStandard: 0, billedOwn: 0 },
  ...names,
});
const bill = (amount: number, names: Partial<EarningRows['billed'][number]> = {}) => ({
  ...{ projectId: 'p', currency: 'GBP', amount, issuedOn: '2026-06-30' },
  ...names,
});
const rows = (names: Partial<EarningRows>): EarningRows => ({ sums: [], billed: [], waiting: [], ...names });
// A euro is 0.80 before July and 0.90 from then on.
const toFirm: Earned['toFirm'] = (amount, currency, on) =>
  currency === 'GBP' ? amount : minor(Math.round(amount * (on !== null && on >= '2026-07-01' ? 0.9 : 0.8)));
const earned = (names: Partial<EarningRows>, more: Partial<Earned> = {}): Judged =>
  judge({ ...{ rows: rows(names), before: null, limits: new Map(), toFirm }, ...more });

describe('money of some work', () => {
  it('counts what waits over a limit on a document as unbilled, and realises against what is billed or written off', () => {
    // 5,000.00 billed of 5,606.29; 606.29 wait. Limit 5,000.00.
    const money = moneyOf(
      earned(
        {
          sums: [work({ value: 560_629, billedStandard: 560_629, billedOwn: 700_000 })],
          billed: [bill(500_000)],
          waiting: [{ projectId: 'p', currency: 'GBP', minor: 60_629 }],
        },
        { limits: new Map([[limitKey('p', 'GBP'), minor(500_000)]]) },
      ),
    );
    expect(money).toEqual([
      {
        currency: 'GBP',
        standardValue: minor(560_629),
        billed: minor(500_000),
        unbilled: minor(60_629),
        over: minor(60_629),
        revenue: minor(500_000),
        realisation: millionths(891_855),
        ownRealisation: millionths(714_286),
      },
    ]);
  });

  it('caps each project and currency by itself, and never adds currencies up', () => {
    const money = moneyOf(
      earned(
        {
          sums: [
            work({ value: 900, unbilled: 900 }),
            work({ projectId: 'q', value: 400, unbilled: 400 }),
            work({ currency: 'EUR', value: 700, unbilled: 700 }),
            work({ currency: null, value: 0 }),
          ],
        },
        { limits: new Map([[limitKey('p', 'GBP'), minor(500)]]) },
      ),
    );
    expect(money.map(({ currency, revenue, over }) => [currency, revenue, over])).toEqual([
      ['EUR', minor(700), minor(0)],
      ['GBP', minor(900), minor(400)],
    ]);
  });

  it('takes off again what was earned before the span, so that spans add up to the whole', () => {
    const limits = new Map([[limitKey('p', 'GBP'), minor(1000)]]);
    const first = rows({ sums: [work({ value: 800, unbilled: 800 })] });
    const second = rows({ sums: [work({ value: 500, unbilled: 500 })] });
    expect(moneyOf(judge({ rows: first, before: null, limits, toFirm }))[0]!.revenue).toBe(minor(800));
    expect(moneyOf(judge({ rows: second, before: first, limits, toFirm }))[0]!.revenue).toBe(minor(200));
  });

  it('counts what was billed before the span against the limit, too', () => {
    const limits = new Map([[limitKey('p', 'GBP'), minor(1000)]]);
    const before = rows({ billed: [bill(900)] });
    // 900 billed before and 600 now are 1,500: billed is earned, above the limit or not.
    expect(moneyOf(judge({ rows: rows({ billed: [bill(600)] }), before, limits, toFirm }))[0]!.revenue).toBe(minor(600));
    expect(
      moneyOf(judge({ rows: rows({ sums: [work({ value: 600, unbilled: 600 })] }), before, limits, toFirm }))[0]!.revenue,
    ).toBe(minor(100));
  });

  it('has a row for a currency as soon as there is value, a document or something unbilled in it', () => {
    const of = (names: Partial<EarningRows>) => moneyOf(earned(names)).map((one) => one.currency);
    expect(of({ billed: [bill(1)] })).toEqual(['GBP']);
    expect(of({ waiting: [{ projectId: 'p', currency: 'GBP', minor: 1 }] })).toEqual(['GBP']);
    // Work that is worth nothing in any currency has none.
    expect(of({ sums: [work({ currency: null, value: 5, unbilled: 5 })] })).toEqual([]);
  });

  it('is the same for each of many projects at once as for its rows alone', () => {
    const all = rows({
      sums: [work({ value: 900, unbilled: 900 }), work({ projectId: 'q', value: 400, unbilled: 300 })],
      billed: [bill(70, { projectId: 'q' }), bill(5, { currency: 'EUR' })],
      waiting: [{ projectId: 'p', currency: 'GBP', minor: 7 }],
    });
    const before = rows({ sums: [work({ value: 200, unbilled: 200 })] });
    const limits = new Map([[limitKey('p', 'GBP'), minor(500)]]);
    const of = moneyByProject(judge({ rows: all, before, limits, toFirm }));
    const alone = (id: string) => {
      const own = <T extends { projectId: string }>(list: readonly T[]) => list.filter((row) => row.projectId === id);
      const part = ({ sums, billed, waiting }: EarningRows) => ({ sums: own(sums), billed: own(billed), waiting: own(waiting) });
      return moneyOf(judge({ rows: part(all), before: part(before), limits, toFirm }));
    };
    for (const id of ['p', 'q', 'none']) expect(of(id)).withContext(id).toEqual(alone(id));
    expect(of('p').map((one) => [one.currency, one.revenue])).toEqual([
      ['EUR', minor(5)],
      ['GBP', minor(300)],
    ]);
  });

  it('leaves out a currency in which there is nothing', () => {
    expect(moneyOf(earned({ sums: [work({}), work({ currency: 'EUR', value: 1 })] })).map((one) => one.currency)).toEqual([
      'EUR',
    ]);
  });
});

describe('revenue in the firm’s currency', () => {
  it('takes documents at the rate of their date, and the rest at the rate of the day', () => {
    const billed = [bill(10_000, { currency: 'EUR' })];
    const sums = [work({ currency: 'EUR', unbilled: 1000 })];
    // 100.00 at 0.80 and 10.00 at 0.90.
    expect(revenueInFirm(earned({ billed, sums }), '2026-07-02')).toBe(minor(8900));
  });

  it('is in the firm’s currency of each project by itself, and together what it is of all', () => {
    const all = earned(
      {
        billed: [bill(10_000, { currency: 'EUR' }), bill(700, { projectId: 'q' })],
        sums: [work({ currency: 'EUR', unbilled: 1000 }), work({ projectId: 'q', unbilled: 5000 }), work({ unbilled: 40 })],
      },
      { limits: new Map([[limitKey('q', 'GBP'), minor(2000)]]) },
    );
    const of = revenueInFirmByProject(all, '2026-07-02');
    // 89.00 of euros and 0.40; a limit of 20.00; a project of which nothing is known.
    expect([of('p'), of('q'), of('r')]).toEqual([minor(8940), minor(2000), minor(0)]);
    expect(revenueInFirm(all, '2026-07-02')).toBe(minor(10_940));
  });

  it('makes margin of revenue and mark-up of cost', () => {
    expect(earningsOf(minor(12_000), minor(9000))).toEqual({
      revenue: minor(12_000),
      cost: minor(9000),
      margin: millionths(250_000),
      markUp: millionths(333_333),
    });
  });
});

describe('the chart', () => {
  const month = (text: string, value: number, cost: number) => ({
    ...{ on: `${text}-10`, projectId: 'p', currency: 'GBP', value, cost },
  });
  const draw = (limits: Earned['limits'], before: EarningRows | null = null) =>
    chartOf(
      [month('2026-05', 800, 300), month('2026-06', 500, 200)],
      [{ on: '2026-06-30', projectId: 'p', currency: 'GBP', issuedOn: '2026-06-30', amount: 700, standard: 800 }],
      [{ on: '2026-06-30', projectId: 'p', currency: 'GBP', minor: 50 }],
      { before, limits, toFirm },
      '2026-06-30',
      'GBP',
      (date) => stepStart(date, 'month', 1),
    );

  it('adds up by month; what a document bills less than its time is earned less from its date on', () => {
    expect(draw(new Map())).toEqual([
      { from: '2026-05-01', cost: 300, earned: 800, billed: 0 },
      // 1,300 of value, less 100 that were not billed, of which 50 wait.
      { from: '2026-06-01', cost: 500, earned: 1250, billed: 700 },
    ]);
  });

  it('goes from month to month, also where only a document or a sum over the limit falls into one', () => {
    const document = { projectId: null, currency: 'GBP', issuedOn: '2026-04-30', amount: 70, standard: 0 };
    const points = chartOf(
      [month('2026-05', 800, 300), { ...month('2026-06', 99, 40), currency: null }],
      [{ ...document, on: '2026-04-30' }],
      [{ on: '2026-03-12', projectId: null, currency: 'GBP', minor: 5 }],
      { before: null, limits: new Map(), toFirm },
      '2026-06-30',
      'GBP',
      (date) => stepStart(date, 'month', 1),
    );
    expect(points).toEqual([
      { from: '2026-03-01', cost: 0, earned: 5, billed: 0 },
      { from: '2026-04-01', cost: 0, earned: 75, billed: 70 },
      { from: '2026-05-01', cost: 300, earned: 875, billed: 70 },
      // Worth nothing in any currency, but it costs.
      { from: '2026-06-01', cost: 340, earned: 875, billed: 70 },
    ]);
  });

  it('draws a month by days, a quarter by weeks, what is longer by months', () => {
    const step = (from: string, to: string) => chartStep({ from, to });
    expect([step('2026-06-01', '2026-06-10'), step('2026-05-01', '2026-05-31')]).toEqual(['day', 'day']);
    expect([step('2026-05-01', '2026-06-01'), step('2026-07-01', '2026-09-30')]).toEqual(['week', 'week']);
    expect([step('2026-07-01', '2026-10-01'), step('0001-01-01', '9999-12-31')]).toEqual(['month', 'month']);
  });

  it('begins its weeks where the firm does', () => {
    // Wednesday, 10 June 2026.
    expect([stepStart('2026-06-10', 'day', 1), stepStart('2026-06-10', 'month', 1)]).toEqual(['2026-06-10', '2026-06-01']);
    expect([1, 7, 3].map((first) => stepStart('2026-06-10', 'week', first))).toEqual(['2026-06-08', '2026-06-07', '2026-06-10']);
  });

  it('stops at the limit, less what was earned before', () => {
    const limits = new Map([[limitKey('p', 'GBP'), minor(1000)]]);
    expect(draw(limits).map((point) => point.earned)).toEqual([800, 1000]);
    const before = rows({ sums: [work({ value: 300, unbilled: 300 })] });
    expect(draw(limits, before).map((point) => point.earned)).toEqual([700, 700]);
  });
});
