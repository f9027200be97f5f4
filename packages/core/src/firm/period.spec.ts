import * as fc from 'fast-check';
import { DateTime } from 'luxon';
import { addDays, datesFrom, weekday } from './dates';
import { PeriodRule, WEEKS, beginsPeriod, besidePeriod, periodRuleOn, submissionPeriod, withPeriods } from './period';

const rule = (names: Partial<PeriodRule>): PeriodRule => ({ ...WEEKS, ...names });

describe('periods of submission', () => {
  it('are weeks from whatever day the firm chose', () => {
    expect(submissionPeriod('2026-06-14', WEEKS)).toEqual({ from: '2026-06-08', to: '2026-06-14' });
    expect(submissionPeriod('2026-06-14', rule({ weekStart: 7 }))).toEqual({ from: '2026-06-14', to: '2026-06-20' });
    expect(submissionPeriod('2026-06-12', rule({ weekStart: 6 }))).toEqual({ from: '2026-06-06', to: '2026-06-12' });
  });

  it('are halves of a month, or months, leap years and all', () => {
    expect(submissionPeriod('2028-02-15', rule({ kind: 'half-month' }))).toEqual({ from: '2028-02-01', to: '2028-02-15' });
    expect(submissionPeriod('2028-02-16', rule({ kind: 'half-month' }))).toEqual({ from: '2028-02-16', to: '2028-02-29' });
    expect(submissionPeriod('2026-12-31', rule({ kind: 'month' }))).toEqual({ from: '2026-12-01', to: '2026-12-31' });
  });

  it('are so many days from a date, before and after it', () => {
    const fortnights = rule({ kind: 'days', days: 14, anchor: '2026-06-01' });
    expect(submissionPeriod('2026-06-14', fortnights)).toEqual({ from: '2026-06-01', to: '2026-06-14' });
    expect(submissionPeriod('2026-05-31', fortnights)).toEqual({ from: '2026-05-18', to: '2026-05-31' });
  });

  it('are others from a day on, and end and begin there', () => {
    const months = withPeriods(WEEKS, rule({ kind: 'month' }), '2026-06-11');
    expect(submissionPeriod('2026-06-10', months)).toEqual({ from: '2026-06-08', to: '2026-06-10' });
    expect(submissionPeriod('2026-06-11', months)).toEqual({ from: '2026-06-11', to: '2026-06-30' });
    expect(submissionPeriod('2026-07-02', months).from).toBe('2026-07-01');
    expect(periodRuleOn('2026-06-10', months).kind).toBe('week');
    expect(periodRuleOn('2026-06-11', months).kind).toBe('month');
    // What was to hold later never does; what held before goes on holding.
    const halves = withPeriods(months, rule({ kind: 'half-month' }), '2026-06-09');
    expect(halves.earlier!.map(({ kind, from }) => [kind, from])).toEqual([['week', undefined]]);
    const later = withPeriods(months, rule({ kind: 'half-month' }), '2026-07-06');
    expect(submissionPeriod('2026-07-05', later)).toEqual({ from: '2026-07-01', to: '2026-07-05' });
    expect(submissionPeriod('2026-07-06', later)).toEqual({ from: '2026-07-06', to: '2026-07-15' });
    expect(submissionPeriod('2026-06-10', later)).toEqual({ from: '2026-06-08', to: '2026-06-10' });
  });

  const rules = fc.record({
    kind: fc.constantFrom<PeriodRule['kind'][]>('week', 'half-month', 'month', 'days'),
    weekStart: fc.integer({ min: 1, max: 7 }),
    days: fc.integer({ min: 1, max: 62 }),
    anchor: fc.constant('2024-01-01'),
  });
  const dates = fc.integer({ min: -9000, max: 9000 }).map((days) => addDays('2026-06-12', days));

  it('hold every date once, without holes, also where the rule was changed', () => {
    fc.assert(
      fc.property(dates, rules, rules, rules, dates, dates, (date, first, second, third, one, two) => {
        const by = withPeriods(withPeriods(first, second, one), third, two);
        const period = submissionPeriod(date, by);
        expect(period.from <= date && date <= period.to).toBeTrue();
        expect(beginsPeriod(period.from, by)).toBeTrue();
        expect(datesFrom(period.from, period.to).every((day) => submissionPeriod(day, by).from === period.from)).toBeTrue();
        expect(besidePeriod(period, by, 1).from).toBe(addDays(period.to, 1));
        expect(besidePeriod(period, by, -1).to).toBe(addDays(period.from, -1));
      }),
    );
  });

  it('begin with the weekday that a second date library finds', () => {
    fc.assert(
      fc.property(dates, fc.integer({ min: 1, max: 7 }), (date, weekStart) => {
        const { from } = submissionPeriod(date, rule({ weekStart }));
        expect(DateTime.fromISO(from).weekday).toBe(weekStart as never);
        expect(weekday(from)).toBe(weekStart);
      }),
    );
  });
});
