import { DateTime } from 'luxon';
import * as fc from 'fast-check';
import { expectOk } from '../firm/result';
import { seconds } from '../firm/units';
import { readClock, spanBetween, spanOf } from './span';

const hours = (zone: string, date: string, start: string, end: string) =>
  expectOk(spanOf({ date, start, end, breakSeconds: seconds(0) }, zone)).worked / 3600;

describe('spans over clock changes', () => {
  it('counts elapsed time, not the wall clock', () => {
    // IANA rules; the same figures from glibc, PostgreSQL and two other libraries.
    expect(hours('Europe/Berlin', '2026-03-28', '22:00', '06:00')).toBe(7);
    expect(hours('Europe/Berlin', '2026-10-24', '22:00', '06:00')).toBe(9);
    expect(hours('America/New_York', '2026-03-07', '22:00', '06:00')).toBe(7);
    expect(hours('America/New_York', '2026-10-31', '22:00', '06:00')).toBe(9);
    expect(hours('Australia/Lord_Howe', '2026-04-04', '22:00', '06:00')).toBe(8.5);
    expect(hours('Europe/London', '2026-06-10', '22:00', '06:00')).toBe(8);
  });

  it('agrees with a second date library on 4,000 spans in two zones', () => {
    const pad = (value: number) => String(value).padStart(2, '0');
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 730 }),
        fc.integer({ min: 0, max: 1439 }),
        fc.integer({ min: 0, max: 1439 }),
        fc.constantFrom('Europe/London', 'America/New_York'),
        (day, from, to, zone) => {
          const date = DateTime.utc(2025, 1, 1).plus({ days: day }).toISODate()!;
          const [start, end] = [from, to].map((minute) => `${pad(Math.floor(minute / 60))}:${pad(minute % 60)}`) as [
            string,
            string,
          ];
          const span = spanOf({ date, start, end, breakSeconds: seconds(0) }, zone);
          if (!span.ok) return expect(['span-empty', 'clock-time-twice', 'clock-time-missing']).toContain(span.error.code);
          const other = (time: string, plus: number) =>
            DateTime.fromISO(`${date}T${time}`, { zone }).plus({ days: plus }).toSeconds();
          expect(Number(span.value.worked)).toBe(other(end, end < start ? 1 : 0) - other(start, 0));
        },
      ),
      { numRuns: 4000, seed: 24 },
    );
  });

  it('asks back about a time that comes twice or not at all, and takes the answer', () => {
    const typed = { date: '2026-10-25', start: '01:30', end: '03:00', breakSeconds: seconds(0) };
    expect(spanOf(typed, 'Europe/London')).toEqual(
      jasmine.objectContaining({ ok: false, error: jasmine.objectContaining({ code: 'clock-time-twice' }) }),
    );
    expect(expectOk(spanOf({ ...typed, whichStart: 'earlier' }, 'Europe/London')).worked).toBe(seconds(2.5 * 3600));
    expect(expectOk(spanOf({ ...typed, whichStart: 'later' }, 'Europe/London')).worked).toBe(seconds(1.5 * 3600));
    expect(spanOf({ ...typed, date: '2026-03-29' }, 'Europe/London')).toEqual(
      jasmine.objectContaining({ ok: false, error: jasmine.objectContaining({ code: 'clock-time-missing' }) }),
    );
  });

  it('refuses an empty span and a break as long as the span', () => {
    const typed = { date: '2026-06-10', start: '08:00', end: '12:00', breakSeconds: seconds(1800) };
    expect(expectOk(spanOf(typed, 'Europe/London')).worked).toBe(seconds(3.5 * 3600));
    expect(spanOf({ ...typed, end: '08:00' }, 'Europe/London').ok).toBeFalse();
    expect(spanOf({ ...typed, breakSeconds: seconds(4 * 3600) }, 'Europe/London').ok).toBeFalse();
  });

  it('reads clock times as people type them', () => {
    for (const [text, clock] of [
      ['8', '08:00'],
      ['8:30', '08:30'],
      ['0830', '08:30'],
      ['8.30', '08:30'],
      ['5 pm', '17:00'],
      ['12am', '00:00'],
      ['17h05', '17:05'],
    ] as const)
      expect(expectOk(readClock(text)))
        .withContext(text)
        .toBe(clock);
    for (const text of ['', '24:00', '8:60', '13pm', 'noon']) expect(readClock(text).ok).withContext(text).toBeFalse();
  });
});

describe('spans and clock times at their edges', () => {
  const span = (start: string, end: string, rest = 0, names = {}) =>
    spanOf({ date: '2026-10-25', start, end, breakSeconds: seconds(rest), ...names }, 'Europe/London');

  it('are refused with what is wrong', () => {
    expect(span('09:00', '09:00')).toEqual({ ok: false, error: { code: 'span-empty', data: { time: '09:00' } } });
    expect(span('09:00', '10:00', 3600)).toEqual({
      ok: false,
      error: { code: 'break-too-long', data: { break: seconds(3600), span: seconds(3600) } },
    });
    expect(span('09:00', '10:00', -1)).toEqual({ ok: false, error: { code: 'break-negative' } });
    expect(spanBetween('2026-06-10T08:00:00.000Z', '2026-06-10T08:00:00.000Z', seconds(0))).toEqual({
      ok: false,
      error: { code: 'span-empty', data: { time: '2026-06-10T08:00:00.000Z' } },
    });
    expect(spanBetween('2026-06-10T08:00:00.000Z', '2026-06-10T07:00:00.000Z', seconds(0)).ok).toBeFalse();
  });

  it('last an hour from a time to itself where the clock shows it twice', () => {
    const hour = span('01:30', '01:30', 0, { whichStart: 'earlier', whichEnd: 'later' });
    expect(expectOk(hour).worked).toBe(seconds(3600));
  });

  it('read times of day in every way, and nothing that only begins or ends with one', () => {
    const read = (text: string) => {
      const found = readClock(text);
      return found.ok ? found.value : found.error.code;
    };
    expect([' 8 ', '8.30', '0830', '17h05', '5 PM', '12 am', '12pm', '1 am', '23:59'].map(read)).toEqual([
      ...['08:00', '08:30', '08:30', '17:05', '17:00', '00:00', '12:00', '01:00', '23:59'],
    ]);
    expect(['', '  '].map(read)).toEqual(['clock-empty', 'clock-empty']);
    for (const text of ['24', '8:60', '0 am', '13 pm', 'x8', '8x', '8:3', '8:30 xm'])
      expect(readClock(text))
        .withContext(text)
        .toEqual({ ok: false, error: { code: 'clock-unreadable', data: { typed: text } } });
  });
});
