import { recordingLag } from './recording-lag';

describe('recordingLag', () => {
  it('does not call a night shift late that is stopped at its end', () => {
    expect(recordingLag('2026-06-09', '2026-06-10T05:00:00.000Z', 'Europe/London', '2026-06-10T05:00:01.000Z')).toBe(0);
    expect(recordingLag('2026-06-09', null, 'Europe/London', '2026-06-11T09:00:00.000Z')).toBe(2);
    // 23:30 in London is still the day itself, though the date in UTC is another in summer.
    expect(recordingLag('2026-06-09', null, 'Europe/London', '2026-06-09T22:30:00.000Z')).toBe(0);
  });

  it('takes work that ends at midnight for work of the day before', () => {
    expect(recordingLag('2026-06-09', '2026-06-09T23:00:00.000Z', 'Europe/London', '2026-06-11T09:00:00.000Z')).toBe(2);
  });

  it('is never negative, and a whole number of days over a change of the clocks', () => {
    expect(recordingLag('2026-06-12', null, 'Europe/London', '2026-06-09T09:00:00.000Z')).toBe(0);
    expect(recordingLag('2026-03-28', null, 'Europe/London', '2026-03-30T09:00:00.000Z')).toBe(2);
  });
});
