import * as fc from 'fast-check';
import { seconds } from '../firm/units';
import { addSeconds, secondsBetween } from '../firm/zones';
import { partsOfTimer } from './timer-parts';

describe('partsOfTimer', () => {
  it('makes one part of a run with pauses, the pauses as its break', () => {
    const parts = partsOfTimer(
      [
        { startAt: '2026-06-10T07:00:00.000Z', endAt: '2026-06-10T09:00:00.000Z' },
        { startAt: '2026-06-10T09:30:00.000Z', endAt: '2026-06-10T10:15:30.000Z' },
      ],
      'Europe/London',
    );
    expect(parts).toEqual([
      {
        date: '2026-06-10',
        startAt: '2026-06-10T07:00:00.000Z',
        endAt: '2026-06-10T10:15:30.000Z',
        breakSeconds: seconds(1800),
        worked: seconds(2 * 3600 + 45 * 60 + 30),
      },
    ]);
  });

  it('keeps a night shift on the date on which it started, and makes one part a date of a timer with pauses over days', () => {
    const night = partsOfTimer([{ startAt: '2026-06-10T21:00:00.000Z', endAt: '2026-06-11T05:00:00.000Z' }], 'Europe/London');
    expect(night.map((part) => [part.date, part.worked])).toEqual([['2026-06-10', seconds(8 * 3600)]]);
    const days = partsOfTimer(
      [
        { startAt: '2026-06-10T08:00:00.000Z', endAt: '2026-06-10T09:00:00.000Z' },
        { startAt: '2026-06-11T08:00:00.000Z', endAt: '2026-06-11T08:20:00.000Z' },
      ],
      'Europe/London',
    );
    expect(days.map((part) => [part.date, part.worked, part.breakSeconds])).toEqual([
      ['2026-06-10', seconds(3600), seconds(0)],
      ['2026-06-11', seconds(1200), seconds(0)],
    ]);
  });

  it('loses no second, whatever the segments', () => {
    const start = Date.parse('2026-03-27T20:00:00Z');
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 0, max: 40_000 }), fc.integer({ min: 0, max: 40_000 })), {
          minLength: 1,
          maxLength: 12,
        }),
        (steps) => {
          let at = start;
          const segments = steps.map(([pause, run]) => {
            const startAt = new Date((at += pause * 1000)).toISOString();
            return { startAt, endAt: new Date((at += run * 1000)).toISOString() };
          });
          const total = segments.reduce((sum, segment) => sum + secondsBetween(segment.startAt, segment.endAt), 0);
          const parts = partsOfTimer(segments, 'Europe/London');
          expect(parts.reduce((sum, part) => sum + part.worked, 0)).toBe(total);
          parts.forEach((part) => expect(addSeconds(part.startAt, part.worked + part.breakSeconds)).toBe(part.endAt));
        },
      ),
    );
  });
});
