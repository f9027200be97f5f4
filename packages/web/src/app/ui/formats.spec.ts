import { momentText } from './formats';

describe('a moment', () => {
  const at = (instant: string, zone: string, firm = zone) => momentText(instant, zone, firm, new Date('2026-06-12T12:00:00Z'));

  it('is told by the clock of the person, and names it where the firm has another', () => {
    expect(at('2026-06-09T16:40:00Z', 'Europe/London')).toMatch(/9.*Jun|Jun.*9/);
    expect(at('2026-06-09T16:40:00Z', 'Europe/London')).toContain('5:40');
    expect(at('2026-06-09T16:40:00Z', 'America/New_York', 'Europe/London')).toMatch(/12:40.*\(New York\)$/);
    // In Auckland it is the next day already.
    expect(at('2026-06-09T16:40:00Z', 'Pacific/Auckland')).toMatch(/10/);
  });

  it('has its year where that is another one, by the same clock', () => {
    expect(at('2026-01-01T00:30:00Z', 'Europe/London')).not.toContain('2026');
    expect(at('2026-01-01T00:30:00Z', 'America/New_York')).toContain('2025');
  });
});
