import * as fc from 'fast-check';
import { expectOk } from '../firm/result';
import { seconds } from '../firm/units';
import { clockText, durationText, readDuration } from './duration';

describe('readDuration', () => {
  it('reads every way of typing that people use', () => {
    const four30 = 16_200;
    for (const text of [
      '4:30',
      '4.5',
      '4,5',
      '4h30',
      '4h 30m',
      '4 h 30',
      '270m',
      '4.5h',
      '4:30:00',
      ' 4:30 ',
      '4 hours 30 minutes',
      '4.50',
    ])
      expect(readDuration(text))
        .withContext(text)
        .toEqual({ ok: true, value: seconds(four30) });
    for (const [text, value] of [
      [':45', 2700],
      ['0:45', 2700],
      ['45m', 2700],
      ['24', 86_400],
      ['0', 0],
      ['.5', 1800],
      ['0:00:30', 30],
      ['30:00', 108_000],
    ] as const)
      expect(readDuration(text))
        .withContext(text)
        .toEqual({ ok: true, value: seconds(value) });
  });

  it('takes 4.30 as four and three tenths, and a bare number never as minutes', () => {
    expect(durationText(expectOk(readDuration('4.30')))).toBe('4:18');
    expect(readDuration('25')).toEqual({ ok: false, error: { code: 'duration-not-hours', data: { typed: '25' } } });
    expect(readDuration('90').ok).toBeFalse();
  });

  it('refuses everything else and keeps what was typed', () => {
    for (const text of ['4:60', '4h75', '-1', '1:2', '1.5:30', 'two', '4:30:61', '1e3', '4..5', '12345678:00', '4.5h30']) {
      const read = readDuration(text);
      expect(read.ok).withContext(text).toBeFalse();
      if (!read.ok) expect(read.error.data?.['typed']).toBe(text);
    }
    expect(readDuration('  ')).toEqual({ ok: false, error: { code: 'duration-empty' } });
  });

  it('reads back whatever it shows, in both forms', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 24 * 60 }), (minutes) => {
        expect(expectOk(readDuration(durationText(seconds(minutes * 60))))).toBe(seconds(minutes * 60));
        expect(
          Math.abs(expectOk(readDuration(durationText(seconds(minutes * 60), 'decimal'))) - minutes * 60),
        ).toBeLessThanOrEqual(18);
      }),
    );
    expect(durationText(seconds(16_200), 'decimal')).toBe('4.50');
    expect(durationText(seconds(-5400))).toBe('−1:30');
    expect(clockText(seconds(2832))).toBe('0:47:12');
  });
});
