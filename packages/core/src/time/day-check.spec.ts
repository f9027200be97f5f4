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
