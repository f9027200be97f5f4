import { DateTime } from 'luxon';
import {
  addDays,
  datesFrom,
  daysBetween,
  isDate,
  monthOf,
  periodText,
  quarterOf,
  readPeriod,
  shiftPeriod,
  shortDate,
  weekNumber,
  weekOf,
} from './dates';

describe('weeks', () => {
  it('numbers weeks over year ends as ISO 8601 does', () => {
    // Examples of ISO 8601's week rule, as published widely: the week belongs to the year of its Thursday.
    const examples: [string, number, number][] = [
      ['2005-01-01', 2004, 53],
      ['2005-01-02', 2004, 53],
      ['2005-12-31', 2005, 52],
      ['2007-01-01', 2007, 1],
      ['2007-12-31', 2008, 1],
      ['2008-12-29', 2009, 1],
      ['2010-01-03', 2009, 53],
      ['2026-12-31', 2026, 53],
      ['2027-01-03', 2026, 53],
    ];
    for (const [date, year, week] of examples) expect(weekNumber(date)).withContext(date).toEqual({ year, week });
  });

  it('agrees with a second date library on every day of 28 years', () => {
    for (let date = '2000-01-01'; date < '2028-01-01'; date = addDays(date, 1)) {
      const other = DateTime.fromISO(date, { zone: 'utc' });
      const own = weekNumber(date);
      if (own.year !== other.weekYear || own.week !== other.weekNumber)
        fail(`${date}: ${JSON.stringify(own)} against ${other.weekYear} ${other.weekNumber}`);
    }
    expect(weekOf('2026-06-10')).toEqual({ from: '2026-06-08', to: '2026-06-14', kind: 'week' });
  });

  it('reads and writes periods as they stand in addresses', () => {
    for (const text of ['2026-W24', '2026-W53', '2026-05', '2026-05-01..2026-05-15']) {
      const read = readPeriod(text);
      expect(read.ok && periodText(read.value))
        .withContext(text)
        .toBe(text);
    }
    for (const text of ['2025-W53', '2026-W00', '2026-13', '2026-02-30..2026-03-01', '2026-05-15..2026-05-01', 'x'])
      expect(readPeriod(text).ok).withContext(text).toBeFalse();
  });

  it('goes to the period before and after', () => {
    expect(shiftPeriod(weekOf('2026-01-01'), -1).from).toBe('2025-12-22');
    expect(shiftPeriod(monthOf('2026-01-31'), 1)).toEqual(monthOf('2026-02-01'));
    expect(quarterOf('2026-11-25')).toEqual({ from: '2026-10-01', to: '2026-12-31', kind: 'range' });
    expect(daysBetween('2026-02-28', '2026-03-01')).toBe(1);
    expect(isDate('2026-02-29')).toBeFalse();
  });
});

describe('dates and periods at their edges', () => {
  it('takes nothing for a date that only holds one', () => {
    for (const text of ['2026-06-10x', 'x2026-06-10', '2026-6-10', '2026-06-31', '20260610', ''])
      expect(isDate(text)).withContext(text).toBeFalse();
    expect(isDate('2024-02-29')).toBeTrue();
  });

  it('counts days also where a year has more or fewer than four figures', () => {
    expect([addDays('9999-12-30', 1), addDays('9999-12-31', 1)]).toEqual(['9999-12-31', '+010000-01-01']);
    expect([addDays('0000-01-02', -1), addDays('0000-01-01', -1)]).toEqual(['0000-01-01', '-000001-12-31']);
    expect(addDays('0000-01-01', 0)).toBe('0000-01-01');
  });

  it('lists every date from one to another, one for the same, none backwards', () => {
    expect(datesFrom('2026-02-27', '2026-03-01')).toEqual(['2026-02-27', '2026-02-28', '2026-03-01']);
    expect(datesFrom('2026-02-27', '2026-02-27')).toEqual(['2026-02-27']);
    expect(datesFrom('2026-02-27', '2026-02-26')).toEqual([]);
  });

  it('reads only what is a period, and says what was typed', () => {
    for (const text of ['2026-W54', '2026-W01x', 'x2026-W01', 'x2026-05', '2026-05-01..', '..2026-05-01', '2026-05-01', ''])
      expect(readPeriod(text))
        .withContext(text)
        .toEqual({ ok: false, error: { code: 'period-unreadable', data: { typed: text } } });
    expect(readPeriod('2026-W01')).toEqual({ ok: true, value: { from: '2025-12-29', to: '2026-01-04', kind: 'week' } });
    expect(readPeriod('2026-05-01..2026-05-01')).toEqual({
      ok: true,
      value: { from: '2026-05-01', to: '2026-05-01', kind: 'range' },
    });
    expect(periodText(weekOf('2026-01-07'))).toBe('2026-W02');
  });

  it('goes on by weeks, months and the length of a free range', () => {
    expect(shiftPeriod(weekOf('2026-06-10'), 1)).toEqual(weekOf('2026-06-17'));
    expect(shiftPeriod(monthOf('2026-03-31'), -1)).toEqual(monthOf('2026-02-10'));
    expect(shiftPeriod(monthOf('2026-12-01'), 1)).toEqual(monthOf('2027-01-31'));
    const range = { from: '2026-06-01', to: '2026-06-10', kind: 'range' } as const;
    expect(shiftPeriod(range, 1)).toEqual({ from: '2026-06-11', to: '2026-06-20', kind: 'range' });
    expect(shiftPeriod(range, -1)).toEqual({ from: '2026-05-22', to: '2026-05-31', kind: 'range' });
  });

  it('names the year of a date beside one of another year', () => {
    expect(shortDate('2026-06-09')).toBe('9 Jun');
    expect(shortDate('2026-06-09', '2026-12-31')).toBe('9 Jun');
    expect(shortDate('2025-12-29', '2026-01-04')).toBe('29 Dec 2025');
  });
});
