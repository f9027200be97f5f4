import { TestBed } from '@angular/core/testing';
import { Store } from '@ngrx/store';
import type { Forms } from '@yellowwood/contracts';
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

  it('are written as somebody chose, else as the firm did', () => {
    of('DE');
    const store = TestBed.inject(Store);
    const none = { dates: null, clock: null, numbers: null };
    const chosen = (own: Partial<Forms>, firm: Partial<Forms>) => {
      const known = me('staff');
      store.dispatch(
        sessionActions.meRead({
          me: { ...known, today: '2026-06-12', firm: { ...known.firm, country: 'DE', forms: { ...none, ...firm } } },
        }),
      );
      const account = { id: 'a', email: '', name: '', theme: 'system' as const, durationForm: 'clock' as const };
      store.dispatch(
        sessionActions.known({
          session: { account: { ...account, forms: { ...none, ...own } }, firms: [], founding: 'open', mailPage: null, demo: [] },
        }),
      );
      const moment = formats.moment('2026-06-09T16:40:00Z').replaceAll('\u202f', ' ');
      return [formats.day('2026-06-09'), moment, formats.amount(123_456, 'EUR'), formats.time('17:40'), formats.time('00:05:09')];
    };
    expect(chosen({}, {})).toEqual(['9 Jun', 'Tue, 9 Jun, 17:40', '1.234,56', '17:40', '00:05:09']);
    expect(chosen({}, { clock: '12 hours', numbers: 'comma point', dates: 'month first' })).toEqual([
      ...['Jun 9', 'Tue, Jun 9, 5:40 PM', '1,234.56', '5:40 pm', '12:05:09 am'],
    ]);
    expect(chosen({ numbers: 'space comma', dates: 'year first', clock: '24 hours' }, { clock: '12 hours' })).toEqual([
      ...['2026-06-09', 'Tue 2026-06-09, 17:40', '1\u202f234,56', '17:40', '00:05:09'],
    ]);
    expect(chosen({ numbers: 'apostrophe point', dates: 'day first' }, {})[2]).toMatch(/^1[’']234\.56$/);
    expect(formats.whole('2025-06-09')).toBe('Mon, 9 Jun 2025');
    chosen({ dates: 'year first' }, {});
    expect([formats.whole('2025-06-09'), formats.day('2026-06-09', 'weekday')]).toEqual(['Mon 2025-06-09', 'Tue 9']);
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
          account: {
            id: 'a',
            email: 'a@b.example',
            name: 'A',
            theme: 'light',
            durationForm: 'decimal',
            forms: { dates: null, clock: null, numbers: null },
          },
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
