import { TestBed } from '@angular/core/testing';
import { Store } from '@ngrx/store';
import { me, pageProviders } from '../testing/fake-server';
import { Formats } from './formats';
import { sessionActions } from './session';

describe('figures, dates and times of the page', () => {
  let formats: Formats;
  beforeEach(() => {
    TestBed.configureTestingModule({ providers: pageProviders() });
    formats = TestBed.inject(Formats);
  });

  function of(country: string, zone = 'Europe/London', firmZone = zone): void {
    const own = me('staff');
    TestBed.inject(Store).dispatch(
      sessionActions.meRead({
        me: { ...own, person: { ...own.person, zone }, firm: { ...own.firm, country, zone: firmZone }, today: '2026-06-12' },
      }),
    );
  }

  it('are written as the country of the firm writes them, whatever the browser speaks', () => {
    of('DE');
    expect(formats.money(-123_456, 'EUR')).toBe('−1.234,56\u00a0€');
    expect(formats.about(123_456, 'EUR')).toBe('1.235\u00a0€');
    expect([formats.amount(123_456, 'EUR'), formats.rate(925_000, 'EUR'), formats.percent(953_000)]).toEqual([
      '1.234,56',
      '92,50',
      '95,3\u00a0%',
    ]);
    of('US');
    expect(formats.day('2026-06-09')).toBe('Jun 9');
    expect(formats.money(123_456, 'EUR')).toBe('€1,234.56');
    of('GB');
    expect(formats.day('2026-06-09')).toBe('9 Jun');
    expect(formats.about(123_456, 'GBP')).toBe('£1,235');
  });

  it('have their year where it is not this one', () => {
    of('GB');
    expect([formats.day('2025-06-09'), formats.day('2025-06-09', 'full'), formats.day('2026-06-09', 'full')]).toEqual([
      '9 Jun 2025',
      'Mon, 9 Jun 2025',
      'Tue 9 Jun',
    ]);
    expect([formats.day('2025-06-09', 'weekday'), formats.day('2025-06-09', 'name'), formats.day('2026-06-01', 'month')]).toEqual(
      ['Mon 9', 'Monday', 'June 2026'],
    );
    expect(formats.whole('2026-06-09')).toBe('Tue, 9 Jun 2026');
    expect(formats.moment('2026-01-01T00:30:00Z')).toBe('Thu 1 Jan, 00:30');
    of('GB', 'America/New_York');
    expect(formats.moment('2026-01-01T00:30:00Z')).toBe('Wed, 31 Dec 2025, 19:30');
  });

  it('tell a moment by the clock of the person, and name it where the firm has another', () => {
    of('GB');
    expect(formats.moment('2026-06-09T16:40:00Z')).toBe('Tue 9 Jun, 17:40');
    expect(formats.clock('2026-06-09T16:40:00Z')).toBe('17:40');
    of('GB', 'America/New_York', 'Europe/London');
    expect(formats.moment('2026-06-09T16:40:00Z')).toBe('Tue 9 Jun, 12:40 (New York)');
    // In Auckland it is the next day already.
    of('GB', 'Pacific/Auckland', 'Europe/London');
    expect(formats.moment('2026-06-09T16:40:00Z')).toBe('Wed 10 Jun, 04:40 (Auckland)');
  });

  it('tell lengths as the person likes them', () => {
    of('GB');
    expect(formats.hours(16_200)).toBe('4:30');
    TestBed.inject(Store).dispatch(
      sessionActions.known({
        session: {
          account: { id: 'a', email: 'a@b.example', name: 'A', theme: 'light', durationForm: 'decimal' },
          firms: [],
          founding: 'open',
          mailPage: null,
          demo: [],
        },
      }),
    );
    expect(formats.hours(16_200)).toBe('4.50');
    of('DE');
    expect(formats.hours(16_200)).toBe('4,50');
  });
});
