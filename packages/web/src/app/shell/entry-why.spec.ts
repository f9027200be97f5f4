import type { EntryWhy as Why } from '@yellowwood/contracts';
import { Role } from '@yellowwood/core';
import { FakeServer, Page, id, open, refusal } from '../testing/fake-server';
import { entryOf } from '../testing/fixtures';
import { EntryWhy } from './entry-why';

const rule = (number: number, names: string, rate: number, more: object = {}) => ({
  id: id(number),
  names,
  rate,
  currency: 'GBP',
  validFrom: '2026-01-01',
  validTo: null,
  ...more,
});

const WHY: Why = {
  entry: entryOf(50, { stage: 'approved', version: 3, note: 'Low tide' }),
  recorded: 5000,
  billable: 5400,
  rounding: { increment: 15, mode: 'up', unit: 'entry', minimum: 0, byMinimum: false, day: null },
  method: 'time and materials',
  currency: 'GBP',
  rate: { rate: 900_000, currency: 'GBP', source: 'rule', reason: '' },
  winner: rule(70, 'Surveyor on Pier', 900_000),
  today: null,
  losers: [
    { rule: rule(71, 'Surveyor', 750_000), reason: 'wider-scope' },
    { rule: rule(72, 'Surveyor on Pier', 1_000_000, { currency: 'EUR' }), reason: 'other-currency' },
  ],
  value: { minor: 13_500, currency: 'GBP' },
  cost: null,
  billed: [],
};

describe('why an entry is worth what it is worth', () => {
  let page: Page<EntryWhy>;

  async function why(answer: Why, roles: Role[] = ['bookkeeper'], prepare: (server: FakeServer) => void = () => undefined) {
    page = await open(EntryWhy, {
      url: '/f/f/bill',
      roles,
      inputs: { id: answer.entry.id },
      prepare: (server) => {
        server.on('readEntryWhy', () => answer).on('readHistory', () => ({ events: [] }));
        prepare(server);
      },
    });
  }
  afterEach(() => page.element.remove());

  it('tells the times and the break of what has them', async () => {
    await why({ ...WHY, entry: { ...WHY.entry, startClock: '08:00', endClock: '10:00', breakSeconds: 1800 } });
    expect(page.text('dl')).toContain('From08:00 to 10:00');
    expect(page.text('dl')).toContain('Break0:30');
  });

  it('names the rule that won, those that lost and why, and the rounding', async () => {
    await why(WHY);
    expect(page.text('dl')).toContain('Billable as1:30, up 15 min');
    expect(page.text('dl')).toContain('Value£135.00');
    expect(page.text('dl')).not.toContain('Break');
    expect(page.text('h3.gap')).toBe('Why 90.00 GBP an hour');
    expect(page.texts('.rule')).toEqual([
      'Surveyor on Pier90.00 since 1 Jan',
      'Surveyor75.00 , wider scope',
      'Surveyor on Pier100.00 EUR, other currency',
    ]);
  });

  it('says whose time it is to those who read more than their own', async () => {
    await why(WHY);
    expect(page.text('dl')).not.toContain('Person');
    await page.knows({ id: WHY.entry.personId!, name: 'Rosa Vane' });
    expect(page.text('dl')).toContain('PersonRosa Vane');
  });

  it('says when a minimum made the time, and when it was rounded over the day', async () => {
    await why({ ...WHY, rounding: { increment: 15, mode: 'nearest', unit: 'day', minimum: 30, byMinimum: false, day: null } });
    expect(page.text('dl')).toContain('nearest 15 min over the day');
    page.element.remove();
    const { TestBed } = await import('@angular/core/testing');
    TestBed.resetTestingModule();
    await why({ ...WHY, rounding: { increment: 15, mode: 'up', unit: 'entry', minimum: 30, byMinimum: true, day: null } });
    expect(page.text('dl')).toContain('at least 30 min');
  });

  it('shows pay only where the answer has it', async () => {
    await why({ ...WHY, cost: { minor: 4167, currency: 'GBP', pay: 200_000, overhead: 100_000 } }, ['owner']);
    expect(page.text()).toContain('Cost from pay 20.00 and overhead 10.00 an hour.');
    page.element.remove();
    const { TestBed } = await import('@angular/core/testing');
    TestBed.resetTestingModule();
    await why(WHY, ['manager']);
    expect(page.text()).not.toContain('Cost');
  });

  it('prices by hand with a reason, against the version that was seen', async () => {
    await why({ ...WHY, rate: null, winner: null, losers: [], value: null }, ['bookkeeper'], (server) =>
      server.on('priceEntry', () => WHY.entry),
    );
    expect(page.text('h3.gap')).toBe('No rate applies');
    await page.press('Type a rate');
    const form = page.element.querySelector<HTMLFormElement>('form.price')!;
    const [rate, reason] = [...form.querySelectorAll('input')];
    const type = async (box: HTMLInputElement, text: string) => {
      box.value = text;
      box.dispatchEvent(new Event('input', { bubbles: true }));
      await page.settle();
    };
    form.requestSubmit();
    await page.settle();
    expect(page.text('.field-error')).toContain('Type a rate such as');
    await type(rate!, '92,50');
    form.requestSubmit();
    await page.settle();
    expect(page.text('.field-error')).toContain('Say why');
    await type(reason!, 'agreed by letter');
    form.requestSubmit();
    await page.settle(20);
    const [sent] = page.server.to('priceEntry');
    expect([sent!.version, sent!.body]).toEqual(['"3"', { rate: 925_000, reason: 'agreed by letter' }]);
    expect(page.element.querySelector('form.price')).toBeNull();
  });

  it('tells the rule that priced the entry, and beside it what today’s rules would take', async () => {
    await why({ ...WHY, winner: rule(70, 'Surveyor on Pier', 900_000), today: rule(73, 'Surveyor on Pier', 954_000) });
    expect(page.texts('.rule')[0]).toContain('90.00');
    expect(page.texts('.rule')[1]).toContain('95.40, by today’s rules; it did not price this entry');
  });

  it('offers the price of a rule made since to an entry without a rate', async () => {
    const unpriced = { ...WHY, rate: null, winner: null, losers: [], value: null, today: rule(73, 'Surveyor on Pier', 920_000) };
    await why(unpriced, ['bookkeeper'], (server) => server.on('priceEntry', () => WHY.entry));
    expect(page.element.textContent).toContain('92.00 was agreed since and would price it.');
    await page.press('Take this price');
    expect(page.server.to('priceEntry')[0]!.body).toEqual({ rate: null, reason: 'Back to the rules' });
  });

  it('tells the sum of a day that is rounded as a whole, and the part of this entry', async () => {
    await why({ ...WHY, rounding: { ...WHY.rounding!, unit: 'day', day: { recorded: 1920, rounded: 1800, part: 960 } } });
    expect(page.element.textContent).toContain('0:32, rounded 0:30, of it here 0:16');
  });

  it('goes back to the rules from a typed rate', async () => {
    const typed = {
      rate: { rate: 950_000, currency: 'GBP', source: 'typed' as const, reason: 'agreed' },
      winner: null,
      today: WHY.winner,
    };
    await why({ ...WHY, ...typed }, ['bookkeeper'], (server) => server.on('priceEntry', () => WHY.entry));
    expect(page.texts('.rule')[0]).toBe('Typed on this entryagreed');
    expect(page.texts('.rule')[1]).toContain('beaten by the typed rate');
    await page.press('Back to the rules');
    expect(page.server.to('priceEntry')[0]!.body).toEqual({ rate: null, reason: 'Back to the rules' });
  });

  it('keeps the form open and tells why when the server refuses', async () => {
    await why({ ...WHY, rate: null, winner: null }, ['bookkeeper'], (server) =>
      server.on('priceEntry', () => refusal(412, 'version-stale', 'Somebody else has changed this entry.')),
    );
    await page.press('Type a rate');
    const form = page.element.querySelector<HTMLFormElement>('form.price')!;
    for (const [index, text] of ['92', 'x'].entries()) {
      const box = form.querySelectorAll('input')[index]!;
      box.value = text;
      box.dispatchEvent(new Event('input', { bubbles: true }));
    }
    form.requestSubmit();
    await page.settle(20);
    expect(page.refused()).toContain('Somebody else has changed this entry.');
    expect(page.element.querySelector('form.price')).not.toBeNull();
  });

  it('offers no price on what is billed, is in a draft, or to somebody without the right', async () => {
    const { TestBed } = await import('@angular/core/testing');
    const cases: [Why, Role[]][] = [
      [{ ...WHY, entry: entryOf(50, { stage: 'billed' }) }, ['bookkeeper']],
      [{ ...WHY, entry: entryOf(50, { stage: 'approved', inDraft: true }) }, ['bookkeeper']],
      [WHY, ['staff']],
    ];
    for (const [answer, roles] of cases) {
      await why(answer, roles);
      expect(page.texts('button')).toEqual([]);
      page.element.remove();
      TestBed.resetTestingModule();
    }
    await why(WHY);
  });

  it('tells why it came back and what stands in its way, with what to do', async () => {
    await why({
      ...WHY,
      entry: entryOf(50, {
        problems: ['overlap'],
        returned: { by: 'Maud', at: '2026-06-09T10:00:00.000Z', reason: 'which pier?' },
      }),
      billed: [{ invoiceId: id(60), number: 'T-0001', quantity: 3600, minor: 9000 }],
    });
    expect(page.texts('.back')).toEqual([
      'Returned by Maud“which pier?”',
      'overlapTwo spans share time. Change the start or end of one of them.',
    ]);
    expect(page.text('dl')).toContain('T-00011:00');
  });

  it('says nothing of what an entry does not have', async () => {
    await why({ ...WHY, rounding: null, rate: null, winner: null, losers: [], value: null }, ['staff']);
    expect(page.text().replace(/^.*?, 1:23/, '')).toBe(
      'PierSurvey of piles, surveyStage approved Billableno, time and materialsLow tideHistoryNothing yet.',
    );
  });
});
