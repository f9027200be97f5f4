import { entryOf } from '../testing/fixtures';
import { draftOf, entryForm, factsOf } from './entry-draft';
import { readSpan, timesOf } from './entry-times';

const SPANNED = entryOf(50, {
  ...{ startAt: '2026-06-10T07:30:00.000Z', endAt: '2026-06-10T11:00:00.000Z', startClock: '08:30', endClock: '12:00' },
  breakSeconds: 1800,
});

describe('what the form of an entry begins with', () => {
  it('is the entry as it is: its span with its break, or its length', () => {
    expect(draftOf(SPANNED, '2026-06-12', null)).toEqual(
      jasmine.objectContaining({ on: SPANNED.date, how: 'clock', start: '08:30', end: '12:00', pause: 1800 }),
    );
    const long = entryOf(51, { startAt: null, endAt: null, startClock: null, endClock: null, breakSeconds: 0, quantity: 5400 });
    expect(draftOf(long, '2026-06-12', null)).toEqual(jasmine.objectContaining({ how: 'length', length: 5400, pause: null }));
  });

  it('is the span that was drawn on the day for a new one', () => {
    expect(draftOf(null, '2026-06-12', { start: '09:00', end: '09:25' })).toEqual(
      jasmine.objectContaining({ on: '2026-06-12', start: '09:00', end: '09:25', work: null, billable: null }),
    );
  });

  it('wants a reason of words for a correction, and for nothing else', () => {
    for (const [correcting, words, ok] of [
      [true, '   ', false],
      [true, 'wrong day', true],
      [false, '', true],
    ] as const) {
      const form = entryForm(() => correcting);
      form.controls.explanation.setValue(words);
      expect(form.valid).withContext(words).toBe(ok);
    }
  });

  it('meets whatever somebody else can make of it meanwhile, its stage as well, and not its version', () => {
    const facts = factsOf(SPANNED);
    expect(factsOf({ ...SPANNED, version: SPANNED.version + 1 })).toBe(facts);
    for (const other of [
      { stage: 'submitted' as const },
      { quantity: 1 },
      { note: 'x' },
      { breakSeconds: 0 },
      { billable: false },
    ])
      expect(factsOf({ ...SPANNED, ...other }))
        .withContext(JSON.stringify(other))
        .not.toBe(facts);
  });
});

describe('the times of an entry', () => {
  it('are changed by what is given: a length takes a span away', () => {
    const span = { start: '08:00', end: '09:00', breakSeconds: 0 };
    expect(timesOf(SPANNED, span, undefined)).toEqual({ span });
    expect(timesOf(SPANNED, undefined, 3600)).toEqual({ span: null, quantity: 3600 });
    expect(timesOf({ ...SPANNED, startAt: null }, undefined, 3600)).toEqual({ quantity: 3600 });
    expect(timesOf(SPANNED, undefined, undefined)).toEqual({});
  });

  it('are read from what is typed, or it is said what is wrong with them', () => {
    const read = (start: string, end: string, names: { pause?: number; date?: string; which?: string } = {}) =>
      readSpan({ date: '2026-06-10', start, end, pause: null, which: '', ...names }, 'Europe/London');
    expect(read('8:30', '12', { pause: 1800 })).toEqual({
      ok: true,
      span: { start: '08:30', end: '12:00', breakSeconds: 1800 },
      worked: 3 * 3600,
    });
    expect(read('8:30', '')).toBeNull();
    const wrong = (one: ReturnType<typeof read>) => (one && !one.ok ? [one.twice, one.sentence] : null);
    expect(wrong(read('8:30', 'noon'))).toEqual([false, jasmine.stringMatching(/^Type start and end as clock times/)]);
    expect(wrong(read('9', '10', { pause: 3600 }))).toEqual([false, jasmine.stringMatching(/^The break is as long/)]);
    // The last Sunday of October 2026 is the 25th: 1:30 comes twice in London, and is asked back.
    const night = { date: '2026-10-25' };
    expect(wrong(read('1:30', '4:00', night))).toEqual([true, jasmine.stringMatching(/^The clocks go back that night/)]);
    const earlier = read('1:30', '4:00', { ...night, which: 'earlier' });
    expect(earlier).toEqual(jasmine.objectContaining({ ok: true, worked: 3.5 * 3600 }));
  });
});
