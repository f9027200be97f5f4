import * as fc from 'fast-check';
import { overlapsOf, placedSpans } from './overlaps';

const at = (minutes: number) => new Date(Date.UTC(2026, 5, 9) + minutes * 60_000).toISOString();
const span = (id: string, from: number, to: number) => ({ id, startAt: at(from), endAt: at(to) });

describe('overlaps', () => {
  it('need two ends, and are looked for in the order in which spans start', () => {
    expect(
      placedSpans([span('b', 60, 120), { id: 'open', startAt: at(0), endAt: null }, span('a', 0, 30)]).map(({ id }) => id),
    ).toEqual(['a', 'b']);
    expect(placedSpans([{ id: 'length only' }])).toEqual([]);
  });

  it('are at least a second long: spans that touch share nothing', () => {
    expect(overlapsOf([span('a', 0, 60), span('b', 60, 120)])).toEqual([]);
    const close = { id: 'b', startAt: '2026-06-09T00:59:59.000Z', endAt: at(120) };
    expect(overlapsOf([span('a', 0, 60), close])).toEqual([{ first: 'a', second: 'b', startAt: close.startAt, endAt: at(60) }]);
  });

  it('end where the shorter span ends', () => {
    expect(overlapsOf([span('long', 0, 600), span('short', 60, 120)])).toEqual([
      { first: 'long', second: 'short', startAt: at(60), endAt: at(120) },
    ]);
  });

  it('are found between all that overlap, not only neighbours: as a minute by minute count finds them', () => {
    const spans = fc.array(fc.tuple(fc.nat(40), fc.integer({ min: 1, max: 20 })), { maxLength: 8 });
    fc.assert(
      fc.property(spans, (list) => {
        const made = list.map(([from, length], index) => span(String(index), from, from + length));
        const pairs = new Set(overlapsOf(made).map(({ first, second }) => [first, second].sort().join(' ')));
        const counted = new Set<string>();
        list.forEach(([from, length], a) =>
          list.slice(a + 1).forEach(([start, long], index) => {
            for (let minute = 0; minute < 60; minute += 1)
              if (minute >= from && minute < from + length && minute >= start && minute < start + long)
                counted.add([String(a), String(a + 1 + index)].sort().join(' '));
          }),
        );
        expect(pairs).toEqual(counted);
      }),
    );
  });
});
