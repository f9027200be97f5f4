import { seconds } from '../firm/units';
import { decide } from './decide';
import { lookAt } from './look-at';

const entry = (id: string, names = {}) => ({
  id,
  version: 3,
  stage: 'submitted' as const,
  personId: 'staff',
  billedQuantity: 0,
  reserved: false,
  ...names,
});
const seen = (...ids: string[]) => ids.map((id) => ({ id, version: 3 }));
const code = (result: ReturnType<typeof decide>) => (result.ok ? 'ok' : result.error.code);

describe('decide', () => {
  it('approves all or none', () => {
    expect(decide('approve', [entry('a'), entry('b')], seen('a', 'b'), 'manager', null)).toEqual({
      ok: true,
      value: [
        { id: 'a', stage: 'approved' },
        { id: 'b', stage: 'approved' },
      ],
    });
    expect(code(decide('approve', [entry('a'), entry('b', { version: 4 })], seen('a', 'b'), 'manager', null))).toBe(
      'entry-changed',
    );
    expect(code(decide('approve', [entry('a')], seen('a', 'b'), 'manager', null))).toBe('entry-missing');
    expect(code(decide('approve', [entry('a', { stage: 'recorded' })], seen('a'), 'manager', null))).toBe('stage-not-possible');
  });

  it('lets nobody decide on their own time', () => {
    expect(code(decide('approve', [entry('a')], seen('a'), 'staff', null))).toBe('own-time');
  });

  it('wants a reason for a return and a re-opening, and does not re-open what is billed', () => {
    expect(code(decide('return', [entry('a')], seen('a'), 'manager', ' '))).toBe('reason-missing');
    expect(decide('return', [entry('a')], seen('a'), 'manager', 'Split it')).toEqual({
      ok: true,
      value: [{ id: 'a', stage: 'recorded' }],
    });
    expect(code(decide('reopen', [entry('a', { stage: 'approved', billedQuantity: 60 })], seen('a'), 'manager', 'x'))).toBe(
      'entry-billed',
    );
    expect(code(decide('reopen', [entry('a', { stage: 'approved' })], seen('a'), 'manager', 'x'))).toBe('ok');
  });
});

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
});

describe('what stands in the way of deciding', () => {
  it('names the entry', () => {
    for (const [outcome, names, code, data] of [
      ['approve', { personId: 'manager' }, 'own-time', { id: 'a' }],
      ['approve', { version: 9 }, 'entry-changed', { id: 'a' }],
      ['approve', { stage: 'recorded' }, 'stage-not-possible', { id: 'a', stage: 'recorded' }],
      ['reopen', { stage: 'approved', billedQuantity: 60 }, 'entry-billed', { id: 'a' }],
      ['reopen', { stage: 'approved', reserved: true }, 'entry-in-draft', { id: 'a' }],
    ] as const)
      expect(decide(outcome, [entry('a', names) as never], seen('a'), 'manager', 'Because')).toEqual({
        ok: false,
        error: { code, data },
      } as never);
    expect(decide('approve', [], seen('a'), 'manager', null)).toEqual({
      ok: false,
      error: { code: 'entry-missing', data: { id: 'a' } },
    });
    expect(code(decide('return', [entry('a')], seen('a'), 'manager', null))).toBe('reason-missing');
  });

  it('is nothing of documents where nothing is re-opened', () => {
    for (const names of [{ billedQuantity: 60 }, { reserved: true }])
      expect(code(decide('approve', [entry('a', names)], seen('a'), 'manager', null))).toBe('ok');
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
  const over = (maximum: number, weekStart = 1) =>
    lookAt(entries, new Set(), {
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

  it('begin their weeks where the firm does', () => {
    // From Sunday: 16, 16 and 8 hours.
    expect(over(23, 7)).toEqual([]);
    expect(over(15, 7)).toEqual([
      ['over-week', '2026-06-01'],
      ['over-week', '2026-06-08'],
    ]);
  });
});
