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
