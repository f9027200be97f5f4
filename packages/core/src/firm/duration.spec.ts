import * as fc from 'fast-check';
import { expectOk } from './result';
import { seconds } from './units';
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

describe('durations at their edges', () => {
  const read = (text: string): number | string => {
    const found = readDuration(text);
    return found.ok ? Number(found.value) : found.error.code;
  };

  it('are read up to what can be meant', () => {
    expect(
      ['0:59', '0:00:59', '9999:59', '9999.5', '9999,25h', '999999m', '24', '.5', ',5', '4  H  30', '4\u00a0h\u202f30'].map(read),
    ).toEqual([
      ...[3540, 59, 9999 * 3600 + 3540, 9999 * 3600 + 1800, 9999 * 3600 + 900, 999_999 * 60, 86_400, 1800, 1800, 16_200, 16_200],
    ]);
  });

  it('are refused beyond it', () => {
    expect(['10000:00', '12345.5', '1234567m', '123456789.1234h', '25'].map(read)).toEqual([
      ...['duration-unreadable', 'duration-unreadable', 'duration-unreadable', 'duration-unreadable', 'duration-not-hours'],
    ]);
    expect(['4h60', '4:60', '0:00:60', '4.5h30'].map(read)).toEqual(Array(4).fill('duration-minutes'));
    expect(readDuration('10000:00')).toEqual({ ok: false, error: { code: 'duration-unreadable', data: { typed: '10000:00' } } });
    expect(readDuration('Two')).toEqual({ ok: false, error: { code: 'duration-unreadable', data: { typed: 'Two' } } });
  });

  it('are shown with two figures of minutes and seconds', () => {
    expect([clockText(seconds(3661)), clockText(seconds(5)), durationText(seconds(300))]).toEqual(['1:01:01', '0:00:05', '0:05']);
    expect(durationText(seconds(5400), 'decimal', 'de-DE')).toBe('1,50');
  });
});
