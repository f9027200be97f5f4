import { TestBed } from '@angular/core/testing';
import { Store } from '@ngrx/store';
import type { KnownShape } from '@yellowwood/contracts';
import { Functions, stepsFor } from '../../state/functions';
import { sessionFeature } from '../../state/session';
import { Page, id, open, refusal } from '../../testing/fake-server';
import { FunctionsScreen } from './functions';

const KNOWN: KnownShape = {
  id: id(90),
  shape: { place: 'office', size: 'more', trade: 'survey' },
  off: ['cost'],
  ways: ['timer'],
  waiting: { duration: 52_200, people: 3 },
  services: [],
  version: 7,
};

describe('what is used, in settings', () => {
  let page: Page<FunctionsScreen>;
  let refused = false;
  beforeEach(async () => {
    let known = KNOWN;
    refused = false;
    page = await open(FunctionsScreen, {
      ...{ url: '/f/f/settings/functions', roles: ['owner'] },
      prepare: (server) =>
        server
          .on('readShape', () => known)
          .on('readHistory', () => ({ events: [] }))
          .on('changeShape', ({ body }) => (known = { ...known, shape: body, version: known.version + 1 }))
          .on('changeFunctions', ({ body }) =>
            refused
              ? refusal(409, 'version-stale', 'Somebody was faster.')
              : (known = { ...known, off: body.off, version: known.version + 1 }),
          ),
    });
    await page.settle(20);
  });
  afterEach(() => page.element.remove());
  const switches = () =>
    [...page.element.querySelectorAll('[role=switch]')].map((one) => one.getAttribute('aria-checked') === 'true');
  const send = async (form: number) => {
    page.element.querySelectorAll('form')[form]!.requestSubmit();
    await page.settle(30);
  };

  it('is turned switch by switch, and out of sight at once', async () => {
    expect(switches()).toEqual([true, true, false, true, true, true]);
    await page.press('What people cost');
    await page.press('Review before billing');
    await page.settle();
    expect(page.texts('yw-what-is-there dd')[0]).toBe('Record, Bill, Collect, Results');
    // What waits is said, as long as it is about to go.
    const waits = () => page.text('yw-functions-form [role=status]');
    expect(waits()).toBe('14:30 of 3 people wait for a decision. Review stays in sight until that is decided.');
    await page.press('Review before billing');
    expect(waits()).toBe('');
    await page.press('Review before billing');
    await send(0);
    const [sent] = page.server.to('changeFunctions');
    expect([sent!.version, sent!.body]).toEqual(['"7"', { off: ['review'] }] as never);
    const functions = TestBed.inject(Functions);
    expect([functions.has('review'), functions.has('cost')]).toEqual([false, true]);
    expect(waits()).toBe('');
    expect(TestBed.inject(Store).selectSignal(sessionFeature.selectMe)()!.firm.off).toEqual(['review']);
  });

  it('stays as it was seen where somebody was faster', async () => {
    refused = true;
    await page.press('The grid');
    await send(0);
    expect(page.refused()).toBe('Somebody was faster.');
    expect(switches()[4]).toBeFalse();
    expect(TestBed.inject(Functions).has('grid')).toBeTrue();
  });

  it('follows from what the firm says of itself, which is said on its own', async () => {
    expect(page.text('[aria-label="What follows from it"]')).toBe('Nothing changes.');
    await page.press('In the field');
    await page.settle();
    expect(page.texts('[aria-label="What follows from it"] li')).toEqual([
      'People record by timer and from start to end, so that breaks and gaps show.',
      'Out of sight: the grid.',
    ]);
    await send(1);
    expect(page.server.to('changeShape')[0]!.body).toEqual({ place: 'field', size: 'more', trade: 'survey' });
  });
});

describe('the steps that concern somebody', () => {
  const all = { 'time.record': 'own', 'invoices.read': 'firm', 'results.read': 'firm' } as const;
  it('are those that they may and that the firm uses', () => {
    expect(stepsFor(all, new Set())).toEqual(['record', 'review', 'bill', 'collect', 'results']);
    expect(stepsFor(all, new Set(['invoices']))).toEqual(['record', 'review', 'results']);
    expect(stepsFor(all, new Set(['review']))).toEqual(['record', 'bill', 'collect', 'results']);
    expect(stepsFor({ 'time.review': 'team' }, new Set())).toEqual(['review']);
    // What was submitted before is still decided.
    expect(stepsFor(all, new Set(['review']), true)).toContain('review');
    expect(stepsFor({ 'results.read': 'firm' }, new Set(['review']), true)).toEqual(['results']);
  });
});
