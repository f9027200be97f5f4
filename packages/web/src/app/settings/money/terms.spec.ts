import { TestBed } from '@angular/core/testing';
import type { KnownTerms, TermsEffect } from '@yellowwood/contracts';
import { FakeServer, Page, id, open, refusal } from '../../testing/fake-server';
import { TermsScreen } from './terms';

const KNOWN: KnownTerms = {
  id: id(90),
  terms: { increment: 1, mode: 'nearest', unit: 'entry', minimum: 0, decimalPlaces: null },
  projects: { same: 2, otherwise: 3 },
  version: 4,
};

describe('the terms of a firm in settings', () => {
  let page: Page<TermsScreen>;
  async function terms(names: Partial<KnownTerms> = {}, prepare: (server: FakeServer) => void = () => undefined) {
    const effect: TermsEffect = { since: '2026-05-13', recorded: 36_000, now: 36_000, then: 39_600, free: '2026-06-11' };
    page = await open(TermsScreen, {
      ...{ url: '/f/f/settings/terms', roles: ['owner'] },
      prepare: (server) => {
        server
          .on('readTerms', () => ({ ...KNOWN, ...names }))
          .on('readHistory', () => ({ events: [] }))
          .on('previewTerms', ({ query }) => (query.increment === '15' ? effect : { ...effect, then: 36_000 }))
          .on('changeTerms', ({ body }) => ({ ...KNOWN, terms: body.terms, version: 5 }));
        prepare(server);
      },
    });
    await page.settle(20);
  }
  afterEach(() => page.element.remove());
  const send = async () => {
    page.element.querySelector('form')!.requestSubmit();
    await page.settle(30);
  };
  const says = () => page.texts('form p').join(' ');

  it('tell what a change would have done lately, before it is saved', async () => {
    await terms();
    expect(says()).toContain('Since 13 May 10:00 were recorded on these projects, and 10:00 of it are billable.');
    expect(says()).not.toContain('would have been');
    await page.choose('To how many minutes', '15 minutes');
    expect(says()).toContain('It would have been 11:00.');
    expect(page.server.to('previewTerms').at(-1)!.query).toEqual({
      increment: '15',
      mode: 'nearest',
      unit: 'entry',
      minimum: '0',
    });
    expect(says()).toContain('11 Jun');
    expect(says()).toContain('3 projects under way have terms of their own');
  });

  it('hold from a day on for the projects that go along, or for new ones alone', async () => {
    await terms();
    await page.choose('Which way', 'up to the next');
    await page.choose('Quantities', 'hours with 3 decimals');
    await send();
    expect(page.texts('[role=alert]')).toEqual(['Type from which day on.']);
    await page.press('stay as they are');
    await page.settle();
    expect(page.element.querySelector('yw-date-field')).toBeNull();
    await send();
    const [sent] = page.server.to('changeTerms');
    expect([sent!.version, sent!.body]).toEqual([
      '"4"',
      { terms: { ...KNOWN.terms, mode: 'up', decimalPlaces: 3 }, from: null },
    ] as never);
  });

  it('send the day, and say why it will not do', async () => {
    await terms({}, (server) => server.on('changeTerms', () => refusal(409, 'later-recorded', 'Recorded up to 12 June.')));
    await page.choose('What is rounded', 'all time of a person on one task and day together');
    await page.fill('From this day on', '11 Jun');
    await send();
    expect(page.server.to('changeTerms')[0]!.body).toEqual({ terms: { ...KNOWN.terms, unit: 'day' }, from: '2026-06-11' });
    expect(page.refused()).toBe('Recorded up to 12 June.');
  });

  it('ask for no day where no project goes along, and for whole minutes', async () => {
    await terms({ projects: { same: 1, otherwise: 1 } });
    expect(says()).toContain('One project under way has terms of its own');
    expect(page.text('form')).toContain('The project under way that goes by these terms');
    page.element.remove();
    TestBed.resetTestingModule();
    await terms({ projects: { same: 0, otherwise: 0 } });
    expect(says()).not.toMatch(/under way/);
    await page.type('yw-text-field input', '1.5');
    await send();
    expect(page.texts('[role=alert]')).toEqual(['Type whole minutes, from 0 to 1440.']);
    await page.type('yw-text-field input', '30');
    await send();
    expect(page.server.to('changeTerms')[0]!.body).toEqual({ terms: { ...KNOWN.terms, minimum: 30 }, from: null });
  });
});
