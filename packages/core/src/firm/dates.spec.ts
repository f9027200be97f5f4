import { DateTime } from 'luxon';
import {
  addDays,
  daysBetween,
  isDate,
  monthOf,
  periodText,
  quarterOf,
  readPeriod,
  shiftPeriod,
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
