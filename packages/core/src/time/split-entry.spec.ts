import * as fc from 'fast-check';
import { expectOk } from '../firm/result';
import { seconds } from '../firm/units';
import { addSeconds } from '../firm/zones';
import { spanOf } from '../ledger/span';
import { Divisible, EntryPart, splitEntry } from './split-entry';

const ZONE = 'Europe/London';
const morning: Divisible = {
  date: '2026-06-10',
  quantity: seconds(3 * 3600),
  startAt: '2026-06-10T07:00:00.000Z',
  endAt: '2026-06-10T10:30:00.000Z',
  breakSeconds: seconds(1800),
};
const plain: Divisible = { ...morning, startAt: null, endAt: null, breakSeconds: seconds(0) };

/** How long a part is worked, by the way in which it will be recorded. */
function lengthOf(part: EntryPart): number {
  return 'quantity' in part ? part.quantity : expectOk(spanOf({ date: part.date, ...part.span }, ZONE)).worked;
}

describe('dividing an entry', () => {
  it('cuts a span at a clock time; the break stays with the first part', () => {
    expect(expectOk(splitEntry(morning, '10:15', ZONE))).toEqual([
      { date: '2026-06-10', span: { start: '08:00:00', end: '10:15', breakSeconds: seconds(1800) } },
      { date: '2026-06-10', span: { start: '10:15', end: '11:30:00', breakSeconds: seconds(0) } },
    ]);
  });

  it('cuts a length into what was typed and the rest', () => {
    expect(expectOk(splitEntry(plain, '1,25', ZONE))).toEqual([
      { date: '2026-06-10', quantity: seconds(4500) },
      { date: '2026-06-10', quantity: seconds(6300) },
    ]);
  });

  it('gives the part after midnight to the next date', () => {
    const night: Divisible = {
      ...morning,
      startAt: '2026-06-10T21:00:00.000Z',
      endAt: '2026-06-11T02:00:00.000Z',
      breakSeconds: seconds(0),
    };
    expect(expectOk(splitEntry(night, '1:00', ZONE))[1]).toEqual({
      date: '2026-06-11',
      span: { start: '01:00', end: '03:00:00', breakSeconds: seconds(0) },
    });
    expect(expectOk(splitEntry(night, '23:00', ZONE))[1]!.date).toBe('2026-06-10');
  });

  it('refuses what lies outside, on an end, in the break, or is no time', () => {
    const codes = (entry: Divisible, ...typed: string[]) =>
      typed.map((text) => {
        const split = splitEntry(entry, text, ZONE);
        return split.ok ? 'ok' : split.error.code;
      });
    expect(codes(morning, '7:59', '8:00', '11:30', '12:00', '8:20', '8:30', 'noon', '')).toEqual([
      'split-outside',
      'split-outside',
      'split-outside',
      'split-outside',
      'split-in-break',
      'split-in-break',
      'split-unreadable',
      'split-unreadable',
    ]);
    expect(codes(plain, '0', '3:00', '4', '2:59', 'half')).toEqual([
      'split-outside',
      'split-outside',
      'split-outside',
      'ok',
      'split-unreadable',
    ]);
  });

  it('always gives two parts that together are as long as the whole', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 1439 }),
        fc.integer({ min: 2, max: 900 }),
        fc.integer({ min: 0, max: 60 }),
        fc.integer({ min: 0, max: 1439 }),
        (from, length, pause, at) => {
          const startAt = addSeconds('2026-06-09T23:00:00.000Z', from * 60);
          const breakSeconds = seconds(Math.min(pause, length - 1) * 60);
          const entry: Divisible = {
            date: '2026-06-10',
            quantity: seconds(length * 60 - breakSeconds),
            startAt,
            endAt: addSeconds(startAt, length * 60),
            breakSeconds,
          };
          const split = splitEntry(
            entry,
            `${String(Math.floor(at / 60)).padStart(2, '0')}:${String(at % 60).padStart(2, '0')}`,
            ZONE,
          );
          if (split.ok) expect(split.value.map(lengthOf).reduce((sum, part) => sum + part, 0)).toBe(Number(entry.quantity));
          else expect(['split-outside', 'split-in-break']).toContain(split.error.code);
        },
      ),
      { numRuns: 500, seed: 16 },
    );
  });
});

describe('what cannot be divided', () => {
  it('says what was typed', () => {
    for (const [of, typed, code] of [
      [morning, 'noon', 'split-unreadable'],
      [morning, '7:59', 'split-outside'],
      [morning, '8:20', 'split-in-break'],
      [plain, 'half', 'split-unreadable'],
      [plain, '4', 'split-outside'],
      // Without an end there is no span to cut.
      [{ ...morning, endAt: null }, '10:15', 'split-outside'],
    ] as const)
      expect(splitEntry(of, typed, ZONE))
        .withContext(typed)
        .toEqual({ ok: false, error: { code, data: { typed } } });
  });
});
