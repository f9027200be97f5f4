import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { RouterTestingHarness } from '@angular/router/testing';
import { provideEffects } from '@ngrx/effects';
import type { Session } from '@yellowwood/contracts';
import type { FirmFunction, Role } from '@yellowwood/core';
import { routes } from './app.routes';
import * as effects from './state/effects';
import { FakeServer, ME, TODAY, me, pageProviders, refusal, workOf } from './testing/fake-server';
import { weekOfEntries } from './testing/fixtures';

const ACCOUNT: Session = {
  account: {
    id: ME,
    email: 'anna@firm.example',
    name: 'Anna Test',
    theme: 'system',
    durationForm: 'clock',
    forms: { dates: null, clock: null, numbers: null },
  },
  firms: [{ slug: 'f', name: 'Firm' }],
  founding: 'open',
  mailPage: null,
  demo: [],
};

describe('the ways through the page', () => {
  async function goTo(
    url: string,
    session: Session,
    refused?: 'firm-unknown' | 'second-factor-needed' | 'not-confirmed',
    role: Role = 'staff',
    off: FirmFunction[] = [],
  ): Promise<string> {
    TestBed.configureTestingModule({
      providers: [...pageProviders(routes), provideEffects(effects)],
    });
    TestBed.inject(FakeServer)
      .on('readSession', () => session)
      .on('readMe', () =>
        refused ? refusal(403, refused, 'There is something to do first.') : { ...me(role), firm: { ...me(role).firm, off } },
      )
      .on('readWork', () => workOf())
      .on('readOverview', () => ({
        scope: 'all',
        today: TODAY,
        record: null,
        review: null,
        bill: null,
        collect: null,
        results: null,
        bars: [],
      }))
      .on('readTimers', () => ({
        timers: [],
        now: '2026-06-10T09:00:00.000Z',
        today: { date: '2026-06-10', recorded: 0, planned: 0, maximum: 1 },
      }))
      .on('readSecondFactor', () => ({ set: false, codes: 0 }))
      .on('readTimesheet', () => weekOfEntries([]));
    const harness = await RouterTestingHarness.create();
    await harness.navigateByUrl(url);
    return decodeURIComponent(TestBed.inject(Router).url);
  }

  it('lead to the own week after signing in', async () => {
    expect(await goTo('/', ACCOUNT)).toBe('/f/f/record');
  });

  it('lead to the sign-in page first, and remember where somebody wanted to go', async () => {
    expect(await goTo('/f/f/record?scope=all', { ...ACCOUNT, account: null })).toBe('/sign-in?back=/f/f/record?scope=all');
  });

  it('lead to founding where nobody is yet, and without a firm; and say when a firm is none of theirs', async () => {
    expect(await goTo('/', { ...ACCOUNT, account: null, founding: 'first' })).toBe('/found');
    TestBed.resetTestingModule();
    expect(await goTo('/', { ...ACCOUNT, firms: [] })).toBe('/found');
    TestBed.resetTestingModule();
    expect(await goTo('/f/f/record', ACCOUNT, 'firm-unknown')).toBe('/sign-in?unknown=f');
  });

  it('lead to a second factor where the firm asks for one, and remember where somebody wanted to go', async () => {
    expect(await goTo('/f/f/bill', ACCOUNT, 'second-factor-needed')).toBe('/second-factor?back=/f/f/bill');
  });

  it('lead whoever is not confirmed yet to where they wait', async () => {
    expect(await goTo('/f/f/record', ACCOUNT, 'not-confirmed')).toBe('/waiting?back=/f/f/record');
  });

  it('lead whoever looks at another week there, also where they record none', async () => {
    expect(await goTo(`/f/f/record?as=${ME}`, ACCOUNT, undefined, 'auditor')).toBe(`/f/f/record?as=${ME}`);
  });

  it('lead to the results who records no time', async () => {
    expect(await goTo('/', ACCOUNT, undefined, 'auditor')).toBe('/f/f/results');
    TestBed.resetTestingModule();
    expect(await goTo('/f/f/bill', ACCOUNT, undefined, 'auditor')).toBe('/f/f/bill');
  });

  it('lead to Record from a step that the firm does not use', async () => {
    for (const step of ['bill', 'collect']) {
      expect(await goTo(`/f/f/${step}`, ACCOUNT, undefined, 'owner', ['invoices'])).toBe('/f/f/record');
      TestBed.resetTestingModule();
    }
    expect(await goTo('/f/f/review', ACCOUNT, undefined, 'owner', ['review'])).toBe('/f/f/review');
  });

  it('lead to Record from a step that there is not', async () => {
    expect(await goTo('/f/f/weather', ACCOUNT)).toBe('/f/f/record');
  });
});
