import { seconds } from '../firm/units';
import { checkDay } from './day-check';

const day = { date: '2026-06-09', zone: 'Europe/London', start: '08:00', end: '17:00', planned: seconds(7.5 * 3600) };
const entry = (id: string, from: string, to: string, hours: number) => ({
  id,
  startAt: `2026-06-09T${from}:00.000Z`,
  endAt: `2026-06-09T${to}:00.000Z`,
  worked: seconds(hours * 3600),
});

describe('checkDay', () => {
  it('finds gaps between spans inside the plan and over the tolerance, not those outside', () => {
    const check = checkDay(
      [entry('a', '07:00', '11:00', 4), entry('b', '11:40', '14:10', 2.5), entry('c', '17:00', '18:00', 1)],
      day,
      seconds(900),
    );
    // 10:00 to 10:40 by the clock in London, and from 15:10 to the end of the plan at 17:00.
    expect(check.gaps.map((gap) => gap.seconds)).toEqual([seconds(2400), seconds(6600)]);
    expect(checkDay([entry('a', '07:00', '11:00', 4), entry('b', '11:10', '12:00', 1)], day, seconds(900)).gaps).toEqual([]);
  });

  it('takes spans that share a second for an overlap, and those that only touch not', () => {
    expect(checkDay([entry('a', '08:00', '10:00', 2), entry('b', '10:00', '11:00', 1)], day, seconds(0)).overlaps).toEqual([]);
    const check = checkDay([entry('b', '09:00', '11:00', 2), entry('a', '08:00', '10:00', 2)], day, seconds(0));
    expect(check.overlaps).toEqual([
      { first: 'a', second: 'b', startAt: '2026-06-09T09:00:00.000Z', endAt: '2026-06-09T10:00:00.000Z' },
    ]);
  });

  it('counts what has no span, and knows more than 24 hours', () => {
    const check = checkDay([{ id: 'a', worked: seconds(25 * 3600) }], day, seconds(0));
    expect(check.over24).toBeTrue();
    expect(check.difference).toBe(seconds(17.5 * 3600));
  });
});

describe('gaps and sums at their edges', () => {
  const gaps = (entries: ReturnType<typeof entry>[], names = {}, tolerance = 900) =>
    checkDay(entries, { ...day, ...names }, seconds(tolerance)).gaps;
  const two = [entry('a', '07:00', '08:00', 1), entry('b', '08:15', '10:00', 1.75)];

  it('are none up to the tolerance, on a day off, or where the plan has no such time', () => {
    expect(gaps(two)).toEqual([]);
    expect(gaps(two, {}, 899)).toEqual([
      { startAt: '2026-06-09T08:00:00.000Z', endAt: '2026-06-09T08:15:00.000Z', seconds: seconds(900) },
    ]);
    expect(gaps(two, { planned: seconds(0) }, 0)).toEqual([]);
    // 1:30 does not exist in London on the day on which the clocks go forward.
    expect(gaps(two, { date: '2026-03-29', start: '01:30' }, 0)).toEqual([]);
    expect(gaps(two, { date: '2026-03-29', end: '01:30' }, 0)).toEqual([]);
  });

  it('lie after the longest span so far, not after the last', () => {
    expect(
      gaps([entry('a', '07:00', '12:00', 5), entry('b', '08:00', '09:00', 1), entry('c', '12:00', '13:00', 1)], {}, 0),
    ).toEqual([]);
    expect(
      gaps([entry('a', '07:00', '12:00', 5), entry('b', '08:00', '09:00', 1), entry('c', '13:00', '14:00', 1)], {}, 0).map(
        (gap) => gap.startAt,
      ),
    ).toEqual(['2026-06-09T12:00:00.000Z']);
  });

  it('begin and end with the plan', () => {
    // Planned 8:00 to 17:00 in London, 7:00 to 16:00 in UTC.
    expect(gaps([entry('a', '05:00', '06:00', 1), entry('b', '17:30', '18:00', 0.5)], {}, 0)).toEqual([
      { startAt: '2026-06-09T07:00:00.000Z', endAt: '2026-06-09T16:00:00.000Z', seconds: seconds(9 * 3600) },
    ]);
  });

  it('know a whole day from more than one', () => {
    const over = (hours: number) => checkDay([{ id: 'a', worked: seconds(hours * 3600) }], day, seconds(0)).over24;
    expect([over(1), over(24), over(24.5)]).toEqual([false, false, true]);
  });
});
