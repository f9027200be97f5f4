import * as fc from 'fast-check';
import { DateTime, IANAZone } from 'luxon';
import { addSeconds, clockIn, clockSeconds, dateIn, instantOf, isZone, secondsBetween } from './zones';

// Zones with every kind of change: an hour, half an hour, at midnight, in the other half of the year, across
// the date line, and none.
const ZONES = [
  'Europe/London',
  'America/New_York',
  'Australia/Lord_Howe',
  'America/Santiago',
  'Asia/Beirut',
  'Pacific/Apia',
  'Asia/Kathmandu',
];
const zone = fc.constantFrom(...ZONES);

describe('wall-clock time in zones', () => {
  it('agrees with a second date library at 6,000 instants, half of them near a change of the clocks', () => {
    const changes = [
      '2026-03-29T01:00Z',
      '2026-10-25T01:00Z',
      '2026-03-08T07:00Z',
      '2026-11-01T06:00Z',
      '2026-04-04T15:00Z',
      '2026-10-03T15:30Z',
      '2026-04-05T03:00Z',
      '2026-09-06T04:00Z',
      '2026-03-28T22:00Z',
      '2011-12-30T10:00Z',
    ];
    const near = fc
      .tuple(fc.constantFrom(...changes), fc.integer({ min: -100_000, max: 100_000 }))
      .map(([at, off]) => Date.parse(at) + off * 1000);
    const anywhere = fc.integer({ min: Date.parse('2001-01-01'), max: Date.parse('2037-12-31') });
    fc.assert(
      fc.property(zone, fc.oneof(near, anywhere), (name, at) => {
        const instant = new Date(at).toISOString();
        const other = DateTime.fromMillis(at, { zone: name });
        expect(dateIn(name, instant)).toBe(other.toISODate()!);
        expect(clockIn(name, instant)).toBe(other.toFormat('HH:mm'));
        expect(clockIn(name, instant, 'second')).toBe(other.toFormat('HH:mm:ss'));
        expect(clockSeconds(name, dateIn(name, instant), instant)).toBe(other.hour * 3600 + other.minute * 60 + other.second);
      }),
      { numRuns: 6000, seed: 12 },
    );
  });

  it('finds the instant of what the clock says, by the same library’s offset', () => {
    const minute = fc
      .integer({ min: 0, max: 1439 })
      .map((value) => `${String(Math.floor(value / 60)).padStart(2, '0')}:${String(value % 60).padStart(2, '0')}`);
    const date = fc.integer({ min: 0, max: 800 }).map((days) => DateTime.utc(2025, 1, 1).plus({ days }).toISODate()!);
    fc.assert(
      fc.property(zone, date, minute, fc.constantFrom('earlier', 'later'), (name, day, time, which) => {
        const found = instantOf(day, time, name, which as 'earlier');
        if (!found.ok) {
          // The clocks skip it: no instant of that day shows this time.
          expect(found.error.code).toBe('clock-time-missing');
          return expect(DateTime.fromISO(`${day}T${time}`, { zone: name }).toFormat('HH:mm')).not.toBe(time);
        }
        const offset = IANAZone.create(name).offset(Date.parse(found.value));
        expect(Date.parse(found.value) + offset * 60_000).toBe(Date.parse(`${day}T${time}Z`));
        expect([dateIn(name, found.value), clockIn(name, found.value)]).toEqual([day, time]);
      }),
      { numRuns: 4000, seed: 13 },
    );
  });

  it('asks back about what comes twice, and takes the answer', () => {
    const at = (which?: 'earlier' | 'later') => instantOf('2026-10-25', '01:30', 'Europe/London', which);
    expect(at()).toEqual(jasmine.objectContaining({ ok: false, error: jasmine.objectContaining({ code: 'clock-time-twice' }) }));
    expect([at('earlier'), at('later')]).toEqual([
      { ok: true, value: '2026-10-25T00:30:00.000Z' },
      { ok: true, value: '2026-10-25T01:30:00.000Z' },
    ]);
  });

  it('takes no date for another one', () => {
    expect(() => instantOf('2026-02-30', '10:00', 'Europe/London')).toThrow();
    expect(() => instantOf('2026-06-10', '24:00', 'Europe/London')).toThrow();
  });

  it('counts elapsed seconds whole, and adds them exactly', () => {
    expect(Number(secondsBetween('2026-06-10T08:00:00.900Z', '2026-06-10T09:00:00.100Z'))).toBe(3599);
    expect(addSeconds('2026-03-29T00:59:59.500Z', 1)).toBe('2026-03-29T01:00:00.500Z');
  });
});

describe('what the clock cannot show', () => {
  const failure = (date: string, time: string) => instantOf(date, time, 'Europe/London');

  it('is told with the date, the time and the zone', () => {
    expect(failure('2026-03-29', '01:30')).toEqual({
      ok: false,
      error: { code: 'clock-time-missing', data: { date: '2026-03-29', time: '01:30', zone: 'Europe/London' } },
    });
    expect(failure('2026-10-25', '01:30:15')).toEqual({
      ok: false,
      error: { code: 'clock-time-twice', data: { date: '2026-10-25', time: '01:30:15', zone: 'Europe/London' } },
    });
  });

  it('is no other time either', () => {
    for (const time of ['1:30', '12:60', '12:30:60', '123:00', '12:30x', 'x12:30', '2a:00', '12:3', '12:30:5', ''])
      expect(() => failure('2026-06-10', time))
        .withContext(time)
        .toThrow();
    expect(failure('2026-06-10', '12:30:59')).toEqual({ ok: true, value: '2026-06-10T11:30:59.000Z' });
    expect(failure('2026-06-10', '23:59')).toEqual({ ok: true, value: '2026-06-10T22:59:00.000Z' });
  });

  it('is the same on the days around a change, however often it is asked', () => {
    for (const time of ['first', 'second'])
      expect(
        ['2026-03-28', '2026-03-29', '2026-03-30'].map((date) => {
          const found = failure(date, '12:00');
          return found.ok && found.value.slice(11, 16);
        }),
      )
        .withContext(time)
        .toEqual(['12:00', '11:00', '11:00']);
    expect([dateIn('Europe/London', '2026-03-29T23:30:00.000Z'), clockIn('Europe/London', '2026-03-29T00:59:00.000Z')]).toEqual([
      '2026-03-30',
      '00:59',
    ]);
  });
});

describe('a zone', () => {
  it('is a place of IANA’s list, as a second date library knows them too', () => {
    for (const one of ZONES) expect([one, isZone(one), IANAZone.isValidZone(one)]).toEqual([one, true, true]);
    for (const none of ['Mars/Olympus', 'Europe', '', 'Europe/', '../etc/passwd', '+02:00/x']) {
      expect(isZone(none)).withContext(none).toBeFalse();
      expect(IANAZone.isValidZone(none)).withContext(none).toBeFalse();
    }
  });

  it('has rules of its own: an offset, or none, is no place', () => {
    for (const none of ['UTC', 'GMT', '+02:00', 'EST']) expect(isZone(none)).withContext(none).toBeFalse();
  });
});
