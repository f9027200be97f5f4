import { readDate } from './read-date';

// Friday, 12 June 2026.
const TODAY = '2026-06-12';

describe('a typed date', () => {
  const british = (typed: string) => readDate(typed, TODAY, 'en-GB');

  it('is read in figures in the order of the language, with or without a year', () => {
    for (const typed of [
      '9/6',
      '9.6.',
      '09/06/2026',
      '9.6.26',
      '9-6-2026',
      '2026-06-09',
      '9 Jun',
      'Jun 9',
      '9 June 2026',
      '9th June',
    ])
      expect([typed, british(typed)]).toEqual([typed, '2026-06-09']);
    expect(readDate('6/9', TODAY, 'en-US')).toBe('2026-06-09');
    expect(readDate('6/9', TODAY, 'de-AT')).toBe('2026-09-06');
  });

  it('is read in words, counted from the person’s day', () => {
    for (const [typed, date] of [
      ['today', '2026-06-12'],
      ['yesterday', '2026-06-11'],
      ['tomorrow', '2026-06-13'],
      ['last Monday', '2026-06-08'],
      ['Wed 10 Jun 2026', '2026-06-10'],
      ['Mon, 8 Jun 2026', '2026-06-08'],
    ] as const)
      expect([typed, british(typed)]).toEqual([typed, date]);
  });

  it('is read in the words of the language, too', () => {
    expect(readDate('9. Juni 2026', TODAY, 'de-DE')).toBe('2026-06-09');
    expect(readDate('gestern', TODAY, 'de-DE')).toBe('2026-06-11');
    expect(readDate('yesterday', TODAY, 'de-DE')).toBe('2026-06-11');
  });

  it('is the nearest day of that number, of two equally near ones the past', () => {
    expect(british('9')).toBe('2026-06-09');
    expect(british('28')).toBe('2026-05-28');
    expect(british('31')).toBe('2026-05-31');
    expect(readDate('1', '2026-12-30', 'en-GB')).toBe('2027-01-01');
    expect([british('0'), british('32')]).toEqual([null, null]);
  });

  it('is the nearest year where none is said', () => {
    expect(readDate('28 Dec', '2026-01-03', 'en-GB')).toBe('2025-12-28');
    expect(readDate('3 Jan', '2026-12-28', 'en-GB')).toBe('2027-01-03');
  });

  it('is nothing where it cannot be read, or is no day', () => {
    for (const typed of ['', 'soon', '31/2', '30 Feb', '9 Jun to 12 Jun', 'pay on 9 Jun', '2026-02-30', '99/99'])
      expect([typed, british(typed)]).toEqual([typed, null]);
  });
});
