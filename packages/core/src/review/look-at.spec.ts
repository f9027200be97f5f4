import { seconds } from '../firm/units';
import { lookAt } from './look-at';

describe('lookAt', () => {
  const reviewed = (id: string, date: string, hours: number, names = {}) => ({
    id,
    workDate: date,
    quantity: seconds(hours * 3600),
    problems: [],
    lagDays: 0,
    changedByOther: false,
    ...names,
  });
  const expected = {
    plannedByDate: { '2026-06-08': seconds(27_000), '2026-06-09': seconds(27_000), '2026-06-13': seconds(0) },
    dayMaximum: seconds(36_000),
    weekMaximum: seconds(48 * 3600),
    weekStart: 1,
  };

  it('calls a period clean only when nothing is to be seen', () => {
    expect(lookAt([reviewed('a', '2026-06-08', 7.5), reviewed('b', '2026-06-09', 10)], new Set(), expected)).toEqual([]);
    expect(lookAt([reviewed('a', '2026-06-08', 7.5)], new Set(['2026-06-09']), expected)).toEqual([]);
  });

  it('names missing days, hours over a maximum, late entries, corrections and problems', () => {
    const looks = lookAt(
      [
        reviewed('a', '2026-06-08', 10.25, { lagDays: 1 }),
        reviewed('b', '2026-06-10', 40, { changedByOther: true, problems: ['no-rate'] }),
      ],
      new Set(),
      expected,
    );
    expect(looks.map((look) => look.reason).sort()).toEqual([
      'changed-by-other',
      'late',
      'missing',
      'over-day',
      'over-day',
      'over-week',
      'problem',
    ]);
  });

  it('keeps to the week’s maximum, the second included', () => {
    const looks = (maximum: number) =>
      lookAt(
        [{ id: 'a', workDate: '2026-06-09', quantity: seconds(3600), problems: ['overlap'], lagDays: 1, changedByOther: true }],
        new Set(),
        { plannedByDate: {}, dayMaximum: seconds(maximum), weekMaximum: seconds(maximum), weekStart: 1 },
      );
    const about = { date: '2026-06-09', entryId: 'a' };
    const own = [
      { reason: 'problem', ...about },
      { reason: 'late', ...about },
      { reason: 'changed-by-other', ...about },
    ];
    expect(looks(3600)).toEqual(own as never);
    expect(looks(3599)).toEqual([
      ...own,
      { reason: 'over-day', date: '2026-06-09', entryId: null },
      { reason: 'over-week', date: null, entryId: null },
    ] as never);
  });
});

describe('periods of several weeks', () => {
  const entries = ['2026-06-01', '2026-06-05', '2026-06-08', '2026-06-12', '2026-06-14'].map((workDate, index) => ({
    ...{ id: String(index), workDate, quantity: seconds(8 * 3600), problems: [], lagDays: 0, changedByOther: false },
  }));
  const over = (maximum: number, weekStart = 1, list = entries) =>
    lookAt(list, new Set(), {
      ...{ plannedByDate: {}, dayMaximum: seconds(86_400), weekMaximum: seconds(maximum * 3600), weekStart },
    }).map((look) => [look.reason, look.date]);

  it('are judged week by week, and say which week it was', () => {
    // 16 hours in the week of 1 June, 24 in the week of 8 June; 40 in both.
    expect(over(24)).toEqual([]);
    expect(over(23)).toEqual([['over-week', '2026-06-08']]);
    expect(over(15)).toEqual([
      ['over-week', '2026-06-01'],
      ['over-week', '2026-06-08'],
    ]);
  });

  it('say the first day of the week, in whatever order the entries come', () => {
    expect(over(23, 1, [...entries].reverse())).toEqual([['over-week', '2026-06-08']]);
  });

  it('begin their weeks where the firm does', () => {
    // From Sunday: 16, 16 and 8 hours.
    expect(over(23, 7)).toEqual([]);
    expect(over(15, 7)).toEqual([
      ['over-week', '2026-06-01'],
      ['over-week', '2026-06-08'],
    ]);
  });
});
