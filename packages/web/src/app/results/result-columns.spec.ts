import type { ResultRow, Results } from '@yellowwood/contracts';
import type { Formats } from '../state/formats';
import { resultColumns, resultTotals } from './result-columns';

const formats = { hours: (value: number) => `${value / 3600} h` } as Formats;
const ALL = { byTask: false, planned: true, spanned: false, cost: true, money: true, billed: true, currency: 'GBP', formats };
const MONEY = {
  ...{ currency: 'GBP', standardValue: 900, billed: 800, unbilled: 0, over: 0, revenue: 800 },
  ...{ realisation: 950_000, ownRealisation: null },
};
const ROW = {
  id: 'a',
  kind: 'project',
  parentId: null,
  name: 'Pier',
  hours: { own: 3600, below: 1800, total: 5400, estimate: 3600, billable: 5400 },
  cost: { own: 1, below: 2, total: 300, budget: 1000 },
  toDate: { seconds: 7200, cost: 1200 },
  margin: { revenue: 800, minor: 500, share: 625_000 },
  money: [MONEY],
} satisfies ResultRow;

describe('the columns of results', () => {
  const ids = (names: Partial<typeof ALL>) => resultColumns({ ...ALL, ...names }).map(({ id }) => id);
  const column = (id: string, names: Partial<typeof ALL> = {}) =>
    resultColumns({ ...ALL, ...names }).find((one) => one.id === id)!;
  const cell = (id: string, names: Partial<ResultRow> = {}) => column(id).value({ ...ROW, depth: 0, ...names });

  it('are those that the reader may see and that the work has', () => {
    expect(ids({})).toEqual([
      ...[
        'name',
        'spent',
        'hours',
        'estimate',
        'cost',
        'left',
        'revenue',
        'margin',
        'share',
        'billed',
        'unbilled',
        'realisation',
      ],
    ]);
    expect(ids({ byTask: true }).slice(0, 5)).toEqual(['name', 'spent', 'own', 'below', 'hours']);
    // Without money there is no margin, without cost neither; of a person nothing is planned.
    expect(ids({ money: false, billed: false })).toEqual(['name', 'spent', 'hours', 'estimate', 'cost', 'left']);
    expect(ids({ cost: false })).toEqual(['name', 'hours', 'estimate', 'billed', 'unbilled', 'realisation']);
    expect(ids({ planned: false, money: false, billed: false })).toEqual(['name', 'hours', 'cost']);
    // Who bills nothing has value all the same.
    expect(ids({ billed: false })).toEqual(ids({}).filter((id) => !['billed', 'unbilled', 'realisation'].includes(id)));
  });

  it('compare what is planned with everything to date, and say where it is over', () => {
    const row = { ...ROW, depth: 0 };
    expect([cell('spent'), cell('left')]).toEqual([1_200_000, [{ currency: 'GBP', minor: -200 }]]);
    expect([column('left').tone!(row), column('estimate').tone!(row)]).toEqual(['wrong', 'wrong']);
    const within = { ...row, toDate: { seconds: 3600, cost: 1000 } };
    expect([column('left').tone!(within), column('estimate').tone!(within)]).toEqual(['', '']);
    // To date beside the estimate only where the hours are of a span.
    expect([column('estimate').small!(row), column('estimate', { spanned: true }).small!(row)]).toEqual(['', '2 h to date']);
  });

  it('hold nothing where nothing is planned or sold, and no zero', () => {
    const bare = { hours: { ...ROW.hours, estimate: 0 }, cost: { ...ROW.cost, budget: 0 } };
    expect([cell('spent', bare), cell('left', bare), cell('estimate', bare)]).toEqual([null, null, null]);
    expect(column('estimate', { spanned: true }).small!({ ...ROW, ...bare, depth: 0 })).toBe('');
    expect(cell('unbilled')).toEqual([]);
    expect([cell('margin', { margin: null }), cell('share', { margin: null }), cell('cost', { cost: null })]).toEqual([
      null,
      null,
      null,
    ]);
  });

  it('tell a realisation of one currency alone', () => {
    expect(cell('realisation')).toBe(950_000);
    expect(cell('realisation', { money: [MONEY, { ...MONEY, currency: 'EUR' }] })).toBeNull();
    expect(cell('billed', { money: [MONEY, { ...MONEY, currency: 'EUR', billed: 7 }] })).toEqual([
      { currency: 'GBP', minor: 800 },
      { currency: 'EUR', minor: 7 },
    ]);
  });

  it('mark a loss, and say nothing of revenue where nothing was spent', () => {
    const lost = { ...ROW, depth: 0, margin: { revenue: 0, minor: -300, share: null } };
    expect([column('margin').tone!(lost), column('share').tone!(lost), column('share').small!(lost)]).toEqual([
      'wrong',
      'wrong',
      'no revenue yet',
    ]);
    expect(column('share').small!({ ...lost, cost: { ...ROW.cost, total: 0 } })).toBe('');
    expect(column('margin').tone!({ ...ROW, depth: 0 })).toBe('');
  });

  it('come to what the scope comes to, not to the sum of phases and what is in them', () => {
    const results = {
      hours: { ...ROW.hours, total: 9000 },
      money: [MONEY],
      cost: { currency: 'GBP', cost: 300, budget: 0, left: 0, revenue: 800, margin: 625_000, markUp: null },
    } as unknown as Results;
    expect(Object.fromEntries(resultTotals(results, true))).toEqual({
      hours: 9000,
      estimate: 3600,
      cost: [{ currency: 'GBP', minor: 300 }],
      revenue: [{ currency: 'GBP', minor: 800 }],
      margin: [{ currency: 'GBP', minor: 500 }],
      share: 625_000,
      billed: [{ currency: 'GBP', minor: 800 }],
      unbilled: [],
    });
    expect([...resultTotals({ ...results, cost: null }, false).keys()]).toEqual(['hours', 'billed', 'unbilled']);
    expect(resultTotals(null, true).size).toBe(0);
  });
});
